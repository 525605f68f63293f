import type { Reading } from '../../reading/build-reading/reading';
import type { ModelFunction } from '../../model/plan/model-function';
import type { Fitted } from '../../model/kinds/fitted';
import { minutesOf, type Answer } from './bench-test';
import type { FaultyModel } from './faulty-model';
import { functionMovers, type Mover } from '../../reading/survey/movers';
import type { Probe } from './probe';
import { radioOfFunction } from '../../reading/radio/radios';

/** µs of travel under which nothing is seen to move, and by which a neutral may be off for a controller to arm. */
const unseen = 30;
const neutralWithin = 60;

/** What shows that signals arrive: the receiver's lamp, the tones of controllers, what moves with each control. */
export function signalProbes(context: Reading, sound: FaultyModel): Probe[] {
  return [
    ...context.index.ofKind('receiver').map(lampProbe),
    ...context.index.ofKind('controller').map((controller) => tonesProbe(controller, sound)),
    ...stickProbes(context, sound),
    ...swapProbes(context, sound),
  ];
}

const lampProbe = (receiver: Fitted): Probe => ({
  test: {
    id: `lamp:${receiver.fitting.id}`,
    words: `Transmitter on, then pack in. Look at the lamp of the ${receiver.fitting.name}.`,
    minutes: minutesOf.lamp,
    isPowered: true,
    answers: [
      { id: 'steady', words: 'Steady: it hears its transmitter' },
      { id: 'searching', words: 'Blinks, or another colour: it searches' },
      { id: 'dark', words: 'Dark' },
    ],
  },
  shows: (model) => (!model.isAwake(receiver) ? 'dark' : model.isDeaf(receiver) ? 'searching' : 'steady'),
});

const toneAnswers: readonly Answer[] = [
  { id: 'armed', words: 'Power, cells, armed' },
  { id: 'beepsOn', words: 'It beeps on, or blinks, and does not arm' },
  { id: 'silent', words: 'Nothing at all' },
];

const tonesProbe = ({ fitting, ...rest }: Fitted<'controller'>, sound: FaultyModel): Probe => ({
  test: {
    id: `tones:${fitting.id}`,
    words: `Stick where it arms, pack out and in again. Count the tones of the ${fitting.name}, or watch its lamp.`,
    minutes: minutesOf.tones,
    isPowered: true,
    answers: toneAnswers,
  },
  shows: (model) => {
    if (!model.isAwake({ fitting, ...rest })) return 'silent';
    return isArmed(model, sound, fitting.id) ? 'armed' : 'beepsOn';
  },
});

/** Whether a controller finds its stick where it wants it. */
function isArmed(model: FaultyModel, sound: FaultyModel, controller: string): boolean {
  const [pulse, planned] = [model, sound].map((each) => each.pulse(controller, '', 0));
  return pulse !== undefined && planned !== undefined && Math.abs(pulse - planned) < neutralWithin;
}

const stickAnswers: readonly Answer[] = [
  { id: 'asPlanned', words: 'It does what is planned' },
  { id: 'reversed', words: 'It goes the wrong way' },
  { id: 'oneWay', words: 'It goes one way only' },
  { id: 'weak', words: 'It is weak, jerks or drops out' },
  { id: 'whirs', words: 'It whirs, but its arm stands still' },
  { id: 'another', words: 'It stands still, and another part moves' },
  { id: 'nothing', words: 'It does nothing' },
];

/** µs that a control moves at a part, from one end to the middle and from the middle to the other. */
type Travel = readonly [number, number];

const nowhere: Travel = [0, 0];
const isSeen = (travel: Travel): boolean => travel.some((micros) => Math.abs(micros) >= unseen);

function travelOf(model: FaultyModel, functionId: string, device: string): Travel {
  const [low, middle, high] = [-1, 0, 1].map((value) => model.pulse(device, functionId, value));
  return low === undefined || middle === undefined || high === undefined
    ? nowhere
    : [middle - low, high - middle];
}

/** How a part follows a function's control in a model: its travel, turned round where its motor is; none where it stands still. */
function followed(
  model: FaultyModel,
  sound: FaultyModel,
  functionId: string,
  { seen, device }: Mover,
): Travel {
  const isMotor = seen.kind === 'motor';
  const driver = isMotor ? model.survey.controllerOf(seen.fitting.id)?.fitting.id : device;
  if (driver === undefined) return nowhere;
  const awake = model.isAwake(model.survey.index.get(driver)) && (isMotor || model.isAwake(seen));
  if (!awake || (isMotor && !isArmed(model, sound, driver))) return nowhere;
  const turn = isMotor ? model.turns(seen.fitting.id) * sound.turns(seen.fitting.id) : 1;
  const [low, high] = travelOf(model, functionId, driver);
  return [low * turn, high * turn];
}

