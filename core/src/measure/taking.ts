import type { WayOfTaking } from './ways';
import type { TakenId } from './readings';

/** The measures in the order the hands take them, by the tool in the hand. A shop may put the groups in another order. */
export interface MeasureGroup {
  id: string;
  name: string;
  hint: string;
  how: WayOfTaking;
  measures: readonly { id: TakenId; name: string; hint: string }[];
}

// prettier-ignore
export const MEASURE_GROUPS: readonly MeasureGroup[] = [
  {
    id: 'gauge', name: 'Gauge', hint: 'heel back, weight on', how: 'device',
    measures: [
      { id: 'lengthMm', name: 'Length', hint: 'heel to the longest toe' },
      { id: 'ballLengthMm', name: 'Ball length', hint: 'heel to the big-toe joint' },
      { id: 'ballWidthMm', name: 'Ball width', hint: 'across both joints, bunion included' }
    ]
  },
  {
    id: 'calliper', name: 'Calliper', hint: 'standing', how: 'device',
    measures: [{ id: 'heelWidthMm', name: 'Heel width', hint: 'widest of the heel' }]
  },
  {
    id: 'tape', name: 'Tape', hint: 'snug, not pulled', how: 'tape',
    measures: [
      { id: 'ballGirthMm', name: 'Ball girth', hint: 'around both joints' },
      { id: 'waistGirthMm', name: 'Waist girth', hint: 'just behind the joints' },
      { id: 'instepGirthMm', name: 'Instep girth', hint: 'over the highest point' },
      { id: 'shortHeelGirthMm', name: 'Short heel girth', hint: 'back of the heel and ankle bend' }
    ]
  },
  {
    id: 'toes', name: 'Toes', hint: 'where each ends, and how high', how: 'device',
    measures: [
      { id: 'outerBallLengthMm', name: 'Outer ball length', hint: 'heel to the little-toe joint' },
      { id: 'toe1TipMm', name: 'Toe 1, big toe', hint: 'behind the longest; 0 if longest' },
      { id: 'toe2TipMm', name: 'Toe 2', hint: 'behind the longest' },
      { id: 'toe3TipMm', name: 'Toe 3', hint: 'behind the longest' },
      { id: 'toe4TipMm', name: 'Toe 4', hint: 'behind the longest' },
      { id: 'toe5TipMm', name: 'Toe 5, little toe', hint: 'behind the longest' },
      { id: 'bigToeLengthMm', name: 'Big toe length', hint: 'tip to the crease at its joint' },
      { id: 'toeHeightMm', name: 'Toe height', hint: 'floor to the top of the big toe' },
      { id: 'littleToeHeightMm', name: 'Little toe height', hint: 'floor to its top' },
      { id: 'littleToeBunionMm', name: 'Little-toe bunion', hint: 'how far it stands out' },
      { id: 'heelSpurMm', name: 'Heel spur', hint: 'how far it stands out' }
    ]
  },
  {
    id: 'arch', name: 'Arch', hint: 'seated, then standing', how: 'device',
    measures: [
      { id: 'archSeatedMm', name: 'Top at half length, seated', hint: 'floor to the top of the foot' },
      { id: 'archStandingMm', name: 'Top at half length, standing', hint: 'the same, weight on' },
      { id: 'navicularSeatedMm', name: 'Navicular, seated', hint: 'floor to the inner bump' },
      { id: 'navicularStandingMm', name: 'Navicular, standing', hint: 'the same, weight on' },
      { id: 'ankleBoneMm', name: 'Under the ankle bone', hint: 'floor to the outer bone’s lower edge' },
      { id: 'ballWidthSeatedMm', name: 'Ball width, seated', hint: 'no weight on the foot' }
    ]
  },
  {
    id: 'leg', name: 'Leg', hint: 'for boots', how: 'tape',
    measures: [
      { id: 'ankleGirthMm', name: 'Ankle girth', hint: 'the thinnest of the ankle' },
      { id: 'ankleGirthHeightMm', name: 'at a height of', hint: 'floor to the tape' },
      { id: 'calfGirthMm', name: 'Calf girth', hint: 'the fullest of the calf' },
      { id: 'calfGirthHeightMm', name: 'at a height of', hint: 'floor to the tape' },
      { id: 'shinLengthMm', name: 'Shin length', hint: 'floor to the knee crease' }
    ]
  },
  {
    id: 'pointe', name: 'Pointe', hint: 'barefoot, at the barre; stop where it hurts', how: 'device',
    measures: [
      { id: 'pressedBallGirthMm', name: 'Ball girth, pressed', hint: 'tape drawn until the flesh gives' },
      { id: 'pressedBallWidthMm', name: 'Ball width, pressed', hint: 'a hand closes the heads, calliper across' },
      { id: 'tipSpanMm', name: 'Across the toe tips', hint: 'calliper, 15 mm behind the longest' },
      { id: 'pointReachDeg', name: 'Point reach', hint: 'whole foot pointed; 90: instep in line with the shin' },
      { id: 'demiReachDeg', name: 'Demi-pointe reach', hint: 'heel raised, toes flat: sole to floor' },
      { id: 'rises', name: 'Single-leg rises', hint: 'in a row, knee straight, a finger at the barre' }
    ]
  },
  {
    id: 'reach', name: 'Reach', hint: 'no pushing; stop where it hurts', how: 'device',
    measures: [
      { id: 'ankleLiftDeg', name: 'Ankle lift', hint: 'lifting the foot, knee straight' },
      { id: 'heelDropMm', name: 'Heel drop, relaxed', hint: 'toes below the heel, leg held out' }
    ]
  }
];

/** Groups open from the start: the eight commonest measures of a visit. */
export const OPEN_GROUPS: readonly string[] = ['gauge', 'calliper', 'tape'];
export const MEASURE_GROUP_IDS = MEASURE_GROUPS.map((g) => g.id);

const HOW: ReadonlyMap<TakenId, WayOfTaking> = new Map(MEASURE_GROUPS.flatMap((g) => g.measures.map((m) => [m.id, g.how] as const)));
/** How a measure is taken unless it is said otherwise. */
export const usualWay = (id: TakenId): WayOfTaking => HOW.get(id) ?? 'tape';

/** The groups in a shop's order; what it does not name keeps its place behind. */
export const groupsInOrder = (order: readonly string[]): MeasureGroup[] =>
  [...MEASURE_GROUPS].sort((p, q) => placeOf(order, p.id) - placeOf(order, q.id) || MEASURE_GROUP_IDS.indexOf(p.id) - MEASURE_GROUP_IDS.indexOf(q.id));
const placeOf = (order: readonly string[], id: string): number => (order.includes(id) ? order.indexOf(id) : order.length);
