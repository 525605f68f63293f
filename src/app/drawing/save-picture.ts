import { downloadBlob, downloadText } from '../shell/build-files';

/** What of a picture's looks must go with it into a file: its style sheet stays behind. */
const carried = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-opacity',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'paint-order',
  'opacity',
  'font-size',
  'font-weight',
  'text-anchor',
] as const;

/** Attributes that only the page needs. */
const ofThePage = /^(class|style|role|tabindex|aria-|data-|on)/;

/** Fonts that any machine has something like; the application's own are not in the file. */
const plainFonts = 'Archivo, Helvetica, Arial, sans-serif';
const figureFonts = "'JetBrains Mono', Menlo, monospace";

export const pictureForms = [
  { id: 'svg', text: 'SVG, sharp at any size' },
  { id: 'png', text: 'PNG, for a message or a document' },
] as const;

export type PictureForm = (typeof pictureForms)[number]['id'];

/** Saves a picture under a name. */
export async function savePicture(svg: SVGSVGElement, name: string, form: PictureForm): Promise<void> {
  if (form === 'svg') downloadText(`${name}.svg`, svgText(svg), 'image/svg+xml');
  else downloadBlob(`${name}.png`, await pngOf(svg));
}

/** Pixels of a bitmap for each of the picture's own. */
const bitmapScale = 2;

/** Height of the line that says what a picture shows, and between the words on it. */
const headHeight = 22;
const headGap = 14;
const letterWidth = 6.2;
const swatchWidth = 13;

/** What stands over a picture on the page: its name, and what its colours mean. */
interface Heading {
  title: string;
  keys: { colour: string; text: string }[];
}

/**
 * The box that a picture is drawn in: its own, or that of the page where it has none. What hangs `data-below` it on the
 * page, an axis that several pictures share there, is its own in a file.
 */
function boxOf(svg: SVGSVGElement) {
  const { x, y, width, height } = svg.viewBox.baseVal;
  return width > 0
    ? { x, y, width, height }
    : { x: 0, y: 0, width: svg.clientWidth, height: svg.clientHeight + Number(svg.dataset.below ?? 0) };
}

/** The caption of the figure that a picture stands in. */
function headingOf(svg: SVGSVGElement): Heading | undefined {
  const caption = svg.closest('figure')?.querySelector(':scope > figcaption:first-child');
  const [title] = caption ? [...caption.children].filter((each) => each.textContent !== '') : [];
  if (!caption || !title) return undefined;
  const keys = [...caption.querySelectorAll('i')].flatMap((swatch) => {
    const text = swatch.parentElement?.textContent;
    return text ? [{ colour: getComputedStyle(swatch).backgroundColor, text }] : [];
  });
  return { title: title.textContent, keys };
}

/**
 * A drawn picture as a file that opens anywhere: looks written into it, no script, no style sheet, nothing to load. What
 * is only there to be pressed is left out; what stands over it as its caption goes with it.
 */
function svgText(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const [from, to] = [svg, copy].map((root) => [root, ...root.querySelectorAll<SVGElement>('*')]);
  for (const [n, source] of from!.entries()) carryLooks(source, to![n]!);
  for (const invisible of copy.querySelectorAll('[fill="rgba(0, 0, 0, 0)"][stroke="rgba(0, 0, 0, 0)"]'))
    invisible.remove();
  const { x, y, width, height } = pictureBox(svg);
  for (const [name, value] of Object.entries({ width, height, viewBox: `${x} ${y} ${width} ${height}` }))
    copy.setAttribute(name, String(value));
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  const heading = headingOf(svg);
  if (heading) copy.prepend(...headingParts(heading, pictureBox(svg)));
  copy.prepend(drawn('rect', { x, y, width, height, fill: getComputedStyle(document.body).backgroundColor }));
  return new XMLSerializer().serializeToString(copy);
}

/** The box of a picture as it is saved, with room for its heading. */
function pictureBox(svg: SVGSVGElement) {
  const { x, y, width, height } = boxOf(svg);
  const heading = headingOf(svg);
  const head = heading ? (wordsOf(heading, width).at(-1)!.line + 1) * headHeight : 0;
  return { x, y: y - head, width, height: height + head };
}

function carryLooks(source: SVGElement, target: SVGElement): void {
  const style = getComputedStyle(source);
  for (const name of carried) {
    const value = style.getPropertyValue(name);
    if (value !== '') target.setAttribute(name, value);
  }
  if (source instanceof SVGTextElement)
    target.setAttribute('font-family', /mono/i.test(style.fontFamily) ? figureFonts : plainFonts);
  // The whole picture, however near one was when it was saved.
  if (source instanceof SVGElement && source.dataset.zoom !== undefined) target.removeAttribute('transform');
  for (const { name } of [...target.attributes]) if (ofThePage.test(name)) target.removeAttribute(name);
}

/** Title and key as they stand one behind the other, broken where the picture ends; by the letters' usual width. */
function wordsOf({ title, keys }: Heading, width: number) {
  const entries = [{ colour: undefined, text: title }, ...keys];
  let [at, line] = [0, 0];
  return entries.map(({ colour, text }) => {
    const wide = text.length * letterWidth + (colour === undefined ? 0 : swatchWidth);
    if (at > 0 && at + wide > width) [at, line] = [0, line + 1];
    const word = { colour, text, x: at, line };
    at += wide + headGap;
    return word;
  });
}

function headingParts(heading: Heading, { x, y, width }: ReturnType<typeof pictureBox>): SVGElement[] {
  const fill = getComputedStyle(document.body).color;
  return wordsOf(heading, width).flatMap(({ colour, text, x: at, line }) => {
    const base = y + headHeight * (line + 1) - 8;
    const look = { y: base, fill, 'font-size': 12, 'font-family': plainFonts };
    if (colour === undefined) return [drawn('text', { ...look, x: x + at, 'font-weight': 650 }, text)];
    return [
      drawn('rect', { x: x + at, y: base - 8, width: 9, height: 9, fill: colour }),
      drawn('text', { ...look, x: x + at + swatchWidth }, text),
    ];
  });
}

function drawn(tag: string, attributes: Record<string, string | number>, text = ''): SVGElement {
  const element = document.createElementNS('http://www.w3.org/2000/svg', tag);
  for (const [name, value] of Object.entries(attributes)) element.setAttribute(name, String(value));
  element.textContent = text;
  return element;
}

/** The same picture as a bitmap. @throws where the browser cannot draw it */
async function pngOf(svg: SVGSVGElement): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(svg))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  const { width, height } = pictureBox(svg);
  [canvas.width, canvas.height] = [width * bitmapScale, height * bitmapScale];
  const context = canvas.getContext('2d');
  context?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, fail) => {
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('the picture is too large'))), 'image/png');
  });
}
