import { formatQuantity } from '../../base/quantity/format';
import { connectorFamily } from './families';
import { mating, type Connector } from './mating';

/** Why two connectors do not go together, in words; `undefined` where they do, or where nobody knows. */
export function refusalWords(a: Connector, b: Connector): string | undefined {
  const result = mating(a, b);
  if (result.result !== 'refuses' && result.result !== 'nearMiss') return undefined;
  const [one, other] = [connectorFamily(a.family).name, connectorFamily(b.family).name];
  switch (result.reason) {
    case 'pitch':
      return `${formatQuantity(result.actual, 'mm')} and ${formatQuantity(result.limit, 'mm')} pitch${result.result === 'nearMiss' ? ' look alike and do not go together' : ' do not go together'}`;
    case 'gender':
      return `both are ${a.gender === 'plug' ? 'plugs' : 'sockets'}: one of them must be a ${a.gender === 'plug' ? 'socket' : 'plug'}`;
    case 'poles':
      return `a ${one} has ${result.actual} contacts, a ${other} ${result.limit}`;
    case 'form':
    case 'size':
      return `a ${one} does not go into a ${other}`;
  }
}
