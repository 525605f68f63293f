import { formatQuantity } from '../../base/quantity/format';
import type { Reading } from '../../reading/build-reading/reading';
import type { Rail } from '../../reading/survey/rails';
import { restLines } from './power-steps';
import { railTolerance } from './rail-tolerance';
import type { Step } from './step';
import { touchedByRadio } from './touches';

/** Rail volts at rest and loaded, range, and switching off by the chosen school. */
export function afterSteps(context: Reading): Step[] {
  const { index } = context;
  if (index.ofKind('pack').length === 0 || index.ofKind('receiver').length === 0) return [];
  return [
    ...context.survey.rails.flatMap((rail) => railSteps(context, rail)),
    { ...rangeStep, touches: touchedByRadio(context) },
    ...switchOffSteps(context),
  ];
}

function railSteps(context: Reading, rail: Rail): Step[] {
  const [carrier] = rail.sources;
  const regulator = carrier?.terminal.regulator;
  if (!rail.volts || !regulator) return [];
  const volts = rail.volts.nominal;
  const band = {
    unit: 'V' as const,
    least: volts * (1 - railTolerance),
    most: volts * (1 + railTolerance),
  };
  const floor = Math.max(
    band.least * 0.95,
    ...rail.supplies.map((supply) => supply.terminal.minVolts?.value ?? 0),
  );
  const asked = context.circuit.railLoads().find((load) => load.rail === rail)?.amps ?? 0;
  const powered = { phase: 'measure', needsPower: true, isHold: false } as const;
  const touches = rail.sources.map((source) => source.fitted.fitting.id);
  return [
    {
      ...powered,
      touches,
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
      touches,
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

const rangeStep: Omit<Step, 'touches'> = {
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

function switchOffSteps(context: Reading): Step[] {
  const modelFirst = context.build.policies.switchOff === 'modelFirst';
  const model: Step = {
    id: 'off:model',
    phase: 'switchOff',
    title: modelFirst ? 'Model off first, pack out' : 'Then the pack out of the model',
    lines: modelFirst
      ? [
          'Everything at rest, then the pack out: a receiver is never left without its transmitter.',
          ...restLines(context),
        ]
      : ['The fail-safe has stopped the drives; now the pack comes out.'],
    cautions: ['liveLeads'],
    needsPower: true,
    isHold: false,
    touches: [],
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
    touches: [],
  };
  return modelFirst ? [model, transmitter] : [transmitter, model];
}
