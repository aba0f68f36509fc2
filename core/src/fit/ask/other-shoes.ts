import { clearanceAt } from '../judge';
import { cellOf, type Cell, byRank, type Candidate, bestOfStyle } from '../rank';
import type { Remedy } from '../helps';
import { sizesOf, sizeText, type Style, type Wear, type WornFoot } from '../shoe';
import type { ZoneId } from '../zones';

/** Another size, width or last instead of a help put in; effects are differences of computed fits. */
export interface OtherShoe extends Pick<Remedy, 'name' | 'zone' | 'effectMm' | 'afterMm' | 'makesFit' | 'limits'> {
  kind: 'sister-size' | 'other-last';
  styleId: string;
  size: string;
  width: string;
}

/**
 * What another width, a sister size or another last of the same kind would change in the zone that decides.
 * @param others styles of the same kind, other lasts
 */
export function otherShoes(style: Style, size: number, width: string, feet: readonly WornFoot[], wear: Wear, others: readonly Style[]): OtherShoe[] {
  const now = cellOf(style, size, width, feet, wear);
  const zone = now.decidedBy.zone;
  const foot = Math.max(
    0,
    now.spoken.findIndex((f) => f.side === now.decidedBy.side)
  );
  const sizes = sizesOf(style);
  const at = sizes.findIndex((s) => Math.abs(s - size) < 1e-6);
  const w = style.widths.indexOf(width);
  const found: OtherShoe[] = [];
  const moves = [
    { ds: 0, dw: 1, name: 'one width wider' },
    { ds: 0, dw: -1, name: 'one width narrower' },
    { ds: 1, dw: 0, name: 'the next size up' },
    { ds: -1, dw: 0, name: 'the next size down' },
    { ds: 1, dw: -1, name: 'a size up, one width narrower' },
    { ds: -1, dw: 1, name: 'a size down, one width wider' }
  ];
  for (const { ds, dw, name } of moves) {
    const s = sizes[at + ds];
    const letter = style.widths[w + dw];
    if (s === undefined || letter === undefined) continue;
    const cell = cellOf(style, s, letter, feet, wear);
    if (cell.fits || cell.distance < now.distance) {
      found.push(change({ name: `${name}: ${sizeText(style, s)} ${letter}`, kind: 'sister-size', style, size: sizeText(style, s), cell }, now, foot, zone));
    }
  }
  const best = others
    .filter((o) => o.last.id !== style.last.id && o.kind === style.kind)
    .map((o) => ({ o, candidate: bestOfStyle(o, feet, wear).candidate }))
    .filter((p): p is { o: Style; candidate: Candidate } => p.candidate !== undefined && p.candidate.verdict !== 'does-not-fit')
    .sort((p, q) => byRank(p.candidate, q.candidate))[0];
  if (best) {
    const cell = cellOf(best.o, best.candidate.sizeNumber, best.candidate.width, feet, wear);
    found.push(
      change(
        {
          name: `another last: ${best.o.name} (${best.o.last.name}), ${best.candidate.size} ${best.candidate.width}`,
          kind: 'other-last',
          style: best.o,
          size: best.candidate.size,
          cell
        },
        now,
        foot,
        zone
      )
    );
  }
  return found.sort((p, q) => Number(q.makesFit) - Number(p.makesFit)).slice(0, 4);
}

/** A shoe that might be tried in place of the one looked at. */
interface Instead {
  name: string;
  kind: OtherShoe['kind'];
  style: Style;
  size: string;
  cell: Cell;
}

/** What it would change in a zone of a foot. @param foot place of the foot in the pair */
function change({ name, kind, style, size, cell }: Instead, now: Cell, foot: number, zone: ZoneId): OtherShoe {
  const afterMm = clearanceAt(cell.spoken[foot].zone, cell.targets, zone);
  return {
    kind,
    name,
    zone,
    effectMm: afterMm - clearanceAt(now.spoken[foot].zone, now.targets, zone),
    afterMm,
    makesFit: cell.fits,
    limits: '',
    styleId: style.id,
    size,
    width: cell.width
  };
}
