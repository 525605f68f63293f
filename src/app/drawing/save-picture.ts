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

/** Pixels of a bitmap for each of the picture's own. */
const bitmapScale = 2;

/**
 * A drawn picture as a file that opens anywhere: looks written into it, no script, no style sheet, nothing to load. What
 * is only there to be pressed is left out.
 */
export function svgText(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement;
  const [from, to] = [svg, copy].map((root) => [root, ...root.querySelectorAll<SVGElement>('*')]);
  for (const [n, source] of from!.entries()) {
    const target = to![n]!;
    const style = getComputedStyle(source);
    for (const name of carried) {
      const value = style.getPropertyValue(name);
      if (value !== '') target.setAttribute(name, value);
    }
    if (source instanceof SVGTextElement)
      target.setAttribute('font-family', /mono/i.test(style.fontFamily) ? figureFonts : plainFonts);
    // The whole picture, however near one was when it was saved.
    if (source instanceof SVGElement && source.dataset.zoom !== undefined)
      target.removeAttribute('transform');
    for (const { name } of [...target.attributes]) if (ofThePage.test(name)) target.removeAttribute(name);
  }
  for (const invisible of copy.querySelectorAll('[fill="rgba(0, 0, 0, 0)"][stroke="rgba(0, 0, 0, 0)"]'))
    invisible.remove();
  const { width, height, x, y } = svg.viewBox.baseVal;
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
  copy.setAttribute('width', String(width));
  copy.setAttribute('height', String(height));
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect');
  for (const [name, value] of Object.entries({ x, y, width, height }))
    ground.setAttribute(name, String(value));
  ground.setAttribute('fill', getComputedStyle(document.body).backgroundColor);
  copy.prepend(ground);
  return new XMLSerializer().serializeToString(copy);
}

/** The same picture as a bitmap. @throws where the browser cannot draw it */
export async function pngOf(svg: SVGSVGElement): Promise<Blob> {
  const image = new Image();
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(svgText(svg))}`;
  await image.decode();
  const canvas = document.createElement('canvas');
  const { width, height } = svg.viewBox.baseVal;
  [canvas.width, canvas.height] = [width * bitmapScale, height * bitmapScale];
  const context = canvas.getContext('2d');
  context?.drawImage(image, 0, 0, canvas.width, canvas.height);
  return new Promise((done, fail) => {
    canvas.toBlob((blob) => (blob ? done(blob) : fail(new Error('the picture is too large'))), 'image/png');
  });
}
