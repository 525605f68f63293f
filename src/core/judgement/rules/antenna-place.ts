import {
  antennaEnd,
  antennaLacks,
  antennaReach,
  antennaToBox,
  antennaToWay,
  clearOfPower,
  shadesAntenna,
} from '../../reading/berths/antenna';
import { boxFrom } from '../../reading/berths/box';
import type { Laid } from '../../reading/berths/layout';
import type { Reading } from '../../reading/build-reading/reading';
import { fittingSubject, type Report } from '../findings/report';
import { offerPlace } from '../put-right/place-part';
import { defineRule } from './rule';
import { millimetres, planTerm } from './support/berth-terms';

type Message = 'nearPower' | 'underWater' | 'outOfReach';

/** The end of a 2.4 GHz antenna: clear of power and metal, over the water, within reach of its receiver. */
export const antennaPlace = defineRule<Message>({
  meta: {
    id: 'antenna-place',
    well: 'space',
    title: 'Antenna clear of power, metal and water',
    messages: {
      nearPower: {
        severity: 'mind',
        bound: 'least',
        text: 'the antenna of the {{receiver}} ends too near {{other}}',
        why: 'Range shrinks, and the model twitches or drops out far off.',
      },
      underWater: {
        severity: 'stop',
        bound: 'least',
        text: 'the antenna of the {{receiver}} ends under the waterline',
        why: 'These waves do not pass through water: the model is lost a few metres off.',
      },
      outOfReach: {
        severity: 'mind',
        bound: 'most',
        text: 'the antenna of the {{receiver}} hardly reaches up to its mast',
        why: 'Stretched, it breaks off at the board, where nobody sees it.',
      },
    },
  },
  check(context) {
    return context.survey.layout.laid.flatMap((laid) =>
      laid.fitted.kind === 'receiver' ? receiverReports(context, laid) : [],
    );
  },
});

function receiverReports(context: Reading, laid: Laid): Report<Message>[] {
  const { layout } = context.survey;
  const { inside } = layout;
  if (!inside) return [];
  const { id, name } = laid.fitted.fitting;
  const end = antennaEnd(inside, laid.box);
  const report = (
    messageId: Message,
    [actual, limit]: [number, number],
    words: [string, string],
    data: Record<string, string>,
    formula: string,
  ): Report<Message> => ({
    messageId,
    data: { receiver: name, ...data },
    subjects: [fittingSubject(id)],
    actual: millimetres(actual),
    limit: millimetres(limit),
    unit: 'mm',
    formula,
    terms: [
      planTerm(
        words[0],
        actual,
        inside.told.mast ? 'stated' : 'estimated',
        inside.told.mast ? undefined : 'the antenna is taken to stand as it usually does',
      ),
      planTerm(words[1], limit, 'estimated', 'rule of thumb'),
    ],
    offers: () => [...offerPlace(context, id), ...offerMast(context, laid)],
  });
  const said: Report<Message>[] = [];
  const water = layout.balance?.afloat?.draught;
  if (water !== undefined && end.root.z < water)
    said.push(
      report(
        'underWater',
        [end.root.z, water],
        ['its end begins at', 'the water stands to'],
        {},
        'height of the end of the antenna over the keel, against the draught',
      ),
    );
  const near = nearest(context, laid);
  if (near && near.metres < clearOfPower)
    said.push(
      report(
        'nearPower',
        [near.metres, clearOfPower],
        ['distance', 'wanted'],
        { other: near.name },
        'distance of the last 31 mm of the antenna from what carries power or is metal',
      ),
    );
  const lacks = antennaLacks(inside, laid.box);
  if (lacks > 0)
    said.push(
      report(
        'outOfReach',
        [antennaReach + lacks, antennaReach],
        ['to the mast', 'antenna'],
        {},
        'distance from the receiver to the tip, against how long antennas usually are',
      ),
    );
  return said;
}

/** What carries power, or is metal, and is nearest to the end of the antenna. */
function nearest({ survey, index }: Reading, laid: Laid): { name: string; metres: number } | undefined {
  const { layout } = survey;
  const { inside } = layout;
  if (!inside) return undefined;
  const end = antennaEnd(inside, laid.box);
  const found = [
    ...layout.laid
      .filter(({ fitted }) => shadesAntenna(fitted.kind))
      .map(({ fitted, box }) => ({ name: `the ${fitted.fitting.name}`, metres: antennaToBox(end, box) })),
    ...inside.obstacles
      .filter(({ isMetal }) => isMetal)
      .map((obstacle) => ({ name: `the ${obstacle.name}`, metres: antennaToBox(end, boxFrom(obstacle)) })),
    ...layout.routes
      .filter(
        ({ run }) =>
          ['motor', 'power'].includes(index.port(run.from).use) &&
          run.from.fitting !== laid.fitted.fitting.id &&
          run.to.fitting !== laid.fitted.fitting.id,
      )
      .map(({ run, spots }) => ({
        name: `the leads of the ${index.get(run.to.fitting).fitting.name}`,
        metres: antennaToWay(end, spots),
      })),
  ];
  return found.sort((a, b) => a.metres - b.metres)[0];
}

/** An antenna led up through the lid, right over its receiver. */
function offerMast({ survey }: Reading, { box }: Laid) {
  const { inside } = survey.layout;
  if (!inside) return [];
  const mast = {
    x: Math.round(((box.x[0] + box.x[1]) / 2) * 1000) / 1000,
    y: Math.round(((box.y[0] + box.y[1]) / 2) * 1000) / 1000,
    z: Math.round((inside.lid + 0.035) * 1000) / 1000,
  };
  return [
    {
      id: 'mast:over-receiver',
      label: 'Lead the antenna up through the lid in a tube',
      edits: [{ type: 'setInside' as const, inside: { ...inside.told, mast } }],
    },
  ];
}
