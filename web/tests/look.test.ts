import { describe, expect, it } from 'vitest';
import { completeShoe, drawSide } from '@chiave/core/fit';
import { completeFoot } from '@chiave/core/measure';
import { allStyles } from '../../demo/lasts';
import { LOOKS } from '../src/lib/ui/fitting/looks';
import { STYLE_TABLE } from '../src/lib/ui/stock/style-columns';
import { shownPair } from '../src/lib/ui/guide/shown-foot';
import { WORDS } from '../src/lib/ui/guide/words';
import { hrefOfSection, SECTIONS, sectionOf } from '../src/lib/ui/shoe/sections';
import { STEPS, stepOf } from '../src/lib/ui/fitting/steps';
import { inHundred } from '../src/lib/ui/fitting/names';
import { fromAbove, fromSide, sideHeights } from '../src/lib/drawing/foot-places';
import { emptySide } from '../src/lib/api/foot-schema';
import { withFractions } from '../src/lib/size-fractions';
import { withMinus } from '../src/lib/true-minus';

describe('sections of an opened shoe', () => {
  const at = (query: string) => new URL(`http://shop/fittings/3/shoe/lakeside-50?size=38.5&width=medium${query}`);
  it('an address names its section, the first where it names none that there is', () => {
    for (const { id } of SECTIONS) expect(sectionOf(at(`&part=${id}`))).toBe(id);
    expect(sectionOf(at(''))).toBe('brief');
    expect(sectionOf(at('&part=nowhere'))).toBe('brief');
  });
  it('going to one keeps the pair that is opened', () => {
    for (const { id } of SECTIONS) {
      const there = new URL(hrefOfSection(at('&part=wear'), id), 'http://shop');
      expect(sectionOf(there)).toBe(id);
      expect([there.searchParams.get('size'), there.searchParams.get('width')]).toEqual(['38.5', 'medium']);
    }
    expect(hrefOfSection(at('&part=wear'), 'brief')).not.toContain('part');
  });
});

describe('how far a fitting has come', () => {
  const side = (mm?: number) => ({ ...emptySide(), values: mm ? { lengthMm: { mm } } : {} });
  const step = (purpose: string, left?: number, right?: number, tries = 0): string =>
    STEPS[stepOf({ purpose, feet: { left: side(left), right: side(right) }, tries: Array(tries).fill({}) } as unknown as Parameters<typeof stepOf>[0])].id;
  it('asked, measured, pulled, tried: one after the other, and one foot alone is not measured', () => {
    expect([step(''), step('the gala'), step('the gala', 241), step('the gala', 241, 242), step('', 241, 242, 1)]).toEqual([
      'ask',
      'measure',
      'measure',
      'pull',
      'try'
    ]);
  });
});

describe('a chance as a figure', () => {
  it('is told in steps of five of a hundred, and never as certain', () => {
    expect([0, 0.01, 0.31, 0.5, 0.98, 1].map(inHundred)).toEqual([
      'under 5 in 100',
      'under 5 in 100',
      'about 30 in 100',
      'about 50 in 100',
      'over 95 in 100',
      'over 95 in 100'
    ]);
  });
});

describe('a size set large', () => {
  it('has its half or third as one sign, whole sizes as they are', () => {
    expect(['38.5', '38', '10.5', '0.5', '6 2/3', '37 1/3', '0', '245'].map(withFractions)).toEqual(['38½', '38', '10½', '½', '6⅔', '37⅓', '0', '245']);
  });
});

describe('a sum set in print', () => {
  it('has minus signs where a minus is meant, and keeps hyphens, ranges and words', () => {
    expect(withMinus('268 - 270 = -2; sock 0.8 (-1.1)')).toBe('268 − 270 = −2; sock 0.8 (−1.1)');
    expect(withMinus('of 6-7 in a lace-up shoe; toe-box')).toBe('of 6-7 in a lace-up shoe; toe-box');
  });
});

