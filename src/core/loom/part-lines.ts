import type { Fitted } from '../build/build-index';
import { formatQuantity } from '../quantity/format';
import type { CheckContext } from '../rules/rule';
import { regulatorVolts } from '../power/power-picture';
import type { Regulator } from '../parts/regulator';

/** The two or three facts that the wiring picture writes on a part. */
export function partLines(context: CheckContext, fitted: Fitted): string[] {
  const { part } = fitted;
  const volts = context.picture.supplies.find(
    (one) => one.fitted === fitted && one.terminal.id === 'supply',
  )?.volts;
  const fed = volts && formatQuantity(volts.full, 'V');
  switch (part.kind) {
    case 'pack': {
      const load = context.packs.find((one) => one.pack.fitting.id === fitted.fitting.id);
      const capacity = part.ampHours ? `${Math.round(part.ampHours.value * 1000)} mAh` : 'capacity unknown';
      const rate = part.dischargeRate ? ` ${part.dischargeRate.value} C` : '';
      const allowed =
        load?.allowedAmps === undefined ? [] : [`gives ${formatQuantity(load.allowedAmps, 'A')}`];
      return [`${part.cells} cells ${part.chemistry}`, `${capacity}${rate}`, ...allowed];
    }
    case 'controller':
      return [
        `${part.drives}${part.continuousAmps ? `, ${part.continuousAmps.value} A` : ''}`,
        ...(part.regulator ? [regulatorLine(fitted, part.regulator)] : ['no BEC']),
        ...(part.regulator ? [`red wire ${redWireState(context, fitted)}`] : []),
      ];
    case 'bec':
      return [regulatorLine(fitted, part.regulator)];
    case 'motor':
      return part.fullLoadAmps
        ? [`${formatQuantity(part.fullLoadAmps.value, 'A')} full ahead`]
        : [part.motorKind];
    case 'servo':
      return [
        fed ? `on ${fed}` : 'not fed',
        ...(part.maxVolts ? [`may be ${formatQuantity(part.maxVolts.value, 'V')}`] : []),
      ];
    case 'receiver':
      return [`${part.channels} channels`, `throttle on ${part.throttleChannel}`];
    case 'load':
      return [
        `${fed ? `on ${fed}` : 'not fed'}${part.amps ? `, ${formatQuantity(part.amps.value, 'A')}` : ''}`,
        ...(part.maxVolts ? [`may be ${formatQuantity(part.maxVolts.value, 'V')}`] : []),
      ];
    case 'electronicSwitch': {
      const feed = context.picture.supplies.find(
        (one) => one.fitted === fitted && one.terminal.id === 'feed',
      )?.volts;
      return [feed ? `switches ${formatQuantity(feed.full, 'V')}` : 'nothing to switch'];
    }
    case 'transmitter':
    case 'cable':
      return [];
  }
}

function regulatorLine(fitted: Fitted, regulator: Regulator): string {
  const volts = formatQuantity(regulatorVolts(fitted) ?? 0, 'V');
  const kind = regulator.type === 'linear' ? 'linear BEC' : 'BEC';
  return `${kind} ${volts} ${formatQuantity(regulator.maxAmps.value, 'A').replace('.0 ', ' ')}`;
}

function redWireState({ index }: CheckContext, { fitting }: Fitted): 'in' | 'lifted' | 'not plugged' {
  const reds = index.leadsOf(fitting.id).flatMap((lead) => {
    const end = lead.from.fitting === fitting.id ? 'from' : 'to';
    const pins = index.port(lead[end]).pins;
    return lead.conductors.filter((one) => pins.find((pin) => pin.name === one[end])?.net === 'bec+');
  });
  if (reds.length === 0) return 'not plugged';
  return reds.some((one) => one.state === 'whole') ? 'in' : 'lifted';
}
