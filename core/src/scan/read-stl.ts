import { MOST_TRIANGLES, needRoomFor } from './limits';
import { ScanRefused } from './refusal';
import { Growing, TextReader } from './text';
import type { Corners, Progress } from './read';

const HEAD = 84;
const RECORD = 50;
/** How often progress is told, triangles. */
export const TELL_EVERY = 65_536;

/** A binary STL. What it says of its own count is compared with what it holds, and told where they differ. */
export function readBinaryStl(bytes: Uint8Array, progress?: Progress): Corners {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const said = view.getUint32(80, true);
  const holds = Math.floor((bytes.length - HEAD) / RECORD);
  needRoomFor(holds);
  const corners = new Float32Array(9 * holds);
  for (let t = 0; t < holds; t++) {
    const from = HEAD + t * RECORD + 12;
    for (let k = 0; k < 9; k++) corners[9 * t + k] = view.getFloat32(from + 4 * k, true);
    if (t % TELL_EVERY === 0) progress?.(t / holds);
  }
  return { corners, told: said === holds ? [] : [{ code: said > holds && said < MOST_TRIANGLES ? 'cut-off' : 'wrong-count', said, holds }] };
}

/** A text STL: whole facets only. */
export function readTextStl(bytes: Uint8Array, progress?: Progress): Corners {
  const text = new TextReader(bytes);
  const corners = new Growing();
  while (text.more()) {
    if (text.word() !== 'vertex') continue;
    for (let k = 0; k < 3; k++) corners.push(text.number());
    if (corners.length % (9 * TELL_EVERY) === 0) {
      progress?.(text.at / bytes.length);
      if (corners.length > 9 * MOST_TRIANGLES) throw new ScanRefused('too-many');
    }
  }
  const whole = Math.floor(corners.length / 9);
  needRoomFor(whole);
  const all = corners.whole();
  return { corners: all.slice(0, 9 * whole), told: all.length === 9 * whole ? [] : [{ code: 'cut-off', said: whole + 1, holds: whole }] };
}
