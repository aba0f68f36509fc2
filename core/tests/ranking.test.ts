import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { atBest, leastUsableRoom, mostLengthMargin, mostLengthRoom, placeNear, shapeOf } from '../src/fit/room';
import {
  bestOfStyle,
  byRank,
  cellOf,
  compilePair,
  fitOnce,
  footAsWorn,
  ORDINARY_WEAR,
  placeFoot,
  POINTS,
  rankAll,
  rankStock,
  shoeOf,
  sizesOf,
  targetsFor,
  shoeAsWorn,
  UPPER,
  ZONE_AT,
  NO_AIDS,
  type Candidate,
  type Ranked,
  type RankedBefore,
  type Shoe,
  type Style,
  type WornFoot
} from '../src/fit';
import { beyondHelp, fitsWithHelps, mostHelpedBox, mostHelpedRoom, remediesFor, trialsFor } from '../src/fit/helps';
import { chanceOf, doubtOf, prospectOf } from '../src/fit/doubt';
import { judge, leastMargin, limitsOf, zonesOf } from '../src/fit/judge';
import { boundStyle, rankPlainly, worthFitting } from '../src/fit/rank';
import { cuts } from '../src/fit/zones';
import { compileShoe, frontOf, insoleOf } from '../src/last';
import { completeFoot, type FootInput } from '../src/measure';
import { allStyles } from '../../demo/lasts';
import { stockOf } from '../../bench/ranking';
import { fitted } from './arbitrary';

const stock = allStyles();
const pairOf = (values: FootInput['values'], apartMm = 1, more: Partial<FootInput> = {}): WornFoot[] =>
  (['left', 'right'] as const).map((side, i) =>
    footAsWorn(completeFoot({ side, values: { ...values, lengthMm: { mm: values.lengthMm!.mm + i * apartMm } }, ...more }), { ...ORDINARY_WEAR, sockMm: 1 })
  );
const wear = { ...ORDINARY_WEAR, sockMm: 1 };
/** Cuts between which everything lies. */
const WIDE = cuts(-1000, -500, 500, 1000);
const ORDINARY = { lengthMm: { mm: 250 }, ballWidthMm: { mm: 92 }, ballGirthMm: { mm: 230 } };
const FEET = {
  ordinary: pairOf(ORDINARY),
  'short and broad': pairOf({ lengthMm: { mm: 231 }, ballWidthMm: { mm: 97 }, ballGirthMm: { mm: 243 } }, 3, { toeShape: 'square' }),
  'long and slender': pairOf({ lengthMm: { mm: 262 }, ballWidthMm: { mm: 86 }, ballGirthMm: { mm: 218 } }, -2, { toeShape: 'greek' })
};

/** Feet of which many shoes only just fit or only just do not: the girth goes some way with the length, and astray. */
const nearFeet = fc
  .tuple(fc.double({ min: 222, max: 285, noNaN: true }), fc.double({ min: -12, max: 12, noNaN: true }), fc.double({ min: -5, max: 5, noNaN: true }))
  .map(([lengthMm, fuller, apart]) =>
    pairOf({ lengthMm: { mm: lengthMm }, ballWidthMm: { mm: 0.37 * lengthMm + fuller / 3 }, ballGirthMm: { mm: 0.92 * lengthMm + fuller } }, apart)
  );

const sameAs = (c: Candidate) => ({ styleId: c.styleId, size: c.sizeNumber.toFixed(3), width: c.width, chance: c.probability, verdict: c.verdict });

