import { KIND, type StyleDetails } from '@chiave/core/fit';
import { BLANK_HEEL, heelAt, HEEL_SHAPE, seatWedgeDeg, type HeelAttributes, type HeelShapeId } from '@chiave/core/heel';
import { BALL_AT } from '@chiave/core/measure';
import type { StyleDesign } from './design';
import { seeded } from './random';

/** Lower than this nobody notes more of a heel than its shape, mm. */
const NOTED_MM = 30;
const DAY = '2026-10-0';
/** Base and length of an invented shoe, mm: what a throat line is told for. */
const BASE_FOOT_MM = 240;
/** Heels that a maker puts under a pump as often as the usual one. */
const OTHER_HEELS: readonly HeelShapeId[] = ['block', 'thick-stiletto', 'cone', 'spool'];

/** How a style's heel is made, with who found it out: seeded. One in five was never looked at. */
export function heelOf(design: StyleDesign, index: number): { attributes: HeelAttributes; evidence: StyleDetails['evidence'] } {
  const random = seeded(19000 + index);
  const usual = heelAt(KIND[design.kind].usual.heel, design.heel);
  const shape = heelAt(random.uniform() < 0.35 && design.heel > NOTED_MM ? OTHER_HEELS[Math.floor(4 * random.uniform())] : usual, design.heel);
  const about = (mm: number, spread: number): number => Math.round(2 * (mm + spread * (2 * random.uniform() - 1))) / 2 + 0;
  const date = `${DAY}${1 + (index % 9)}`;
  if (design.heel <= NOTED_MM) {
    return { attributes: { ...BLANK_HEEL, heelShape: design.heel > 0 ? shape : '' }, evidence: {} };
  }
  if (random.uniform() < 0.2)
    return { attributes: { ...BLANK_HEEL, heelShape: shape }, evidence: { heelShape: { mark: 'unsure', source: 'from a picture', date } } };
  const { tipMm, tipWidthMm, section, setback, wedge, widens } = HEEL_SHAPE[shape];
  const across = tipWidthMm === null ? null : about(tipWidthMm, 0.12 * tipWidthMm);
  const platform = design.platform ?? 0;
  const attributes: HeelAttributes = {
    ...BLANK_HEEL,
    heelShape: shape,
    tipWidthMm: across,
    tipLengthMm: wedge ? null : about(tipMm, 0.1 * tipMm),
    tipSection: wedge ? '' : shape === 'thick-stiletto' && random.uniform() < 0.5 ? 'round-square' : section,
    tipSetbackMm: about(setback * BASE_FOOT_MM, 2),
    heelHalfWidthMm: across === null ? null : about(across + (widens * design.heel) / 2, 1),
    pinBoreMm: across !== null && across < 16 ? 2.5 + Math.round(random.uniform()) * 0.5 : null,
    seatWedgeDeg: random.uniform() < 0.5 ? Math.round(seatWedgeDeg(design.heel - platform) + 3 * (random.uniform() - 0.5)) : null,
    throatLineMm: KIND[design.kind].shaftMm > 0 ? null : about((BALL_AT + 0.055) * BASE_FOOT_MM, 9),
    soleUnderBallMm: about(6.5, 1.5),
    toeSlantDeg: platform > 0 ? Math.round(24 + 8 * random.uniform()) : null,
    archLine: random.uniform() < 0.4 ? 'curved' : 'straight'
  };
  const measured = random.uniform() < 0.6;
  const mark = { mark: measured ? 'measured' : 'claimed', source: measured ? 'Nerina' : 'the maker’s sheet', date } as const;
  const told = Object.entries(attributes).filter(([, value]) => value !== null && value !== '');
  return { attributes, evidence: Object.fromEntries(told.map(([id]) => [id, mark])) };
}
