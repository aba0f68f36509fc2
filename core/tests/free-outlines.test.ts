import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { compilePair, completeShoe, footAsWorn, ORDINARY_WEAR, placeFoot, rankAll, type Shoe, type Style, type WornFoot } from '../src/fit';
import { sdOf } from '../src/fit/shoe';
import { chanceOf, doubtOf, sampleOf } from '../src/fit/doubt';
import { ZONE_AT } from '../src/fit/zones';
import { rankPlainly } from '../src/fit/rank';
import { targetsFor } from '../src/fit/judge';
import { fitOnce } from '../src/fit/room';
import {
  checkLast,
  compileShoe,
  gradeLast,
  innerWall,
  lastFromEvidence,
  outerWall,
  outlineOfTracings,
  sameLine,
  taperStartMm,
  type InsideReading,
  type InsoleOutline,
  type Last,
  type ToeFamilyId
} from '../src/last';
import { completeFoot, sockOutlineMm } from '../src/measure';
import { ballOf, compileFootShape, contourOf, hullOf, readContour, smoothContour, type FootPlan, type Point } from '../src/shape';
import { allStyles } from '../../demo/lasts';
import { footLine, insoleLine, tremor } from '../../demo/lines';
import { anyLast, fitted } from './arbitrary';

const traced = (shoe: Shoe): Shoe => ({ ...shoe, inside: { ...shoe.inside, outline: insoleLine(shoe.inside) } });
const alongItsLine = <P extends FootPlan>(plan: P): P => ({ ...plan, contour: { points: footLine(plan) } });
const roomOf = (dims: WornFoot['dims'], shoe: Shoe, wear = ORDINARY_WEAR): number => {
  const pair = compilePair(dims, shoe, wear);
  return placeFoot(pair.foot, pair.shoe, sockOutlineMm(wear.sockMm)).roomMm;
};
const foot = (more: Partial<FootPlan> = {}): WornFoot => {
  const worn = footAsWorn(completeFoot({ side: 'left', values: { lengthMm: { mm: 247 }, ballWidthMm: { mm: 93 }, ballGirthMm: { mm: 231 } } }), ORDINARY_WEAR);
  return { ...worn, dims: { ...worn.dims, ...more } };
};
const shoeIn = (toeShape: ToeFamilyId, taperLater = 0): Shoe => {
  const shoe = completeShoe({ kind: 'pump', insoleLengthMm: 269, madeForFootMm: 246, toeShape, ballWidthMm: 89, ballGirthMm: 231 });
  return { ...shoe, inside: { ...shoe.inside, taperShiftMm: taperLater } };
};

/** The line with a skin from toe to toe, as a sock or a scanner's mesh closes the clefts. */
function cleftsClosed(line: readonly Point[]): Point[] {
  const front = Math.max(...line.map((p) => p.x));
  const hull = hullOf(line.filter((p) => p.x > 0.75 * front));
  const off = (p: Point): number =>
    Math.min(
      ...hull.map((a, i) => {
        const b = hull[(i + 1) % hull.length];
        return Math.abs((b.x - a.x) * (p.y - a.y) - (b.y - a.y) * (p.x - a.x)) / Math.hypot(b.x - a.x, b.y - a.y);
      })
    );
  return line.filter((p) => p.x <= 0.75 * front || off(p) < 0.01);
}

describe('toes that a sock or a scanner’s mesh has closed', () => {
  it.each(['round', 'almond', 'pointed', 'square', 'snip'] as const)('leave the toe room of a %s shoe as it is, within 0.1 mm', (family) => {
    for (const tips of [
      [0, 3, 9, 18, 33],
      [3, 0, 7, 17, 32],
      [0, 1, 3, 13, 28]
    ]) {
      const line = footLine({ ...foot().dims, toeTipsMm: tips });
      const [apart, closed] = [line, cleftsClosed(line)].map((points) => ({ points }));
      expect(readContour(apart).apart).toBe(true);
      expect(readContour(closed).apart).toBe(false);
      const room = (contour: typeof apart): number => roomOf(foot({ contour }).dims, shoeIn(family));
      expect(Math.abs(room(closed) - room(apart))).toBeLessThan(0.1);
    }
  });
});