describe('ranking leaves nothing out that could stand in it', () => {
  it.each(Object.entries(FEET))('%s feet: the same candidates in the same order as the plain ranking, so the first hundred are too', (_, feet) => {
    const { candidates, unranked } = rankAll(stock, feet, wear);
    expect(candidates.length + unranked.length).toBe(stock.length);
    const some = stock.filter((_s, i) => i % 3 === 0);
    expect(rankAll(some, feet, wear).candidates.map(sameAs)).toEqual(rankPlainly(some, feet, wear).map((r) => sameAs(r.whole())));
    expect([...candidates].sort(byRank)).toEqual(candidates);
  });
  it('any foot in any style: as the plain ranking says, where it fits and where it only just does or does not', () => {
    fc.assert(
      fc.property(nearFeet, fc.nat(stock.length - 1), (feet, i) => {
        const { candidate } = bestOfStyle(stock[i], feet, wear);
        expect(candidate ? [sameAs(candidate)] : []).toEqual(rankPlainly([stock[i]], feet, wear).map((r) => sameAs(r.whole())));
      }),
      { numRuns: 250 }
    );
  });
  it('what is worked out once for a foot is that of each style on its own', () => {
    const { candidates } = rankAll(stock, pairOf(ORDINARY), wear);
    for (const style of stock.filter((_s, i) => i % 4 === 0)) {
      const alone = bestOfStyle(style, pairOf(ORDINARY), wear).candidate;
      expect(candidates.find((c) => c.styleId === style.id)).toEqual(alone);
    }
  });
  it('what fits comes before what does not, the least misfit first, so that what is found early stays on top', () => {
    const verdicts: string[] = [];
    for (const { candidate } of rankStock(stock, FEET['short and broad'], wear)) if (candidate) verdicts.push(candidate.verdict);
    const last = verdicts.lastIndexOf('fits');
    expect(last).toBeGreaterThan(5);
    expect(verdicts.slice(0, last + 1).every((v) => v === 'fits')).toBe(true);
    expect(verdicts.slice(last + 1).length).toBeGreaterThan(5);
  });
  it('among styles that are as likely as each other the top stands only when no other can come before it', () => {
    // Copies in falling order of their names, which is the last thing candidates are put in order by.
    const alike = [3, 2, 1].flatMap((n) => stock.filter((_s, i) => i % 4 === 0).map((s) => ({ ...s, id: `${n}-${s.id}` })));
    for (const top of [1, 3, 10, 30]) {
      const early: Ranked[] = [];
      const all: Ranked[] = [];
      let stands = false;
      for (const { candidate, topStands } of rankStock(alike, FEET.ordinary, wear, top)) {
        if (candidate) all.push(candidate);
        stands ||= !!topStands;
        if (candidate && !stands) early.push(candidate);
      }
      const first = (list: Ranked[]): string[] =>
        [...list]
          .sort(byRank)
          .slice(0, top)
          .map((c) => c.styleId);
      expect(first(early)).toEqual(first(all));
    }
  });
  it.each(Object.entries(FEET))('%s feet: when it says that the top stands, the first ones are those of the whole order, and it says so once', (_, feet) => {
    for (const top of [1, 5, 20, 60, 100, 500]) {
      const early: Ranked[] = [];
      const all: Ranked[] = [];
      let said = 0;
      for (const { candidate, topStands } of rankStock(stock, feet, wear, top)) {
        if (candidate) all.push(candidate);
        if (topStands) said++;
        if (candidate && said === 0) early.push(candidate);
      }
      const first = (list: Ranked[]) =>
        [...list]
          .sort(byRank)
          .slice(0, top)
          .map((c) => c.whole())
          .map((c) => `${c.styleId} ${c.size} ${c.width}`);
      expect(said).toBe(1);
      expect(first(early)).toEqual(first(all));
      if (top <= 20) expect(early.length).toBeLessThan(all.length);
    }
  });
  it.each(Object.entries(FEET))('%s feet: what some styles came to before is taken up, and the ranking is the same', (_, feet) => {
    const some = stock.filter((_s, i) => i % 3 === 0);
    const ranked = (styles: readonly Style[], top: number, before?: RankedBefore) => {
      const all: Ranked[] = [];
      let [early, considered]: [Ranked[], number] = [[], 0];
      for (const step of rankStock(styles, feet, wear, top, before)) {
        if (step.candidate) all.push(step.candidate);
        if (step.topStands) early = [...all];
        considered += step.considered;
      }
      const names = (list: Ranked[], many: number) =>
        list
          .sort(byRank)
          .slice(0, many)
          .map((c) => c.whole());
      return { first: names(early, top), all: names(all, Infinity), considered };
    };
    for (const top of [3, 20, 100]) {
      const afresh = ranked(some, top);
      // The least of them are known, as a ranking that was stopped does not leave them: what is known promises nothing of the others.
      const last = new Set(afresh.all.slice(-Math.floor(afresh.all.length / 2)).map((c) => c.styleId));
      const before: RankedBefore = new Map();
      ranked(
        some.filter((s) => last.has(s.id)),
        top,
        before
      );
      expect(before.size).toBe(last.size);
      expect(ranked(some, top, before)).toEqual(afresh);
      expect(before.size).toBe(afresh.all.length);
      expect(ranked(some, top, before)).toEqual(afresh);
    }
  });
  it('is the same whatever order the stockroom stands in', () => {
    const name = (c: Candidate): string => `${c.styleId} ${c.size} ${c.width} ${c.probability}`;
    const some = stock.filter((_s, i) => i % 5 === 0);
    expect(rankAll([...some].reverse(), FEET.ordinary, wear).candidates.map(name)).toEqual(rankAll(some, FEET.ordinary, wear).candidates.map(name));
  });
  it('an empty stockroom ranks nothing, and a foot outside every run says so for every style', () => {
    expect(rankAll([], FEET.ordinary, wear)).toEqual({ candidates: [], unranked: [], considered: 0 });
    const giant = rankAll(stock, pairOf({ lengthMm: { mm: 372 } }), wear);
    expect(giant.candidates).toEqual([]);
    expect(giant.unranked).toHaveLength(stock.length);
    for (const { why } of giant.unranked) expect(why).toMatch(/^its run, .+ to .+, ends below this foot$/);
  });
  it('a larger stockroom for the bench has the sizes and widths asked for, no two styles alike in name', () => {
    const large = stockOf(stock.slice(0, 20), 3000);
    expect(large.reduce((n, s) => n + sizesOf(s).length * s.widths.length, 0)).toBeGreaterThanOrEqual(3000);
    expect(new Set(large.map((s) => s.id)).size).toBe(large.length);
  });
});

