import { applyEdits } from '../../src/core/model/plan/edits';
import type { Build } from '../../src/core/model/plan/build';
import type { Fitting } from '../../src/core/model/fitting/fitting';
import type { Conductor } from '../../src/core/model/plan/lead';
import type { ModelFunction } from '../../src/core/model/plan/model-function';
import { lifted, reversed, turned, type LeadSketch } from '../../src/core/model/plan/sketch-build';
import { straightLead } from '../../src/core/model/plan/straight-lead';
import { stated } from '../../src/core/base/validation/figure';
import { starterPart } from '../../src/core/model/starter/starter-locker';
import { BuildIndex } from '../../src/core/model/plan/build-index';
import { soundBuilds } from './sound-builds';

type Change = (build: Build) => Build;

const put =
  (fitting: string, part: string): Change =>
  (build) =>
    applyEdits(build, [{ type: 'swapPart', fitting, part: starterPart(part) }]);
const set =
  (fitting: string, change: Partial<Fitting>): Change =>
  (build) => ({
    ...build,
    fittings: build.fittings.map((each) => (each.id === fitting ? { ...each, ...change } : each)),
  });
const sheet =
  (part: string, change: object): Change =>
  (build) => ({
    ...build,
    parts: build.parts.map((candidate) => (candidate.id === part ? { ...candidate, ...change } : candidate)),
  });
const add =
  (id: string, name: string, part: string): Change =>
  (build) =>
    applyEdits(build, [{ type: 'addFitting', fitting: { id, name, part }, part: starterPart(part) }]);
const wires =
  (lead: string, change: (all: Conductor[]) => Conductor[]): Change =>
  (build) => ({
    ...build,
    leads: build.leads.map((each) =>
      each.id === lead ? { ...each, conductors: change(each.conductors) } : each,
    ),
  });
const gauge =
  (lead: string, awg: number): Change =>
  (build) =>
    applyEdits(build, [{ type: 'setGauge', lead, awg }]);
const works =
  (id: string, change: Partial<ModelFunction>): Change =>
  (build) =>
    applyEdits(build, [{ type: 'setFunction', function: id, change }]);
const pull =
  (lead: string): Change =>
  (build) =>
    applyEdits(build, [{ type: 'removeLead', lead }]);
const end = (build: Build, text: string) => {
  const [fitting = '', port = ''] = text.split('.');
  return { ref: { fitting, port }, port: new BuildIndex(build).port({ fitting, port }) };
};
const plug =
  (...[from, to, options]: LeadSketch): Change =>
  (build) =>
    applyEdits(build, [
      {
        type: 'addLead',
        lead: {
          ...straightLead(`${from}--${to}`.replace(/[. ]/g, '-'), end(build, from), end(build, to)),
          ...(options?.awg !== undefined && { awg: options.awg }),
          ...(options?.metres !== undefined && { metres: stated(options.metres) }),
        },
      },
    ]);
const planned =
  (modelFunction: ModelFunction): Change =>
  (build) =>
    applyEdits(build, [{ type: 'addFunction', function: modelFunction }]);

/** Sound models that the faults are put into. */
const boat = 'the smallest boat';
const twoCells = 'a boat on two cells';
const touring = 'touring car, 60 A, two cells, 12 AWG';
const buggy = 'buggy, six cells NiMH, wheel radio';
const fused = 'crawler with a fuse and a hand switch';
const rawFed = 'car with a high-voltage servo fed raw';
const winch = 'truck with a winch on its own controller';
const twin = 'tug with twin screws steered by a mix';
const parallel = 'launch with two packs side by side';
const yacht = 'yacht without a motor, on its own BEC';
const dry = 'yacht on four dry cells through a hand switch';
const rudders = 'motor yacht with two rudders on one channel';
const excavator = 'excavator with four controllers, one red wire in';
const workboat = 'workboat with lamps, horn and pump';
const crawler = 'crawler with its own BEC, red wire lifted';
const camera = 'survey boat, video sender on the pack';

