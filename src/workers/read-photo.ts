import { createWorker, OEM } from 'tesseract.js';
import type { PhotoWord } from '../core/desk/label/photo-line';

/** Pixels of the longer side that small print needs, and that a large photograph is brought down to. */
const side = 1600;

/** Quarter turns that a photograph is read at, the likeliest first. */
const turns = [0, 1, 3, 2] as const;

/** Seconds after which reading is given up. */
const mostSeconds = 60;

/** Pixels that one of a small picture is drawn as, at most: more makes print no plainer. */
const mostScale = 3;

/** From this confidence a word counts as surely read. */
const sure = 60;

/** Characters surely read, and how surely in the mean, that need no other turn: print upside down is read as nonsense, but read. */
const enough = { letters: 6, confidence: 80 };

/**
 * Reads the print of a photograph on this device, whichever way up it is, a list of words a line.
 * @param onProgress told the share done, 0 to 1
 * @throws what is wrong with the picture, that it took too long, or why it was called off
 */
export async function readPhoto(
  photo: Blob,
  signal: AbortSignal,
  onProgress: (share: number) => void,
): Promise<PhotoWord[][]> {
  const late = AbortSignal.any([signal, AbortSignal.timeout(1000 * mostSeconds)]);
  const picture = await createImageBitmap(photo).catch(() => {
    throw new Error('this is no picture that can be read');
  });
  let best: PhotoWord[][] = [];
  let turn = 0;
  const starting = createWorker('eng', OEM.LSTM_ONLY, {
    workerPath: '/ocr/worker.min.js',
    corePath: '/ocr/tesseract-core-simd-lstm.wasm.js',
    langPath: '/ocr',
    cacheMethod: 'none',
    workerBlobURL: false,
    logger: ({ status, progress }) => {
      if (status === 'recognizing text') onProgress((turn + progress) / turns.length);
    },
  });
  const calledOff = new Promise<never>((_, reject) =>
    late.addEventListener('abort', () =>
      reject(signal.aborted ? (signal.reason as Error) : new Error(`nothing was read in ${mostSeconds} s`)),
    ),
  );
  try {
    const worker = await Promise.race([starting, calledOff]);
    for (turn = 0; turn < turns.length && !isEnough(best); turn += 1) {
      const { data } = await Promise.race([
        worker.recognize(drawn(picture, turns[turn]!), { rotateAuto: true }, { blocks: true, text: false }),
        calledOff,
      ]);
      const lines = (data.blocks ?? []).flatMap(({ paragraphs }) =>
        paragraphs.flatMap(({ lines }) =>
          lines.map(({ words }) => words.map(({ text, confidence }) => ({ text, confidence }))),
        ),
      );
      if (worthOf(lines) > worthOf(best)) best = lines;
    }
    return best;
  } finally {
    picture.close();
    // One that is still on its way, or never comes, is ended once it is there.
    starting.then(
      (worker) => worker.terminate(),
      () => undefined,
    );
  }
}

/** Characters that are surely read, and the mean confidence of all. */
function readOf(lines: readonly PhotoWord[][]): { letters: number; confidence: number } {
  const words = lines.flat();
  const sum = (of: (word: PhotoWord) => number) => words.reduce((total, word) => total + of(word), 0);
  const all = sum(({ text }) => text.length);
  return {
    letters: sum(({ text, confidence }) => (confidence >= sure ? text.length : 0)),
    confidence: all === 0 ? 0 : sum(({ text, confidence }) => text.length * confidence) / all,
  };
}

function isEnough(lines: readonly PhotoWord[][]): boolean {
  const { letters, confidence } = readOf(lines);
  return letters >= enough.letters && confidence >= enough.confidence;
}

function worthOf(lines: readonly PhotoWord[][]): number {
  const { letters, confidence } = readOf(lines);
  return letters * confidence ** 2;
}

/** A picture at a size that small print is read at, turned by quarters, in greys from black to white. */
function drawn(picture: ImageBitmap, quarters: number): HTMLCanvasElement {
  const scale = Math.min(side / Math.max(picture.width, picture.height), mostScale);
  const [width, height] = [picture.width * scale, picture.height * scale];
  const canvas = document.createElement('canvas');
  [canvas.width, canvas.height] = quarters % 2 === 0 ? [width, height] : [height, width];
  const pen = canvas.getContext('2d', { willReadFrequently: true });
  if (!pen) throw new Error('this browser draws no pictures');
  pen.imageSmoothingQuality = 'high';
  pen.translate(canvas.width / 2, canvas.height / 2);
  pen.rotate((quarters * Math.PI) / 2);
  pen.drawImage(picture, -width / 2, -height / 2, width, height);
  const image = pen.getImageData(0, 0, canvas.width, canvas.height);
  stretchGreys(image.data);
  pen.putImageData(image, 0, 0);
  return canvas;
}

/** Share of the darkest and of the brightest points that may be lost to black and white. */
const lost = 0.01;

/** Makes greys of colours, and of the darkest and the brightest of them black and white: a dim photograph is read as well as a bright one. @param rgba four bytes a point */
function stretchGreys(rgba: Uint8ClampedArray): void {
  const counts = new Uint32Array(256);
  for (let n = 0; n < rgba.length; n += 4) {
    // ITU-R BT.601 luma.
    rgba[n] = 0.299 * rgba[n]! + 0.587 * rgba[n + 1]! + 0.114 * rgba[n + 2]!;
    counts[rgba[n]!]! += 1;
  }
  const least = (lost * rgba.length) / 4;
  const end = (from: number, step: number) => {
    let [grey, passed] = [from, counts[from]!];
    while (passed < least && grey + step >= 0 && grey + step < 256) passed += counts[(grey += step)]!;
    return grey;
  };
  const [dark, bright] = [end(0, 1), end(255, -1)];
  for (let n = 0; n < rgba.length; n += 4) {
    const grey = (255 * (rgba[n]! - dark)) / Math.max(bright - dark, 1);
    rgba[n] = rgba[n + 1] = rgba[n + 2] = grey;
  }
}