describe('how an outline answers to a shoe a little different', () => {
  it('the room found from where the foot stood is never more than there is, and nearly always as much', () => {
    const short: number[] = [];
    fc.assert(
      fc.property(fitted, fc.constantFrom(-2, 2), ({ foot, shoe, wear: worn }, widerMm) => {
        const pair = compilePair(foot.dims, shoe, worn);
        const other = compileShoe({ ...pair.inside, ballWidthMm: pair.inside.ballWidthMm + widerMm }, UPPER[shoe.upper].girthShare);
        const near = placeNear(pair.foot, other, placeFoot(pair.foot, pair.shoe, 1));
        short.push(placeFoot(pair.foot, other, 1).sampledMm - near.roomMm);
        // What the search for the best turn leaves undone, mm.
        expect(short.at(-1)).toBeGreaterThan(-0.2);
      }),
      { numRuns: 3000 }
    );
    short.sort((p, q) => p - q);
    expect(short[Math.floor(0.9 * short.length)]).toBeLessThan(0.05);
    expect(short[Math.floor(0.99 * short.length)]).toBeLessThan(0.6);
  });
});

describe('the bounds that ranking leaves out by', () => {
  it('a foot never has less toe room than the least it can have, whatever stands behind its heel', () => {
    fc.assert(
      fc.property(fitted, fc.double({ min: -3, max: 12, noNaN: true }), ({ foot, shoe, wear: worn }, behindMm) => {
        const pair = compilePair(foot.dims, shoe, worn);
        const { roomMm } = placeFoot(pair.foot, pair.shoe, behindMm);
        expect(leastUsableRoom(pair.foot, pair.shoe, behindMm)).toBeLessThanOrEqual(roomMm);
        expect(leastUsableRoom(pair.foot, frontOf(pair.inside, UPPER[shoe.upper].girthShare), behindMm)).toBe(leastUsableRoom(pair.foot, pair.shoe, behindMm));
      }),
      { numRuns: 1500 }
    );
  });
  it('a fit never comes out better than its bound, in margin or in distance', () => {
    fc.assert(
      fc.property(fitted, ({ foot, shoe, wear: worn }) => {
        const targets = targetsFor(shoe, worn);
        const limits = limitsOf(targets);
        const best = atBest(foot.dims, shapeOf(foot, shoe, worn), shoe.inside, shoeAsWorn(shoe, worn, NO_AIDS), limits);
        const { zone } = fitOnce(foot.dims, shoe, worn);
        const judged = judge(zone, targets);
        expect(best.margin).toBeGreaterThanOrEqual(judged.margin - 1e-9);
        expect(best.distance).toBeLessThanOrEqual(judged.distance + 1e-9);
        expect(leastMargin(zone, limits)).toBeCloseTo(judged.margin, 9);
      }),
      { numRuns: 1500 }
    );
  });
  it('what the length alone rules out does not fit in any width', () => {
    fc.assert(
      fc.property(fitted, fc.double({ min: -10, max: 10, noNaN: true }), ({ foot, shoe, wear: worn }, wider) => {
        const limits = limitsOf(targetsFor(shoe, worn));
        const plain = shoeAsWorn(shoe, worn, NO_AIDS);
        const most = mostLengthMargin(plain, mostLengthRoom(foot.dims, shapeOf(foot, shoe, worn), plain, shoe.inside.insoleLengthMm), limits);
        const { inside } = shoe;
        const other = { ...shoe, inside: { ...inside, ballGirthMm: inside.ballGirthMm + wider, ballWidthMm: inside.ballWidthMm + wider / 3 } };
        expect(leastMargin(fitOnce(foot.dims, other, worn).zone, limits)).toBeLessThanOrEqual(most + 1e-9);
      }),
      { numRuns: 800 }
    );
  });
});