describe('an outline sampled from the model gives the model’s toe room', () => {
  it('of shoe, foot and both, on two thousand random pairs, within 0.2 mm', { timeout: 300_000 }, () => {
    const worst = { shoe: 0, foot: 0, both: 0 };
    fc.assert(
      fc.property(fitted, ({ foot: { dims }, shoe, wear }) => {
        const [line, own] = [traced(shoe), alongItsLine(dims)];
        const room = roomOf(dims, shoe, wear);
        const off = { shoe: roomOf(dims, line, wear) - room, foot: roomOf(own, shoe, wear) - room, both: roomOf(own, line, wear) - room };
        for (const which of ['shoe', 'foot', 'both'] as const) {
          worst[which] = Math.max(worst[which], Math.abs(off[which]));
          expect(Math.abs(off[which]), which).toBeLessThan(0.2);
        }
      }),
      { numRuns: 2000, endOnFailure: true }
    );
    for (const mm of Object.values(worst)) expect(mm).toBeGreaterThan(0);
  });
  it('graded from a size 15 mm and a letter away it is the family’s, graded directly', () => {
    fc.assert(
      // A shift of the taper is the same in every size, a line's own taper grows with it.
      fc.property(
        anyLast.map((l) => ({ ...l, taperShiftMm: 0 })),
        fc.constantFrom(-1, 0, 1),
        (last, letters) => {
          const line = insoleLine(gradeLast(last, last.base.size, 0));
          const sizes = 15 / last.grade.lengthPerSizeMm;
          for (const way of [-1, 1]) {
            const size = last.base.size + way * sizes;
            const family = gradeLast(last, size, letters);
            const own = gradeLast({ ...last, outline: line }, size, letters);
            const plan = { ...foot().dims, lengthMm: family.madeForFootMm, ballLengthMm: 0.725 * family.madeForFootMm, outerBallLengthMm: 0.635 * family.madeForFootMm, ballWidthMm: family.ballWidthMm / 0.9626 }; // prettier-ignore
            const shape = compileFootShape(plan, 0);
            const room = (inside: typeof own) => placeFoot(shape, compileShoe(inside, 0.5), 0).roomMm;
            expect(Math.abs(room(own) - room(family))).toBeLessThan(0.2);
          }
        }
      ),
      { numRuns: 150 }
    );
  });
  it('its walls are the family’s within 0.5 mm, and its taper starts where the sides begin to come in', () => {
    for (const family of ['round', 'almond', 'pointed', 'square'] as const) {
      const plain = shoeIn(family);
      const [a, b] = [compileShoe(plain.inside, 0.5), compileShoe(traced(plain).inside, 0.5)];
      for (let x = 10; x < 268; x += 3) {
        expect(Math.abs(innerWall(a, x) - innerWall(b, x))).toBeLessThan(0.5);
        expect(Math.abs(outerWall(a, x) - outerWall(b, x))).toBeLessThan(0.5);
      }
      expect(taperStartMm(plain.inside)).toBeCloseTo(a.innerTaperMm, 9);
      expect(Math.abs(taperStartMm(traced(plain).inside) - a.innerTaperMm)).toBeLessThan(10);
    }
  });
  it('chance and doubt follow: a traced pair is as likely as the family it was sampled from', () => {
    for (const family of ['round', 'pointed'] as const) {
      const plain = shoeIn(family);
      const feet = [foot()];
      const line = traced(plain);
      const own: WornFoot[] = [{ ...feet[0], dims: alongItsLine(feet[0].dims) }];
      const targets = targetsFor(plain, ORDINARY_WEAR);
      const whole = (f: readonly WornFoot[], s: Shoe) => doubtOf(f, s, ORDINARY_WEAR, targets, 1024).probability;
      // The foot's own line adds its doubt; the shoe's has the family's.
      expect(Math.abs(whole(feet, line) - whole(feet, plain))).toBeLessThan(0.02);
      expect(Math.abs(whole(own, line) - whole(feet, plain))).toBeLessThan(0.05);
      const near = chanceOf(own, line, ORDINARY_WEAR, targets, [fitOnce(own[0].dims, line, ORDINARY_WEAR)]);
      expect(Math.abs(near - whole(own, line))).toBeLessThan(0.08);
    }
  });
  it('the line of a foot is doubted like a hand’s of a shoe: in toe room by two to nearly three times what the hand errs by', () => {
    for (const [family, least, most] of [
      ['round', 0.7, 1.5],
      ['almond', 0.7, 1.6],
      ['pointed', 0.9, 2]
    ] as const) {
      const shoe = shoeIn(family);
      const targets = targetsFor(shoe, ORDINARY_WEAR);
      const sds = (dims: WornFoot['dims'], id: 'toe-room' | 'ball-girth' | 'heel-width') =>
        doubtOf([{ ...foot(), dims }], shoe, ORDINARY_WEAR, targets, 1024).sd[0][ZONE_AT[id]];
      const [without, along] = [foot().dims, alongItsLine(foot().dims)];
      const added = Math.sqrt(sds(along, 'toe-room') ** 2 - sds(without, 'toe-room') ** 2);
      expect(added, family).toBeGreaterThan(least);
      expect(added, family).toBeLessThan(most);
      for (const id of ['ball-girth', 'heel-width'] as const) expect(Math.abs(sds(along, id) - sds(without, id)), id).toBeLessThan(0.03);
    }
  });
  it('each foot of a pair errs by its own line, and a pair without lines has the points it always had', () => {
    const plain = [foot(), { ...foot() }];
    const lined = plain.map((f) => ({ ...f, dims: alongItsLine(f.dims) }));
    const many = 1024;
    const [a, b] = [sampleOf(plain, many), sampleOf(lined, many)];
    expect(a.lines).toEqual([-1, -1]);
    expect([a.causes, b.causes]).toEqual([28, 30]);
    expect(new Set(b.lines)).toEqual(new Set([28, 29]));
    const column = (place: number): number[] => Array.from({ length: many }, (_, n) => b.z[n * b.causes + place]);
    const [left, right] = b.lines.map(column);
    expect(Math.abs(left.reduce((sum, z, n) => sum + z * right[n], 0) / many)).toBeLessThan(0.15);
    expect(sampleOf([plain[0], lined[0]], many).lines).toEqual([-1, 28]);
  });
  it('ranking finds what the plain ranking finds, with a third of the lasts and both feet traced', { timeout: 240_000 }, () => {
    const styles = allStyles()
      .filter((_, i) => i % 4 === 0)
      .map((style, i): Style =>
        i % 3 ? style : { ...style, last: { ...style.last, outline: insoleLine(gradeLast(style.last, style.last.base.size, 0), 300) } }
      );
    const feet = (['left', 'right'] as const).map((side, i) => {
      const worn = footAsWorn(completeFoot({ side, values: { lengthMm: { mm: 249 + i }, ballWidthMm: { mm: 93 }, ballGirthMm: { mm: 231 } } }), ORDINARY_WEAR);
      const plan = { ...worn.dims, bunionMm: 4 };
      // The right one as a hand drew it: its toes are found on the drawn line, and stand on the smoothed one.
      return { ...worn, dims: side === 'left' ? alongItsLine(plan) : { ...plan, contour: contourOf(tremor(footLine(plan), 0.4, 5, 31)) } };
    });
    const told = (c: { styleId: string; sizeNumber: number; width: string; probability: number }) => [c.styleId, c.sizeNumber, c.width, c.probability];
    expect(rankAll(styles, feet, ORDINARY_WEAR).candidates.map(told)).toEqual(rankPlainly(styles, feet, ORDINARY_WEAR).map((r) => told(r.whole())));
  });
});

