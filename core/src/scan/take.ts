import { holesOf, largestPart, longestEdge, trianglesOf, weld, type Hole } from './mesh';
import { readScan, type Progress, type ScanFormat, type Told } from './read';
import { ScanRefused } from './refusal';
import { setDown, type SetScan } from './set';
import { steadied } from './smooth-mesh';
import { unitsOf, type ScanUnit } from './units';

/** A foot out of a file, or what must be asked first. */
export type TakenScan =
  | { kind: 'asks-unit'; units: readonly ScanUnit[]; longest: number }
  | {
      kind: 'foot';
      set: SetScan;
      format: ScanFormat;
      unit: ScanUnit;
      triangles: number;
      told: readonly Told[];
      /** Smaller parts that were dropped, as shares of the foot's surface. */
      dropped: readonly number[];
      /** Where its surface is open, but for the leg. */
      holes: readonly Hole[];
      /** How far its points jittered, mm, and whether that was so much that it was taken out. */
      jitterMm: number;
      steadied: boolean;
    };

/** A second part larger than this share of the first is no crumb [model]. */
const SECOND_PART = 0.3;
/** Length over width of what lies low on a foot. */
const SLENDER: readonly [number, number] = [1.7, 4];
/** Openings shorter than this are not worth telling, mm. */
const HOLE_MM = 20;

/**
 * Takes a foot out of a scanner's file: read, brought to millimetres, its largest part, without jitter, set down on its sole.
 * @param bytes the file
 * @param unit what one of its numbers is; asked for where the file leaves it open
 * @throws ScanRefused with its reason as code and in words
 */
export function takeScan(bytes: Uint8Array, unit: ScanUnit | null = null, progress?: Progress): TakenScan {
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
  const set = setDown(mesh);
  progress?.(1);
  if (!(set.slender >= SLENDER[0] && set.slender <= SLENDER[1])) throw new ScanRefused('no-foot');
  const holes = holesOf(set.mesh)
    .slice(set.legMm === null ? 0 : 1)
    .filter((h) => h.lengthMm > HOLE_MM);
  return { kind: 'foot', set, format, unit: own, triangles: trianglesOf(mesh), told, dropped: others, holes, jitterMm, steadied: mesh !== part };
}