describe('the chance a ranking tells', () => {
  it.each([
    ['ball girth on high heels', 'ball-girth', (style: Style) => style.heelHeightMm - style.platformMm > 50],
    ['toe box', 'toe-box-width', () => true]
  ] as const)('near the limits of the %s it comes to the same as the same points fitted one by one', (_, zone, among) => {
    const off: number[] = [];
    for (const feet of [pairOf({ lengthMm: { mm: 238 } }), pairOf({ lengthMm: { mm: 252 } }), FEET.ordinary, FEET['short and broad']])
      for (const style of stock.filter(among))
        for (const size of sizesOf(style)) {
          const { shoe, targets, seen, margin } = cellOf(style, size, style.widths.at(-1)!, feet, wear);
          const near = seen.some((c) => Math.abs(c.zone[ZONE_AT[zone]] - targets[zone].a) < 2.5);
          if (off.length >= 120 || !near || margin < -0.5) continue;
          off.push(Math.abs(chanceOf(feet, shoe, wear, targets, seen) - doubtOf(feet, shoe, wear, targets, POINTS.ranked).probability));
        }
    expect(off.length).toBeGreaterThan(40);
    // Two of the 128 points.
    expect(off.sort((p, q) => p - q)[Math.floor(0.9 * off.length)]).toBeLessThan(0.02);
  });
  it('never comes out above what its straight zones leave of it, and given up early it is no more than was needed', () => {
    for (const feet of Object.values(FEET)) {
      for (const style of stock.filter((_s, i) => i % 11 === 0)) {
        const { candidate } = bestOfStyle(style, feet, wear);
        if (!candidate) continue;
        const cell = cellOf(style, candidate.sizeNumber, candidate.width, feet, wear);
        const { upperBound, chance } = prospectOf(feet, cell.shoe, wear, cell.targets, cell.seen);
        const whole = chance();
        expect(whole).toBeLessThanOrEqual(upperBound);
        expect(whole).toBe(candidate.probability);
        expect(chance(whole)).toBeLessThanOrEqual(whole);
        if (whole > 0) expect(chance(whole - 1 / POINTS.ranked)).toBe(whole);
      }
    }
  });
  it('is that of the same points fitted one by one, nearly: nine of ten within 0.06 where a shoe is worth looking at', () => {
    const off: number[] = [];
    for (const feet of Object.values(FEET)) {
      for (const style of stock.filter((_s, i) => i % 9 === 0)) {
        const { candidate } = bestOfStyle(style, feet, wear);
        if (!candidate || candidate.verdict !== 'fits') continue;
        const cell = cellOf(style, candidate.sizeNumber, candidate.width, feet, wear);
        expect(candidate.probability).toBe(chanceOf(feet, cell.shoe, wear, cell.targets, cell.seen));
        off.push(Math.abs(candidate.probability - doubtOf(feet, cell.shoe, wear, cell.targets, POINTS.ranked).probability));
      }
    }
    off.sort((p, q) => p - q);
    expect(off.length).toBeGreaterThan(30);
    expect(off[Math.floor(0.9 * off.length)]).toBeLessThan(0.06);
  });
  it('is no more than the first look at its style says, in every size and width that fits', () => {
    fc.assert(
      fc.property(nearFeet, fc.nat(stock.length - 1), (feet, i) => {
        const style = stock[i];
        const sizes = worthFitting(style, Math.max(...feet.map((f) => f.dims.lengthMm)));
        const { chance } = boundStyle(style, sizes, feet, wear);
        for (const size of sizes)
          for (const width of style.widths) {
            const { fits, shoe, targets, seen } = cellOf(style, size, width, feet, wear);
            if (fits) expect(chanceOf(feet, shoe, wear, targets, seen)).toBeLessThanOrEqual(chance);
          }
      }),
      { numRuns: 150 }
    );
  });
  it('of a tall boot hangs on the calf’s doubt, whether or not a low shoe on as well known a last came before', () => {
    const boot = stock.find((s) => s.last.base.shaftGirthMm !== undefined)!;
    const low = { ...boot, kind: 'oxford' as const, last: { ...boot.last, base: { ...boot.last.base, shaftGirthMm: undefined } } };
    const size = boot.from + 4 * boot.step;
    const width = boot.widths[0];
    // A boot in which the calf alone may come out too full or too thin.
    const calfGirthMm = shoeOf(boot, size, width).inside.shaftGirthMm! - 20;
    const feet = (): WornFoot[] => pairOf({ lengthMm: { mm: 250 }, calfGirthMm: { mm: calfGirthMm, sdMm: 12 } });
    const chanceIn = (style: Style, own: WornFoot[]): number => {
      const { shoe, targets, seen } = cellOf(style, size, width, own, wear);
      const open = Object.fromEntries(zonesOf(targets).ids.map((id) => [id, id === 'shaft' ? targets[id] : WIDE])) as typeof targets;
      return chanceOf(own, shoe, wear, open, seen);
    };
    const alone = chanceIn(boot, feet());
    const own = feet();
    expect(chanceIn(low, own)).toBe(1);
    expect(chanceIn(boot, own)).toBe(alone);
    expect(alone).toBeGreaterThan(0.5);
    expect(alone).toBeLessThan(0.95);
  });
  it('falls when the foot is known less well', () => {
    const known = (sdMm: number): number => {
      const feet = pairOf({ lengthMm: { mm: 250, sdMm }, ballWidthMm: { mm: 92, sdMm }, ballGirthMm: { mm: 230, sdMm: 2 * sdMm } });
      const cell = cellOf(
        stock.find((s) => s.id === 'hedger')!,
        6,
        'F',
        feet,
        wear
      );
      return chanceOf(feet, cell.shoe, wear, cell.targets, cell.seen);
    };
    expect(known(0.5)).toBeGreaterThan(known(3));
    expect(known(3)).toBeGreaterThan(known(8));
  });
});

