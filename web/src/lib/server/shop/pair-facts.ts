import type { Style } from '@chiave/core/fit';
import { growthAt } from '@chiave/core/foot';
import { dayNumber, KIND_LIFE, tallyOf, type Habit, type KeptPair, type LifeEvent, type PairState } from '@chiave/core/keep';
import { figureOf, lifeKm, useShoe, useStyleOf, type UseSetting } from '@chiave/core/use';
import type { LifeRow, PairBody } from '../../api/keep-schema';
import { ageAt, roomLeft } from '../../feet-history';
import type { FittingRow } from '../../api/rows';
import { useSettingOf } from '../../use-fitting';
import type { PairFacts } from '../db';

/** From what is kept of a pair to what the rules read of it. */
const dayOrNull = (day: string | null): number | null => (day === null ? null : dayNumber(day));

/** What a pair is looked at with: the newest visit with both feet, and the style where the stockroom has it. */
export interface PairAround {
  fitting: FittingRow | null;
  style: Style | null;
}
const eventOf = ({ on, what, amount, unit, cost, checks }: Omit<LifeRow, 'id' | 'by' | 'note'>): LifeEvent => ({ on: dayNumber(on), what, amount, unit, cost, checks }); // prettier-ignore
const habitOf = ({ from, until, ...h }: PairBody['habits'][number]): Habit => ({ ...h, from: dayNumber(from), until: dayOrNull(until) });
/** Weight where none was told, kg [model]. */
const USUAL_KG = 65;

/** Kilometres of a running pair, by its foam, its weight and the wearer's. */
function kmLife(setting: UseSetting | null, style: Style): KeptPair['life'] {
  const shoe = useShoe(useStyleOf(style));
  const anybody: UseSetting = setting ?? { person: { lengthMm: 245, ballWidthMm: null, ankleGirthMm: null, ankleReachDeg: null, toeHeightMm: null, hammerToeMm: 0, kneeHeightMm: null, weightKg: null, sockMm: 0, flags: [], looks: {} }, answers: {}, grips: undefined as never }; // prettier-ignore
  const [rear, grams, sole] = (['rear', 'grams', 'sole'] as const).map((id) => figureOf(id, anybody, shoe));
  if (!rear || !grams || !sole) return null;
  return lifeKm({ rear: rear.centre, grams: grams.centre, sole: sole.centre, weightKg: setting?.person.weightKg ?? USUAL_KG, answers: setting?.answers ?? {} });
}
/** The day on which a growing foot has no room left; null where it does not grow or nothing is known. */
function outgrownOn(body: PairBody, { fitting, style }: PairAround): number | null {
  if (!fitting || !style) return null;
  const age = ageAt(fitting.customer, fitting.openedAt);
  if (age === undefined || growthAt(age, fitting.customer.fitsAs).perYearMm <= 0) return null;
  const room = roomLeft(fitting, body, style, fitting.openedAt);
  if (!room || room.months === null) return null;
  return dayNumber(fitting.openedAt.slice(0, 10)) + Math.round(room.months * 30.4375);
}
export function factsOf(body: PairBody, life: readonly Omit<LifeRow, 'id' | 'by' | 'note'>[], around: PairAround): PairFacts {
  const { kind } = body;
  const habits = body.habits.map(habitOf);
  const setting = around.fitting ? useSettingOf(around.fitting) : null;
  return {
    kind,
    uses: body.uses,
    boughtOn: dayOrNull(body.boughtOn),
    price: body.price,
    returnBy: dayOrNull(body.returnBy),
    orderedOn: dayOrNull(body.orderedOn),
    expectedOn: dayOrNull(body.expectedOn),
    habits,
    tally: tallyOf(life.map(eventOf), habits, KIND_LIFE[kind].kmh),
    life: KIND_LIFE[kind].counts === 'km' && around.style ? kmLife(setting, around.style) : null,
    leatherSole: body.leatherSole,
    tip: body.tipMm === null ? null : { widthMm: body.tipMm, lengthMm: body.tipMm, section: 'round' },
    outgrownOn: outgrownOn(body, around)
  };
}
export const stateOf = (body: PairBody, { tally }: PairFacts): PairState =>
  tally.ended ? (tally.ended.what as PairState) : body.ordered ? 'ordered' : 'owned';
