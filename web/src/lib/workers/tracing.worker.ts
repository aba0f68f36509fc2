/** Reads the photograph of a tracing beside the page: OpenCV is large and its work takes a second. */
import { measureOutline, type OutlineReading } from '@chiave/core/tracing';
import { openCv, UnreadableSheet } from '../tracing/opencv';
import { readSheet, type SheetReading } from '../tracing/read-sheet';
import type { SheetId } from '../tracing/sheets';

export interface TracingAsk {
  file: Blob;
  sheet: SheetId;
  side: 'left' | 'right';
}
export type TracingAnswer =
  { kind: 'step'; done: number; what: string } | { kind: 'read'; sheet: SheetReading; reading: OutlineReading } | { kind: 'refused'; message: string };

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
    const sheet = readSheet(cv, picture, data.sheet, (done, what) => say({ kind: 'step', done, what }));
    say({ kind: 'read', sheet, reading: measureOutline(sheet.outline, data.side) });
  } catch (error) {
    const message =
      error instanceof UnreadableSheet
        ? error.message
        : error instanceof RangeError
          ? `The line found is no foot’s: ${error.message}.`
          : `The picture could not be read: ${String(error)}`;
    say({ kind: 'refused', message });
  }
};
