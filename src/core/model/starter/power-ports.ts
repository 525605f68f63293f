import type { ConnectorFamilyId } from '../connectors/families';
import { threePins } from '../parts/channel-port';
import type { PortSpec } from '../parts/port';
import { motorPort, powerPort, servoLead } from './ports';

/** A receiver pack ends in a servo plug, any other in two power contacts. */
export function packPort(family: ConnectorFamilyId): PortSpec {
  const port = powerPort('out', 'pack lead', family, 'out', { plus: 'plus', minus: 'minus' });
  return family === 'servo-3-flat' ? { ...port, use: 'servo' } : port;
}

/** Power lead, motor wires and receiver lead; without a BEC the red wire of the last leads nowhere. */
export function controllerPorts(
  phases: 2 | 3,
  family: ConnectorFamilyId = 'blade-t',
  hasBec = true,
): PortSpec[] {
  const lead = { ...servoLead({ plus: 'bec+', minus: 'ground' }), name: 'receiver lead' };
  return [
    powerPort('power', 'power lead', family, 'in', { plus: 'power+', minus: 'ground' }),
    motorPort('out', phases),
    hasBec ? lead : { ...lead, pins: threePins('signal', 'no BEC', 'ground') },
  ];
}

/** Power in, and a rail lead out that has no signal. */
export const becPorts = (family: ConnectorFamilyId = 'box-25'): PortSpec[] => [
  powerPort('in', 'power lead', family, 'in', { plus: 'power+', minus: 'ground' }),
  {
    id: 'out',
    name: 'rail lead',
    use: 'servo',
    flow: 'out',
    connector: { family: 'servo-3-flat', gender: 'socket' },
    pins: [
      { name: 'plus', net: 'bec+' },
      { name: 'minus', net: 'ground' },
    ],
  },
];
