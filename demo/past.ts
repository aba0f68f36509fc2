/** People of the two years before, without names: what they tried and said, from the hidden truth. */
import { bestOfStyle, checkFit, ENGINE_VERSION, fitOnce, footAsWorn, KIND, ORDINARY_WEAR, shoeOf, stateOf, targetsFor, ZONE, zoneSetFor, type Candidate, type KindId, type Style, type Wear, type ZoneId } from '@chiave/core/fit'; // prettier-ignore
import { FEEL_SD, movedBy, OFFSETS, SLIP, toldOf } from '@chiave/core/learn';
import { completeFoot, SIDES, type Foot, type MeasureId, type Side } from '@chiave/core/measure';
import { ZONE_STATES } from '@chiave/core/fit';
import { honestFeet } from '../bench/honest-feet';
import type { DemoTry } from './history';
import { seeded } from './random';
import { OFF_LASTS, TABLE_OFF, WAYS, WRONG_SIZES } from './truth';

/** Somebody of the past: feet as they were taped, what was tried. */
export interface PastVisit {
  openedAt: string;
  kinds: KindId[];
  preference: 'snug' | 'regular' | 'generous';
  by: string;
  feet: Record<Side, Partial<Record<MeasureId, number>>>;
  tries: DemoTry[];
}
const PEOPLE = 300;
const PAIRS = 3;
const TAPED: readonly (readonly [MeasureId, number])[] = [['lengthMm', 1.3], ['ballWidthMm', 1.2], ['ballGirthMm', 2.6], ['instepGirthMm', 2.8], ['heelWidthMm', 1.1]]; // prettier-ignore
const SAID: readonly ZoneId[] = ['toe-room', 'ball-girth', 'instep', 'heel-width'];
const KINDS_OF = { men: [['oxford'], ['oxford', 'loafer'], ['walking']], women: [['loafer'], ['loafer', 'oxford'], ['walking'], ['pump']] } as const;
export const SHIFT = { snug: -3, regular: 0, generous: 4 } as const;
/** Beyond this chance nobody of the past comes with other than ordinary feet for the shelf. */
const LEAST_CHANCE = 0.02;
const ZONE_PLACES = 100;

type Random = ReturnType<typeof seeded>;
const round = (mm: number, step = 0.5): number => Math.round(mm / step) * step;

