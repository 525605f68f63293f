import { IsString, Length, Matches } from 'class-validator';

/** Line breaks, tabs and other control characters: no name has them, and some readers take them for commands. */
// eslint-disable-next-line no-control-regex -- these very characters are refused
const withoutControls = /^[^\u0000-\u001f\u007f-\u009f\u2028\u2029]*$/;
/** The same, but for line breaks: what a person writes down at length. */
// eslint-disable-next-line no-control-regex -- these very characters are refused
const withLines = /^[^\u0000-\u0009\u000b-\u001f\u007f-\u009f\u2028\u2029]*$/;

interface TextRange {
  /** Fewest characters; 1 where not said. */
  least?: number;
  /** Most characters. */
  most: number;
  /** Whether the field is a list of such texts. */
  each?: boolean;
  /** Whether it may have several lines. */
  lines?: boolean;
}

/** Property decorator: a text of bounded length without control characters, on one line where not said otherwise. */
export function TextField({ least = 1, most, each = false, lines = false }: TextRange): PropertyDecorator {
  return (target, key) => {
    IsString({ each })(target, key);
    Length(least, most, { each })(target, key);
    Matches(lines ? withLines : withoutControls, {
      each,
      message: `${each ? 'each value in ' : ''}$property must be ${lines ? 'text' : 'one line'} without control characters`,
    })(target, key);
  };
}
