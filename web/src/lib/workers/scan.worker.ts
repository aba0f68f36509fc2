/** Takes a foot out of a scanner's file beside the page, keeps it, and measures it. */
import { expose, transfer } from 'comlink';
import type { Load, Side, TakenId } from '@chiave/core/measure';
import type { Point } from '@chiave/core/shape';
import {
  footScan,
  girthAlong,
  lastGirth,
  SCAN_UNITS,
  showsAnkle,
  takeLast,
  takeScan,
  type FootScan,
  type LastAsked,
  type Mesh,
  type Plane,
  type ScanUnit,
  type ScanValue,
  type ScanValues,
  type TakenLast,
  type TakenScan
} from '@chiave/core/scan';

type Foot = Extract<TakenScan, { kind: 'foot' }>;
/** What a file holds, in short: the surface itself stays here. */
export type ScanFacts = Pick<Foot, 'format' | 'unit' | 'triangles' | 'told' | 'dropped' | 'holes' | 'jitterMm' | 'steadied'> & {
  looksLike: Foot['set']['looksLike'];
  /** Whether ankle and short heel can be taped: its leg may end too low. */
  ankle: boolean;
};
export type ScanTaken = { kind: 'asks-unit'; units: readonly ScanUnit[]; longest: number } | { kind: 'foot'; facts: ScanFacts };
/** A foot that was measured: what is told of it, and its surface to be shown, mm. */
export interface ScannedView {
  side: Side;
  values: ScanValues;
  line: Point[];
  apart: boolean;
  lengthMm: number;
  points: Float32Array;
  triangles: Uint32Array;
}

let taken: Foot | null = null;
let read: FootScan | null = null;
let lastRead: Mesh | null = null;

/** @param unit what one number of the file is; asked for where the file leaves it open. @throws Error in words where it holds no foot */
async function take(file: Blob, unit: ScanUnit['id'] | null, onstep: (done: number) => void): Promise<ScanTaken> {
  onstep(0.02);
  const bytes = new Uint8Array(await file.arrayBuffer());
  const found = takeScan(bytes, SCAN_UNITS.find((u) => u.id === unit) ?? null, onstep);
  if (found.kind === 'asks-unit') return found;
  taken = found;
  const { format, triangles, told, dropped, holes, jitterMm, steadied, set } = found;
  return {
    kind: 'foot',
    facts: { format, unit: found.unit, triangles, told, dropped, holes, jitterMm, steadied, looksLike: set.looksLike, ankle: showsAnkle(set) }
  };
}

/** Measures the foot that was taken, as one side's. @throws Error in words where its line is no foot's */
function measure(side: Side, load: Load): ScannedView {
  if (!taken) throw new Error('no scan was taken');
  read = footScan(taken.set, side, load, taken.jitterMm);
  const { set, values, line, apart } = read;
  const [points, triangles] = [set.mesh.points.slice(), set.mesh.triangles.slice()];
  return transfer({ side, values, line, apart, lengthMm: set.lengthMm, points, triangles }, [points.buffer, triangles.buffer]);
}

/** A girth along a plane that was dragged; null where the tape meets nothing. */
function along(id: TakenId, plane: Plane): ScanValue | null {
  const girth = read && girthAlong(read.set, read.side, id, plane);
  return girth && { mm: girth.cut.lengthMm, sdMm: girth.sdMm, plane: girth.plane, line: girth.cut.line };
}

/** Reads a last or an inside at once. @throws Error in words where the file holds none */
async function last(file: Blob, asked: LastAsked, unit: ScanUnit['id'] | null, onstep: (done: number) => void): Promise<TakenLast> {
  onstep(0.02);
  const found = takeLast(new Uint8Array(await file.arrayBuffer()), asked, SCAN_UNITS.find((u) => u.id === unit) ?? null, onstep);
  if (found.kind === 'asks-unit') return found;
  lastRead = found.last.mesh;
  const [points, triangles] = [lastRead.points.slice(), lastRead.triangles.slice()];
  return transfer({ ...found, last: { ...found.last, mesh: { points, triangles } } }, [points.buffer, triangles.buffer]);
}

/** A girth of the last that was read, along a plane that was dragged; null where the tape meets nothing, or an opening. */
const lastAlong = (plane: Plane): ScanValue | null => lastRead && lastGirth(lastRead, plane);

const scanning = { take, measure, along, last, lastAlong };
export type Scanning = typeof scanning;
expose(scanning);
