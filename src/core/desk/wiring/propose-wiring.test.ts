import { blankPart } from '../locker/blank-part';
import { readingOf } from '../../reading/build-reading/reading';
import type { PartSpec } from '../../model/kinds/part-spec';
import type { BecSpec } from '../../model/kinds/bec/bec';
import type { ServoSpec } from '../../model/kinds/servo/servo';
import { describe, expect, it } from 'vitest';
import { soundBuilds } from '../../../../tests/kit/sound-builds';
import { tub } from '../../../../tests/kit/tub';
import type { CableSpec } from '../../model/kinds/cable/cable';
import type { Build } from '../../model/plan/build';
import { stated } from '../../base/validation/figure';
import { checkBuild } from '../../judgement/check/check-build';
import { starterLocker, starterPart } from '../../model/starter/starter-locker';
import { proposeWiring } from './propose-wiring';

/** A build with its parts but no lead, no cable that the proposal brings itself, no channel and no control. */
function unwired(build: Build): Build {
  const joinsPacks = (part: CableSpec) => part.ports.filter((port) => port.flow === 'in').length === 2;
  const isChosen = (part: CableSpec) =>
    ['fuse', 'switch'].includes(part.form) || (part.form === 'harness' && joinsPacks(part));
  const cables = new Set(
    build.parts.flatMap((part) => (part.kind === 'cable' && !isChosen(part) ? [part.id] : [])),
  );
  return {
    ...build,
    leads: [],
    fittings: build.fittings.filter((fitting) => !cables.has(fitting.part)),
    functions: build.functions.map(({ channel, control, ...rest }) => rest),
  };
}

const propose = (build: Build, refused: string[] = []) =>
  proposeWiring(build, starterLocker, new Set(refused));
const stops = (build: Build) =>
  checkBuild(build, starterLocker)
    .findings.filter((finding) => finding.severity === 'stop')
    .map((finding) => finding.text);