describe('what a line changes', () => {
  const narrowed = (line: InsoleOutline, by: number): InsoleOutline => ({ ...line, points: line.points.map(([x, y]) => [x, x > 190 ? y * by : y]) });
  it('an inside within another never has more room', () => {
    for (const family of ['round', 'almond', 'chisel', 'pointed'] as const)
      for (const by of [0.99, 0.96, 0.92]) {
        const line = insoleLine(shoeIn(family).inside);
        const room = (outline: InsoleOutline) => roomOf(foot().dims, { ...shoeIn(family), inside: { ...shoeIn(family).inside, outline } });
        expect(room(narrowed(line, by))).toBeLessThanOrEqual(room(line) + 0.1);
      }
  });
  it('the trade’s order holds along lines: pointed hides more than round, a later taper gives room back, a bunion asks for more of a point (common practice, no source)', () => {
    const own = foot({ ...alongItsLine(foot().dims) });
    const room = (family: ToeFamilyId, later = 0, of = own) => roomOf(of.dims, traced(shoeIn(family, later)));
    expect(room('round') - room('pointed')).toBeGreaterThan(15);
    expect(room('almond')).toBeLessThan(room('round'));
    const later = room('pointed', 5) - room('pointed');
    expect(later).toBeGreaterThan(2);
    expect(later).toBeLessThan(5);
    // The big toe goes over: its line stands nearer the middle, the joint further out.
    const leaning = footLine({ ...own.dims, contour: undefined, bunionMm: 6, toeTipsMm: [0, 5, 12, 22, 40] });
    const straight = footLine({ ...own.dims, contour: undefined, toeTipsMm: [0, 5, 12, 22, 40] });
    const gain = (family: ToeFamilyId) => room(family, 0, foot({ contour: { points: leaning } })) - room(family, 0, foot({ contour: { points: straight } }));
    // Laid to one ball width the toes behind a bump are narrower: a point takes them further in.
    expect(gain('pointed')).toBeGreaterThan(0);
  });
  it('what is learned of a last’s taper after its line was laid moves the line’s too', () => {
    const shoe = traced(shoeIn('pointed'));
    const later = { ...shoe, inside: { ...shoe.inside, taperShiftMm: shoe.inside.taperShiftMm + 3 } };
    expect(taperStartMm(later.inside) - taperStartMm(shoe.inside)).toBeCloseTo(3, 9);
    expect(roomOf(foot().dims, later)).toBeGreaterThan(roomOf(foot().dims, shoe) + 1);
  });
  it('the sock goes round a line as a parallel curve: round a circle exactly', () => {
    const circle: Point[] = Array.from({ length: 720 }, (_, i) => ({ x: 125 + 125 * Math.cos((Math.PI * i) / 360), y: 125 * Math.sin((Math.PI * i) / 360) }));
    const plan = { ...foot().dims, lengthMm: 250, ballWidthMm: readContour({ points: circle }).ballWidthMm, contour: { points: circle } };
    const shape = compileFootShape(plan, 1.2);
    for (let j = 1; j < shape.hullCount - 1; j++)
      expect(Math.abs(Math.hypot(shape.hullTip[j] - shape.hullBehind[j] - 125, shape.hullY[j]) - 126.2)).toBeLessThan(0.02);
  });
});

