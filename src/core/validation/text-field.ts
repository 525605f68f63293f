import { IsString, Length, Matches } from 'class-validator';

/** Line breaks, tabs and other control characters: no name has them, and some readers take them for commands. */
// eslint-disable-next-line no-control-regex -- these very characters are refused
const withoutControls = /^[^\u0000-\u001f\u007f-\u009f\u2028\u2029]*$/;

interface TextRange {
  /** Fewest characters; 1 where not said. */
  least?: number;
  /** Most characters. */
  most: number;
  /** Whether the field is a list of such texts. */
  each?: boolean;
}

/** Property decorator: a text on one line, of bounded length, without control characters. */
export function TextField({ least = 1, most, each = false }: TextRange): PropertyDecorator {
  return (target, key) => {
    IsString({ each })(target, key);
    Length(least, most, { each })(target, key);
    Matches(withoutControls, {
      each,
      message: `${each ? 'each value in ' : ''}$property must be one line without control characters`,
    })(target, key);
  };
}
