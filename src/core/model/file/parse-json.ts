import { parse, printParseErrorCode, type ParseError } from 'jsonc-parser';
import { failure, success, type Result } from '../../base/result';
import type { FileProblem } from '../../base/validation/problem';

/** Longest text that is looked at, in characters. */
const mostCharacters = 8_000_000;
/** Deepest nesting: a build has nine levels. */
const mostLevels = 40;

/** The data of a JSON text, or where it breaks off: a byte order mark is passed over. */
export function parseJson(text: string, most = mostCharacters): Result<unknown, FileProblem> {
  const clean = text.startsWith('\uFEFF') ? text.slice(1) : text;
  if (clean.length > most)
    return failure({ where: 'the file', why: `is larger than ${most / 1_000_000} million characters` });
  const deep = tooDeepAt(clean);
  if (deep !== undefined)
    return failure({ where: placeOf(clean, deep), why: `is nested more than ${mostLevels} levels deep` });
  try {
    return success(JSON.parse(clean) as unknown);
  } catch {
    return failure(syntaxProblem(clean));
  }
}

/** Where a text is nested too deeply to be read by what follows; strings are passed over. */
function tooDeepAt(text: string): number | undefined {
  let level = 0;
  let isText = false;
  for (let at = 0; at < text.length; at += 1) {
    const sign = text[at];
    if (isText) {
      if (sign === '\\') at += 1;
      else if (sign === '"') isText = false;
    } else if (sign === '"') isText = true;
    else if (sign === '{' || sign === '[') {
      level += 1;
      if (level > mostLevels) return at;
    } else if (sign === '}' || sign === ']') level -= 1;
  }
  return undefined;
}

function placeOf(text: string, offset: number): string {
  const before = text.slice(0, offset).split('\n');
  return `line ${before.length}, column ${(before.at(-1)?.length ?? 0) + 1}`;
}

function syntaxProblem(text: string): FileProblem {
  const errors: ParseError[] = [];
  parse(text, errors, { disallowComments: true });
  const [first] = errors;
  const what = first ? printParseErrorCode(first.error).replace(/(?<=[a-z])(?=[A-Z])/g, ' ') : 'unreadable';
  return { where: placeOf(text, first?.offset ?? 0), why: `not valid JSON (${what.toLowerCase()})` };
}
