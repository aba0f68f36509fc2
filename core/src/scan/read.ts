import { MOST_SCAN_BYTES, needSound } from './limits';
import { readObj } from './read-obj';
import { readPly } from './read-ply';
import { readBinaryStl, readTextStl } from './read-stl';
import { ScanRefused, type ScanRefusal } from './refusal';

/** How far a reading is, 0 to 1. */
export type Progress = (done: number) => void;

/** What is told of a file that is read all the same: it says one count of triangles and holds another, or ends before its end. */
export interface Told {
  code: 'wrong-count' | 'cut-off';
  said: number;
  holds: number;
}
/** Triangles as they stand in a file, nine numbers each, in its own unit. */
export interface Corners {
  corners: Float32Array;
  told: Told[];
}

const HEAD = 84;
const RECORD = 50;
const SNIFFED = 4096;
const OBJ_SNIFFED = 65_536;

/** What other files begin with. */
const OTHERS: readonly (readonly [readonly number[], ScanRefusal])[] = [
  [[0x50, 0x4b], 'packed'],
  [[0x1f, 0x8b], 'packed'],
  [[0x25, 0x50, 0x44, 0x46], 'document'],
  [[0x89, 0x50, 0x4e, 0x47], 'picture'],
  [[0xff, 0xd8, 0xff], 'picture']
];

export const SCAN_FORMATS = ['stl', 'stl-text', 'obj', 'ply'] as const;
export type ScanFormat = (typeof SCAN_FORMATS)[number];

/** Which file it is, by what it holds and never by its name. @throws ScanRefused for what is none */
export function formatOf(bytes: Uint8Array): ScanFormat {
  for (const [head, code] of OTHERS) if (head.every((b, i) => bytes[i] === b)) throw new ScanRefused(code);
  const text = (most: number): string => String.fromCharCode(...bytes.subarray(0, Math.min(most, bytes.length)));
  const start = text(SNIFFED);
  if (/^ply\r?\n/.test(start)) return 'ply';
  // Before the word “solid” is looked for: a binary one may begin with it.
  if (bytes.length >= HEAD) {
    const said = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength).getUint32(80, true);
    if (said > 0 && bytes.length === HEAD + RECORD * said) return 'stl';
  }
  if (/^\s*solid/.test(start) && /facet|endsolid/.test(start)) return 'stl-text';
  const printable = !start.includes('\0');
  if (printable && /^v\s+[-+.\d]/m.test(textOf(bytes, OBJ_SNIFFED))) return 'obj';
  if (!printable && bytes.length >= HEAD) return 'stl';
  throw new ScanRefused(printable && start.trim() === '' ? 'empty' : 'unknown');
}
const textOf = (bytes: Uint8Array, most: number): string => {
  let text = '';
  for (let at = 0; at < Math.min(most, bytes.length); at += 8192) text += String.fromCharCode(...bytes.subarray(at, Math.min(at + 8192, most, bytes.length)));
  return text;
};

const READERS: Readonly<Record<ScanFormat, (bytes: Uint8Array, progress?: Progress) => Corners>> = {
  stl: readBinaryStl,
  'stl-text': readTextStl,
  obj: readObj,
  ply: readPly
};

/**
 * The triangles of a scan in a file.
 * @param bytes the whole file: STL (text or binary), OBJ or PLY
 * @throws ScanRefused with its reason as code and in words
 */
export function readScan(bytes: Uint8Array, progress?: Progress): Corners & { format: ScanFormat } {
  if (bytes.length > MOST_SCAN_BYTES) throw new ScanRefused('too-large');
  const format = formatOf(bytes);
  const read = READERS[format](bytes, progress);
  needSound(read.corners);
  return { ...read, format };
}
