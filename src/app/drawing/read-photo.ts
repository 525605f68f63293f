import { mostPhoto } from '../../core/base/validation/photo-field';
import { failure, success, type Result } from '../../core/base/result';

/** Longest side that is kept, then what is tried where that is still too large, in pixels. */
const sides = [960, 720, 480, 320];
const quality = 0.72;

/** A photograph or drawing, made small enough to be kept in the file of a build. @returns why not, in a sentence */
export async function readPhoto(file: Blob): Promise<Result<string, string>> {
  const picture = await load(file);
  if (!picture)
    return failure('This is no picture that the browser can show: take a JPEG, PNG, WebP or SVG.');
  const canvas = document.createElement('canvas');
  for (const side of sides) {
    const shrink = Math.min(1, side / Math.max(picture.width, picture.height));
    canvas.width = Math.max(1, Math.round(picture.width * shrink));
    canvas.height = Math.max(1, Math.round(picture.height * shrink));
    const paper = canvas.getContext('2d');
    if (!paper) return failure('The browser cannot draw pictures here.');
    // What is clear in a drawing would turn black.
    paper.fillStyle = '#fff';
    paper.fillRect(0, 0, canvas.width, canvas.height);
    paper.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const small = canvas.toDataURL('image/jpeg', quality);
    if (small.length <= mostPhoto) return success(small);
  }
  return failure('This picture stays too large however small it is made.');
}

/** Through an image element: it reads drawings too, and turns photographs the way they were taken. */
async function load(file: Blob): Promise<HTMLImageElement | undefined> {
  const address = URL.createObjectURL(file);
  try {
    const image = new Image();
    image.src = address;
    await image.decode();
    return image.width > 0 && image.height > 0 ? image : undefined;
  } catch {
    return undefined;
  } finally {
    URL.revokeObjectURL(address);
  }
}
