import { normalBelow } from '../measure';
import { VAMP } from './cover';
import type { BoxDoubt } from './doubt';
import type { PointeFoot } from './forefoot';
import { PRESS_KPA } from './hold';
import { SAFE } from './over';
import type { InBox, OnShank } from './stand';

/** Four cuts: low below a, lowish to b, right to c, highish to d, high above; without an end there is none [model]. */
export type Cuts = readonly [number, number, number, number];
export const ZONE_STATES = ['low', 'lowish', 'right', 'highish', 'high'] as const;
export type ZoneState = (typeof ZONE_STATES)[number];
const NONE = Infinity;

/** What the zones are read from. */
export interface ZoneSource {
  of: PointeFoot;
  inBox: InBox;
  shank: OnShank;
  doubt: BoxDoubt;
  slope: Slope;
}
/** What 3 mm more of girth at the joints change: the slope that doubt of the girth goes through. */
export interface Slope {
  hands: number;
  sink: number;
  mpa: number;
}
interface ZoneDefinition<Id extends string = string> {
  id: Id;
  name: string;
  unit: 'mm' | '°' | 'MPa' | '×';
  cuts: (source: ZoneSource) => Cuts;
  /** None where it cannot be judged. */
  value: (source: ZoneSource) => number | null;
  sd: (source: ZoneSource) => number;
  /** Zones of one cause count once, by the worst of them. */
  cause?: 'hold' | 'over';
  /** It hangs on the shank: another grade has its own. */
  ofShank?: true;
  /** What it means to be low and high, in words. */
  low: string;
  high: string;
  /** The same in a word or two, for a card. */
  short: readonly [low: string, high: string];
  /** The sum in words. */
  sum: (source: ZoneSource) => string;
}
const fig = (mm: number): string => (Math.round(mm * 10) / 10).toFixed(1).replace(/^-0\.0$/, '0.0');
const signed = (mm: number): string => `${mm < 0 ? '− ' : '+ '}${fig(Math.abs(mm))}`;
const girthDoubt = ({ doubt }: ZoneSource): number => Math.hypot(doubt.girth, 3);
/** Model error, by zone. */
const MODEL = { hands: 0.3, sink: 1.2, mpa: 0.2, degrees: 4, other: 2.5 } as const;
const BUNION_FROM_MM = 3;
const wingShift = (mm: number, of: PointeFoot): number => (mm >= BUNION_FROM_MM ? 0.03 * of.foot.values.lengthMm.mm : 0);
const wingCuts = (base: Cuts, mm: number, { of }: ZoneSource): Cuts => {
  const more = wingShift(mm, of);
  const rolls = of.rolls || of.hypermobile ? 7 : 0;
  return [base[0] + more + rolls, base[1] + more + rolls, base[2] + more, base[3] + more];
};
const vampShift = ({ of }: ZoneSource): number =>
  (of.pointReachDeg === null ? 0 : Math.min(4, Math.max(-3, 0.3 * (of.pointReachDeg - 92)))) + (of.hypermobile ? 1 : 0);

