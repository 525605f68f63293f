import { describe, expect, it } from 'vitest';
import { checkBuild } from '../../judgement/check/check-build';
import { withChannels } from '../../model/kinds/receiver/receiver-kind';
import type { ReceiverSpec } from '../../model/kinds/receiver/receiver';
import { applyEdits } from '../../model/plan/edits';
import { sketchBuild } from '../../model/plan/sketch-build';
import { usualLead } from '../../model/plan/usual-run';
import { planProcedure } from '../../bench/procedure/plan-procedure';
import { isStill, tickOf } from '../../bench/procedure/tick';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { Survey } from './survey';

const tx = { id: 'tx', name: 'transmitter', part: 'transmitter-10', protocol: 'holm link' };

/** A car on one board: pack and motor, a servo on its first socket, lamps on a light board that hears two channels. */
const car = sketchBuild(
  {
    name: 'car on one board',
    model: 'car',
    fittings: [
      { id: 'pack', name: 'pack', part: 'pack-nimh-6-3000-10c' },
      tx,
      { id: 'board', name: 'main board', part: 'board-receiver-6' },
      { id: 'motor', name: 'motor', part: 'motor-brushed-35t' },
      { id: 'servo', name: 'steering servo', part: 'servo-standard' },
    ],
    leads: [
      ['pack.out', 'board.power', { metres: 0.15, awg: 14 }],
      ['board.motor', 'motor.motor', { metres: 0.15, awg: 14 }],
      ['servo.lead', 'board.servo'],
    ],
    functions: [
      {
        id: 'steer',
        name: 'Steering',
        role: 'steer',
        wants: 'centring',
        control: 'right-x',
        channel: 1,
        devices: ['servo'],
      },
      {
        id: 'drive',
        name: 'Drive',
        role: 'drive',
        wants: 'centring',
        control: 'left-y',
        channel: 2,
        devices: ['board/controller'],
      },
    ],
    brief: { drive: 'single', kilograms: 1.6 },
  },
  starterPart,
);

describe('a board that is several parts', () => {
  const survey = new Survey(car);

  it('is fed, feeds its rail and drives its motor through its rows', () => {
    expect(survey.supplyOf('board/controller')?.status).toBe('fed');
    expect(survey.supplyOf('board/receiver')?.volts?.full).toBe(6);
    expect(survey.supplyOf('servo')?.sources.map(({ fitted }) => fitted.fitting.id)).toEqual([
      'board/controller',
    ]);
    expect(survey.controllerOf('motor')?.fitting.id).toBe('board/controller');
    expect(survey.rails.map(({ name }) => name)).toEqual(['the radio rail']);
  });

  it('brings a socket its channel, and its own controller one that has no socket', () => {
    const heard = survey.signals.map(({ device, port }) => [device.fitting.id, port.name, port.channel]);
    expect(heard).toEqual([
      ['board/controller', 'channel 2, inside the board', 2],
      ['servo', 'socket 1', 1],
    ]);
  });

  it('is checked as its parts are', () => {
    const { findings, unknowns, context } = checkBuild(car, starterLocker);
    expect(findings.filter(({ severity }) => severity === 'stop').map(({ text }) => text)).toEqual([]);
    expect(unknowns.map(({ missing }) => missing)).toEqual([
      'what the cut-off of the main board’s controller is set to',
    ]);
    expect(context.circuit.at('steady', 'nominal')?.motorAmps('board/controller')).toBeGreaterThan(2);
  });

  it('keeps what is set on its parts, and forgets it with them', () => {
    const set = applyEdits(car, [
      { type: 'setFitting', fitting: 'board/controller', change: { cutoff: 'NiMH' } },
    ]);
    expect(new Survey(set).index.get('board/controller').fitting.cutoff).toBe('NiMH');
    const other = applyEdits(set, [
      { type: 'swapPart', fitting: 'board', part: starterPart('board-switch-2') },
    ]);
    expect(other.fittings.find(({ id }) => id === 'board')?.inside).toBeUndefined();
    expect(other.functions.find(({ id }) => id === 'drive')?.devices).toEqual([]);
    const out = applyEdits(set, [{ type: 'removeFitting', fitting: 'board' }]);
    expect(out.functions.find(({ id }) => id === 'drive')?.devices).toEqual([]);
  });
});