describe('what is looked at', () => {
  it('every choice of one look is drawn otherwise than the others, with its marks on the foot', () => {
    for (const look of LOOKS) {
      const shown = look.choices.map((c) => JSON.stringify(c.shows));
      expect(new Set(shown).size, look.name).toBe(shown.length);
      for (const { shows } of look.choices)
        for (const [along, across] of shows.mark ?? []) {
          expect(along).toBeGreaterThanOrEqual(0);
          expect(along).toBeLessThanOrEqual(1);
          expect(Math.abs(across)).toBeLessThanOrEqual(1);
        }
      // Advice is given on what can be chosen.
      for (const { when } of look.advice) expect(look.choices.map((c) => c.id)).toContain(when);
    }
  });
});

describe('styles drawn in their list', () => {
  const outline = STYLE_TABLE.find((c) => c.id === 'outline')!;
  const [left, top, wide, high] = outline.box!.split(' ').map(Number);
  const points = (path: string) => [...path.matchAll(/(-?[\d.]+),(-?[\d.]+)/g)].map(([, x, y]) => ({ x: Number(x), y: Number(y) }));
  it('every style of the stockroom lies within its box, on a heel as high as its own', () => {
    for (const style of allStyles()) {
      const at = points(outline.draw!(style));
      expect(at.length, style.name).toBeGreaterThan(30);
      for (const { x, y } of at) expect(x >= left && x <= left + wide && y >= top && y <= top + high, `${style.name} ${x} ${y}`).toBe(true);
      const lowest = Math.max(...at.map((p) => p.y));
      const seat = Math.min(...at.filter((p) => p.x < 40).map((p) => p.y));
      expect(lowest - seat, style.name).toBeGreaterThan(style.heelHeightMm);
    }
  });
});

describe('what the guide shows', () => {
  it('is worked out like any other pair: two feet of nobody, something right and something not', () => {
    const { fit, drawings } = shownPair();
    expect(drawings.map((d) => d.side)).toEqual(['left', 'right']);
    const states = new Set(fit.feet.flatMap((f) => f.zones.map((z) => z.state)));
    expect(states.has('right')).toBe(true);
    expect(states.size).toBeGreaterThan(1);
    expect(new Set(WORDS.map((w) => w.word)).size).toBe(WORDS.length);
  });
  it('every word lies on the shoe or beside it, no two in one place; a drop is as long as it is', () => {
    const shown = drawSide(shownPair().feet.right, completeShoe({ kind: 'pump', insoleLengthMm: 251, toeShape: 'almond', heelHeightMm: 60 }));
    const at = WORDS.map(({ at }) => at(shown));
    const tip = Math.max(...shown.drawing.upper.map((p) => p.x));
    for (const point of at.flat()) {
      expect(point.x).toBeGreaterThan(-40);
      expect(point.x).toBeLessThan(tip);
    }
    const places = at.map((points) => JSON.stringify(points));
    expect(new Set(places).size).toBe(WORDS.length);
    const [low, high] = at[WORDS.findIndex((w) => w.word === 'effective drop')];
    expect(high!.y - low.y).toBeCloseTo(60, 6);
  });
});

describe('where a tape lies', () => {
  it('goes round at the girths, and straight across where a calliper lies', () => {
    const foot = completeFoot({ side: 'left', values: { lengthMm: { mm: 247 } } });
    const round = fromAbove(foot)
      .places.filter((p) => p.round)
      .map((p) => p.id);
    expect(round.sort()).toEqual(['ballGirthMm', 'instepGirthMm', 'waistGirthMm']);
  });
  it('from the side the marks of a longer foot lie further forward, those of a higher one higher', () => {
    const at = (mm: number, heights = {}) => {
      const foot = completeFoot({ side: 'left', values: { lengthMm: { mm } } });
      return Object.fromEntries(fromSide(foot, sideHeights(foot, heights)).places.map((p) => [p.id, p.points]));
    };
    expect(at(270).toeHeightMm![1].x).toBeGreaterThan(at(240).toeHeightMm![1].x);
    expect(at(240, { archStandingMm: { mm: 71 } }).instepGirthMm![0].y).toBeGreaterThan(at(240, { archStandingMm: { mm: 58 } }).instepGirthMm![0].y);
  });
});
