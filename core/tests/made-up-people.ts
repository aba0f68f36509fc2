import { honestFeet } from '../../bench/honest-feet';
import { allStyles } from '../../demo/lasts';
import type { seeded } from '../../demo/random';
import { FEELS, fitOnce, footAsWorn, KIND, ORDINARY_WEAR, shoeOf, sizesOf, stateOf, targetsFor, ZONE, ZONE_STATES, zoneSetFor, type Shoe, type Style, type ZoneId, type ZoneState } from '../src/fit'; // prettier-ignore
import { FEEL_SD, movedBy, OFFSET_SD, OFFSETS, SLIP, WHOLE_ZONES, type KnownPair, type LearnAsk } from '../src/learn';
import { completeFoot, SIDES, type Foot, type MeasureId, type Side } from '../src/measure';

/**
 * People with shoes, made up: feet from a generator that shares neither form nor figures with the model, shoes of the demo whose lasts are
 * off by draws, a size off one time in three, words felt with noise, some of them slips.
 */
export interface MadeUp {
  feet: Record<Side, Foot>;
  likingMm: number;
  ask: LearnAsk;
}
type Random = ReturnType<typeof seeded>;
const KINDS = ['oxford', 'loafer', 'sneaker', 'walking', 'lace-boot', 'flat'];
const styles = allStyles().filter((s) => KINDS.includes(s.kind));
const SAID: readonly ZoneId[] = ['toe-room', 'ball-girth', 'instep', 'heel-width', 'ball-width', 'toe-box-width'];
/** Shoes further from a foot's girth than this nobody tries on, mm. */
const TRIED_MM = 12;

function sizeFor(style: Style, feet: MadeUp['feet'], random: Random): Shoe | null {
  const most = (id: MeasureId): number => Math.max(...SIDES.map((s) => feet[s].values[id].mm));
  const off = (size: number): number => Math.abs(shoeOf(style, size, style.widths[0]).inside.madeForFootMm - most('lengthMm'));
  const sizes = [...sizesOf(style)].sort((a, b) => off(a) - off(b));
  const targets = targetsFor(shoeOf(style, sizes[0], style.widths[0]), ORDINARY_WEAR);
  const middle = (targets['ball-girth'].b + targets['ball-girth'].c) / 2;
  const far = (width: string): number => Math.abs(shoeOf(style, sizes[0], width).inside.ballGirthMm - most('ballGirthMm') - middle);
  const width = [...style.widths].sort((a, b) => far(a) - far(b))[0];
  if (off(sizes[0]) > 5 || far(width) > TRIED_MM) return null;
  const wrong = random.uniform() < 1 / 3 ? (random.uniform() < 0.5 ? 1 : -1) : 0;
  return shoeOf(style, sizes.find((s) => Math.sign(s - sizes[0]) === wrong) ?? sizes[0], width);
}
/** @param said zones one by one, or one word for the whole shoe @returns null for somebody for whom there are no shoes */
export function madeUp(random: Random, shoes: number, said: 'zones' | 'whole', taped: boolean): MadeUp | null {
  const honest = honestFeet(random.uniform);
  const foot = (side: Side): Foot => completeFoot({ side, values: Object.fromEntries(honest.filter((v) => v.side === side).map((v) => [v.id, { mm: v.mm }])) });
  const feet = { left: foot('left'), right: foot('right') };
  const likingMm = 2 * random.normal();
  const group = { toes: random.normal(), ball: random.normal(), waist: 0, heel: random.normal() };
  group.waist = group.ball;
  const pairs: KnownPair[] = [];
  for (let k = 0; k < 20 * shoes && pairs.length < shoes; k++) {
    const style = styles[Math.floor(random.uniform() * styles.length)];
    const written = sizeFor(style, feet, random);
    if (!written) continue;
    const { mark } = style.last.evidence;
    const real = OFFSETS.reduce((shoe, o) => movedBy(shoe, o, OFFSET_SD[mark][o] * random.normal()), written);
    const targets = targetsFor(real, ORDINARY_WEAR);
    const zones: Record<Side, Partial<Record<ZoneId, ZoneState>>> = { left: {}, right: {} };
    let [sum, weights] = [0, 0];
    for (const side of SIDES) {
      const { zone } = fitOnce(footAsWorn(feet[side], ORDINARY_WEAR).dims, real, ORDINARY_WEAR);
      for (const id of SAID) {
        const mm = zone[zoneSetFor(KIND[real.kind]).at[id]!];
        if (Number.isNaN(mm)) continue;
        const liked = mm - ZONE[id].preferenceShare * (likingMm + group[ZONE[id].part]);
        const felt = liked + FEEL_SD[id]! * random.normal();
        zones[side][id] = random.uniform() < SLIP.zone ? ZONE_STATES[Math.floor(5 * random.uniform())] : stateOf(felt, targets[id]!);
        const weight = WHOLE_ZONES.find(([z]) => z === id)?.[1] ?? 0;
        sum += weight * (liked - (targets[id]!.b + targets[id]!.c) / 2);
        weights += weight;
      }
    }
    const whole = sum / weights + 2.5 * random.normal();
    const words = said === 'zones' ? { zones } : { zones: {}, whole: FEELS[[-3.15, -1.05, 1.05, 3.15].filter((c) => whole > c).length].id };
    pairs.push({ id: String(k), shoe: written, lastId: style.last.id, mark, wear: ORDINARY_WEAR, worn: false, ...words });
  }
  if (pairs.length < shoes) return null;
  const tape = (side: Side) =>
    Object.fromEntries(([['lengthMm', 1.5], ['ballGirthMm', 3]] as const).map(([id, sdMm]) => [id, { mm: feet[side].values[id].mm + sdMm * random.normal(), sdMm }])); // prettier-ignore
  return { feet, likingMm, ask: { pairs, tape: taped ? { left: tape('left'), right: tape('right') } : {}, preference: 'regular' } };
}
