import type { Element } from '../src/core/network/devices';
import { servoConstants } from '../src/core/network/devices/servo';
import type { NetworkCase } from '../src/core/network/reference-form';
import type { TrackPoints } from '../src/core/network/track';

const clamp = (value: string) => `min(max(${value},-1),1)`;

/**
 * A case that runs through time as SPICE text, for timing: speeds and angles are volts of nodes with a
 * capacitor each, what is commanded is a piecewise source. Only the kinds of the timed cases are written.
 */
export function spiceCourse({ name, elements, analysis }: NetworkCase): string {
  if (analysis.kind !== 'transient') throw new Error(`${name} does not run through time`);
  const { seconds, step } = analysis;
  return [
    `* ${name}`,
    ...elements.flatMap(cards),
    '.options method=gear reltol=1e-6 abstol=1e-9 vntol=1e-7',
    `.tran ${step} ${seconds} 0 ${step} uic`,
    '.control',
    'run',
    'rusage time',
    '.endc',
    '.end',
    '',
  ].join('\n');
}

const node = (name: string) => (name === 'gnd' ? '0' : name);

const piecewise = (id: string, points: TrackPoints) =>
  `v${id}c ${id}_c 0 pwl(${points.map(([at, value]) => `${at} ${value}`).join(' ')})`;

function cards(one: Element): string[] {
  switch (one.kind) {
    case 'source':
      return [
        `v${one.id} ${one.id}_in 0 ${one.volts}`,
        `r${one.id} ${one.id}_in ${node(one.node)} ${one.ohms}`,
      ];
    case 'resistor':
      return [`r${one.id} ${node(one.from)} ${node(one.to)} ${one.ohms}`];
    case 'capacitor':
      return [`c${one.id} ${node(one.from)} ${node(one.to)} ${one.farads} ic=0`];
    case 'currentLoad':
      return [`b${one.id} ${one.from} 0 i=${one.amps}*min(max(v(${one.from})/${one.kneeVolts},0),1)`];
    case 'buck': {
      const [vin, vout] = [`v(${one.from})`, `v(${one.to})`];
      const out = `min(max((min(${one.setVolts},${vin}-${one.dropoutVolts})-${vout})/${one.outOhms},0),${one.maxAmps})`;
      return [
        `bo${one.id} 0 ${one.to} i=${out}`,
        `bi${one.id} ${one.from} 0 i=${one.quiescentAmps}+max(${vout},0)*${out}/(${one.efficiency}*max(${vin},0.5))`,
      ];
    }
    case 'servo': {
      const { ohms, ke, kt, friction, inertia } = servoConstants(one);
      const { id, from } = one;
      const u = clamp(`(v(${id}_c)-v(${id}_th))/${one.band}`);
      const amps = `(${u}*v(${from})-${ke}*v(${id}_w))/${ohms}`;
      return [
        piecewise(id, one.command ?? [[0, 0]]),
        `bi${id} ${from} 0 i=max(0,${u}*(${amps}))+${one.idleAmps}`,
        `bw${id} 0 ${id}_w i=${kt}*(${amps})-${friction}*tanh(v(${id}_w)/${one.omegaEps})-${one.loadSpring}*v(${id}_th)-${one.loadConst ?? 0}`,
        `cw${id} ${id}_w 0 ${inertia} ic=0`,
        `bt${id} 0 ${id}_th i=v(${id}_w)`,
        `ct${id} ${id}_th 0 1 ic=0`,
      ];
    }
    case 'drive': {
      const { id, from } = one;
      const kt = 60 / (2 * Math.PI * one.kv);
      const amps = `(v(${id}_c)*v(${from})-${kt}*v(${id}_w))/${one.motorOhms + one.escOhms}`;
      const w = `v(${id}_w)`;
      return [
        piecewise(id, typeof one.duty === 'number' ? [[0, one.duty]] : one.duty),
        `bi${id} ${from} 0 i=max(0,v(${id}_c)*(${amps}))+${one.quiescentAmps}`,
        `bw${id} 0 ${id}_w i=${kt}*(${amps})-${kt * one.noLoadAmps + one.loadConst}*tanh(${w}/${one.omegaEps})-${one.loadSquare}*${w}*abs(${w})`,
        `cw${id} ${id}_w 0 ${one.inertia} ic=0`,
      ];
    }
    default:
      throw new Error(`${one.id} is of a kind that no timed case has: ${one.kind}`);
  }
}
