/** Reads the photograph of a tracing beside the page: OpenCV is large and its work takes a second. */
import { expose } from 'comlink';
import { openCv, UnreadableSheet } from '../tracing/opencv';
import { readBesideCard } from '../tracing/read-beside-card';
import { readHalf, type HalfReading } from '../tracing/read-half';
import { readSheet, type SheetReading } from '../tracing/read-sheet';
import type { SheetId } from '../tracing/sheets';

export type TracingAsk = { file: Blob } & ({ how: 'sheet' | 'half'; sheet: SheetId } | { how: 'card' });
export type TracingReading = { kind: 'sheet'; sheet: SheetReading } | { kind: 'half'; half: HalfReading };

/** Larger pictures are made smaller first: three pixels a millimetre and more are left. */
const MOST_PX = 2400;

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

/** @throws Error in words where there is nothing to be read in the picture */
async function read(ask: TracingAsk, onstep: (done: number, what: string) => void): Promise<TracingReading> {
  try {
    onstep(0.02, 'opening the picture');
    const picture = await pixelsOf(ask.file);
    onstep(0.06, 'making the eyes ready');
    const { cv } = await openCv();
    if (ask.how === 'half') return { kind: 'half', half: readHalf(cv, picture, ask.sheet, onstep) };
    return { kind: 'sheet', sheet: ask.how === 'card' ? readBesideCard(cv, picture, onstep) : readSheet(cv, picture, ask.sheet, onstep) };
  } catch (error) {
    throw error instanceof UnreadableSheet ? error : new Error(`The picture could not be read: ${String(error)}`);
  }
}
const tracing = { read };
export type Tracing = typeof tracing;
expose(tracing);
