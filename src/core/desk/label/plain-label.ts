import { number, valueOf, type Scan } from './scan';
import { ampUnit, amps, Figures, readBody, readVolts } from './label-figures';
import type { LabelFigure } from './reading';

export function readRadio(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take('\\b(\\d{1,2})[ -]?ch(?:annels?)?\\b', ([, channels], from) =>
    figures.add('channels', Number(channels), from),
  );
  scan.take(`(${number}) ?${ampUnit}`, ([, value, unit], from) =>
    figures.add('amps', amps(value!, unit!), from),
  );
  readVolts(scan, figures, 'minVolts', 'maxVolts');
  readBody(scan, figures);
  return figures.all;
}

/** Lamps, pumps, switches, fuses: amps, or watts at the volts beside them. */
export function readLoad(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take(`(${number}) ?${ampUnit}`, ([, value, unit], from) =>
    figures.add('amps', amps(value!, unit!), from),
  );
  readVolts(scan, figures, 'minVolts', 'maxVolts');
  const most = figures.all.find(({ name }) => name === 'maxVolts');
  scan.take(`(${number}) ?w(?:atts?)?\\b`, ([, watts], from) => {
    if (typeof most?.value !== 'number') return false;
    figures.add('amps', valueOf(watts!) / most.value, `${from} at ${most.from}`);
  });
  readBody(scan, figures);
  return figures.all;
}

export function readCable(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  scan.take('\\bawg ?(\\d{1,2})\\b|\\b(\\d{1,2}) ?awg\\b', (m, from) =>
    figures.add('gauge', Number(m[1] ?? m[2]), from),
  );
  scan.take(`(${number}) ?(mm|cm|m|in(?:ch(?:es)?)?|")(?![\\p{L}²])`, ([, value, unit], from) => {
    const scale = { mm: 1, cm: 10, m: 1000 }[unit!.toLowerCase()] ?? 25.4;
    figures.add('millimetres', valueOf(value!) * scale, from);
  });
  scan.take(`(${number}) ?${ampUnit}`, ([, value, unit], from) =>
    figures.add('amps', amps(value!, unit!), from),
  );
  readBody(scan, figures);
  return figures.all;
}