function stickProbes({ build, survey }: Reading, sound: FaultyModel): Probe[] {
  const all = functionMovers(build, survey);
  return all.flatMap(({ function: each, movers }) => {
    const others = all.flatMap((other) => (other.function === each ? [] : other.movers));
    const { transmitter } = radioOfFunction({ build, survey }, each);
    const control = transmitter?.part.controls.find(({ id }) => id === each.control)?.name;
    return movers.flatMap((mover): Probe[] => {
      const planned = followed(sound, sound, each.id, mover);
      if (!isSeen(planned)) return [];
      const { id, name } = mover.seen.fitting;
      return [
        {
          test: {
            id: `stick:${each.id}:${id}`,
            words: `${each.name}: move ${control ?? 'its control'} to one end and to the other. What does the ${name} do?`,
            minutes: minutesOf.stick,
            isPowered: true,
            answers: stickAnswers.filter((answer) => answer.id !== 'whirs' || mover.seen.kind === 'servo'),
          },
          shows: (model) => seenOf(model, sound, each, mover, { planned, others }),
        },
      ];
    });
  });
}

function seenOf(
  model: FaultyModel,
  sound: FaultyModel,
  { id }: ModelFunction,
  mover: Mover,
  { planned, others }: { planned: Travel; others: readonly Mover[] },
): string {
  const now = followed(model, sound, id, mover);
  if (!isSeen(now)) {
    const strays = others.some(
      (other) => isSeen(followed(model, sound, id, other)) && !isSeen(followed(sound, sound, id, other)),
    );
    return strays ? 'another' : 'nothing';
  }
  const { seen, device } = mover;
  const shares = now.map((micros, n) => (planned[n] === 0 ? 1 : micros / planned[n]!));
  if (model.harm.stripped === seen.fitting.id) return 'whirs';
  const path = model.survey.signalOf(device);
  const isWeak =
    model.harm.cutsOut === device ||
    model.isWeak(seen.kind === 'motor' ? model.survey.index.get(device) : seen) ||
    (path !== undefined && model.isWeak(path.receiver));
  if (isWeak) return 'weak';
  if (shares.some((share) => Math.abs(share) < 0.15)) return 'oneWay';
  return shares.some((share) => share < 0) ? 'reversed' : 'asPlanned';
}

/** A servo tried in the port of another that is there to answer: whether it is the servo, or what feeds and tells it. */
function swapProbes({ index, survey }: Reading, sound: FaultyModel): Probe[] {
  const servos = index.ofKind('servo').filter(({ fitting }) => survey.signalOf(fitting.id) !== undefined);
  return servos.flatMap((servo, n): Probe[] => {
    const partner = servos[(n + 1) % servos.length];
    if (!partner || partner === servo) return [];
    const [own, other] = [servo, partner].map(({ fitting }) => survey.signalOf(fitting.id)!.port);
    if (own!.channel === other!.channel) return [];
    const { id, name } = servo.fitting;
    const mover: Mover = { seen: partner, device: partner.fitting.id };
    const functions = functionMovers(sound.build, survey).filter(({ movers }) =>
      movers.some(({ device }) => device === partner.fitting.id),
    );
    const leads = new Set(index.leadsOf(id).map((lead) => lead.id));
    return [
      {
        test: {
          id: `swap:${id}`,
          words: `Pack out. The plug of the ${name} into ${other!.name}, where the ${partner.fitting.name} was; pack in, and move ${functions[0]?.function.name ?? 'its control'}. Does the ${name} move?`,
          minutes: minutesOf.swap,
          isPowered: true,
          answers: [
            { id: 'moves', words: 'It moves' },
            { id: 'still', words: 'It stands still' },
          ],
        },
        shows: (model, fault) => {
          const isReplugged = Object.keys(fault.seen).length > 0;
          const isBroken =
            model.harm.missing?.includes(id) === true ||
            model.harm.stripped === id ||
            (!isReplugged &&
              fault.touches.some((touched) => leads.has(touched)) &&
              (fault.harm.edits ?? []).length > 0);
          const isTold = model.isHeard(mover.device) || fault.touches.includes(mover.device);
          const { receiver } = survey.signalOf(id)!;
          const isHeard = !model.isDeaf(receiver) && model.isAwake(receiver) && isTold;
          return !isBroken && isHeard ? 'moves' : 'still';
        },
      },
    ];
  });
}