describe('whether helps make it fit', () => {
  it('is what trying every help and every two of them comes to: none needed, some named, or none enough', () => {
    fc.assert(
      fc.property(fitted, ({ foot, shoe, wear: worn }) => {
        const targets = targetsFor(shoe, worn);
        const names = fitsWithHelps(foot, shoe, worn, targets);
        const { remedies, fitsWith } = remediesFor(foot, shoe, worn, targets);
        expect(fitsWith).toEqual(names);
        if (judge(fitOnce(foot.dims, shoe, worn).zone, targets).fits) expect(names).toEqual([]);
        else if (remedies.some((r) => r.makesFit)) expect(names).toHaveLength(1);
        else if (names !== null) expect(names.length).toBeGreaterThan(0);
      }),
      { numRuns: 300 }
    );
  });
});

describe('how far helps reach', () => {
  it('no help lengthens a shoe: whatever is put in, toe room and toe box are at most what turning and standing elsewhere give', () => {
    fc.assert(
      fc.property(fitted, ({ foot, shoe, wear: worn }) => {
        const plain = fitOnce(foot.dims, shoe, worn);
        const shape = shapeOf(foot, shoe, worn);
        const most = mostHelpedRoom(shape, shoeAsWorn(shoe, worn, NO_AIDS), shoe.inside, plain);
        for (const trial of trialsFor(shoe, { wear: worn, aids: NO_AIDS })) {
          const helped = fitOnce(foot.dims, shoe, trial.wear, trial.aids);
          expect(helped.zone[ZONE_AT['toe-room']]).toBeLessThanOrEqual(most + 1e-6);
          expect(helped.zone[ZONE_AT['toe-box-width']]).toBeLessThanOrEqual(mostHelpedBox(shape, plain, trial.aids.stretchMm));
        }
      }),
      { numRuns: 1200 }
    );
  });
  /** How a shoe may be worn with one help and with two. */
  const helped = (shoe: Shoe, worn: typeof wear): { one: Worn[]; two: Worn[] } => {
    const one = trialsFor(shoe, { wear: worn, aids: NO_AIDS });
    const two = one.flatMap((a, i) =>
      one
        .slice(i + 1)
        .filter((b) => b.help !== a.help)
        .map((b) => b.help.change(b.mm, a))
    );
    return { one, two };
  };
  type Worn = { wear: typeof wear; aids: typeof NO_AIDS };
  /** How many helps a foot needs, by trying them all; null where no two are enough. */
  const neededByHand = (foot: WornFoot, shoe: Shoe, worn: typeof wear): number | null => {
    const limits = limitsOf(targetsFor(shoe, worn));
    const fits = ({ wear: w, aids }: Worn): boolean => leastMargin(fitOnce(foot.dims, shoe, w, aids).zone, limits) >= 0;
    const { one, two } = helped(shoe, worn);
    return fits({ wear: worn, aids: NO_AIDS }) ? 0 : one.some(fits) ? 1 : two.some(fits) ? 2 : null;
  };
  it('what is called beyond help is not brought in by any one or two, and what is called too long stays too long with them', () => {
    const counts = { beyond: 0, tooLong: 0, within: 0 };
    fc.assert(
      fc.property(nearFeet, fc.nat(stock.length - 1), fc.nat(), ([foot], i, other) => {
        const style = stock[i];
        const near = sizesOf(style).filter((size) => Math.abs(insoleOf(style.last, size) - foot.dims.lengthMm - 28) < 18);
        fc.pre(near.length > 0);
        const shoe = shoeOf(style, near[other % near.length], style.widths[other % style.widths.length]);
        const limits = limitsOf(targetsFor(shoe, wear));
        const plain = shoeAsWorn(shoe, wear, NO_AIDS);
        const shape = shapeOf(foot, shoe, wear);
        const best = atBest(foot.dims, shape, shoe.inside, plain, limits);
        const { beyond, tooLong } = beyondHelp(shoe, plain, foot.dims, wear, limits);
        const most = limits.most[ZONE_AT['toe-room']];
        if (tooLong(foot, shoe.inside, best.flatMm, best.zone[ZONE_AT['ball-girth']])) {
          counts.tooLong++;
          const { one, two } = helped(shoe, wear);
          for (const { wear: w, aids } of [...one, ...two]) expect(fitOnce(foot.dims, shoe, w, aids).zone[ZONE_AT['toe-room']]).toBeGreaterThan(most);
        }
        if (beyond(foot, shoe.inside, best)) {
          counts.beyond++;
          expect(neededByHand(foot, shoe, wear)).toBeNull();
        } else counts.within++;
      }),
      { numRuns: 700 }
    );
    for (const n of Object.values(counts)) expect(n).toBeGreaterThan(30);
  });
  it('none, one or two: trying them all by hand comes to the same', () => {
    fc.assert(
      fc.property(fitted, ({ foot, shoe, wear: worn }) => {
        expect(fitsWithHelps(foot, shoe, worn, targetsFor(shoe, worn))?.length ?? null).toBe(neededByHand(foot, shoe, worn));
      }),
      { numRuns: 120 }
    );
  });
  it('the same for shoes of the stockroom that only just do not fit', () => {
    const counts = new Map<number | null, number>();
    fc.assert(
      fc.property(nearFeet, fc.nat(stock.length - 1), fc.nat(), (feet, i, other) => {
        const style = stock[i];
        const near = sizesOf(style).filter((size) => Math.abs(insoleOf(style.last, size) - feet[0].dims.lengthMm - 14) < 12);
        fc.pre(near.length > 0);
        const shoe = shoeOf(style, near[other % near.length], style.widths[other % style.widths.length]);
        const needed = neededByHand(feet[0], shoe, wear);
        expect(fitsWithHelps(feet[0], shoe, wear, targetsFor(shoe, wear))?.length ?? null).toBe(needed);
        counts.set(needed, (counts.get(needed) ?? 0) + 1);
      }),
      { numRuns: 500 }
    );
    // All of them are met with, or nothing has been tried.
    for (const n of [0, 1, 2, null]) expect(counts.get(n) ?? 0).toBeGreaterThan(5);
  });
});
