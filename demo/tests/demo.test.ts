import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import {
  bestOfStyle,
  cellOf,
  footAsWorn,
  KIND,
  onShelf,
  ORDINARY_WEAR,
  otherShoes,
  rankAll,
  readStyleSize,
  shoeOf,
  sizeGrid,
  sizesOf,
  sizeText,
  type Style
} from '@chiave/core/fit';
import { checkLast, gradeLast, lastFromEvidence, TOE_FAMILY, TOE_FAMILY_IDS } from '@chiave/core/last';
import { completeFoot } from '@chiave/core/measure';
import { SCALE, schoolOf } from '@chiave/core/size';
import { allStyles } from '../lasts';

const read = (name: string) => JSON.parse(readFileSync(fileURLToPath(new URL(`../data/${name}.json`, import.meta.url)), 'utf8'));
const styles = allStyles();
const styleOf = (id: string): Style => styles.find((s) => s.id === id)!;
const feetOf = (left: number, right = left, girth = 0.92) =>
  (['left', 'right'] as const).map((side, i) =>
    footAsWorn(completeFoot({ side, values: { lengthMm: { mm: [left, right][i] }, ballGirthMm: { mm: girth * [left, right][i] } } }), ORDINARY_WEAR)
  );

describe('the demo stockroom', () => {
  it('has twelve makers, over thirty lasts, three and more in each toe family, two hundred styles in thirteen kinds', () => {
    expect(new Set(styles.map((s) => s.maker.id)).size).toBe(12);
    const lasts = [...new Map(styles.map((s) => [s.last.id, s.last])).values()];
    expect(lasts.length).toBeGreaterThanOrEqual(30);
    for (const family of TOE_FAMILY_IDS) expect(lasts.filter((l) => l.family === family).length).toBeGreaterThanOrEqual(3);
    expect(styles.length).toBe(200);
    expect(new Set(styles.map((s) => s.id)).size).toBe(200);
    expect(new Set(styles.map((s) => s.name)).size).toBe(200);
    const items = styles.reduce((sum, s) => sum + sizesOf(s).length * s.widths.length, 0);
    expect(items).toBeGreaterThanOrEqual(5000);
    expect(items).toBeLessThanOrEqual(10000);
    for (const last of lasts) expect(checkLast(last)).toEqual([]);
    const kinds = new Set(styles.map((s) => s.kind));
    for (const kind of [
      'oxford',
      'loafer',
      'flat',
      'pump',
      'sandal',
      'lace-boot',
      'elastic-boot',
      'western-boot',
      'sneaker',
      'running',
      'walking',
      'heels-dance',
      'ballet-slipper'
    ] as const)
      expect(kinds).toContain(kind);
  });
  it('the open files hold what the design says: generating again changes nothing', () => {
    const files = read('styles');
    expect(files.map((s: Style) => s.id)).toEqual(styles.map((s) => s.id));
    for (const style of styles) expect(files.find((s: Style) => s.id === style.id).stock).toEqual(style.stock);
  });
  it('every style’s run, scale, school and widths are real and every size can be graded', () => {
    for (const style of styles) {
      expect(SCALE[style.scale].schools.map((s) => s.id)).toContain(style.school);
      expect(TOE_FAMILY[style.last.family]).toBeDefined();
      expect(KIND[style.kind]).toBeDefined();
      for (const width of style.widths) {
        const lengths = sizesOf(style).map((size) => shoeOf(style, size, width).inside.insoleLengthMm);
        lengths.slice(1).forEach((mm, i) => expect(mm).toBeGreaterThanOrEqual(lengths[i]));
      }
      expect(schoolOf(SCALE[style.scale], style.school).id).toBe(style.school);
    }
  });
  it('pairs were measured by two hands, and the one slip among them is found', () => {
    const byLast = new Map<string, { last: string; size: number; who: string; side: 'left' | 'right'; lengthMm: number }[]>();
    for (const r of read('readings')) byLast.set(r.last, [...(byLast.get(r.last) ?? []), r]);
    expect(byLast.size).toBeGreaterThanOrEqual(8);
    const slips = [...byLast].flatMap(([id, own]) => {
      const last = styles.find((s) => s.last.id === id)!.last;
      const rows = own.map(({ size, side, who, lengthMm }) => ({ size, side, who, lengthMm, widthSteps: 0 }));
      return lastFromEvidence({ ...last, mark: 'claimed' }, rows).outliers.map((o) => ({ id, off: o.offMm }));
    });
    expect(slips).toHaveLength(1);
    expect(slips[0].off).toBeGreaterThan(6);
  });
  it('people and their fittings go together, and no name appears twice', () => {
    const people = read('people');
    expect(new Set(people.map((p: { name: string }) => p.name)).size).toBe(people.length);
    const ids = new Set(people.map((p: { id: string }) => p.id));
    for (const fitting of read('fittings')) {
      expect(ids).toContain(fitting.person);
      for (const t of fitting.tries) expect('message' in readStyleSize(styleOf(t.style), t.size, t.width)).toBe(false);
    }
  });
});

