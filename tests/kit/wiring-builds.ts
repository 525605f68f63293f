import type { Build } from '../../src/core/model/plan/build';
import type { Fitting } from '../../src/core/model/fitting/fitting';
import { lifted, reversed, type LeadSketch } from '../../src/core/model/plan/sketch-build';
import type { ModelFunction } from '../../src/core/model/plan/model-function';
import type { PartSpec } from '../../src/core/model/kinds/part-spec';
import { demoBuild } from './demo-builds';
import { tub } from './tub';

/** A way to wire a model that people meet, with the rules that must stop it; none where it is sound. */
interface WiringCase {
  name: string;
  build: Build;
  stops: string[];
}

type Change = NonNullable<Parameters<typeof tub>[0]>;

const thick = { awg: 12 };
const small = { awg: 20 };
const fit = (id: string, name: string, part: string, more: Partial<Fitting> = {}): Fitting => ({
  id,
  name,
  part,
  ...more,
});
const works = (
  id: string,
  channel: number,
  devices: string[],
  role: ModelFunction['role'] = 'mechanism',
) => ({
  id,
  name: id,
  role,
  wants: 'staying' as const,
  control: 'dial-1',
  channel,
  devices,
});

/** The tub with its pack on a harness, so that more can be fed raw. */
function harnessed({ extra = [], leads = [], without = [], ...change }: Change): Change {
  return {
    ...change,
    extra: [fit('harness', 'harness', 'harness-five-way'), ...extra],
    without: ['adapter.out', ...without],
    leads: [['adapter.out', 'harness.in', thick], ['harness.large 1', 'esc.power', thick], ...leads],
  };
}

/** A second drive beside the first, each with a BEC of its own. */
const twin = (wires: Change['wires'] = {}, more: Change = {}): Build =>
  tub(
    harnessed({
      ...more,
      extra: [
        fit('esc-2', 'second controller', 'controller-brushed-30-switching', {
          regulatorVolts: 6,
          cutoff: 'LiPo',
        }),
        fit('motor-2', 'second motor', 'motor-brushed-620'),
        ...(more.extra ?? []),
      ],
      leads: [
        ['harness.large 2', 'esc-2.power', thick],
        ['esc-2.motor', 'motor-2.motor', thick],
        ['esc-2.lead', 'rx.4'],
        ...(more.leads ?? []),
      ],
      moreFunctions: [
        { ...works('second drive', 4, ['esc-2'], 'drive'), wants: 'centring', control: 'right-y' },
      ],
      wires,
    }),
  );

const bec: LeadSketch[] = [['harness.small 1', 'bec.in', small]];
const railBec = fit('bec', 'rail BEC', 'bec-8a', { regulatorVolts: 6 });
const noRed = { 'esc-lead': lifted('plus') };
const plainController: Change['parts'] = { esc: 'controller-brushed-10', motor: 'motor-brushed-620' };
const both = (part: PartSpec): PartSpec =>
  ({
    ...part,
    drives: 'both',
    ports: part.ports.map((port) =>
      port.use === 'motor' ? { ...port, pins: [...port.pins, { name: 'c', net: 'm3' }] } : port,
    ),
  }) as PartSpec;

