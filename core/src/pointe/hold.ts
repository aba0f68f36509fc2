import type { Banded } from '../heel';
import { TABLE, TABLE_MM, tableAt, type CompiledBox } from './box';
import { stationAt, STATION_MM, STATIONS, type Forefoot } from './forefoot';

/**
 * How a box holds a forefoot on pointe: walls and toes carry the weight, and the foot goes down until they do. One balance in `rest`, mm from
 * the longest toe's tip to the platform's inner face (negative: the pulp is pressed in). Constants [model]; nothing was measured on dancers.
 */
/** m/s2. */
export const GRAVITY = 9.81;
/** The fitter's own press, kPa, and the friction of foot or pouch on the lining. */
export const PRESS_KPA = { low: 30, centre: 50, high: 80 } as const;
const FRICTION = { low: 0.35, centre: 0.5, high: 0.7 } as const;
/** How a toe bears, toes 1 to 5: softness against a big toe, N it bears before it bends up, N a mm after. */
const TOES = { bears: [1, 0.5, 0.45, 0.4, 0.35], mostN: [240, 80, 65, 45, 30], knuckledNmm: [35, 8, 6, 4, 3], linear: 20, square: 10, padOver: 6 } as const;
/** Pressure of a section: a press of the girth and of the width, weighed. */
const WEIGHS = { girth: 0.6, width: 0.4, linear: 0.4, square: 0.6 } as const;
/** Pulp that a toe stands on, of its half width squared. */
const PULP = 0.55 * Math.PI;
/** A balance is found when so little is left over, N; it is looked for from here, mm. */
const ENOUGH_N = 0.1;
const START_MM = -4;
/** Feet rest between these, mm. */
const RESTS = { low: -14, high: 15 } as const;
/** Where the joints are held, behind the tip, of the foot's length. */
const JOINTS = { from: 0.2, to: 0.4, at: 0.3 } as const;

/** What varies between low and high. */
export interface HoldWith {
  pressKpa: number;
  friction: number;
}
const CENTRE: HoldWith = { pressKpa: PRESS_KPA.centre, friction: FRICTION.centre };
/** Held most and least: firm hand with much friction, soft hand with little. */
const BOUNDS: Readonly<Record<'low' | 'high', HoldWith>> = {
  low: { pressKpa: PRESS_KPA.high, friction: FRICTION.high },
  high: { pressKpa: PRESS_KPA.low, friction: FRICTION.low }
};

/** Pressure at a strain, kPa: foot and wall share it. @param caps strain the hand makes at its own press */
function pressure(strain: number, caps: number, gives: number, press: number): number {
  if (strain <= 0) return 0;
  const a = WEIGHS.square * press * gives;
  const b = WEIGHS.linear * press * gives + caps;
  const e = (2 * strain) / (b + Math.sqrt(b * b + 4 * a * strain));
  return press * e * (WEIGHS.linear + WEIGHS.square * e);
}
/** Pressure of one section on the foot, kPa. */
function sectionPressure(foot: Forefoot, box: CompiledBox, i: number, t: number, press: number, standing = false): number {
  const G = standing ? foot.girthStanding[i] : foot.girth[i];
  const W = standing ? foot.widthStanding[i] : foot.width[i];
  const g = pressure((G - tableAt(box.girth, t)) / G, foot.closesGirth[i], box.gives, press);
  const w = pressure((W - tableAt(box.width, t)) / W, foot.closesWidth[i], box.gives, press);
  return WEIGHS.girth * g + WEIGHS.width * w;
}
/** What the walls carry along the foot, N. The tables are read together, at one place up the box: this is what a ranking spends its time on. */
export function wallForce(foot: Forefoot, box: CompiledBox, rest: number, { pressKpa, friction }: HoldWith = CENTRE): number {
  const { girth, width, grips, slant, gives } = box;
  let sum = 0;
  for (let i = Math.max(0, Math.ceil((-rest - STATION_MM / 2 - STATIONS[0]) / STATION_MM)); i < STATIONS.length; i++) {
    const t = STATIONS[i] + rest;
    // What of a section lies past the platform's face is pulp, and carries nothing: else the sum would jump as the foot sinks.
    const inside = Math.min(1, t / STATION_MM + 0.5);
    const x = Math.min(TABLE - 1e-9, Math.max(0, t) / TABLE_MM);
    const k = x | 0;
    const f = x - k;
    const grip = grips[k] + f * (grips[k + 1] - grips[k]);
    if (grip <= 0) break;
    const G = foot.girth[i];
    const W = foot.width[i];
    const g = pressure((G - girth[k] - f * (girth[k + 1] - girth[k])) / G, foot.closesGirth[i], gives, pressKpa);
    const w = pressure((W - width[k] - f * (width[k + 1] - width[k])) / W, foot.closesWidth[i], gives, pressKpa);
    if (g + w > 0) sum += inside * (WEIGHS.girth * g + WEIGHS.width * w) * grip * (slant[k] + f * (slant[k + 1] - slant[k]) + friction);
  }
  return (sum * STATION_MM) / 1000;
}

