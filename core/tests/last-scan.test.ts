import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { anyWay, jittered } from '../../demo/scan/flaws';
import { bottomOf, lastScanOf, lastSolid, type LastSolid } from '../../demo/scan/lasts';
import { stlOf } from '../../demo/scan/stl';
import { surfaceOf } from '../../demo/scan/surface';
import { compileInsole, gradeLast, innerWall, outerWall, readInsole, type Last } from '../src/last';
import { largestPart, lastScan, setLast, takeLast, tapeCut, weld, type LastScan, type Space } from '../src/scan';
import { evenly, type Point } from '../src/shape';

const LASTS = JSON.parse(readFileSync(new URL('../../demo/data/lasts.json', import.meta.url), 'utf8')) as (Last & { form: { heelHeightMm: number; toeSpringMm: number } })[]; // prettier-ignore
const solidOf = (id: string, size = 0): LastSolid => {
  const last = LASTS.find((l) => l.id === id)!;
  return { inside: gradeLast(last, last.base.size + size, 0), dropMm: last.form.heelHeightMm, toeSpringMm: last.form.toeSpringMm, heightsMm: [78, 66, 42, 26] };
};
const asked = (s: LastSolid) => ({ forFootMm: s.inside.madeForFootMm, dropMm: s.dropMm, basis: s.inside.widthBasis });
const scanned = (s: LastSolid, corners: Float32Array): LastScan => lastScan(setLast(largestPart(weld(corners, 1)).part), asked(s));
const insoleOf = (scan: LastScan, s: LastSolid, side: 'left' | 'right') =>
  readInsole(scan.outline.map(({ x, y }) => ({ x, y: -y })), side, s.inside.madeForFootMm); // prettier-ignore
/** The insole's own line, with the front of a toe that is cut flat. */
function edgeOf({ inside }: LastSolid): { x: number; y: number }[] {
  const shoe = compileInsole(inside);
  const S = shoe.insoleMm;
  const at = Array.from({ length: 1501 }, (_, i) => S * (0.5 - 0.5 * Math.cos((Math.PI * i) / 1500)));
  const inner = at.map((x) => ({ x, y: innerWall(shoe, x) }));
  const outer = at.map((x) => ({ x, y: -outerWall(shoe, x) })).reverse();
  return evenly([...inner, ...outer], 0.2);
}

/** How far a line lies off it, root mean square, mm. */
function offEdge(outline: readonly Point[], s: LastSolid): number {
  const edge = edgeOf(s);
  const off = evenly(outline).map((p) => Math.min(...edge.map((q) => Math.hypot(p.x - q.x, p.y - q.y))));
  return Math.sqrt(off.reduce((sum, d) => sum + d * d, 0) / off.length);
}