const zone = <const Id extends string>(own: ZoneDefinition<Id>): ZoneDefinition<Id> => own;
/** Zones that decide, each once. */
export const POINTE_ZONES = [
  zone({
    id: 'length',
    name: 'length',
    unit: 'mm',
    cuts: () => [-6, -3, 1, 4],
    value: ({ inBox }) => inBox.compiled.box.insideLengthMm - inBox.foot.lengthMm,
    sd: ({ doubt }) => Math.hypot(doubt.length, 1.5),
    low: 'too short: the toes bend',
    high: 'too long: nothing holds the toes at the end',
    short: ['short', 'long'],
    sum: ({ inBox }) => `inside ${fig(inBox.compiled.box.insideLengthMm)} − foot ${fig(inBox.foot.lengthMm)}`
  }),
  zone({
    id: 'hands',
    name: 'press at the joints',
    unit: '×',
    cause: 'hold',
    cuts: () => [0.15, 0.4, 2.2, 3.2],
    value: ({ inBox }) => inBox.hold.hands,
    sd: (s) => Math.hypot((s.slope.hands / 3) * girthDoubt(s), MODEL.hands * s.inBox.hold.hands),
    low: 'hardly held at the joints',
    high: 'squeezed at the joints',
    short: ['hardly held', 'squeezes'],
    sum: ({ inBox }) => `walls press ${fig(inBox.hold.handsKpa)} kPa flat, the fitter's own press ${PRESS_KPA.centre}`
  }),
  zone({
    id: 'sink',
    name: 'sink',
    unit: 'mm',
    cause: 'hold',
    cuts: () => [-2, 0, 5.5, 8.5],
    value: ({ inBox }) => inBox.hold.sinkMm,
    sd: (s) => Math.hypot((s.slope.sink / 3) * girthDoubt(s), 0.85 * Math.hypot(s.doubt.length, 1.5), MODEL.sink),
    low: 'the toes do not reach the platform',
    high: 'sinks into the box',
    short: ['stands high', 'sinks'],
    sum: ({ inBox: { hold } }) => `toes ${fig(hold.flatMm)} flat, ${fig(hold.restMm)} on pointe; walls carry ${Math.round(100 * hold.wallsShare)} of 100`
  }),
  zone({
    id: 'toe-press',
    name: 'press under the toes',
    unit: 'MPa',
    cause: 'hold',
    cuts: () => [-NONE, -NONE, 1.15, 1.5],
    value: ({ inBox }) => inBox.hold.toeMpa[0],
    sd: (s) => Math.hypot((s.slope.mpa / 3) * girthDoubt(s), MODEL.mpa),
    low: '',
    high: 'the big toe carries too much',
    short: ['', 'big toe loaded'],
    sum: ({ inBox: { hold } }) => `${hold.toes.map((t) => Math.round(t.newtons)).join(', ')} N under toes 1 to 5`
  }),
  zone({
    id: 'crowd',
    name: 'toes must close',
    unit: 'mm',
    cuts: () => [-NONE, -NONE, 6, 10],
    value: ({ inBox }) => Math.max(0, inBox.tips.crowdMm),
    sd: ({ doubt }) => Math.hypot(doubt.width, 1.5, 1.5),
    low: '',
    high: 'the taper crowds the toes',
    short: ['', 'crowds toes'],
    sum: ({ inBox }) => `toes wider than the box by ${fig(Math.max(0, inBox.tips.crowdMm))} where they meet it first`
  }),
  zone({
    id: 'tip-loose',
    name: 'room at the tips',
    unit: 'mm',
    cuts: () => [-NONE, -NONE, 18, 25],
    value: ({ inBox }) => inBox.tips.tipLooseMm,
    sd: ({ doubt }) => Math.hypot(doubt.width, 3),
    low: '',
    high: 'too square for these tips',
    short: ['', 'too square'],
    sum: ({ inBox }) => `box less toes, 10 mm behind the tips: ${fig(inBox.tips.tipLooseMm)}`
  }),
  zone({
    id: 'vamp',
    name: 'vamp over the crease',
    unit: 'mm',
    cuts: (s) => {
      const by = vampShift(s);
      return [0 + by, 3 + by, 9 + by, 14 + by];
    },
    value: ({ inBox }) => inBox.cover.vampMm,
    sd: ({ doubt }) => Math.hypot(doubt.vamp, 1.5, 1),
    low: 'the crease shows: the foot rolls through',
    high: 'holds back and bites',
    short: ['vamp short', 'vamp long'],
    sum: ({ inBox, of }) =>
      `vamp ${fig(inBox.compiled.box.vampMm)} − ${VAMP.path} × (big toe ${fig(of.bigToeLengthMm)} ${signed(inBox.hold.restMm)}) − ${VAMP.platformMm}`
  }),
  zone({
    id: 'wing-inner',
    name: 'wing over the big joint',
    unit: 'mm',
    cuts: (s) => wingCuts([-3, 0, 16, 24], s.of.foot.bunionMm, s),
    value: ({ inBox }) => inBox.cover.wingInnerMm,
    sd: ({ doubt }) => Math.hypot(doubt.wing, 2),
    low: 'the joint stands out over the wing',
    high: 'the wing cuts',
    short: ['wings short', 'wings long'],
    sum: ({ inBox, of }) =>
      `wing ${fig(inBox.compiled.box.wingMm)} − (${fig(of.foot.values.lengthMm.mm - of.foot.values.ballLengthMm.mm)} ${signed(inBox.hold.restMm)})`
  }),
  zone({
    id: 'wing-outer',
    name: 'wing at the little joint',
    unit: 'mm',
    cuts: (s) => wingCuts([-20, -14, 4, 12], s.of.foot.littleToeBunionMm, s),
    value: ({ inBox }) => inBox.cover.wingOuterMm,
    sd: ({ doubt }) => Math.hypot(doubt.wing, 3),
    low: 'the outer wing is short: she rolls out',
    high: 'the outer wing cuts',
    short: ['outer wing short', 'outer wing long'],
    sum: ({ inBox, of }) =>
      `outer wing ${fig(inBox.compiled.box.wingOuterMm)} − (${fig(of.foot.values.lengthMm.mm - of.foot.values.outerBallLengthMm.mm)} ${signed(inBox.hold.restMm)})`
  }),
  zone({
    id: 'to-spare',
    name: 'over the box',
    ofShank: true,
    unit: '°',
    cause: 'over',
    cuts: () => [-4, SAFE.toSpareDeg, NONE, NONE],
    value: ({ shank }) => shank.over?.toSpareDeg ?? null,
    sd: ({ doubt }) => Math.hypot(MODEL.degrees, 5 * doubt.shank, MODEL.other),
    low: 'does not get over the box',
    high: '',
    short: ['not over', ''],
    sum: ({ shank, of }) =>
      shank.over
        ? `reach ${of.pointReachDeg}°, upright asks for ${fig(shank.over.neededDeg)}°; shank ${fig(shank.over.shankNm)} N m a radian`
        : 'point reach was not taken'
  }),
  zone({
    id: 'held-back',
    name: 'held back',
    ofShank: true,
    unit: '°',
    cause: 'over',
    cuts: () => [-4, SAFE.heldBackDeg, NONE, NONE],
    value: ({ shank }) => shank.over?.heldBackDeg ?? null,
    sd: ({ doubt }) => Math.hypot(MODEL.degrees, 7 * doubt.shank, MODEL.other),
    low: 'falls over the box',
    high: '',
    short: ['falls over', ''],
    sum: ({ shank }) =>
      shank.over ? `shank and vamp stop her ${fig(shank.over.heldBackDeg)}° before she falls past upright by 4°` : 'point reach was not taken'
  }),
  zone({
    id: 'pinch',
    name: 'fold at the heel',
    ofShank: true,
    unit: 'mm',
    cuts: () => [1, 4, 9, 13],
    value: ({ shank }) => shank.pinchMm,
    sd: ({ doubt }) => Math.hypot(0.5 * doubt.length, 2),
    low: 'no fold at the heel: short',
    high: 'the heel bags',
    short: ['no fold', 'heel bags'],
    sum: ({ shank }) => `two fingers take ${fig(shank.pinchMm)} behind the heel on pointe`
  })
] as const;
export type PointeZoneId = (typeof POINTE_ZONES)[number]['id'];
export const POINTE_ZONE = Object.fromEntries(POINTE_ZONES.map((z) => [z.id, z])) as Readonly<Record<PointeZoneId, ZoneDefinition<PointeZoneId>>>;

