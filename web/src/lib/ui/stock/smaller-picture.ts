/** Longer side kept, pixels, and the most a picture may have before it is looked at, bytes. */
const MOST_PX = 1400;
const MOST_BYTES = 20_000_000;

/** A picture as JPEG of a size worth keeping, or why it cannot be taken. */
export async function smaller(file: File, mostPx = MOST_PX): Promise<{ base64: string; width: number; height: number } | string> {
  if (file.size > MOST_BYTES) return `${file.name} has ${Math.round(file.size / 1e6)} MB; pictures up to ${MOST_BYTES / 1e6} MB are taken.`;
  let bitmap: ImageBitmap;
  try {
    bitmap = await createImageBitmap(file);
  } catch {
    return 'This is no picture that can be opened: JPEG, PNG and WebP are read.';
  }
  const shrink = Math.min(1, mostPx / Math.max(bitmap.width, bitmap.height));
  const canvas = document.createElement('canvas');
  canvas.width = Math.round(bitmap.width * shrink);
  canvas.height = Math.round(bitmap.height * shrink);
  canvas.getContext('2d')!.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  bitmap.close();
  return { base64: canvas.toDataURL('image/jpeg', 0.82).split(',')[1], width: canvas.width, height: canvas.height };
}
