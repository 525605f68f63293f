import { number, through, valueOf, type Scan } from './scan';
import { asChemistry, cellsAt, chemistryAt, chemistryNamed, chemistryWord } from './chemistry-words';
import { Figures, readBody, volt } from './label-figures';
import type { LabelFigure } from './reading';

export function readPack(scan: Scan): LabelFigure[] {
  const figures = new Figures();
  let chemistry: string | undefined;
  scan.take(chemistryWord, ([word], from) => {
    chemistry ??= chemistryNamed(word);
    figures.add('chemistry', chemistry, from);
  });
  scan.take('\\b(\\d{1,2}) ?s(?: ?(\\d{1,2}) ?p)?\\b', ([, cells, parallel], from) => {
    figures.add('cells', Number(cells), from);
    // Cells counted so are lithium ones, unless another word says what they are.
    figures.add('chemistry', 'LiPo', from, { isDerived: true });
    if (parallel !== undefined) figures.add('parallel', Number(parallel), from);
  });
  // Round cells of a size are dry ones, unless another word says what they are.
  scan.take('\\b(\\d{1,2}) ?[x×-]? ?aaa?(?: cells?)?\\b', ([, cells], from) => {
    figures.add('cells', Number(cells), from);
    if (chemistry === undefined) figures.add('chemistry', 'dry cell', from, { isDerived: true });
  });
  scan.take('\\baaa?\\b', (_, from) => {
    if (chemistry === undefined) figures.add('chemistry', 'dry cell', from, { isDerived: true });
  });
  scan.take('\\b(\\d{1,2})[ -]?cells?\\b', ([, cells], from) => figures.add('cells', Number(cells), from));
  scan.take('\\b(\\d) ?p\\b', ([, parallel], from) => figures.add('parallel', Number(parallel), from));
  scan.take(`(\\d{1,2}[.,]\\d{3}|\\d{2,5}) ?mah\\b|(${number}) ?ah\\b`, (m, from) =>
    figures.add('ampHours', m[1] === undefined ? valueOf(m[2]!) : valueOf(m[1], true) / 1000, from),
  );
  scan.take(`\\b(\\d{1,3}) ?c?(?:${through}|\\/)(\\d{1,3}) ?c\\b`, ([, rate, burst], from) => {
    figures.add('dischargeRate', Number(rate), from);
    figures.add('burstRate', Number(burst), from);
  });
  const burst = ([, rate]: RegExpExecArray, from: string) => figures.add('burstRate', Number(rate), from);
  scan.take('(?:burst|peak) (\\d{1,3}) ?c\\b', burst);
  scan.take('\\b(\\d{1,3}) ?c (?:burst|peak)', burst);
  scan.take('\\b(\\d{1,3}) ?c\\b', ([, rate], from) => figures.add('dischargeRate', Number(rate), from));
  scan.take(`${number} ?wh\\b`, () => undefined);
  scan.take(`(${number}) ?${volt}`, ([, value], from) => {
    const volts = valueOf(value!);
    const named = chemistry === undefined ? chemistryAt(volts) : asChemistry(chemistry);
    const cells = named && cellsAt(named, volts);
    // Volts that are no whole number of cells are not understood.
    if (!named || cells === undefined)
      return figures.all.some(({ name }) => name === 'cells') ? undefined : false;
    figures.add('chemistry', named, from, { isDerived: true });
    figures.add('cells', cells, from);
  });
  readBody(scan, figures);
  return figures.all;
}