describe('a hand’s jitter', () => {
  it('is halved at 20 mm and gone below; a toe’s end stays', () => {
    const ring = (wave: number): Point[] =>
      Array.from({ length: 3000 }, (_, i) => {
        const a = (2 * Math.PI * i) / 3000;
        const r = 100 + 0.5 * Math.cos(Math.round((2 * Math.PI * 100) / wave) * a);
        return { x: r * Math.cos(a), y: r * Math.sin(a) };
      });
    const left = (wave: number) => {
      const radii = smoothContour(ring(wave)).map((p) => Math.hypot(p.x, p.y));
      return (Math.max(...radii) - Math.min(...radii)) / 1;
    };
    expect(left(20)).toBeGreaterThan(0.4);
    expect(left(20)).toBeLessThan(0.6);
    expect(left(8)).toBeLessThan(0.02);
    expect(left(60)).toBeGreaterThan(0.95);
  });
  it('of 0.5 mm leaves a round toe’s room within 0.6 mm on the average and 1.3 either way, over 200 tracings', { timeout: 120_000 }, () => {
    const shoe = shoeIn('round');
    const exact = roomOf(foot().dims, traced(shoe));
    const drawn = insoleLine(shoe.inside, 400).points.map(([x, y]) => ({ x, y }));
    const off = Array.from({ length: 200 }, (_, seed) => {
      const outline = outlineOfTracings([{ points: tremor(drawn, 0.5, 5, seed), forFootMm: 246, who: 'Tobiah' }], 0)!;
      // Length and width are read off the same line, as they are with a tracing.
      const points = outline.points.map(([x, y]) => ({ x, y }));
      const inside = {
        ...shoe.inside,
        outline,
        insoleLengthMm: Math.max(...points.map((p) => p.x)),
        ballWidthMm: ballOf(points),
        ballGirthMm: 2.61 * ballOf(points)
      };
      return roomOf(foot().dims, { ...shoe, inside }) - exact;
    });
    const mean = off.reduce((a, b) => a + b, 0) / off.length;
    expect(Math.abs(mean)).toBeLessThan(0.6);
    expect(Math.sqrt(off.reduce((s, d) => s + (d - mean) ** 2, 0) / off.length)).toBeLessThan(1.3);
  });
  it('of a traced foot leaves its room within 1 mm on the average; five toes are still found', { timeout: 120_000 }, () => {
    const plan = foot().dims;
    const exact = roomOf(plan, shoeIn('round'));
    const line = footLine(plan, 3);
    const seen = Array.from({ length: 60 }, (_, seed) => {
      const contour = contourOf(tremor(line, 0.3, 5, 900 + seed));
      return { off: roomOf({ ...plan, contour }, shoeIn('round')) - exact, apart: readContour(contour).apart };
    });
    expect(Math.abs(seen.reduce((s, x) => s + x.off, 0) / seen.length)).toBeLessThan(1);
    expect(seen.filter((x) => x.apart).length).toBeGreaterThan(50);
  });
});

