import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
  demiChain,
  flatChain,
  layInBox,
  pointeChain,
  pointeFront,
  pointePlan,
  pointeSide,
  wallBand,
  WALL_BANDS,
  widthAt,
  type Chain,
  type PointeSide
} from '../src/pointe';
import { hullOf } from '../src/shape';
import { boxCase, forefootCase, REFERENCE } from './pointe-cases';

const L = 230;
const side = (chain: Chain, over: Partial<Parameters<typeof pointeSide>[0]> = {}): PointeSide =>
  pointeSide({ box: REFERENCE, lengthMm: L, restMm: -3, chain, shankNm: 9, pinchMm: 7, ...over });
const lowest = (d: PointeSide): number => Math.min(...d.satin.map((p) => p.y), ...d.sole.map((p) => p.y));
const poses = fc.oneof(
  fc.constant(flatChain()),
  fc.tuple(fc.integer({ min: 30, max: 88 }), fc.integer({ min: 18, max: 45 })).map(([d, mid]) => demiChain(d, mid)),
  fc.tuple(fc.integer({ min: 18, max: 48 }), fc.integer({ min: -12, max: 12 })).map(([mid, tipped]) => pointeChain(mid, tipped))
);

describe('a foot in a pointe shoe from the side', () => {
  it('stands on the floor in every pose, and its joints are those of the chain', () => {
    fc.assert(
      fc.property(poses, (chain) => {
        const d = side(chain);
        expect(Math.abs(lowest(d))).toBeLessThan(3);
        const apart = (p: keyof Omit<PointeSide['joints'], 'shin'>, q: keyof Omit<PointeSide['joints'], 'shin'>): number =>
          Math.hypot(d.joints[p].x - d.joints[q].x, d.joints[p].y - d.joints[q].y);
        // Bones keep their lengths: what bends is between them.
        const flat = side(flatChain());
        const bone = (p: 'ankle' | 'midfoot' | 'toeJoint', q: 'midfoot' | 'toeJoint' | 'toeEnd'): number =>
          Math.hypot(flat.joints[p].x - flat.joints[q].x, flat.joints[p].y - flat.joints[q].y);
        expect(apart('ankle', 'midfoot')).toBeCloseTo(bone('ankle', 'midfoot'), 0);
        expect(apart('toeJoint', 'toeEnd')).toBeCloseTo(bone('toeJoint', 'toeEnd'), 0);
      })
    );
  });
  it('8 degrees short puts the ankle 25 mm behind, and sinking six lowers ankle and heel by six', () => {
    const [at, short] = [side(pointeChain(30)), side(pointeChain(30, -8))];
    expect(at.joints.ankle.x - short.joints.ankle.x).toBeGreaterThan(15);
    const sunk = side(pointeChain(30), { restMm: -9 });
    expect(Math.abs(at.joints.ankle.y - sunk.joints.ankle.y - 6)).toBeLessThan(1.2);
  });
  it('the heel’s cloth stands out by the fold, a harder shank bends less with the arch', () => {
    const out = (pinchMm: number): number => Math.min(...side(pointeChain(30), { pinchMm }).satin.map((p) => p.x));
    expect(out(12)).toBeLessThan(out(2) - 5);
    const middle = (shankNm: number): { x: number; y: number } => side(pointeChain(30), { shankNm }).sole[20];
    expect(Math.hypot(middle(18).x - middle(4).x, middle(18).y - middle(4).y)).toBeGreaterThan(1);
  });
});

describe('a foot in its box from in front', () => {
  const front = (toes: 'egyptian' | 'greek' | 'square', side: 'left' | 'right' = 'left') => pointeFront(layInBox(forefootCase({ toes, side }), REFERENCE));
  it('keeps every toe above the platform and inside the walls, five of them, those that bear named', () => {
    for (const shape of ['egyptian', 'greek', 'square'] as const) {
      const { toes } = front(shape);
      expect(toes).toHaveLength(5);
      expect(toes.some((t) => t.bears)).toBe(true);
      for (const toe of toes)
        for (const p of toe.outline) {
          expect(p.y).toBeGreaterThan(0);
          expect(Math.abs(p.x)).toBeLessThanOrEqual(widthAt(REFERENCE, Math.max(0, p.y)) / 2 + 3);
        }
    }
  });
  it('walls are coloured by how hard they press: a narrow box is hard somewhere, a wide one nowhere', () => {
    const bands = (girth: number, width: number): string[] =>
      pointeFront(layInBox(forefootCase(), boxCase({ jointGirthMm: girth, jointWidthMm: width }))).walls.map((w) => w.band);
    expect(bands(184, 71)).toContain('hard');
    expect(bands(216, 83)).not.toContain('hard');
    expect(WALL_BANDS.map((b) => wallBand(b.over === -Infinity ? 0 : b.over + 0.01))).toEqual(WALL_BANDS.map((b) => b.id));
  });
  it('a straight box is the same on both feet, and the satin closes at the throat', () => {
    expect(front('egyptian', 'right').box).toEqual(front('egyptian').box);
    const { box, throat } = front('egyptian');
    expect(hullOf(box).length).toBeGreaterThan(8);
    expect(Math.max(...box.map((p) => p.y))).toBeLessThanOrEqual(Math.max(...throat.map((p) => p.y)) + 0.01);
  });
});

describe('a foot laid flat in its shoe from above', () => {
  const plan = (toes: 'egyptian' | 'greek' | 'square', fillers?: number[]) => pointePlan(layInBox(forefootCase({ toes }), REFERENCE, undefined, fillers));
  it('is held within the stiff walls, and stands wider without them', () => {
    for (const toes of ['egyptian', 'greek', 'square'] as const) {
      const { pressed, standing } = plan(toes);
      for (const p of pressed) if (p.x < REFERENCE.wingMm - 2) expect(Math.abs(p.y)).toBeLessThanOrEqual(widthAt(REFERENCE, Math.max(0, p.x)) / 2 + 0.01);
      const wide = (line: typeof standing): number => Math.max(...line.map((p) => p.y)) - Math.min(...line.map((p) => p.y));
      expect(wide(standing)).toBeGreaterThan(wide(pressed));
    }
  });
  it('the shoe is straight, shows its fillers, and is cut across the joints at their girth', () => {
    const { outside, fillers, sections } = plan('egyptian', [0, 4, 8, 0, 0]);
    const [most, least] = [Math.max(...outside.map((p) => p.y)), Math.min(...outside.map((p) => p.y))];
    expect(most).toBeCloseTo(-least, 6);
    expect(fillers.map((f) => f.mm)).toEqual([4, 8]);
    expect(plan('egyptian').fillers).toEqual([]);
    expect(sections[0].boxMm.girth).toBeCloseTo(REFERENCE.jointGirthMm, 5);
  });
});