describe('a last graded', () => {
  it('half is the same length and wider where the maker says so', () => {
    const { last } = styleOf('drover');
    const [whole, half, next] = [8, 8.5, 9].map((size) => gradeLast(last, size, 0));
    expect(half.insoleLengthMm).toBe(whole.insoleLengthMm);
    expect(half.ballGirthMm).toBeGreaterThan(whole.ballGirthMm);
    expect(next.insoleLengthMm - whole.insoleLengthMm).toBeCloseTo(25.4 / 3, 6);
  });
  it('a width letter changes girth and, less, the heel; never the length', () => {
    const { last } = styleOf('alderman');
    const [narrow, wide] = [-1, 1].map((w) => gradeLast(last, 9, w));
    expect(wide.insoleLengthMm).toBe(narrow.insoleLengthMm);
    expect(wide.ballGirthMm - narrow.ballGirthMm).toBeCloseTo(2 * last.grade.girthPerWidthMm, 9);
    expect(wide.heelWidthMm - narrow.heelWidthMm).toBeLessThan(wide.ballWidthMm - narrow.ballWidthMm);
  });
  it('the toe extension stays or is graded as the last says', () => {
    const beyond = (id: string, size: number) => {
      const inside = gradeLast(styleOf(id).last, size, 0);
      return inside.insoleLengthMm - inside.madeForFootMm;
    };
    expect(beyond('moonrise-70', 41)).toBeCloseTo(beyond('moonrise-70', 36), 6);
    expect(beyond('blue-hour', 11)).toBeGreaterThan(beyond('blue-hour', 5));
  });
});

describe('ranking', () => {
  const feet = feetOf(264, 265);
  it('puts what fits first, then what fits with help, and every candidate says size, width, zones and why', () => {
    const { candidates, unranked, considered } = rankAll(styles, feet, ORDINARY_WEAR);
    expect(candidates.length + unranked.length).toBe(styles.length);
    expect(considered).toBeGreaterThan(500);
    const order = ['fits', 'fits-with-help', 'does-not-fit'];
    candidates.slice(1).forEach((c, i) => expect(order.indexOf(c.verdict)).toBeGreaterThanOrEqual(order.indexOf(candidates[i].verdict)));
    for (const c of candidates) {
      const style = styleOf(c.styleId);
      expect(sizesOf(style).map((s) => sizeText(style, s))).toContain(c.size);
      expect(style.widths).toContain(c.width);
      expect(c.sentence).toMatch(/^(Fits|Would fit|Does not fit)/);
      expect(c.zones.left.length).toBe(c.zones.right.length);
      expect(c.onShelf).toBe(onShelf(style, c.sizeNumber, c.width));
    }
  });
  it('a candidate that does not fit has none of its neighbours fitting', () => {
    const misfit = rankAll(styles, feet, ORDINARY_WEAR)
      .candidates.filter((c) => c.verdict === 'does-not-fit')
      .slice(0, 5);
    for (const c of misfit) {
      const style = styleOf(c.styleId);
      for (const size of sizesOf(style)) for (const width of style.widths) expect(cellOf(style, size, width, feet, ORDINARY_WEAR).fits).toBe(false);
    }
  });
  it('feet outside a run are told why there is no size', () => {
    expect(bestOfStyle(styleOf('alderman'), feetOf(200), ORDINARY_WEAR).unranked?.why).toMatch(/ends above this foot/);
    expect(bestOfStyle(styleOf('moonrise-70'), feetOf(310), ORDINARY_WEAR).unranked?.why).toMatch(/ends below this foot/);
  });
  it('a wider foot is never given a narrower width in the same style', () => {
    const width = (girth: number) => {
      const { candidate } = bestOfStyle(styleOf('hedger'), feetOf(265, 265, girth), ORDINARY_WEAR);
      return styleOf('hedger').letters.indexOf(candidate!.width);
    };
    const widths = [0.86, 0.9, 0.94, 0.98].map(width);
    widths.slice(1).forEach((w, i) => expect(w).toBeGreaterThanOrEqual(widths[i]));
  });
  it('two feet a size apart are judged together: the longer one rules the length', () => {
    const { candidate } = bestOfStyle(styleOf('usher'), feetOf(256, 264), ORDINARY_WEAR);
    const alone = bestOfStyle(styleOf('usher'), feetOf(256, 256), ORDINARY_WEAR);
    expect(candidate!.sizeNumber).toBeGreaterThanOrEqual(alone.candidate!.sizeNumber);
  });
});

describe('around one candidate', () => {
  const feet = feetOf(264, 265);
  const style = styleOf('alderman');
  const { candidate } = bestOfStyle(style, feet, ORDINARY_WEAR);
  it('the grid has every width, five sizes about it, each with its feel', () => {
    const grid = sizeGrid(style, candidate!.sizeNumber, feet, ORDINARY_WEAR);
    expect(grid.widths).toEqual(style.widths);
    expect(grid.sizes).toHaveLength(5);
    expect(grid.sizes).toContain(candidate!.size);
    for (const cell of grid.rows.flat()) expect(cell.fits || cell.feel.length > 0).toBe(true);
    const tight = grid.rows.map((row) => row.map((c) => c.tightness));
    for (const row of tight) row.slice(1).forEach((t, i) => expect(t).toBeGreaterThan(row[i]));
  });
  it('other sizes and lasts carry the effect that opening them shows', () => {
    const offered = otherShoes(style, candidate!.sizeNumber, candidate!.width, feet, ORDINARY_WEAR, styles);
    expect(offered.length).toBeGreaterThan(0);
    for (const other of offered) expect(styleOf(other.styleId).kind).toBe(style.kind);
  });
  it('a size outside the run is refused with the run; thirds and halves are read as written', () => {
    expect(readStyleSize(style, '99', 'F')).toMatchObject({ field: 'size', message: expect.stringContaining('made from 6 to 13') });
    expect(readStyleSize(style, 'huge', 'F')).toMatchObject({ field: 'size' });
    expect(readStyleSize(style, '9', 'Z')).toMatchObject({ field: 'width', message: expect.stringContaining('E, F, G') });
    expect(readStyleSize(style, '9 1/2', 'f')).toEqual({ size: 9.5, width: 'F' });
    expect(readStyleSize(styleOf('usher'), '42 2/3', '4')).toMatchObject({ size: expect.closeTo(42.667, 2) });
  });
});