/** What was done to a sound model, and the finding that must come of it as `rule/message`. */
const rows: [fault: string, base: string, finding: string, ...changes: Change[]][] = [
  // Volts
  [
    'a fourth cell for a controller of 13 V',
    boat,
    'controller-volts/tooManyVolts',
    put('pack', 'pack-lipo-4s-4000-20c'),
  ],
  [
    'two cells for a controller of 80 A that wants three',
    touring,
    'controller-volts/tooFewVolts',
    put('esc', 'controller-brushless-80'),
  ],
  [
    'a servo for 5.2 V on a rail of 6 V',
    boat,
    'rail-volts-high/tooManyVolts',
    put('rudder', 'servo-micro-52'),
  ],
  [
    'one more cell for a servo that is fed raw',
    rawFed,
    'raw-fed-volts/tooManyVolts',
    put('pack', 'pack-lipo-3s-4000-20c'),
  ],
  [
    'a high-voltage servo on a rail of 5 V',
    buggy,
    'rail-volts-low/tooFewVolts',
    put('servo', 'servo-high-volt'),
  ],
  ['7.4 V asked of two cells', touring, 'regulator-dropout/cannotHold', set('esc', { regulatorVolts: 7.4 })],
  ['a cut-off for LiPo on six cells NiMH', buggy, 'cutoff-mode/cutsTooEarly', set('esc', { cutoff: 'LiPo' })],
  ['a cut-off for NiMH on LiPo', boat, 'cutoff-mode/cutsTooLate', set('esc', { cutoff: 'NiMH' })],
  ['the cut-off switched off on LiPo', boat, 'cutoff-mode/neverCuts', set('esc', { cutoff: 'off' })],
  [
    'two metres of thin wire to a strong servo',
    yacht,
    'lead-drop/losesVolts',
    pull('rudder-lead--rx-1'),
    plug('rudder.lead', 'rx.1', { metres: 2, awg: 28 }),
  ],
  // Amps
  ['two strong servos on a BEC of 2 A', crawler, 'rail-amps/askedTooMuch', put('bec', 'bec-two-wire-5')],
  ['a strong servo on a small linear BEC', boat, 'rail-amps/sinks', put('rudder', 'servo-strong')],
  [
    'a pack of 2.2 Ah and 10 C under 28 A',
    boat,
    'pack-amps/overdrawn',
    put('pack', 'pack-lipo-3s-2200-10c'),
    sheet('motor-brushed-620', { fullLoadAmps: stated(24) }),
  ],
  [
    'a controller of 10 A for a motor of 12',
    winch,
    'controller-amps/overloaded',
    sheet('motor-brushed-80t', { fullLoadAmps: stated(20), stallAmps: stated(60) }),
  ],
  [
    'a motor of 21 turns on three cells',
    'crawler with its rail at 7.4 V for a high-voltage servo',
    'brushed-turns/tooFewTurns',
    sheet('motor-brushed-55t', { turns: stated(17) }),
  ],
  ['a main fuse of 5 A', fused, 'fuse-size/blowsTooSoon', put('fuse', 'fuse-blade-5')],
  [
    'a main fuse of 40 A in thin leads',
    fused,
    'fuse-size/protectsNothing',
    put('fuse', 'fuse-blade-40'),
    gauge('switch-out--esc-power', 20),
  ],
  ['pack leads of 24 AWG under 42 A', touring, 'wire-amps/fails', gauge('adapter-out--esc-power', 24)],
  [
    'twelve amps through a small box plug',
    crawler,
    'contact-amps/overloaded',
    pull('harness-large-1--esc-power'),
    plug('harness.small 2', 'esc.power'),
  ],
  [
    'lamps on a pin that may give 0.1 A',
    workboat,
    'output-overload/outputOverloaded',
    sheet('receiver-8-skerry', { ports: ports('receiver-8-skerry', '5', { maxAmps: stated(0.1) }) }),
  ],
  // Plugs and wires
  [
    'a pack lead soldered the wrong way round',
    boat,
    'polarity/powerReversed',
    wires('pack-out--adapter-in', reversed),
  ],
  [
    'a servo plug turned round',
    rudders,
    'polarity/servoPlugTurned',
    wires('port-rudder-lead--y-out-1', turned),
  ],
  [
    'a pack plug that does not fit',
    fused,
    'connector-mating/doesNotMate',
    pull('switch-out--esc-power'),
    pull('pack-out--fuse-in'),
    put('pack', 'pack-lipo-2s-5000-20c'),
    plug('pack.out', 'esc.power'),
  ],
  [
    'a small servo plug forced into a receiver',
    boat,
    'connector-mating/nearMiss',
    pull('rudder-lead--rx-1'),
    put('rudder', 'servo-winch'),
    plug('rudder.lead', 'rx.1'),
  ],
  ['both red wires in', twin, 'rail-two-sources/sourcesInParallel', wires('right-lead--rx-4', whole)],
  [
    'the red wires of all four in',
    excavator,
    'rail-two-sources/manySourcesInParallel',
    ...['right-track', 'slew', 'pump'].map((text, n) => wires(`${text}-esc-lead--rx-${n + 4}`, whole)),
  ],
  ['the only red wire lifted', boat, 'rail-no-source/nothingFeeds', wires('esc-lead--rx-3', lifted('plus'))],
  [
    'a minus wire out of a servo plug',
    yacht,
    'common-ground/groundMissing',
    wires('rudder-lead--rx-1', lifted('minus')),
  ],
  ['a pump switch without its supply', workboat, 'part-unfed/noPower', pull('harness-small-1--switch-in')],
  ['a BEC without its supply', yacht, 'part-unfed/noPower', pull('harness-small-1--bec-in')],
  [
    'the bind plug still in',
    boat,
    'bind-plug/bindPlugIn',
    add('bind', 'bind plug', 'bind-plug'),
    plug('bind.in', 'rx.B'),
  ],
  ['a toy servo with five wires', boat, 'servo-wires/fiveWires', put('rudder', 'servo-toy')],
  [
    'a brushless motor on a brushed controller',
    boat,
    'motor-kind/wrongKind',
    put('motor', 'motor-brushless-900'),
  ],
  [
    'packs of other chemistries side by side',
    parallel,
    'packs-joined/unequalInParallel',
    put('pack2', 'pack-liion-3s-6000-5c'),
  ],
  // Radio
  ['a receiver of another link', boat, 'link-protocol/noSharedLink', put('tx', 'transmitter-wheel-3')],
  [
    'a radio set to its other link',
    twin,
    'link-protocol/setToOtherLink',
    set('tx', { protocol: 'holm link' }),
  ],
  [
    'a seventh function on a receiver for six',
    workboat,
    'channel-count/tooFewChannels',
    works('horn', { channel: 9 }),
  ],
  ['lights and horn on one channel', workboat, 'channel-shared/sharedChannel', works('horn', { channel: 5 })],
  ['steering on a switch', boat, 'control-kind/noProportion', works('steer', { control: 'switch-a' })],
  ['drive on a dial that stays', boat, 'control-kind/doesNotCentre', works('drive', { control: 'dial-1' })],
  [
    'three states of lamps on a switch with two',
    workboat,
    'control-kind/positionsMissing',
    works('lights', { control: 'switch-b' }),
  ],
  [
    'rudder and controller in each other’s ports',
    twoCells,
    'port-order/motorOnWrongPort',
    pull('rudder-lead--rx-1'),
    pull('esc-lead--rx-3'),
    plug('rudder.lead', 'rx.3'),
    plug('esc.lead', 'rx.1'),
  ],
  [
    'a rudder in a free port',
    twoCells,
    'port-order/deviceOnWrongPort',
    pull('rudder-lead--rx-1'),
    plug('rudder.lead', 'rx.5'),
  ],
  [
    'the throttle on the port of the steering',
    boat,
    'throttle-channel/throttleElsewhere',
    works('drive', { channel: 1 }),
    works('steer', { channel: 3 }),
  ],
  [
    'a gear shift without end points',
    buggy,
    'end-points/noEndPoints',
    add('shift', 'gear shift servo', 'servo-micro-60'),
    plug('shift.lead', 'rx.3'),
    planned({
      id: 'shift',
      name: 'Gear shift',
      role: 'mechanism',
      wants: 'twoPosition',
      control: 'push',
      channel: 3,
      devices: ['shift'],
    }),
  ],
  [
    'mirrored rudders on one Y-lead',
    rudders,
    'mirrored-servos/mirroredOnOneSignal',
    works('steering', { mirrored: true }),
  ],
  [
    'a drag brake asked of a controller without',
    fused,
    'controller-modes/modeMissing',
    put('esc', 'controller-brushed-30-switching'),
  ],
  ['a drag brake that nobody has set', fused, 'controller-modes/modeNotSet', set('esc', { brake: 'off' })],
  // Where it stands, and what turns in it
  [
    'an open servo in the spray',
    dry,
    'water-exposure/tooOpen',
    put('rudder', 'servo-mini'),
    sheet('servo-mini', { protection: 'open' }),
  ],
  ['a sender for 5 V on three cells', camera, 'raw-fed-volts/tooManyVolts', put('video', 'video-sender-5')],
];

function whole(all: Conductor[]): Conductor[] {
  return all.map((conductor) => ({ ...conductor, state: 'whole' }));
}

function ports(part: string, id: string, change: object) {
  return starterPart(part).ports.map((port) => (port.id === id ? { ...port, ...change } : port));
}

export const faultyBuilds = rows.map(([fault, base, finding, ...changes]) => ({
  fault,
  finding,
  build: changes.reduce((build, change) => change(build), soundBuilds[base]!),
}));
