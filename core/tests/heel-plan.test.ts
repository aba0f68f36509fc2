import { describe, expect, it } from 'vitest';
import { planDates, planOccasion, partnerRise, TERMS, type PlanAsked, type PlanEnd, type PlanShoe, type Segment } from '../src/heel';

const segment = (name: string, minutes: number, doing: Segment['doing'], ground: Segment['ground'], over: Partial<Segment> = {}): Segment => ({
  name,
  minutes,
  doing,
  ground,
  wet: false,
  turns: false,
  formality: 3,
  seen: 0,
  heightMatters: false,
  ...over
});
const shoe = (id: string, heelHeightMm: number, heel: PlanShoe['made']['heel'], over: Partial<PlanShoe> = {}): PlanShoe => ({
  id,
  name: id,
  made: { heelHeightMm, platformMm: 0, heel, hold: 'strap' },
  formality: 3,
  sole: 'leather',
  slideMm: 0,
  hoursWorn: 10,
  owned: true,
  ...over
});
const SHOES = [shoe('block-60', 60, 'block'), shoe('block-85', 85, 'block'), shoe('pump-95', 95, 'thick-stiletto'), shoe('dance-64', 64, 'spool')];
/** An evening: a song on moist grass, a terrace, supper, waltzes. */
const evening: PlanAsked = {
  foot: { lengthMm: 240 },
  weightKg: 62,
  ankleReachDeg: 46,
  reachSchool: 'middle',
  segments: [
    segment('song', 40, 'standing', 'lawn-clay-moist'),
    segment('terrace', 40, 'walking', 'stone', { heightMatters: true }),
    segment('supper', 120, 'sitting', 'oak'),
    segment('waltzes', 180, 'dancing', 'oak', { turns: true, heightMatters: true })
  ],
  shoes: SHOES,
  wishes: {
    partner: { statureMm: 1760, riseMm: partnerRise(1760, 25), tallerMm: [40, 75] },
    statureMm: 1650,
    longSkirt: true,
    hem: true,
    weights: { comfort: 1, risk: 1, look: 1 }
  }
};
function plan(over: Partial<PlanAsked> = {}, mostChanges?: number): PlanEnd {
  const job = planOccasion({ ...evening, ...over }, mostChanges);
  for (;;) {
    const { done, value } = job.next();
    if (done) return value;
  }
}
const of = (...ids: string[]) => SHOES.filter((s) => ids.includes(s.id));