describe('proposeWiring', () => {
  it.each(Object.entries(soundBuilds))('wires from nothing without a stop: %s', (_, build) => {
    const { build: wired, unsolved } = propose(unwired(build));
    expect(unsolved).toEqual([]);
    expect(stops(wired)).toEqual([]);
    // Only the owner can tell how thick the wires are.
    const missing = checkBuild(wired, starterLocker).unknowns.map((asked) => asked.missing);
    expect(missing.filter((text) => !text.startsWith('gauge of the lead'))).toEqual([]);
  });

  it('leaves alone what is wired already', () => {
    const { proposals, build } = propose(tub());
    expect(proposals).toEqual([]);
    expect(build).toEqual(tub());
  });

  it('keeps the throttle where the receiver’s map keeps it', () => {
    const { build } = propose(unwired(tub()));
    expect(build.functions.find((modelFunction) => modelFunction.id === 'drive')).toMatchObject({
      channel: 3,
    });
    expect(build.functions.find((modelFunction) => modelFunction.id === 'steer')).toMatchObject({
      channel: 1,
    });
  });

  it('lists each step, and leaves out what is refused and what rests on it', () => {
    const all = propose(unwired(tub()));
    expect(all.proposals.map((proposal) => proposal.id)).toEqual([
      'plan:steer',
      'plan:drive',
      'feed:pack',
      'motor:motor',
      'signal:rudder',
      'signal:esc',
    ]);
    expect(all.proposals.find((proposal) => proposal.id === 'feed:pack')?.label).toBe(
      'Pack to the controller, with an adapter',
    );
    const some = propose(unwired(tub()), ['plan:steer', 'motor:motor']);
    expect(some.proposals.filter((proposal) => proposal.isRefused).map((proposal) => proposal.id)).toEqual([
      'plan:steer',
      'motor:motor',
    ]);
    expect(some.proposals.map((proposal) => proposal.id)).not.toContain('signal:rudder');
    expect(some.build.leads.some((lead) => lead.to.fitting === 'motor')).toBe(false);
  });

  it('follows the school of red wires', () => {
    const twin = unwired(soundBuilds['tracked machine, two controllers, one red wire in']!);
    const sourcesOf = (build: Build) =>
      checkBuild(build, starterLocker).context.survey.rails.find((rail) => rail.isRadio)?.sources.length;
    expect(sourcesOf(propose(twin).build)).toBe(1);
    const own = propose({ ...twin, policies: { ...twin.policies, redWires: 'standAlone' } });
    expect(own.build.fittings.some((fitting) => fitting.id === 'radio-bec')).toBe(true);
    expect(sourcesOf(own.build)).toBe(1);
    // Whoever leaves them as delivered gets them so, and is warned.
    const both = { ...twin, policies: { ...twin.policies, redWires: 'parallel' as const } };
    expect(sourcesOf(propose(both).build)).toBe(2);
    expect(stops(propose(both).build)).toEqual([]);
  });

  it('feeds a high-voltage servo raw where that is the school and it stands the pack', () => {
    const boat = unwired(tub({ parts: { rudder: 'servo-high-volt', pack: 'pack-lipo-2s-5000-20c' } }));
    const withPump: Build = {
      ...boat,
      parts: [...boat.parts, starterPart('bec-8a')],
      fittings: [...boat.fittings, { id: 'bec', name: 'BEC', part: 'bec-8a', regulatorVolts: 5 }],
      policies: { ...boat.policies, servoFeed: 'raw' },
    };
    const { build } = propose(withPump);
    const { context } = checkBuild(build, starterLocker);
    const rudder = context.survey.supplies.find((supply) => supply.fitted.fitting.id === 'rudder');
    expect(rudder).toMatchObject({ status: 'fed', volts: { full: 8.4 } });
    expect(context.survey.signals.find((path) => path.device.fitting.id === 'rudder')?.port.id).toBe('1');
    expect(stops(build)).toEqual([]);
    const tooMany = propose({
      ...withPump,
      parts: withPump.parts.map((part) => (part.kind === 'pack' ? { ...part, cells: 3 } : part)),
    });
    expect(tooMany.proposals.some((proposal) => proposal.id === 'raw:rudder')).toBe(false);
  });

  it('feeds a video sender by its school, and never through an electronic switch', () => {
    const bare = unwired(tub());
    const withVideo = (videoFeed: 'pack' | 'rail', part: string): Build => ({
      ...bare,
      parts: [...bare.parts, starterPart(part), starterPart('switch-electronic-5a')],
      fittings: [
        ...bare.fittings,
        { id: 'video', name: 'video sender', part },
        { id: 'switch', name: 'pump switch', part: 'switch-electronic-5a' },
      ],
      policies: { ...bare.policies, videoFeed },
    });
    const feedOf = (build: Build) =>
      checkBuild(build, starterLocker).context.survey.supplies.find(
        (supply) => supply.fitted.fitting.id === 'video',
      );
    expect(feedOf(propose(withVideo('pack', 'video-sender')).build)).toMatchObject({
      status: 'fed',
      volts: { full: 12.6 },
    });
    expect(feedOf(propose(withVideo('rail', 'video-sender-5')).build)).toMatchObject({
      status: 'fed',
      volts: { full: 5 },
    });
  });

  const fitted = (
    parts: [id: string, name: string, part: string][],
    { parts: own = [], ...change }: Partial<Build> = {},
  ): Build => ({
    ...unwired(tub()),
    parts: [...new Set(parts.map(([, , part]) => part))].map(
      (id) => own.find((part) => part.id === id) ?? starterPart(id),
    ),
    fittings: parts.map(([id, name, part]) => ({
      id,
      name,
      part,
      ...(id === 'tx' && { protocol: 'skerry link' }),
    })),
    functions: [],
    ...change,
  });
  const functionFor = (id: string, role: 'drive' | 'steer' | 'mechanism', devices = [id]) => ({
    id: `do-${id}`,
    name: `Work ${id}`,
    role,
    wants: 'centring' as const,
    devices,
  });
  const radio: [string, string, string][] = [
    ['pack', 'pack', 'pack-lipo-2s-5000-20c'],
    ['tx', 'transmitter', 'transmitter-10'],
    ['rx', 'receiver', 'receiver-8-skerry'],
  ];

  it.each(['oneIn', 'standAlone', 'parallel'] as const)(
    'wires four controllers through harnesses, each motor to its namesake: %s',
    (redWires) => {
      const names = ['boom', 'bucket', 'left track', 'right track'];
      const build = fitted(
        [
          ...radio,
          ...names.map((name): [string, string, string] => [
            `${name} esc`.replace(' ', '-'),
            `${name} controller`,
            'controller-brushed-30-switching',
          ]),
          ...[...names]
            .reverse()
            .map((text): [string, string, string] => [
              `${text} motor`.replace(' ', '-'),
              `${text} motor`,
              'motor-brushed-620',
            ]),
        ],
        { policies: { ...tub().policies, redWires } },
      );
      build.functions = build.fittings
        .filter((fitting) => fitting.name.endsWith('controller'))
        .map((fitting) => functionFor(fitting.id, 'drive'));
      const { build: wired, unsolved } = propose(build);
      const { survey } = checkBuild(wired, starterLocker).context;
      for (const controller of survey.index.ofKind('controller')) {
        expect(survey.supplyOf(controller.fitting.id)?.status).toBe('fed');
        expect(survey.motorsOf(controller.fitting.id).map(({ fitting }) => fitting.name)).toEqual([
          controller.fitting.name.replace('controller', 'motor'),
        ]);
      }
      expect(survey.rails.find((rail) => rail.isRadio)?.sources).toHaveLength(
        redWires === 'parallel' ? 4 : 1,
      );
      expect(unsolved.filter((text) => !text.startsWith('Still a stop'))).toEqual([]);
      expect(stops(wired).map((stop) => `Still a stop: ${stop}`)).toEqual(unsolved);
    },
  );

  it.each([
    ['its power port', ['B', '1', '2', '3']],
    ['a port that no function is planned on', ['1', '2', '3']],
    ['a Y-lead beside a servo, where all are planned on', ['1', '2']],
  ])('puts a receiver pack of dry cells into %s', (_, kept) => {
    const receiver = starterPart('receiver-8-skerry');
    const small = { ...receiver, ports: kept.map((id) => receiver.ports.find((port) => port.id === id)!) };
    const build = fitted(
      [
        ['pack', 'pack', 'pack-dry-4'],
        radio[1]!,
        radio[2]!,
        ['rudder', 'rudder servo', 'servo-micro-60'],
        ['sail', 'sail servo', 'servo-standard'],
      ],
      { parts: [small], model: 'yacht' },
    );
    build.functions = [functionFor('rudder', 'steer'), functionFor('sail', 'mechanism')];
    const { build: wired, unsolved } = propose(build);
    expect(unsolved.filter((text) => !text.startsWith('Still a stop'))).toEqual([]);
    const { survey } = checkBuild(wired, starterLocker).context;
    expect(survey.signals.map(({ device, port }) => [device.fitting.id, port.channel])).toEqual([
      ['rudder', 1],
      ['sail', 2],
    ]);
    for (const id of ['rx', 'rudder', 'sail']) expect(survey.supplyOf(id)?.status).toBe('fed');
  });

  it('puts a fuse that is fitted behind the pack, and joins two packs by the harness that is there', () => {
    const build = fitted(
      [
        ...radio,
        ['pack2', 'second pack', 'pack-lipo-2s-5000-20c'],
        ['join', 'series harness', 'harness-series'],
        ['fuse', 'main fuse', 'fuse-blade-40'],
        ['esc', 'controller', 'controller-brushed-30-switching'],
        ['motor', 'motor', 'motor-brushed-620'],
      ],
      { functions: [functionFor('esc', 'drive')] },
    );
    const { survey } = checkBuild(propose(build).build, starterLocker).context;
    expect(survey.supplyOf('esc')?.volts?.full).toBeCloseTo(16.8, 6);
    expect(survey.index.leadsOf('fuse')).toHaveLength(2);
    const lone = propose({ ...build, fittings: build.fittings.filter((fitting) => fitting.id !== 'join') });
    expect(lone.unsolved.join()).toContain('in series or in parallel');
    expect(checkBuild(lone.build, starterLocker).context.survey.supplyOf('esc')?.volts?.full).toBe(8.4);
  });

  it('brings a BEC where no controller has one, and sets volts that nobody has set', () => {
    const build = fitted(
      [
        ['pack', 'pack', 'pack-nimh-6-3000-10c'],
        ...radio.slice(1),
        ['servo', 'steering servo', 'servo-standard'],
      ],
      {
        functions: [functionFor('servo', 'steer')],
      },
    );
    const { build: wired, unsolved } = propose(build);
    const { survey } = checkBuild(wired, starterLocker).context;
    expect(unsolved).toEqual([]);
    expect(survey.supplyOf('servo')?.status).toBe('fed');
    const own = propose({
      ...build,
      parts: [...build.parts, starterPart('bec-8a')],
      fittings: [...build.fittings, { id: 'bec', name: 'BEC', part: 'bec-8a' }],
    });
    // Six NiMH cells at their cut-off, 6.0 V, do not hold a rail of 6.0 V up.
    expect(own.build.fittings.find((fitting) => fitting.id === 'bec')?.regulatorVolts).toBe(5);
  });

  it('takes a pack to the drive first, whatever its plug, and on the receiver only where all there stand it', () => {
    const servoPlug = starterPart('pack-nimh-5-2000-3c').ports;
    const pack = { ...starterPart('pack-lipo-2s-5000-20c'), id: 'two-cells', ports: servoPlug };
    const build = fitted(
      [
        ['pack', 'pack', pack.id],
        ...radio.slice(1),
        ['esc', 'controller', 'controller-brushed-30-switching'],
        ['servo', 'steering servo', 'servo-standard'],
      ],
      { functions: [functionFor('servo', 'steer'), functionFor('esc', 'drive')], parts: [pack] },
    );
    const { survey } = readingOf(propose(build).build, []);
    // 8.4 V never reach the receiver's row, and no cure of other cells is needed.
    expect(survey.rails.find(({ isRadio }) => isRadio)?.volts?.full ?? 0).toBeLessThan(8);
  });

  it('takes dry cells of a yacht to its receiver, though their plug is only assumed', () => {
    const cells = { ...blankPart('pack', 'cells'), chemistry: 'dry cell', cells: 4 } as PartSpec;
    const build = fitted(
      [['pack', 'cell box', cells.id], ...radio.slice(1), ['servo', 'steering servo', 'servo-standard']],
      { functions: [functionFor('servo', 'steer')], parts: [cells] },
    );
    const { build: wired, unsolved } = propose(build);
    expect(unsolved).toEqual([]);
    expect(readingOf(wired, []).survey.supplyOf('rx')?.sources[0]?.fitted.fitting.id).toBe('pack');
  });

  it('sets no regulator by what is not known: a servo that says nothing gets 6.0 V at most, and that is said', () => {
    const silent = (({ minVolts, maxVolts, ...rest }: ServoSpec) => ({ ...rest, sheet: [] }))(
      starterPart('servo-standard') as ServoSpec,
    );
    const bec = starterPart('bec-8a') as BecSpec;
    const high = { ...bec, regulator: { ...bec.regulator, voltsChoices: [5, 6, 7.4] } };
    const build = fitted(
      [['pack', 'pack', 'pack-lipo-3s-4000-20c'], ...radio.slice(1), ['servo', 'steering servo', silent.id]],
      { functions: [functionFor('servo', 'steer')] },
    );
    const { build: wired, proposals } = propose({
      ...build,
      parts: [...build.parts.filter(({ id }) => id !== silent.id), silent, high],
      fittings: [...build.fittings, { id: 'bec', name: 'BEC', part: high.id }],
    });
    expect(wired.fittings.find(({ id }) => id === 'bec')?.regulatorVolts).toBe(6);
    expect(proposals.map(({ label }) => label).join()).toContain(
      'max voltage of the steering servo not known',
    );
  });

  it('says which parts no function works, and chains Y-leads where one function works three', () => {
    const servos = ['one', 'two', 'three'].map((id): [string, string, string] => [
      id,
      `servo ${id}`,
      'servo-micro-60',
    ]);
    const bare = fitted([...radio, ['bec', 'BEC', 'bec-8a'], ...servos]);
    expect(propose(bare).unsolved.join()).toContain('no function in the Brief says what works them');
    const { build } = propose({ ...bare, functions: [functionFor('one', 'steer', ['one', 'two', 'three'])] });
    const { survey } = checkBuild(build, starterLocker).context;
    for (const id of ['one', 'two', 'three']) expect(survey.signalOf(id)?.port.id).toBe('1');
  });

  it('says what it cannot solve', () => {
    const noAdapters = starterLocker.filter((part) => part.kind !== 'cable' || part.form !== 'adapter');
    const { unsolved } = proposeWiring(unwired(tub()), noAdapters, new Set());
    expect(unsolved).toEqual(['Pack to the controller: no adapter in the locker fits both plugs']);
    const brushless = unwired(tub({ parts: { motor: 'motor-brushless-900' } }));
    expect(propose(brushless).unsolved).toEqual(['Motor: no free controller for a brushless motor']);
  });

  it('gives steering its place before a second drive, and mixes both on two ports', () => {
    const { build } = propose(unwired(soundBuilds['tug with twin screws steered by a mix']!));
    expect(build.functions.map((modelFunction) => [modelFunction.name, modelFunction.channel])).toEqual([
      ['Steering', 1],
      ['Drive', 3],
      ['Second drive', 2],
    ]);
  });

  it('brings a harness where a servo is to be fed raw beside a single controller', () => {
    const { build } = propose(unwired(soundBuilds['car with a high-voltage servo fed raw']!));
    const { survey } = checkBuild(build, starterLocker).context;
    expect(survey.supplyOf('servo')?.volts?.full).toBeCloseTo(8.4, 6);
    expect(survey.supplyOf('esc')?.status).toBe('fed');
  });

  it('gives two 5 V servos one regulator between them where the rail holds 7.4 V and nothing less', () => {
    const truck = unwired(soundBuilds['truck with 5 V servos in an 8 V model']!);
    const { build, unsolved } = propose({
      ...truck,
      parts: truck.parts.map((part) =>
        part.kind === 'controller'
          ? { ...part, regulator: { ...part.regulator!, voltsChoices: [7.4] } }
          : part,
      ),
      fittings: truck.fittings
        .filter((fitting) => fitting.id !== 'bec')
        .map((fitting) => (fitting.id === 'esc' ? { ...fitting, regulatorVolts: 7.4 } : fitting)),
    });
    const { survey } = checkBuild(build, starterLocker).context;
    expect(unsolved).toEqual([]);
    for (const [id, volts] of [
      ['servo', 7.4],
      ['front', 5],
      ['rear', 5],
    ] as const)
      expect(survey.supplyOf(id)?.volts?.full, id).toBeCloseTo(volts, 6);
    for (const id of ['front', 'rear']) expect(survey.signalOf(id)).toBeDefined();
    expect(survey.index.ofKind('bec')).toHaveLength(1);
  });

  it('feeds a receiver that has no row left through a Y-lead beside a servo', () => {
    const names = Object.entries(soundBuilds).filter(([, { fittings }]) =>
      fittings.some((fitting) => fitting.id === 'bec'),
    );
    let fed = 0;
    for (const [name, sound] of names) {
      const bare = unwired(sound);
      const used = new Set(sound.functions.map((modelFunction) => modelFunction.channel));
      const full: Build = {
        ...bare,
        functions: sound.functions,
        parts: bare.parts.map((part) =>
          part.kind === 'receiver'
            ? { ...part, ports: part.ports.filter((port) => used.has(port.channel)) }
            : part,
        ),
      };
      const { build, unsolved } = propose(full);
      expect(unsolved, name).toEqual([]);
      expect(stops(build), name).toEqual([]);
      const y = build.fittings.find((fitting) => fitting.id === 'rail-y-lead');
      if (y) fed += 1;
    }
    expect(fed).toBeGreaterThan(1);
  });

  it('runs two brushed twins on one controller that stands both, and no others', () => {
    const launch = unwired(soundBuilds['launch with two motors on one controller']!);
    const motors = (build: Build) =>
      checkBuild(build, starterLocker)
        .context.survey.motorsOf('esc')
        .map(({ fitting }) => fitting.id);
    expect(motors(propose(launch).build)).toEqual(['left', 'right']);
    const strong: Build = {
      ...launch,
      parts: launch.parts.map((part) =>
        part.kind === 'motor' ? { ...part, fullLoadAmps: stated(40) } : part,
      ),
    };
    expect(motors(propose(strong).build)).toEqual(['left']);
    expect(propose(strong).unsolved.join()).toContain('Starboard motor: no free controller');
  });
});