describe('one outline out of many tracings', () => {
  const last: Last = { ...allStyles()[0].last, id: 'traced-last', family: 'almond', taperShiftMm: 4 };
  const tracingOf = (size: number, seed: number, who: string): InsideReading => {
    const inside = gradeLast(last, size, 0);
    return {
      size,
      widthSteps: 0,
      side: seed % 2 ? 'left' : 'right',
      who,
      lengthMm: inside.insoleLengthMm,
      ballMm: inside.ballWidthMm,
      outline: tremor(
        insoleLine(inside, 300).points.map(([x, y]) => ({ x, y })),
        0.5,
        8,
        seed
      )
    };
  };
  const offOf = (outline: InsoleOutline): number => {
    const base = gradeLast(last, last.base.size, 0);
    const [a, b] = [compileShoe(base, 0.5), compileShoe({ ...base, outline }, 0.5)];
    let sum = 0;
    for (let x = 200; x < a.insoleMm - 3; x++) sum += (innerWall(a, x) - innerWall(b, x)) ** 2 + (outerWall(a, x) - outerWall(b, x)) ** 2;
    return Math.sqrt(sum / (2 * (a.insoleMm - 203)));
  };
  const size = last.base.size;
  const many = Array.from({ length: 9 }, (_, i) => tracingOf(size + (i % 3) - 1, i, i % 2 ? 'Nerina' : 'Tobiah'));
  const { last: estimated } = lastFromEvidence({ ...last, mark: 'claimed' }, many);
  it('is nearer the last than one tracing, says how far it is doubted, by how many hands, and is taken over with the last', () => {
    const single = lastFromEvidence({ ...last, mark: 'claimed' }, [many[4]]).last.outline!;
    expect(estimated.outline).toMatchObject({ tracings: 9, hands: 2, taperShiftMm: 4 });
    expect(estimated.outline!.sdMm).toBeLessThan(0.35);
    expect(single).toMatchObject({ tracings: 1, hands: 1, sdMm: 0.5 });
    expect(offOf(estimated.outline!)).toBeLessThan(0.7 * offOf(single) + 0.1);
    expect(checkLast(estimated)).toEqual([]);
    // Told from another size it is the same line; without a reading it is another.
    const moved = lastFromEvidence({ ...estimated, mark: 'claimed' }, many).last.outline!;
    expect(sameLine(moved, estimated.outline!)).toBe(true);
    expect(sameLine(single, estimated.outline!)).toBe(false);
    // Two readings more without a line leave the line that there is.
    expect(lastFromEvidence({ ...estimated, mark: 'claimed' }, [{ ...many[0], outline: undefined }]).last.outline).toEqual(estimated.outline);
  });
  it('is doubted as far as its taper lets toe room err, less with every tracing', () => {
    expect(sdOf(estimated).taperMm).toBeCloseTo(4 * estimated.outline!.sdMm, 9);
    expect(sdOf(estimated).taperMm).toBeLessThan(sdOf(lastFromEvidence({ ...last, mark: 'claimed' }, [many[4]]).last).taperMm);
    expect(sdOf(last).taperMm).toBe(2);
  });
  it('a line that is no insole’s is left out, and refused with a last', () => {
    const box: Point[] = [{ x: 0, y: 40 }, { x: 250, y: 40 }, { x: 250, y: 41 }, { x: 0, y: 41 }]; // prettier-ignore
    const { last: without } = lastFromEvidence({ ...last, mark: 'claimed' }, [{ ...many[0], outline: box }]);
    expect(without.outline).toBeUndefined();
    const outline = { ...estimated.outline!, points: estimated.outline!.points.map(([x, y]): [number, number] => [x, y + 60]) };
    expect(checkLast({ ...estimated, outline })).toEqual([expect.objectContaining({ path: 'outline' })]);
  });
});
