import { capital } from '../../base/words/sentences';
import { carrierId } from '../../model/fitting/component-id';
import type { Fitted } from '../../model/kinds/fitted';
import type { WiringDraft } from './draft';

/** What may hang loose: a transmitter has no lead, and a cable that is not needed does no harm. */
const staysLoose = ({ part }: Fitted): boolean =>
  part.kind === 'transmitter' || part.kind === 'cable' || part.ports.length === 0;

/** Whether a line says why a part is not joined: it names it, and no other that is called the same with a number. */
function speaksOf(line: string, name: string): boolean {
  if (line.startsWith('Still ')) return false;
  const at = line.toLowerCase().indexOf(name.toLowerCase());
  return (
    at >= 0 &&
    /(?:^|\W)$/.test(line.slice(0, at)) &&
    /^(?:$|[^\w ]| (?!\d))/.test(line.slice(at + name.length))
  );
}

/** Tells each part that no step joins to anything, and that nothing was said of yet: none is left out in silence. */
export function tellLoose(draft: WiringDraft): void {
  const { index, unsolved } = draft;
  for (const fitted of index.all()) {
    const { id, name } = fitted.fitting;
    const isOnBoard = carrierId(id) !== id;
    if (isOnBoard || staysLoose(fitted) || index.leadsOf(id).length > 0) continue;
    if (unsolved.some((line) => speaksOf(line, name))) continue;
    unsolved.push(`${capital(name)}: no step joins it to anything; wire it by hand, or take it out`);
  }
}
