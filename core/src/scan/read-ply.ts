import { needRoomFor } from './limits';
import { TELL_EVERY } from './read-stl';
import { ScanRefused } from './refusal';
import { Growing, TextReader } from './text';
import type { Corners, Progress } from './read';

const TYPES: Readonly<Record<string, 'i8' | 'u8' | 'i16' | 'u16' | 'i32' | 'u32' | 'f32' | 'f64'>> = {
  char: 'i8', int8: 'i8', uchar: 'u8', uint8: 'u8', short: 'i16', int16: 'i16', ushort: 'u16', uint16: 'u16',
  int: 'i32', int32: 'i32', uint: 'u32', uint32: 'u32', float: 'f32', float32: 'f32', double: 'f64', float64: 'f64'
}; // prettier-ignore
type Type = (typeof TYPES)[string];
const BYTES: Readonly<Record<Type, number>> = { i8: 1, u8: 1, i16: 2, u16: 2, i32: 4, u32: 4, f32: 4, f64: 8 };
const MOST_HEADER = 64_000;
/** Corners that the list of a face may have. */
const MOST_CORNERS = 1000;

interface Property {
  name: string;
  type: Type;
  /** Of a list: the type of its count. */
  count?: Type;
}
interface Element {
  name: string;
  many: number;
  properties: Property[];
}
interface Header {
  format: 'ascii' | 'little' | 'big';
  elements: Element[];
  bodyAt: number;
}

/** @throws ScanRefused for a header that cannot be read */
function readHeader(bytes: Uint8Array): Header {
  const text = new TextReader(bytes);
  const elements: Element[] = [];
  let format: Header['format'] | undefined;
  const typed = (word: string): Type => {
    if (!(word in TYPES)) throw new ScanRefused('bad-header');
    return TYPES[word];
  };
  for (text.nextLine(); text.more() && text.at < MOST_HEADER; text.nextLine()) {
    const word = text.word();
    if (word === 'format') format = ({ ascii: 'ascii', binary_little_endian: 'little', binary_big_endian: 'big' } as const)[text.word() as 'ascii'];
    else if (word === 'element') elements.push({ name: text.word(), many: text.number(), properties: [] });
    else if (word === 'property') {
      const own = elements.at(-1);
      const type = text.word();
      if (!own) throw new ScanRefused('bad-header');
      if (type === 'list') own.properties.push({ count: typed(text.word()), type: typed(text.word()), name: text.word() });
      else own.properties.push({ type: typed(type), name: text.word() });
    } else if (word === 'end_header') {
      text.nextLine();
      if (!format || elements.some((e) => !(Number.isInteger(e.many) && e.many >= 0))) throw new ScanRefused('bad-header');
      return { format, elements, bodyAt: text.at };
    }
  }
  throw new ScanRefused('bad-header');
}

/** Reads one number after another off a body, whatever its form. */
type Take = (type: Type) => number;
function takerOf(bytes: Uint8Array, { format, bodyAt }: Header): { take: Take; at: () => number } {
  if (format === 'ascii') {
    const text = new TextReader(bytes);
    text.at = bodyAt;
    return { take: () => text.number(), at: () => text.at };
  }
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const little = format === 'little';
  let at = bodyAt;
  const read: Readonly<Record<Type, (at: number) => number>> = {
    i8: (i) => view.getInt8(i),
    u8: (i) => view.getUint8(i),
    i16: (i) => view.getInt16(i, little),
    u16: (i) => view.getUint16(i, little),
    i32: (i) => view.getInt32(i, little),
    u32: (i) => view.getUint32(i, little),
    f32: (i) => view.getFloat32(i, little),
    f64: (i) => view.getFloat64(i, little)
  };
  const take: Take = (type) => {
    const from = at;
    at += BYTES[type];
    return at > bytes.length ? NaN : read[type](from);
  };
  return { take, at: () => at };
}

/** A PLY, text or binary of either order: any properties in any order, faces as lists. A body that ends early gives the faces that are whole. */
export function readPly(bytes: Uint8Array, progress?: Progress): Corners {
  const header = readHeader(bytes);
  const room = bytes.length - header.bodyAt;
  for (const { many, properties } of header.elements) {
    // What a file says of itself is not believed beyond what it can hold.
    const least = properties.reduce((sum, p) => sum + (header.format === 'ascii' ? 2 : BYTES[p.count ?? p.type]), 0);
    if (many * least > room + least) throw new ScanRefused('bad-header');
  }
  const faces = header.elements.find((e) => e.name === 'face');
  needRoomFor(faces?.many ?? 0);
  const { take, at } = takerOf(bytes, header);
  const points = new Growing();
  const corners = new Growing();
  const list: number[] = [];
  let holds = 0;
  for (const { name, many, properties } of header.elements) {
    const axes = ['x', 'y', 'z'].map((axis) => properties.findIndex((p) => p.name === axis));
    const row = new Float64Array(properties.length);
    for (let i = 0; i < many && at() < bytes.length; i++) {
      list.length = 0;
      properties.forEach((p, k) => {
        if (!p.count) {
          row[k] = take(p.type);
          return;
        }
        const n = take(p.count);
        if (!(n >= 0 && n <= MOST_CORNERS)) throw new ScanRefused('bad-header');
        const kept = p.name.startsWith('vertex_ind');
        for (let j = 0; j < n; j++) {
          const v = take(p.type);
          if (kept) list.push(v);
        }
      });
      if (name === 'vertex') for (const k of axes) points.push(k < 0 ? NaN : row[k]);
      else if (name === 'face' && list.every((v) => v === v)) {
        holds++;
        if (list.some((v) => v < 0 || v >= points.length / 3)) throw new ScanRefused('bad-index');
        for (let j = 1; j < list.length - 1; j++)
          for (const v of [list[0], list[j], list[j + 1]]) for (let k = 0; k < 3; k++) corners.push(points.at(3 * v + k));
      }
      if (i % TELL_EVERY === 0) progress?.(at() / bytes.length);
    }
  }
  needRoomFor(corners.length / 9);
  return { corners: corners.whole(), told: holds === faces!.many ? [] : [{ code: 'cut-off', said: faces!.many, holds }] };
}
