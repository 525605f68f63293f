import type { Element } from '../src/core/physics/network/devices';
import { servoConstants } from '../src/core/physics/network/devices/servo';
import type { NetworkCase } from '../src/core/physics/network/reference-form';
import type { TrackPoints } from '../src/core/physics/network/track';

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

function cards(element: Element): string[] {
  switch (element.kind) {
    case 'source':
      return [
        `v${element.id} ${element.id}_in 0 ${element.volts}`,
        `r${element.id} ${element.id}_in ${node(element.node)} ${element.ohms}`,
      ];
    case 'resistor':
      return [`r${element.id} ${node(element.from)} ${node(element.to)} ${element.ohms}`];
    case 'capacitor':
      return [`c${element.id} ${node(element.from)} ${node(element.to)} ${element.farads} ic=0`];
    case 'currentLoad':
      return [
        `b${element.id} ${element.from} 0 i=${element.amps}*min(max(v(${element.from})/${element.kneeVolts},0),1)`,
      ];
    case 'buck': {
      const [vin, vout] = [`v(${element.from})`, `v(${element.to})`];
      const out = `min(max((min(${element.setVolts},${vin}-${element.dropoutVolts})-${vout})/${element.outOhms},0),${element.maxAmps})`;
      return [
        `bo${element.id} 0 ${element.to} i=${out}`,
        `bi${element.id} ${element.from} 0 i=${element.quiescentAmps}+max(${vout},0)*${out}/(${element.efficiency}*max(${vin},0.5))`,
      ];
    }
    case 'servo': {
      const { ohms, ke, kt, friction, inertia } = servoConstants(element);
      const { id, from } = element;
      const u = clamp(`(v(${id}_c)-v(${id}_th))/${element.band}`);
      const amps = `(${u}*v(${from})-${ke}*v(${id}_w))/${ohms}`;
      return [
        piecewise(id, element.command ?? [[0, 0]]),
        `bi${id} ${from} 0 i=max(0,${u}*(${amps}))+${element.idleAmps}`,
        `bw${id} 0 ${id}_w i=${kt}*(${amps})-${friction}*tanh(v(${id}_w)/${element.omegaEps})-${element.loadSpring}*v(${id}_th)-${element.loadConst ?? 0}`,
        `cw${id} ${id}_w 0 ${inertia} ic=0`,
        `bt${id} 0 ${id}_th i=v(${id}_w)`,
        `ct${id} ${id}_th 0 1 ic=0`,
      ];
    }
    case 'drive': {
      const { id, from } = element;
      const kt = 60 / (2 * Math.PI * element.kv);
      const amps = `(v(${id}_c)*v(${from})-${kt}*v(${id}_w))/${element.motorOhms + element.escOhms}`;
      const w = `v(${id}_w)`;
      return [
        piecewise(id, typeof element.duty === 'number' ? [[0, element.duty]] : element.duty),
        `bi${id} ${from} 0 i=max(0,v(${id}_c)*(${amps}))+${element.quiescentAmps}`,
        `bw${id} 0 ${id}_w i=${kt}*(${amps})-${kt * element.noLoadAmps + element.loadConst}*tanh(${w}/${element.omegaEps})-${element.loadSquare}*${w}*abs(${w})`,
        `cw${id} ${id}_w 0 ${element.inertia} ic=0`,
      ];
    }
    default:
      throw new Error(`${element.id} is of a kind that no timed case has: ${element.kind}`);
  }
}