/** Toes as they meet the platform: how much of each stands over it, and what is put under it, mm. */
export interface ToesOn {
  shares: readonly number[];
  fillersMm: readonly number[];
}
/** N one toe bears when pressed in by so much, before it bends up. */
const borne = (toe: number, mm: number, padMm: number): number => (TOES.bears[toe] * (TOES.linear * mm + TOES.square * mm * mm)) / (1 + padMm / TOES.padOver);
export interface ToeLoad {
  newtons: number;
  /** It bears more than it can straight: it bends up. */
  knuckled: boolean;
}
/** What one toe bears. @param pressedMm how far it is pressed in */
function toeLoad(toe: number, pressedMm: number, padMm: number, share: number): ToeLoad {
  if (pressedMm <= 0 || share <= 0) return { newtons: 0, knuckled: false };
  const straight = borne(toe, pressedMm, padMm);
  const most = TOES.mostN[toe];
  if (straight <= most) return { newtons: share * straight, knuckled: false };
  // Where it reaches its most: the root of the same curve.
  const scaled = (most * (1 + padMm / TOES.padOver)) / TOES.bears[toe];
  const at = (-TOES.linear + Math.sqrt(TOES.linear ** 2 + 4 * TOES.square * scaled)) / (2 * TOES.square);
  return { newtons: share * (most + TOES.knuckledNmm[toe] * (pressedMm - at)), knuckled: true };
}
const pressedBy = (foot: Forefoot, { fillersMm }: ToesOn, rest: number, i: number): number => fillersMm[i] + foot.tipPadMm - rest - foot.toes[i].drop;
export const toeLoads = (foot: Forefoot, on: ToesOn, rest: number): ToeLoad[] =>
  foot.toes.map((_, i) => toeLoad(i, pressedBy(foot, on, rest, i), foot.tipPadMm, on.shares[i]));
export function toeForce(foot: Forefoot, on: ToesOn, rest: number): number {
  let sum = 0;
  for (let i = 0; i < 5; i++) sum += toeLoad(i, pressedBy(foot, on, rest, i), foot.tipPadMm, on.shares[i]).newtons;
  return sum;
}

/**
 * Where the foot comes to rest: walls and toes together carry the weight of one foot, still.
 * @param on which toes stand over the platform
 * @param start a rest near it, where one is known
 */
export function restOf(foot: Forefoot, box: CompiledBox, on: ToesOn, held: HoldWith = CENTRE, start = START_MM): number {
  const weight = foot.of.weightKg * GRAVITY;
  const over = (rest: number): number => wallForce(foot, box, rest, held) + toeForce(foot, on, rest) - weight;
  // It falls as the foot stands higher. Secant steps from a rest near it; whatever leaves the ends between which the root lies is halved.
  let [low, high] = [RESTS.low as number, RESTS.high as number];
  let [last, at] = [start + 0.5, start];
  let [fLast, f] = [over(last), over(at)];
  for (let k = 0; k < 60; k++) {
    if (Math.abs(f) < ENOUGH_N) return at;
    if (f > 0) low = Math.max(low, at);
    else high = Math.min(high, at);
    if (high - low < 1e-4) break;
    const next = at - (f * (at - last)) / (f - fLast);
    [last, fLast] = [at, f];
    at = next > low && next < high ? next : (low + high) / 2;
    f = over(at);
  }
  return (low + high) / 2;
}
const mpaOf = (foot: Forefoot, toes: readonly ToeLoad[]): number[] => toes.map((toe, i) => toe.newtons / (PULP * foot.toes[i].r ** 2));
/** Pressure under each toe at a rest, MPa. */
export const toeMpa = (foot: Forefoot, on: ToesOn, rest: number): number[] => mpaOf(foot, toeLoads(foot, on, rest));

