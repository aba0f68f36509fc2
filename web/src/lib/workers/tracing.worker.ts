/** Reads the photograph of a tracing beside the page: OpenCV is large and its work takes a second. */
import { openCv, UnreadableSheet } from '../tracing/opencv';
import { readBesideCard } from '../tracing/read-beside-card';
import { readHalf, type HalfReading } from '../tracing/read-half';
import { readSheet, type SheetReading } from '../tracing/read-sheet';
import type { SheetId } from '../tracing/sheets';

export type TracingAsk = { file: Blob } & ({ how: 'sheet' | 'half'; sheet: SheetId } | { how: 'card' });
export type TracingAnswer =
  | { kind: 'step'; done: number; what: string }
  | { kind: 'read'; sheet: SheetReading }
  | { kind: 'half'; half: HalfReading }
  | { kind: 'refused'; message: string };

/** Larger pictures are made smaller first: three pixels a millimetre and more are left. */
const MOST_PX = 2400;
const say = (answer: TracingAnswer): void => postMessage(answer);

async function pixelsOf(file: Blob) {
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    throw new UnreadableSheet('This is no picture that can be opened: JPEG, PNG and WebP are read.');
  }
  const shrink = Math.min(1, MOST_PX / Math.max(bitmap.width, bitmap.height));
  const [width, height] = [Math.round(bitmap.width * shrink), Math.round(bitmap.height * shrink)];
  const context = new OffscreenCanvas(width, height).getContext('2d', { willReadFrequently: true })!;
  context.imageSmoothingQuality = 'high';
  context.drawImage(bitmap, 0, 0, width, height);
  bitmap.close();
  return { data: context.getImageData(0, 0, width, height).data, width, height };
}

onmessage = async ({ data }: MessageEvent<TracingAsk>) => {
  try {
    say({ kind: 'step', done: 0.02, what: 'opening the picture' });
    const picture = await pixelsOf(data.file);
    say({ kind: 'step', done: 0.06, what: 'making the eyes ready' });
    const { cv } = await openCv();
    const onstep = (done: number, what: string): void => say({ kind: 'step', done, what });
    if (data.how === 'half') say({ kind: 'half', half: readHalf(cv, picture, data.sheet, onstep) });
    else say({ kind: 'read', sheet: data.how === 'card' ? readBesideCard(cv, picture, onstep) : readSheet(cv, picture, data.sheet, onstep) });
  } catch (error) {
    const message = error instanceof UnreadableSheet ? error.message : `The picture could not be read: ${String(error)}`;
    say({ kind: 'refused', message });
  }
};
