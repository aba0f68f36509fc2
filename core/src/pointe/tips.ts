import { heightFrom, standsOn, tableAt, widthAt, type CompiledBox } from './box';
import { stationAt, STATIONS, type Forefoot } from './forefoot';
import type { Hold, ToesOn } from './hold';

/** The toes against the box's taper and on the platform. The foot stands turned a little on the box's middle [model]. */
const TURN = Math.tan((4 * Math.PI) / 180);
/** Where the axis goes through the middle, and how far the toes must close is looked at, of the length. */
const AXIS_AT = 0.3;
const TOES_TO = 0.2;
/** A toe's tip is looked at so far behind itself, mm. */
const TIP_BEHIND_MM = 6;
/** The big toe's first 30 mm are pushed; by what arm it turns, of the length. */
const PUSH = { overMm: 30, arm: 0.25 } as const;
/** A toe keeps so much of its half width within the wall. */
const WITHIN = 0.8;
/** A filler is left out for a toe that hardly stands over the platform, or is short by more than the wall can take over, mm. */
const FILLER = { least: 0.4, shortMost: 16, less: 1, most: 8, step: 0.5 } as const;
/** Where the front's looseness is read, mm behind the tip. */
const LOOSE_AT_MM = 10;

export interface Lateral {
  /** Foot's edges beyond the walls and the shift that shares them, at each station. */
  shift: (s: number) => number;
  off: (s: number) => number;
  /** How far the flat foot is pushed back by a box that is shorter, mm (never forward). */
  flatMm: number;
  /** mm the toes must close. */
  crowdMm: number;
  /** How far the big toe and the little toe are pushed in, mm. */
  pushBigMm: number;
  pushLittleMm: number;
}
/** Lays a foot into a box sideways, standing flat: this does not change as it sinks. */
export function layAcross(foot: Forefoot, box: CompiledBox): Lateral {
  const L = foot.lengthMm;
  const at = AXIS_AT * L;
  const middle = (stationAt(foot.inner, at) - stationAt(foot.outer, at)) / 2;
  const off = (s: number): number => middle + TURN * (at - s);
  const flatMm = Math.min(0, box.box.insideLengthMm - L);
  const beyond = (s: number): { inner: number; outer: number } => {
    const half = tableAt(box.width, s + flatMm) / 2;
    return { inner: stationAt(foot.inner, s) - off(s) - half, outer: stationAt(foot.outer, s) + off(s) - half };
  };
  const shift = (s: number): number => {
    const { inner, outer } = beyond(s);
    if (inner > 0) return Math.min(inner, Math.max(0, (inner - outer) / 2));
    return outer > 0 ? -Math.min(outer, Math.max(0, (outer - inner) / 2)) : 0;
  };
  let [crowdMm, pushBigMm, pushLittleMm] = [-Infinity, 0, 0];
  for (const s of STATIONS) {
    if (s > TOES_TO * L) break;
    const { inner, outer } = beyond(s);
    crowdMm = Math.max(crowdMm, inner + outer);
    const behindBig = s - foot.toes[0].drop;
    if (behindBig >= 0 && behindBig <= PUSH.overMm) pushBigMm = Math.max(pushBigMm, inner);
    if (s >= foot.toes[4].drop) pushLittleMm = Math.max(pushLittleMm, outer);
  }
  return { shift, off, flatMm, crowdMm, pushBigMm, pushLittleMm };
}
/** Degrees the big toe is pushed over. */
export const pushDeg = (pushMm: number, lengthMm: number): number => (Math.atan(pushMm / (PUSH.arm * lengthMm)) * 180) / Math.PI;

/** Where each toe stands over the platform, inner side +, mm. */
export function toesAcross(foot: Forefoot, box: CompiledBox, lateral: Lateral): number[] {
  return foot.toes.map(({ drop, y, r }) => {
    const s = drop + TIP_BEHIND_MM;
    const most = Math.max(0, tableAt(box.width, s + lateral.flatMm) / 2 - WITHIN * r);
    const at = y * foot.ratio - lateral.off(s) - lateral.shift(s);
    return Math.min(most, Math.max(-most, at));
  });
}
/** How much of each toe stands over the platform, 0 to 1. */
export const sharesOn = (foot: Forefoot, box: CompiledBox, across: readonly number[]): number[] =>
  foot.toes.map(({ r }, i) => Math.min(1, Math.max(0, (box.box.platform.widthMm / 2 + r - Math.abs(across[i])) / (2 * r))));

/** What to put under shorter toes so that they bear, mm by halves. @param lead which toe bears most without */
export function fillersFor(foot: Forefoot, shares: readonly number[], lead: number): number[] {
  return foot.toes.map(({ drop }, i) => {
    const short = drop - foot.toes[lead].drop - FILLER.less;
    if (i === lead || shares[i] < FILLER.least || short > FILLER.shortMost) return 0;
    return Math.round(Math.min(FILLER.most, Math.max(0, short)) / FILLER.step) * FILLER.step;
  });
}

export interface TipFit {
  /** Where each toe stands, and how much of it over the platform. */
  across: readonly number[];
  shares: readonly number[];
  crowdMm: number;
  tipLooseMm: number;
  pushBigDeg: number;
  pushBigMm: number;
  pushLittleMm: number;
  /** Where the load's middle lies, to the big toe +; how much the platform leaves before it tips, across and along, mm. */
  centreMm: number;
  steadyMm: number;
  steadyAlongMm: number;
  /** Room over the toes, least of it, mm: for comfort only. */
  depthMm: number;
}
/** Toes on the platform at a rest. */
export function tipFit(foot: Forefoot, box: CompiledBox, lateral: Lateral, on: ToesOn, across: readonly number[], hold: Hold): TipFit {
  const weight = hold.wallsN + hold.toes.reduce((n, toe) => n + toe.newtons, 0);
  const centreMm = weight > 0 ? hold.toes.reduce((sum, toe, i) => sum + toe.newtons * across[i], 0) / weight : 0;
  const stands = standsOn(box.box);
  const depth = STATIONS.filter((s) => s >= 10 && s <= 40).map((s) => {
    const t = s + hold.flatMm;
    return heightFrom(tableAt(box.girth, t), tableAt(box.width, t)) - foot.toeHeightMm;
  });
  return {
    across,
    shares: on.shares,
    crowdMm: lateral.crowdMm,
    tipLooseMm: widthAt(box.box, LOOSE_AT_MM + hold.restMm) - stationAt(foot.width, LOOSE_AT_MM),
    pushBigDeg: pushDeg(lateral.pushBigMm, foot.lengthMm),
    pushBigMm: lateral.pushBigMm,
    pushLittleMm: lateral.pushLittleMm,
    centreMm,
    steadyMm: stands.across - Math.abs(centreMm),
    steadyAlongMm: stands.along,
    depthMm: Math.min(...depth)
  };
}