describe('an occasion', () => {
  it('a block of 60 all day: the load comes to 5.0, nothing else of comfort; a block of 85 for two hours asks 1.9 of the ankle and 2.6 on soft ground', () => {
    const { one } = plan({ shoes: of('block-60') });
    expect(Math.abs(one!.terms.load - 5)).toBeLessThan(0.15);
    expect(one!.terms.ankle).toBe(0);
    const first = { ...evening.wishes, partner: null };
    const high = plan({ shoes: of('block-85'), segments: evening.segments.slice(0, 2), wishes: first }).one!;
    expect(high.terms.ankle).toBeCloseTo(1.9, 1);
    expect(high.terms.sink).toBeCloseTo(2.6, 1);
  });
  it('terms sum to the total, whatever is best', () => {
    const { one, two } = plan();
    for (const p of [one!, two!]) expect(TERMS.reduce((sum, t) => sum + p.terms[t.id], 0)).toBeCloseTo(p.total, 9);
    expect(two!.pairs).toHaveLength(2);
    expect(new Set(two!.worn)).toEqual(new Set([0, 1]));
  });
  it('more pairs to choose from never worsen the best, and the order they come in changes nothing', () => {
    const few = plan({ shoes: of('block-85', 'pump-95') });
    const more = plan();
    expect(more.one!.total).toBeLessThanOrEqual(few.one!.total);
    expect(more.two!.total).toBeLessThanOrEqual(few.two!.total);
    expect(plan({ shoes: [...SHOES].reverse() }).one!.total).toBeCloseTo(more.one!.total, 9);
  });
  it('more changes allowed never worsen the best two, and a pair is then worn twice', () => {
    const totals = [1, 2, 3].map((most) => plan({}, most).two!.total);
    expect([...totals].sort((a, b) => b - a)).toEqual(totals);
    const changes = ({ worn }: { worn: number[] }) => worn.filter((w, i) => i > 0 && w !== worn[i - 1]).length;
    expect(changes(plan({}, 1).two!)).toBe(1);
  });
  it('at most two changes; a hem is cut for one of the pairs worn', () => {
    const { two } = plan();
    expect(two!.worn.filter((w, i) => i > 0 && w !== two!.worn[i - 1]).length).toBeLessThanOrEqual(2);
    expect(two!.pairs).toContain(two!.hemFor);
    expect(plan({ wishes: { ...evening.wishes, hem: false } }).two!.hemFor).toBeNull();
  });
  it('a thin heel costs more than a block on grass, rubber in turns and leather in the wet cost what they should', () => {
    const lawn = { segments: evening.segments.slice(0, 1) };
    expect(plan({ ...lawn, shoes: of('pump-95') }).one!.terms.sink).toBeGreaterThan(plan({ ...lawn, shoes: of('block-85') }).one!.terms.sink + 5);
    const waltz = { segments: evening.segments.slice(3) };
    expect(plan({ ...waltz, shoes: [shoe('rubber', 60, 'block', { sole: 'rubber' })] }).one!.terms.sole).toBe(6);
    expect(plan({ ...waltz, shoes: of('block-60') }).one!.terms.sole).toBe(0);
    expect(plan({ segments: [segment('rain', 30, 'walking', 'stone', { wet: true })], shoes: of('block-60') }).one!.terms.sole).toBe(6);
  });
  it('shoes beyond reach are left out and named; with none left there is no plan', () => {
    const end = plan({ ankleReachDeg: 20 });
    expect(end.left.map((l) => l.id)).toContain('pump-95');
    expect(plan({ ankleReachDeg: 5 })).toMatchObject({ one: null, two: null, lookForTwo: null });
  });
  it('tells the factor on look from which on two pairs win, and there they do', () => {
    const segments = [
      segment('vows', 60, 'standing', 'stone', { formality: 5, seen: 1 }),
      segment('dance', 240, 'dancing', 'oak', { formality: 2, seen: 0.2 })
    ];
    const shoes = [shoe('gown', 95, 'thick-stiletto', { formality: 5 }), shoe('low', 40, 'block', { formality: 2 })];
    const asked = { segments, shoes, wishes: { ...evening.wishes, partner: null, hem: false, longSkirt: false } };
    const at = (look: number) => plan({ ...asked, wishes: { ...asked.wishes, weights: { comfort: 1, risk: 1, look } } });
    const factor = at(1).lookForTwo!;
    expect(factor).not.toBeNull();
    expect(at(factor + 0.02).two!.total).toBeLessThan(at(factor + 0.02).one!.total);
    if (factor > 0.02) expect(at(factor - 0.02).two!.total).toBeGreaterThan(at(factor - 0.02).one!.total);
  });
  it('no part and too many are refused', () => {
    expect(() => plan({ segments: [] })).toThrow(/at least one part/);
    expect(() => plan({ segments: Array.from({ length: 9 }, () => evening.segments[0]) })).toThrow(/at most 8/);
  });
});

describe('dates before an event', () => {
  it('12 June with ten days of delivery: order 19 May, in hand 29, hem 30 May, done 9 June', () => {
    const dates = planDates('2026-06-12', '2026-04-01', { deliveryDays: 10, hem: true, returnDays: 14 });
    expect(dates).toMatchObject({ orderBy: '2026-05-19', inHandBy: '2026-05-29', hemBy: '2026-05-30', hemDoneBy: '2026-06-09', tooLateToOrder: false });
    const order = [dates.orderBy, dates.inHandBy, dates.hemBy!, dates.hemDoneBy!, '2026-06-12'];
    expect([...order].sort()).toEqual(order);
  });
  it('too late to order is said, and an event yesterday too', () => {
    expect(planDates('2026-06-12', '2026-05-20', { deliveryDays: 10, hem: false, returnDays: null })).toMatchObject({ tooLateToOrder: true, hemBy: null, eventPassed: false }); // prettier-ignore
    expect(planDates('2026-06-12', '2026-06-13', { deliveryDays: 0, hem: false, returnDays: null }).eventPassed).toBe(true);
  });
});