describe('the steps of a board', () => {
  it('are to be done again once another board stands there', () => {
    const { context } = checkBuild(car, starterLocker);
    const step = planProcedure(context).find(({ touches }) => touches.includes('board/receiver'))!;
    const done = tickOf(car, { step, heldBy: undefined }, { on: '2026-01-01T00:00:00.000Z' });
    if (!done.ok) throw new Error(done.problem);
    const tick = done.value;
    const other = applyEdits(car, [
      { type: 'swapPart', fitting: 'board', part: { ...starterPart('board-receiver-6'), id: 'another' } },
    ]);
    expect([isStill(car, step, tick), isStill(other, step, tick)]).toEqual([true, false]);
  });
});

/** A tank on a sound and drive board, told by a converter what a receiver with one lead a channel hears. */
const tank = sketchBuild(
  {
    name: 'tank',
    model: 'tracked machine',
    fittings: [
      { id: 'pack', name: 'pack', part: 'pack-lipo-2s-2200-25c' },
      { id: 'rx', name: 'receiver', part: 'receiver-6-holm' },
      { id: 'converter', name: 'converter', part: 'board-converter-6' },
      { id: 'drive', name: 'drive board', part: 'board-sound-drive' },
      { id: 'left', name: 'left motor', part: 'motor-brushed-55t' },
      { id: 'right', name: 'right motor', part: 'motor-brushed-55t' },
    ],
    leads: [
      ['pack.out', 'drive.power'],
      ['drive.motor', 'left.motor'],
      ['drive.motor-2', 'right.motor'],
      ['converter.channel-1', 'rx.2'],
      ['converter.channel-2', 'rx.4'],
      ['drive.serial', 'converter.serial'],
    ],
  },
  starterPart,
);

describe('channels on one wire', () => {
  const heard = (build: typeof tank) =>
    new Survey(build).signals.map(({ device, port }) => [device.fitting.id, port.name, port.channel]);

  it('reach what listens behind a converter, each from the receiver port that it was put in by', () => {
    expect(heard(tank)).toEqual([
      ['drive/left', 'port 2', 2],
      ['drive/right', 'port 4', 4],
    ]);
  });

  it('bring the rail along: the board feeds converter and receiver', () => {
    const survey = new Survey(tank);
    for (const id of ['rx', 'converter/converter', 'drive/sound'])
      expect(survey.supplyOf(id)?.sources.map(({ fitted }) => fitted.fitting.id)).toEqual(['drive/left']);
  });

  it('stop where a wire of theirs is lifted', () => {
    const leads = tank.leads.map((lead) =>
      lead.id === 'converter-channel-2--rx-4'
        ? { ...lead, conductors: lead.conductors.map((each) => ({ ...each, state: 'lifted' as const })) }
        : lead,
    );
    expect(heard({ ...tank, leads })).toEqual([['drive/left', 'port 2', 2]]);
  });

  it('come by the number of the channel from a receiver that gives all on one wire', () => {
    const receiver = withChannels(
      { ...(starterPart('receiver-6-holm') as ReceiverSpec), serialOutput: true },
      6,
    );
    const direct = {
      ...tank,
      parts: tank.parts.map((part) => (part.kind === 'receiver' ? receiver : part)),
      leads: [
        ...tank.leads.filter(({ id }) => !id.includes('converter')),
        usualLead(
          'serial',
          { ref: { fitting: 'drive', port: 'serial' }, port: portOf('board-sound-drive', 'serial') },
          { ref: { fitting: 'rx', port: 'serial' }, port: receiver.ports.find(({ id }) => id === 'serial')! },
        ),
      ],
    };
    expect(heard(direct)).toEqual([
      ['drive/left', 'all channels, channel 1', 1],
      ['drive/right', 'all channels, channel 2', 2],
    ]);
  });
});

const portOf = (part: string, port: string) => starterPart(part).ports.find(({ id }) => id === port)!;
