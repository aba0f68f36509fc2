import { lastScan, type LastAsked, type LastScan } from './last-scan';
import { holesOf, largestPart, longestEdge, trianglesOf, weld, type Hole, type Mesh } from './mesh';
import { setLast } from './set-last';
import { readScan, type Progress, type ScanFormat, type Told } from './read';
import { ScanRefused } from './refusal';
import { setDown, type SetScan } from './set';
import { steadied } from './smooth-mesh';
import { unitsOf, type ScanUnit } from './units';

/** What must be asked before a file can be read. */
interface AsksUnit {
  kind: 'asks-unit';
  units: readonly ScanUnit[];
  longest: number;
}
/** What a file holds, whatever it is of. */
interface Part {
  kind: 'part';
  /** Its largest part, in mm, without jitter. */
  mesh: Mesh;
  format: ScanFormat;
  unit: ScanUnit;
  triangles: number;
  told: readonly Told[];
  /** Smaller parts that were dropped, as shares of the surface. */
  dropped: readonly number[];
  /** How far its points jittered, mm, and whether that was so much that it was taken out. */
  jitterMm: number;
  steadied: boolean;
}

/** A foot out of a file, or what must be asked first. */
export type TakenScan =
  | AsksUnit
  | (Omit<Part, 'kind' | 'mesh'> & {
      kind: 'foot';
      set: SetScan;
      /** Where its surface is open, but for the leg. */
      holes: readonly Hole[];
    });
/** A last, or the inside of a shoe, out of a file, or what must be asked first. */
export type TakenLast = AsksUnit | { kind: 'last'; last: LastScan; unit: ScanUnit; triangles: number; told: readonly Told[] };

/** A second part larger than this share of the first is no crumb [model]. */
const SECOND_PART = 0.3;
/** Length over width of what lies low on a foot. */
const SLENDER: readonly [number, number] = [1.7, 4];
/** Openings shorter than this are not worth telling, mm. */
const HOLE_MM = 20;

/** Reads a file, brings it to millimetres, and takes its largest part without jitter. */
function partOf(bytes: Uint8Array, unit: ScanUnit | null, progress?: Progress): AsksUnit | Part {
  const { corners, told, format } = readScan(bytes, (done) => progress?.(done / 2));
  const longest = longestEdge(corners);
  const found = unitsOf(longest);
  if (!unit && 'ask' in found) {
    if (found.ask.length === 0) throw new ScanRefused('no-foot');
    return { kind: 'asks-unit', units: found.ask, longest };
  }
  const own = unit ?? (found as { taken: ScanUnit }).taken;
  const { part, others } = largestPart(weld(corners, own.mm));
  if ((others[0] ?? 0) > SECOND_PART) throw new ScanRefused('two-parts');
  progress?.(0.6);
  const { mesh, jitterMm } = steadied(part);
  return { kind: 'part', mesh, format, unit: own, triangles: trianglesOf(mesh), told, dropped: others, jitterMm, steadied: mesh !== part };
}

/**
 * Takes a foot out of a scanner's file: read, brought to millimetres, its largest part, without jitter, set down on its sole.
 * @param bytes the file
 * @param unit what one of its numbers is; asked for where the file leaves it open
 * @throws ScanRefused with its reason as code and in words
 */
export function takeScan(bytes: Uint8Array, unit: ScanUnit | null = null, progress?: Progress): TakenScan {
  const found = partOf(bytes, unit, progress);
  if (found.kind === 'asks-unit') return found;
  const { mesh, ...part } = found;
  const set = setDown(mesh);
  progress?.(1);
  if (!(set.slender >= SLENDER[0] && set.slender <= SLENDER[1])) throw new ScanRefused('no-foot');
  const holes = holesOf(set.mesh)
    .slice(set.leg?.open ? 1 : 0)
    .filter((h) => h.lengthMm > HOLE_MM);
  return { ...part, kind: 'foot', set, holes };
}

/**
 * Takes a last, or the inside of a shoe on it, out of a scanner's file.
 * @param asked the foot its size is made for, the drop it stands on and what its widths are measured on
 * @throws ScanRefused with its reason as code and in words
 */
export function takeLast(bytes: Uint8Array, asked: LastAsked, unit: ScanUnit | null = null, progress?: Progress): TakenLast {
  const found = partOf(bytes, unit, progress);
  if (found.kind === 'asks-unit') return found;
  const last = lastScan(setLast(found.mesh), asked);
  progress?.(1);
  return { kind: 'last', last, unit: found.unit, triangles: found.triangles, told: found.told };
}
