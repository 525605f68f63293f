import { cellVolts } from '../packs/chemistry';
import { formatQuantity } from '../quantity/format';
import type { CheckContext } from '../findings/context';
import { capital } from '../words/sentences';

import type { Rail } from '../survey/rails';
import type { Step } from './step';

/** Share by which a healthy switching regulator's output may lie off its setting: rule of thumb. */
const railTolerance = 0.05;

/** Rail volts at rest and loaded, range, switching off by the chosen school, and the pack to storage. */
export function afterSteps(context: CheckContext): Step[] {
  const { index } = context;
  if (index.ofKind('pack').length === 0 || index.ofKind('receiver').length === 0) return [];
  return [
    ...context.survey.rails.flatMap((rail) => railSteps(context, rail)),
    rangeStep,
    ...switchOffSteps(context),
  ];
}

function railSteps(context: CheckContext, rail: Rail): Step[] {
  const [carrier] = rail.sources;
  const regulator = carrier?.terminal.regulator;
  if (!rail.volts || !regulator) return [];
  const volts = rail.volts.nominal;
  const band = {
    unit: 'V' as const,
    least: volts * (1 - railTolerance),
    most: volts * (1 + railTolerance),
  };
  const floor = Math.max(band.least * 0.95, ...rail.supplies.map((one) => one.terminal.minVolts?.value ?? 0));
  const asked = context.circuit.railLoads().find((one) => one.rail === rail)?.amps ?? 0;
  const powered = { phase: 'measure', needsPower: true, isHold: false } as const;
  return [
    {
      ...powered,
      id: `measure-rest:${rail.id}`,
      title: `Measure ${rail.name} at rest`,
      lines: [
        `Meter on a free port: plus and minus. The plan says ${formatQuantity(volts, 'V')}, from the ${carrier.fitted.fitting.name}.`,
      ],
      cautions: ['liveLeads'],
      measurement: { what: `${rail.name}, at rest`, ...band },
    },
    {
      ...powered,
      id: `measure-loaded:${rail.id}`,
      title: `Measure ${rail.name} with the servos loaded`,
      lines: [
        `Hold the servos gently against their load for a second. The plan asks ${formatQuantity(asked, 'A')} of ${formatQuantity(regulator.maxAmps.value, 'A')}.`,
        `Below ${formatQuantity(floor, 'V')} the weakest part on the rail gives up first.`,
      ],
      cautions: ['heat', 'stand'],
      measurement: { what: `${rail.name}, loaded`, unit: 'V', least: floor, most: band.most },
    },
  ];
}

const rangeStep: Step = {
  id: 'range',
  phase: 'measure',
  title: 'Range check',
  lines: [
    'Reduced power on the transmitter, thirty paces away, a helper at the stand: every function answers, motors running.',
  ],
  cautions: ['radio', 'stand'],
  needsPower: true,
  isHold: false,
};

function switchOffSteps({ build, index }: CheckContext): Step[] {
  const modelFirst = build.policies.switchOff === 'modelFirst';
  const model: Step = {
    id: 'off:model',
    phase: 'switchOff',
    title: modelFirst ? 'Model off first, pack out' : 'Then the pack out of the model',
    lines: modelFirst
      ? ['Throttles at neutral, then the pack out: a receiver is never left without its transmitter.']
      : ['The fail-safe has stopped the drives; now the pack comes out.'],
    cautions: ['liveLeads'],
    needsPower: true,
    isHold: false,
  };
  const transmitter: Step = {
    id: 'off:transmitter',
    phase: 'switchOff',
    title: modelFirst ? 'Then the transmitter off' : 'Transmitter off first',
    lines: modelFirst
      ? ['Only now.']
      : ['This school relies on a fail-safe that you have set and tried; watch that the drives stop.'],
    cautions: modelFirst ? [] : ['stand'],
    needsPower: true,
    isHold: false,
  };
  return [...(modelFirst ? [model, transmitter] : [transmitter, model]), ...storageSteps(index)];
}

function storageSteps(index: CheckContext['index']): Step[] {
  return index.ofKind('pack').map(({ fitting, part }): Step => {
    const { storage } = cellVolts(part.chemistry);
    return {
      id: `storage:${fitting.id}`,
      phase: 'switchOff',
      title:
        storage === undefined
          ? `${capital(fitting.name)} away`
          : `${capital(fitting.name)} to storage charge`,
      lines:
        storage === undefined
          ? ['Out of the model, dry and cool, as its maker says.']
          : [
              `${part.cells} cells at ${storage.toFixed(2)} V each: ${formatQuantity(storage * part.cells, 'V')} for the pack. Out of the model, cool, in a box that does not burn.`,
            ],
      cautions: storage === undefined ? [] : ['lithium'],
      needsPower: false,
      isHold: false,
      ...(storage !== undefined && {
        measurement: {
          what: `${fitting.name}, stored`,
          unit: 'V' as const,
          least: (storage - 0.05) * part.cells,
          most: (storage + 0.08) * part.cells,
        },
      }),
    };
  });
}