/** Which of the five states a value is in. */
export function stateOf(value: number, [a, b, c, d]: Cuts): ZoneState {
  if (value < a) return 'low';
  if (value < b) return 'lowish';
  if (value <= c) return 'right';
  return value <= d ? 'highish' : 'high';
}
export const chanceWithin = (value: number, sd: number, [a, , , d]: Cuts): number =>
  (d === Infinity ? 1 : normalBelow((d - value) / sd)) - (a === -Infinity ? 0 : normalBelow((a - value) / sd));

export interface ReadZone {
  zone: PointeZoneId;
  value: number;
  sd: number;
  cuts: Cuts;
  state: ZoneState;
  /** Chance that it lies between the outer cuts. */
  chance: number;
}
const BOX_ZONES: readonly ZoneDefinition<PointeZoneId>[] = POINTE_ZONES.filter((z) => !('ofShank' in z));
const SHANK_ZONES: readonly ZoneDefinition<PointeZoneId>[] = POINTE_ZONES.filter((z) => 'ofShank' in z);
function readInto(out: ReadZone[], zones: readonly ZoneDefinition<PointeZoneId>[], source: ZoneSource): ReadZone[] {
  for (const z of zones) {
    const value = z.value(source);
    if (value === null) continue;
    const cuts = z.cuts(source);
    const sd = z.sd(source);
    out.push({ zone: z.id, value, sd, cuts, state: stateOf(value, cuts), chance: chanceWithin(value, sd, cuts) });
  }
  return out;
}
/** Every zone that can be judged. */
export const readZones = (source: ZoneSource): ReadZone[] => readInto(readInto([], BOX_ZONES, source), SHANK_ZONES, source);
/** What zones weigh together: zones of one cause count once, by the worst. */
export interface Weighed {
  product: number;
  hold: number;
  over: number;
  /** The zone that speaks most against the shoe. */
  by: PointeZoneId;
  least: number;
}
const WHOLE: Weighed = { product: 1, hold: 1, over: 1, by: 'length', least: 2 };
const weighIn = (into: Weighed, id: PointeZoneId, chance: number): void => {
  const { cause } = POINTE_ZONE[id];
  if (cause === 'hold') into.hold = Math.min(into.hold, chance);
  else if (cause === 'over') into.over = Math.min(into.over, chance);
  else into.product *= chance;
  if (chance < into.least) {
    into.least = chance;
    into.by = id;
  }
};
/** About how likely the shoe is right. */
export const chanceOf = ({ product, hold, over }: Weighed): number => product * hold * over;
export function weigh(zones: readonly ReadZone[]): Weighed {
  const out = { ...WHOLE };
  for (const { zone: id, chance } of zones) weighIn(out, id, chance);
  return out;
}
/** The same without telling each zone, for rankings: those of the box once, then those of the shank for every grade. */
function weighed(zones: readonly ZoneDefinition<PointeZoneId>[], source: ZoneSource, from: Weighed): Weighed {
  const out = { ...from };
  for (const z of zones) {
    const value = z.value(source);
    if (value !== null) weighIn(out, z.id, chanceWithin(value, z.sd(source), z.cuts(source)));
  }
  return out;
}
export const weighBox = (source: ZoneSource): Weighed => weighed(BOX_ZONES, source, WHOLE);
export const weighShank = (source: ZoneSource, box: Weighed): Weighed => weighed(SHANK_ZONES, source, box);
