import { MOST_TRIANGLES, needRoomFor } from './limits';
import { TELL_EVERY } from './read-stl';
import { ScanRefused } from './refusal';
import { Growing, TextReader } from './text';
import type { Corners, Progress } from './read';

/** An OBJ: its vertices and its faces as fans of triangles; all else that may stand in one is passed over. */
export function readObj(bytes: Uint8Array, progress?: Progress): Corners {
  const text = new TextReader(bytes);
  const points = new Growing();
  const corners = new Growing();
  const fan: number[] = [];
  for (let line = 0; text.more(); line++, text.nextLine()) {
    const word = text.word();
    if (word === 'v') for (let k = 0; k < 3; k++) points.push(text.moreInLine() ? text.number() : NaN);
    else if (word === 'f') {
      fan.length = 0;
      while (text.moreInLine()) {
        const index = text.number();
        // What follows a bar is of textures and normals.
        while (text.at < bytes.length && bytes[text.at] > 32) text.at++;
        const many = points.length / 3;
        const i = index < 0 ? many + index : index - 1;
        if (!(Number.isInteger(i) && i >= 0 && i < many)) throw new ScanRefused('bad-index');
        fan.push(i);
      }
      for (let j = 1; j < fan.length - 1; j++) for (const i of [fan[0], fan[j], fan[j + 1]]) for (let k = 0; k < 3; k++) corners.push(points.at(3 * i + k));
    }
    if (line % TELL_EVERY === 0) {
      progress?.(text.at / bytes.length);
      if (corners.length > 9 * MOST_TRIANGLES || points.length > 9 * MOST_TRIANGLES) throw new ScanRefused('too-many');
    }
  }
  needRoomFor(corners.length / 9);
  return { corners: corners.whole(), told: [] };
}
