import { IsOptional, Matches, MaxLength } from 'class-validator';

/** Most characters of a picture that is kept: about 90 kB. */
export const mostPhoto = 120_000;

/** Property decorator: a small picture kept within the file itself, as a data address. */
export function PhotoField({ optional = false } = {}): PropertyDecorator {
  return (target, key) => {
    if (optional) IsOptional()(target, key);
    MaxLength(mostPhoto)(target, key);
    Matches(/^data:image\/(jpeg|png|webp);base64,[A-Za-z0-9+/]+=*$/, {
      message: '$property must be a small JPEG, PNG or WebP picture as a data address',
    })(target, key);
  };
}