/** Where the foot rests flat, before the weight goes over the platform, mm. */
export const flatRest = (foot: Forefoot, box: CompiledBox): number => Math.max(-3, box.box.insideLengthMm - foot.lengthMm);

export interface Hold {
  /** Longest toe's tip to the platform's inner face on pointe, and standing flat, mm. */
  restMm: number;
  flatMm: number;
  /** How far the foot goes down from flat to pointe, mm. */
  sinkMm: number;
  wallsN: number;
  wallsShare: number;
  toes: readonly ToeLoad[];
  /** Pressure under each toe's pulp, MPa. */
  toeMpa: readonly number[];
  /** Press of the walls at the joints standing flat: how many times the fitter's own. */
  hands: number;
  handsKpa: number;
  /** Standing girth less the box's; the box's less the pressed girth; room beside the joints, mm. */
  squeezeMm: number;
  gapMm: number;
  sideGapMm: number;
}

/** Press at the joints standing flat, in fitter's presses. */
export function handsAt(foot: Forefoot, box: CompiledBox, flatMm: number): number {
  let [sum, weights] = [0, 0];
  for (let i = 0; i < STATIONS.length; i++) {
    const s = STATIONS[i];
    if (s < JOINTS.from * foot.lengthMm || s > JOINTS.to * foot.lengthMm) continue;
    const t = s + flatMm;
    const cover = tableAt(box.grips, t) / tableAt(box.girth, t);
    sum += cover * sectionPressure(foot, box, i, t, PRESS_KPA.centre, true);
    weights += cover;
  }
  return weights > 0 ? sum / weights / PRESS_KPA.centre : 0;
}

/** What the box does with the foot at its rest. */
export function holdAt(foot: Forefoot, box: CompiledBox, on: ToesOn, rest: number): Hold {
  const toes = toeLoads(foot, on, rest);
  const wallsN = wallForce(foot, box, rest);
  const flatMm = flatRest(foot, box);
  const s = JOINTS.at * foot.lengthMm;
  const flatT = s + flatMm;
  const hands = handsAt(foot, box, flatMm);
  const closes = stationAt(foot.closesWidth, s) * Math.sqrt(Math.min(1, hands));
  return {
    restMm: rest,
    flatMm,
    sinkMm: flatMm - rest,
    wallsN,
    wallsShare: wallsN / (foot.of.weightKg * GRAVITY),
    toes,
    toeMpa: mpaOf(foot, toes),
    hands,
    handsKpa: hands * PRESS_KPA.centre,
    squeezeMm: stationAt(foot.girthStanding, s) - tableAt(box.girth, flatT),
    gapMm: tableAt(box.girth, flatT) - foot.of.pressedGirthMm,
    sideGapMm: Math.max(0, (tableAt(box.width, s + rest) - stationAt(foot.width, s) * (1 - closes)) / 2)
  };
}
/** Low and high of the sink, mm: held most, held least. */
export function sinkBounds(foot: Forefoot, box: CompiledBox, on: ToesOn, centre: number): Banded {
  const flat = flatRest(foot, box);
  return { low: flat - restOf(foot, box, on, BOUNDS.low), centre: flat - centre, high: flat - restOf(foot, box, on, BOUNDS.high) };
}
/** Pressure of the walls along the foot on pointe, over the fitter's own press, at each station; none above the stiff part. */
export const wallsAlong = (foot: Forefoot, box: CompiledBox, rest: number): (number | null)[] =>
  STATIONS.map((s, i) => {
    const t = s + rest;
    if (t < 0 || tableAt(box.grips, t) <= 0) return null;
    return sectionPressure(foot, box, i, t, PRESS_KPA.centre) / PRESS_KPA.centre;
  });