/** What a shoe is in truth: its last as it is, not as its sheet says. */
function trueShoe(style: Style, size: number, width: string) {
  const off = OFF_LASTS[style.last.id] ?? {};
  return OFFSETS.reduce((shoe, o) => (off[o] ? movedBy(shoe, o, off[o]) : shoe), shoeOf(style, size, width));
}
export interface Wearer {
  feet: Record<Side, Foot>;
  liking: number;
  by: string;
  /** How they wear it; liking is their own. */
  wear: Wear;
  random: Random;
}
/** What somebody says of a pair: felt in the shoe as it is, told through a fitter. */
export function feltIn(style: Style, size: number, width: string, { feet, liking, by, wear, random }: Wearer): DemoTry['felt'] {
  const shoe = trueShoe(style, size, width);
  const targets = targetsFor(shoe, wear);
  const made = { length: 0.7 * random.normal(), girth: 1.5 * random.normal() };
  const felt = (side: Side): Record<string, string> => {
    const { zone } = fitOnce(footAsWorn(feet[side], wear).dims, shoe, wear);
    return Object.fromEntries(
      SAID.flatMap((id) => {
        const mm = zone[zoneSetFor(KIND[shoe.kind]).at[id]!];
        if (Number.isNaN(mm) || random.uniform() < 0.12) return [];
        const own = id === 'toe-room' ? made.length - WAYS[by] - (TABLE_OFF[shoe.kind] ?? 0) : id === 'ball-girth' ? made.girth : 0;
        const noisy = mm + own - ZONE[id].preferenceShare * liking + FEEL_SD[id]! * random.normal();
        return [[id, random.uniform() < SLIP.zone ? ZONE_STATES[Math.floor(5 * random.uniform())] : stateOf(noisy, targets[id]!)]];
      })
    );
  };
  return { left: felt('left'), right: felt('right') };
}
const outside = (felt: DemoTry['felt']): [ZoneId, Side] | null => {
  for (const side of SIDES) for (const [zone, word] of Object.entries(felt[side])) if (word.startsWith('too-')) return [zone as ZoneId, side];
  return null;
};
/** What the engine expected of the zones people speak of. */
function expectedOf(style: Style, c: Candidate, taped: Record<Side, Foot>, wear: Wear): NonNullable<DemoTry['told']> {
  const told = toldOf(checkFit(SIDES.map((s) => footAsWorn(taped[s], wear)), shoeOf(style, c.sizeNumber, c.width), wear, [], ZONE_PLACES)); // prettier-ignore
  const spoken = (side: Side) => Object.fromEntries(SAID.flatMap((zone) => (told[side]?.[zone] ? [[zone, told[side][zone]]] : [])));
  return { left: spoken('left'), right: spoken('right') };
}
/** The people of the past, the oldest visit first. */
export function pastVisits(styles: readonly Style[]): PastVisit[] {
  const random = seeded(2026);
  const out: PastVisit[] = [];
  let pairs = 0;
  while (out.length < PEOPLE) {
    const group = random.uniform() < 0.5 ? 'men' : 'women';
    const honest = honestFeet(random.uniform);
    const foot = (side: Side, noise: boolean): Foot =>
      completeFoot({ side, values: Object.fromEntries(TAPED.map(([id, sd]) => [id, { mm: noise ? round(value(id, side) + sd * random.normal()) : value(id, side) }])) }); // prettier-ignore
    const value = (id: MeasureId, side: Side): number => honest.find((v) => v.id === id && v.side === side)!.mm;
    const feet = { left: foot('left', false), right: foot('right', false) };
    const taped = { left: foot('left', true), right: foot('right', true) };
    const kinds = KINDS_OF[group][Math.floor(random.uniform() * KINDS_OF[group].length)];
    const preference = (['regular', 'regular', 'regular', 'snug', 'generous'] as const)[Math.floor(5 * random.uniform())];
    const by = Object.keys(WAYS)[out.length % 3];
    const liking = SHIFT[preference] + 2 * random.normal();
    const wear: Wear = { ...ORDINARY_WEAR, preference };
    const worn = SIDES.map((s) => footAsWorn(taped[s], wear));
    const of = styles.filter((s) => (kinds as readonly string[]).includes(s.kind) && (s.forWhom === group || s.forWhom === 'unisex'));
    // One of each last: three styles of one last would say the same thrice.
    const best = new Map<string, { style: Style; c: Candidate }>();
    for (const style of of) {
      const c = bestOfStyle(style, worn, wear).candidate;
      if (c && c.probability > LEAST_CHANCE && c.probability > (best.get(style.last.id)?.c.probability ?? 0)) best.set(style.last.id, { style, c });
    }
    const put = [...best.values()].sort((a, b) => b.c.probability - a.c.probability).slice(0, PAIRS);
    if (put.length < 2) continue;
    let kept = false;
    const wearer: Wearer = { feet, liking, by, wear: ORDINARY_WEAR, random };
    const tries = put.map(({ style, c }): DemoTry => {
      pairs++;
      // A size written down wrongly: worn was a whole size more.
      const wrong = pairs % Math.floor((PEOPLE * PAIRS) / (WRONG_SIZES + 1)) === 0 && c.sizeNumber + 1 <= style.to ? 1 : 0;
      const felt = feltIn(style, c.sizeNumber + wrong, c.width, wearer);
      const bad = outside(felt);
      const taken = !bad && !kept && random.uniform() < 0.75;
      kept ||= taken;
      const later = taken && random.uniform() < 0.08;
      return {
        style: c.styleId, size: c.size, width: c.width, felt, verdict: c.verdict, probability: Math.round(100 * c.probability) / 100, engine: ENGINE_VERSION, why: '',
        outcome: later ? 'returned' : taken ? 'kept' : 'left', told: expectedOf(style, c, taped, wear),
        ...(taken && !later ? {} : { reason: later ? { code: 'later-pain' } : bad ? { code: 'fit', zone: bad[0], side: bad[1] } : { code: 'other-won' } })
      }; // prettier-ignore
    });
    const daysAgo = 60 + Math.floor((670 * (PEOPLE - out.length)) / PEOPLE);
    const own = (side: Side) => Object.fromEntries(TAPED.map(([id]) => [id, taped[side].values[id].mm]));
    out.push({ openedAt: new Date(Date.UTC(2026, 10, 20, 9 + (out.length % 8)) - daysAgo * 86_400_000).toISOString(), kinds: [...kinds], preference, by, feet: { left: own('left'), right: own('right') }, tries }); // prettier-ignore
  }
  return out;
}
