/** A word as it was read in a photograph. */
export interface PhotoWord {
  text: string;
  /** How sure it is read, 0 to 100. */
  confidence: number;
}

/** From this confidence a word is taken over: what is wrong in it is seen beside the picture. */
const leastConfidence = 35;

/** Most characters of a line. */
const longest = 200;

/** What stands among digits and is one: `2O0A`, `I2A`. */
const digitFor: Readonly<Record<string, string>> = { O: '0', o: '0', I: '1', l: '1', '|': '1' };

/** The words of one label as one line to be read: what is no word is left out, letters among digits are digits. */
export const lineFromPhoto = (lines: readonly (readonly PhotoWord[])[]): string =>
  lines
    .flat()
    .filter(({ text, confidence }) => confidence >= leastConfidence && /[\p{L}\d]/u.test(text))
    .map(({ text }) => asPrinted(text))
    .join(' ')
    .slice(0, longest);

const asPrinted = (word: string): string =>
  word
    .replaceAll(/^[^\p{L}\d(.]+|[^\p{L}\d)°%"/]+$/gu, '')
    // Letters that begin a number, and those after a digit where a number goes on or a unit begins.
    .replaceAll(/(?<![\p{L}\d])[OoIl|](?=\d)/gu, toDigits)
    .replaceAll(/(?<=\d)[OoIl|]+(?=\d|[AVWCST]\b|mAh|$)/g, toDigits);

const toDigits = (letters: string): string => [...letters].map((letter) => digitFor[letter]).join('');
