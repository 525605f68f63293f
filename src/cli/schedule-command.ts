import papaparse from 'papaparse';
import type { Build } from '../core/model/plan/build';
import { readingOf } from '../core/reading/build-reading/reading';
import { benchLists, scheduleTable } from '../core/desk/lists/schedule';
import { starterLocker } from '../core/model/starter/starter-locker';

/** Leads, joints and what is to be bought, as CSV; a cell that a spreadsheet would take for a formula is escaped. */
export function scheduleCommand(build: Build): string {
  const context = readingOf(build, starterLocker);
  const items = build.parts.map((part) => ({ part, state: 'catalogue' as const, isStarter: true }));
  return `${papaparse.unparse(scheduleTable(benchLists(context, items)), { escapeFormulae: true, newline: '\n' })}\n`;
}