export const wiringCases: WiringCase[] = [
  { name: 'two controllers, both red wires in', build: twin(), stops: ['rail-two-sources'] },
  {
    name: 'two controllers, one red wire lifted',
    build: twin({ 'esc-2-lead': lifted('plus') }),
    stops: [],
  },
  {
    name: 'two controllers, every red wire lifted',
    build: twin({ 'esc-lead': lifted('plus'), 'esc-2-lead': lifted('plus') }),
    stops: ['rail-no-source'],
  },
  {
    name: 'two controllers, every red wire lifted, and a BEC of its own in the power row',
    build: twin(
      { 'esc-lead': lifted('plus'), 'esc-2-lead': lifted('plus') },
      { extra: [railBec], leads: [...bec, ['bec.out', 'rx.B']] },
    ),
    stops: [],
  },
  {
    name: 'a receiver powered through a spare port',
    build: tub(harnessed({ extra: [railBec], leads: [...bec, ['bec.out', 'rx.8']], wires: noRed })),
    stops: [],
  },
  {
    name: 'a receiver powered through a Y-lead that a servo shares',
    build: tub(
      harnessed({
        extra: [railBec, fit('y', 'Y-lead', 'y-lead')],
        leads: [...bec, ['y.in', 'rx.1'], ['rudder.lead', 'y.out 1'], ['bec.out', 'y.out 2']],
        without: ['rudder.lead'],
        wires: noRed,
      }),
    ),
    stops: [],
  },
  {
    name: 'a servo fed raw, its ground in common',
    build: tub(
      harnessed({
        parts: { rudder: 'servo-high-volt', pack: 'pack-lipo-2s-5000-20c' },
        extra: [fit('raw', 'raw-feed lead', 'raw-feed-lead')],
        without: ['rudder.lead'],
        leads: [
          ['rudder.lead', 'raw.servo'],
          ['raw.signal', 'rx.1'],
          ['harness.small 1', 'raw.power', small],
        ],
      }),
    ),
    stops: [],
  },
  {
    name: 'a servo fed raw whose ground is lifted',
    build: tub(
      harnessed({
        parts: { rudder: 'servo-high-volt', pack: 'pack-lipo-2s-5000-20c' },
        extra: [fit('raw', 'raw-feed lead', 'raw-feed-lead')],
        without: ['rudder.lead'],
        leads: [
          ['rudder.lead', 'raw.servo'],
          ['raw.signal', 'rx.1', { change: lifted('minus') }],
          ['harness.small 1', 'raw.power', { ...small, change: lifted('minus') }],
        ],
      }),
    ),
    stops: ['common-ground'],
  },
  {
    name: 'a second, lower rail for one servo, its signal from its port',
    build: tub(
      harnessed({
        parts: { rudder: 'servo-micro-52' },
        extra: [
          fit('bec', 'camera BEC', 'bec-3a', { regulatorVolts: 5 }),
          fit('join', 'second-rail lead', 'second-rail-lead'),
        ],
        without: ['rudder.lead'],
        leads: [
          ...bec,
          ['bec.out', 'join.power'],
          ['join.signal 1', 'rx.1'],
          ['rudder.lead', 'join.servo 1'],
        ],
      }),
    ),
    stops: [],
  },
  {
    name: 'the same servo on the rail itself',
    build: tub({ parts: { rudder: 'servo-micro-52' } }),
    stops: ['rail-volts-high'],
  },
  {
    name: 'a bind plug left in the power row',
    build: tub({ extra: [fit('bind', 'bind plug', 'bind-plug')], leads: [['bind.in', 'rx.B']] }),
    stops: ['bind-plug'],
  },
  {
    name: 'a controller without a BEC, and nothing else that feeds the rail',
    build: tub({ parts: { ...plainController, pack: 'pack-lipo-2s-5000-20c' } }),
    stops: ['rail-no-source'],
  },
  {
    name: 'lamps on a pin that carries them',
    build: tub({
      extra: [fit('lamps', 'lamps', 'lamp-board')],
      leads: [['lamps.lead', 'rx.6']],
      moreFunctions: [
        { ...works('lights', 6, ['lamps'], 'lights'), wants: 'threePosition', control: 'switch-c' },
      ],
    }),
    stops: [],
  },
  ...['switch-electronic-5a', 'switch-relay-7a'].map((part) => ({
    name: `lamps of the pack’s volts through a ${part.includes('relay') ? 'relay' : 'switch'}`,
    build: tub(
      harnessed({
        extra: [fit('switch', 'lamp switch', part), fit('lamps', 'lamps', 'lamps-12')],
        leads: [
          ['harness.small 1', 'switch.in', small],
          ['switch.out', 'lamps.power', small],
          ['switch.lead', 'rx.6'],
        ],
        moreFunctions: [
          { ...works('lights', 6, ['switch'], 'lights'), wants: 'twoPosition', control: 'switch-a' },
        ],
      }),
    ),
    stops: [],
  })),
  {
    name: 'one signal for a servo and a light board, the board’s red wire lifted',
    build: tub({
      extra: [fit('y', 'Y-lead', 'y-lead'), fit('board', 'light board', 'board-lights-2')],
      without: ['rudder.lead'],
      leads: [
        ['y.in', 'rx.1'],
        ['rudder.lead', 'y.out 1'],
        ['board.in', 'y.out 2'],
      ],
    }),
    stops: [],
  },
  {
    name: 'a video sender that sleeps and wakes with the pack, always on',
    build: tub(
      harnessed({
        extra: [fit('sender', 'video sender', 'video-sender')],
        leads: [['harness.small 1', 'sender.power', small]],
      }),
    ),
    stops: [],
  },
  {
    name: 'a video sender of 5 V on the pack',
    build: tub(
      harnessed({
        extra: [fit('sender', 'video sender', 'video-sender-5')],
        leads: [['harness.small 1', 'sender.power', small]],
      }),
    ),
    stops: ['raw-fed-volts'],
  },
  {
    name: 'a fuse behind the pack',
    build: tub({
      extra: [fit('fuse', 'fuse', 'fuse-blade-30')],
      without: ['adapter.out'],
      leads: [
        ['adapter.out', 'fuse.in', thick],
        ['fuse.out', 'esc.power', thick],
      ],
    }),
    stops: [],
  },
  {
    name: 'a pack plugged in the wrong way round',
    build: tub({ wires: { 'adapter-out': reversed } }),
    stops: ['polarity'],
  },
  {
    name: 'a brushed motor on a controller for both kinds, one of its three wires spare',
    build: tub({ sheets: { 'controller-brushed-30-switching': both } }),
    stops: [],
  },
  {
    name: 'a motor turned round by its controller’s setting',
    build: tub({ settings: { esc: { isReversed: true } } }),
    stops: [],
  },
  { name: 'a combined board: the field tractor', build: demoBuild('field-tractor'), stops: [] },
  {
    name: 'two rails and a second-rail harness: the survey catamaran',
    build: demoBuild('survey-catamaran'),
    stops: [],
  },
  { name: 'dry cells and a sail: the salt-flat yacht', build: demoBuild('salt-flat-yacht'), stops: [] },
];
