import type { Desk } from '../fitting/desk.svelte';
import { withUnit } from '../fitting/entries';
import { EXTRA, isExtraId, MEASURE, parseLength, type Side, type TakenId } from '@chiave/core/measure';

/**
 * Fast entry: a field moves on by itself when no further figure could make its number a believable one, and the right foot is
 * told from the left: `=` the same, `+2` two millimetres more, `-1` one less. Sixteen values of two feet take forty keys.
 */
export interface Moved {
  /** What now stands in the field. */
  text: string;
  /** True when the field is complete and the next one is due. */
  done: boolean;
}

/** Believable values of a measure, mm; without a length those of a human foot. */
function believable(id: TakenId, lengthMm: number | undefined): readonly [number, number] {
  if (isExtraId(id)) return EXTRA[id].range;
  if (id === 'lengthMm') return [100, 330];
  const { ratio, spread } = MEASURE[id].from[MEASURE[id].from.length - 1];
  const length = lengthMm ?? 250;
  return [length * ratio * (1 - 4 * spread), length * ratio * (1 + 4 * spread)];
}

/**
 * @param text what stands in the field after a key
 * @param left what the left foot's field of the same measure says, for the right foot
 * @param lengthMm length of the same foot, when known
 * @example moveOn('93', 'ballWidthMm', 'left', '', 250) // { text: '93', done: true }: 930 mm is no ball width
 */
export function moveOn(text: string, id: TakenId, side: Side, left: string, lengthMm: number | undefined): Moved {
  const plain = text.trim();
  if (side === 'right') {
    const base = parseLength(left, 'mm');
    const relative = /^([+-])(\d)$/.exec(plain);
    if (plain === '=' && base.ok) return { text: left, done: true };
    if (relative && base.ok) return { text: `${Number((base.mm + Number(relative[1] + relative[2])).toFixed(1))}`, done: true };
  }
  if (!/^\d+$/.test(plain)) return { text, done: false };
  const [low, high] = believable(id, lengthMm);
  const value = Number(plain);
  // Could one more figure still be believable?
  const more = 10 * value <= high && 10 * value + 9 >= low;
  return { text, done: value >= low && value <= high && !more };
}

/** Types into a field by fast entry, in millimetres. @returns true when the field is complete */
export function typeFast(desk: Desk, side: Side, id: TakenId, text: string): boolean {
  const moved = moveOn(text, id, side, desk.entries.left[id] ?? '', desk.fitting.feet[side].values.lengthMm?.mm);
  desk.type(side, id, moved.done ? withUnit(moved.text, 'mm', id) : moved.text, 'mm');
  return moved.done;
}