describe('a scanned last', () => {
  it.each(['yarrow', 'heron', 'plover', 'breve', 'aurora', 'siskin'])('%s: any way round, its feather line is its insole’s within half a millimetre', (id) => {
    const s = solidOf(id);
    const read = insoleOf(scanned(s, anyWay(lastScanOf(s, 2.5), id.length)), s, 'right');
    // A pointed tip is drawn in by what smooths a line.
    expect(Math.abs(read.lengthMm - s.inside.insoleLengthMm)).toBeLessThan(1.2);
    expect(Math.abs(read.ballMm - s.inside.ballWidthMm)).toBeLessThan(0.6);
    expect(Math.abs(read.heelMm - s.inside.heelWidthMm)).toBeLessThan(0.5);
    expect(offEdge(read.outline, s)).toBeLessThan(0.8);
  });
  it('what jitters by 0.15 mm is read as well; a left one is the mirror of a right one', () => {
    const s = solidOf('breve');
    const clean = insoleOf(scanned(s, lastScanOf(s, 2.5)), s, 'right');
    const shaken = insoleOf(scanned(s, jittered(lastScanOf(s, 2.5), 0.15, 5)), s, 'right');
    const left = insoleOf(scanned(s, anyWay(lastScanOf(s, 2.5, -1), 9)), s, 'left');
    for (const other of [shaken, left]) for (const id of ['lengthMm', 'ballMm', 'heelMm'] as const) expect(Math.abs(other[id] - clean[id])).toBeLessThan(0.8);
    expect(offEdge(shaken.outline, s)).toBeLessThan(0.5);
    expect(left.family).toBe('round');
  });
  it('girths lie square to the bottom where the trade takes them; depths and heights are those of the solid', () => {
    const s = solidOf('yarrow');
    const corners = lastScanOf(s, 2.5);
    const read = scanned(s, anyWay(corners, 3));
    // The same in the solid's own frame, where its bottom is known.
    const { x, z } = bottomOf(s);
    const L = s.inside.madeForFootMm;
    const shoe = compileInsole(s.inside);
    const at = (share: number): { place: Space; ahead: Space; s: number } => {
      const i = Math.round(share * L);
      const [dx, dz] = [x[i + 3] - x[i - 3], z[i + 3] - z[i - 3]];
      const long = Math.hypot(dx, dz);
      return { place: [x[i], 0, z[i]], ahead: [dx / long, 0, dz / long], s: i };
    };
    const mesh = weld(corners, 1);
    const [inner, outer] = [at(0.725), at(0.635)];
    const a: Space = [inner.place[0], innerWall(shoe, inner.s), inner.place[2]];
    const b: Space = [outer.place[0], -outerWall(shoe, outer.s), outer.place[2]];
    const [across, up] = [
      [a[0] - b[0], a[1] - b[1], a[2] - b[2]],
      [-at(0.68).ahead[2], 0, at(0.68).ahead[0]]
    ];
    const square = [across[1] * up[2] - across[2] * up[1], across[2] * up[0] - across[0] * up[2], across[0] * up[1] - across[1] * up[0]];
    const long = Math.hypot(...square);
    const ball = tapeCut(mesh, { at: a, normal: [square[0] / long, square[1] / long, square[2] / long] })!.lengthMm;
    expect(Math.abs(read.values.ballGirthMm!.mm - ball)).toBeLessThan(2);
    const instep = at(0.53);
    expect(Math.abs(read.values.instepGirthMm!.mm - tapeCut(mesh, { at: instep.place, normal: instep.ahead })!.lengthMm)).toBeLessThan(2);
    const solid = lastSolid(s);
    const thick = ({ place, ahead }: ReturnType<typeof at>, y: number): number => {
      let [low, high] = [1, 120];
      for (let i = 0; i < 30; i++) {
        const mid = (low + high) / 2;
        if (solid(place[0] - mid * ahead[2], y, place[2] + mid * ahead[0]) < 0) low = mid;
        else high = mid;
      }
      return low;
    };
    expect(Math.abs(read.values.instepHeightMm!.mm - thick(at(0.5), 0))).toBeLessThan(1.5);
    expect(Math.abs(read.values.toeSpringMm!.mm - s.toeSpringMm)).toBeLessThan(1.5);
    expect(Math.abs(read.values.toeDepthMm!.mm - thick(at((L - 8) / L), 0.255 * s.inside.ballWidthMm))).toBeLessThan(1.5);
  });
  it('every value is told with its doubt and where it was taken: the tapes are as long as they say, the heights as high, on the surface as it stands', () => {
    const s = solidOf('yarrow');
    const { values, mesh, lengthMm, inward } = scanned(s, anyWay(lastScanOf(s, 2.5), 8));
    const far = (a: Space, b: Space): number => Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]);
    for (const id of ['ballGirthMm', 'waistGirthMm', 'instepGirthMm'] as const) {
      const { mm, line, sdMm } = values[id]!;
      expect(line.reduce((sum, p, i) => sum + far(p, line[(i + 1) % line.length]), 0)).toBeCloseTo(mm, 3);
      expect(sdMm).toBeGreaterThan(0.9);
      expect(sdMm).toBeLessThan(8);
    }
    for (const id of ['toeDepthMm', 'littleToeDepthMm', 'instepHeightMm', 'toeSpringMm'] as const)
      expect(far(values[id]!.line[0], values[id]!.line[1])).toBeCloseTo(values[id]!.mm, 3);
    const [x, z] = [0, 2].map((k) => mesh.points.filter((_, i) => i % 3 === k));
    expect(Math.min(...z)).toBeGreaterThan(-1);
    expect(Math.min(...z)).toBeLessThan(1);
    expect(Math.abs(Math.min(...x))).toBeLessThan(8);
    expect(Math.max(...x)).toBeGreaterThan(0.95 * lengthMm);
    expect(inward).toBe(1);
  });
  it('a larger size of it comes out larger by its grade', () => {
    const [base, up] = [solidOf('breve'), solidOf('breve', 2)];
    const [a, b] = [base, up].map((s) => insoleOf(scanned(s, lastScanOf(s, 2.5)), s, 'right'));
    expect(Math.abs(b.lengthMm - a.lengthMm - (up.inside.insoleLengthMm - base.inside.insoleLengthMm))).toBeLessThan(0.6);
    expect(Math.abs(b.ballMm - a.ballMm - (up.inside.ballWidthMm - base.inside.ballWidthMm))).toBeLessThan(0.4);
  });
});

describe('a file that holds no last', () => {
  const s = solidOf('breve');
  const file = (corners: Float32Array): Uint8Array => new Uint8Array(stlOf(corners));
  it('its unit is asked for where it is not clear; a drop too steep and a file that is none are refused in words', () => {
    const inches = lastScanOf(s, 4).map((v) => v / 25.4);
    const found = takeLast(file(inches), asked(s));
    expect(found.kind).toBe('asks-unit');
    expect(() => takeLast(file(lastScanOf(s, 4)), { ...asked(s), dropMm: 130 })).toThrow(/drop of more than 100 mm/);
    expect(() => takeLast(new TextEncoder().encode('a letter'), asked(s))).toThrow(/none of STL, OBJ or PLY/);
  });
  it('a bar of soap, which has no edge, is none', () => {
    const soap = (x: number, y: number, z: number): number => (Math.hypot((x - 125) / 125, y / 45, (z - 35) / 35) - 1) * 35;
    const scan = file(surfaceOf(soap, { lengthMm: 250, ballWidthMm: 100, legMm: 100 }, 3));
    expect(() => takeLast(scan, { forFootMm: 244, dropMm: 10, basis: 'footbed' })).toThrow(/no edge between bottom and walls/);
  });
});
