import { IsOptional, Matches, MaxLength } from 'class-validator';

/** Most characters of a picture that is kept: about 90 kB. */
export const mostPhoto = 120_000;

const photoPattern = /^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/]+=*$/;

export const photoWords = 'a small JPEG, PNG or WebP picture as a data address';

/** Whether something is a picture as files keep it. */
export const isPhoto = (value: unknown): value is string =>
  typeof value === 'string' && value.length <= mostPhoto && photoPattern.test(value);

/** Property decorator: a small picture kept within the file itself, as a data address. */
export function PhotoField({ optional = false } = {}): PropertyDecorator {
  return (target, key) => {
    if (optional) IsOptional()(target, key);
    MaxLength(mostPhoto)(target, key);
    Matches(photoPattern, { message: `$property must be ${photoWords}` })(target, key);
  };
}
