import { storageVolts } from '../../model/packs/pack-volts';
import type { Reading } from '../../reading/build-reading/reading';
import { formatQuantity } from '../../base/quantity/format';
import { capital } from '../../base/words/sentences';
import { unpowered } from './plug-steps';
import type { Step } from './step';

/** Boxes and tape when nothing more is to be changed, then the packs to storage. */
export function closingSteps(context: Reading): Step[] {
  const { index, build } = context;
  const tape: Step = {
    ...unpowered,
    id: 'tape',
    phase: 'closeUp',
    title: 'Tie and tape the leads',
    lines: [
      'Clear of screws, gears and hot parts, with slack where something moves; tape over plugs that could shake loose.',
      'The pack padded from sharp edges and strapped; it must still come out in one move.',
    ],
    cautions: [],
    touches: [],
  };
  return [...(build.leads.length > 0 ? [tape] : []), ...boxSteps(context), ...storageSteps(index)];
}

function boxSteps({ build, index }: Reading): Step[] {
  if (build.brief.exposure === 'dry' || build.policies.receiverCare === 'coated') return [];
  return index.ofKind('receiver').map(({ fitting }) => ({
    ...unpowered,
    id: `box:${fitting.id}`,
    phase: 'closeUp',
    title: `Close the sealed box over the ${fitting.name}`,
    lines: [
      'Lead each wire through a gland or a greased seal, with a drip loop below it; keep the antenna upright and clear of power leads.',
      'Closed last: it was bound, set up and measured while it could be reached.',
    ],
    cautions: [],
    touches: [fitting.id],
  }));
}

function storageSteps(index: Reading['index']): Step[] {
  return index.ofKind('pack').map(({ fitting, part }): Step => {
    const storage = storageVolts(part);
    return {
      id: `storage:${fitting.id}`,
      phase: 'closeUp',
      title:
        storage === undefined
          ? `${capital(fitting.name)} away`
          : `${capital(fitting.name)} to storage charge`,
      lines:
        storage === undefined
          ? ['Out of the model, dry and cool, as its maker says.']
          : [
              `${part.cells} cells at ${(storage.volts / part.cells).toFixed(2)} V each: ${formatQuantity(storage.volts, 'V')} for the pack. Out of the model, cool, in a box that does not burn.`,
            ],
      cautions: storage === undefined ? [] : ['lithium'],
      needsPower: false,
      isHold: false,
      touches: [fitting.id],
      ...(storage !== undefined && {
        measurement: {
          what: `${fitting.name}, stored`,
          unit: 'V' as const,
          least: storage.least,
          most: storage.most,
        },
      }),
    };
  });
}
