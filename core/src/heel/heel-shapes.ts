import type { TipSectionId } from './tip-print';

/** Shapes of heels as they are seen from the side. Figures are this project's, looked at. */
export interface HeelShape<Id extends string = string> {
  id: Id;
  name: string;
  /** Its top, of the seat's length. */
  top: number;
  /** Length of its tip, mm, and how far the tip's rear stands before the heel's back, of the foot's length. */
  tipMm: number;
  setback: number;
  /** Usual width of its tip, mm, none for one as wide as the sole, and its section; how much wider it grows up the heel, mm a mm. */
  tipWidthMm: number | null;
  section: TipSectionId;
  widens: number;
  /** How much its front edge is hollowed, 0 straight to 1, and what its waist stands out, mm (negative: drawn in). */
  hollow: number;
  neckMm: number;
  /** One body from the heel to the ball, with no arch under the shank. */
  wedge: boolean;
  /** None at all: the whole weight stands on the ball, over a platform that runs back under the arch. */
  heelless: boolean;
  /** Made no lower than this, mm, and what stands in its place below. */
  leastMm: number;
  lower: string | null;
}
const USUAL = { wedge: false, heelless: false, leastMm: 0, lower: null, section: 'round' as TipSectionId, widens: 0.05 };
const shape = <const Id extends string>(
  id: Id,
  name: string,
  own: Omit<HeelShape, 'id' | 'name' | keyof typeof USUAL> & Partial<Pick<HeelShape, keyof typeof USUAL>>
): HeelShape<Id> => ({
  ...USUAL,
  ...own,
  id,
  name
});

export const HEEL_SHAPES = [
  shape('thin-stiletto', 'thin stiletto', {
    top: 0.92,
    tipMm: 9,
    tipWidthMm: 9,
    widens: 0.07,
    setback: 0.05,
    hollow: 0.95,
    neckMm: -3,
    leastMm: 50,
    lower: 'kitten'
  }),
  shape('thick-stiletto', 'thicker stiletto', {
    top: 0.92,
    tipMm: 13,
    tipWidthMm: 13,
    widens: 0.07,
    setback: 0.045,
    hollow: 0.85,
    neckMm: -2,
    leastMm: 50,
    lower: 'kitten'
  }),
  shape('cone', 'cone', { top: 0.95, tipMm: 20, tipWidthMm: 22, setback: 0.05, hollow: 0.25, neckMm: 0, leastMm: 26, lower: 'stacked' }),
  shape('block', 'block', { top: 0.95, tipMm: 38, tipWidthMm: 45, section: 'square', setback: 0.008, hollow: 0.1, neckMm: 0, leastMm: 26, lower: 'stacked' }),
  shape('kitten', 'low kitten', { top: 0.85, tipMm: 10, tipWidthMm: 10, widens: 0.07, setback: 0.05, hollow: 0.9, neckMm: -4, leastMm: 26, lower: 'stacked' }),
  shape('spool', 'spool', { top: 0.98, tipMm: 30, tipWidthMm: 32, setback: 0.012, hollow: 0.85, neckMm: -14, leastMm: 40, lower: 'stacked' }),
  shape('stacked', 'stacked low heel', { top: 1, tipMm: 52, tipWidthMm: 52, section: 'square', setback: 0.006, hollow: 0.05, neckMm: 0 }),
  shape('wedge', 'wedge', { top: 1, tipMm: 0, tipWidthMm: null, section: 'square', setback: 0.01, hollow: 0, neckMm: 0, wedge: true }),
  shape('heel-less', 'heel-less, on the ball alone', {
    top: 1,
    tipMm: 0,
    tipWidthMm: null,
    section: 'square',
    setback: 0,
    hollow: 0,
    neckMm: 0,
    heelless: true
  })
] as const;
export type HeelShapeId = (typeof HEEL_SHAPES)[number]['id'];
export const HEEL_SHAPE = Object.fromEntries(HEEL_SHAPES.map((s) => [s.id, s])) as Readonly<Record<HeelShapeId, HeelShape<HeelShapeId>>>;

/** The shape a heel of this height is made in where a shape is usual: very low ones are never thin. */
export function heelAt(usual: HeelShapeId, heightMm: number): HeelShapeId {
  const { leastMm, lower } = HEEL_SHAPE[usual];
  return lower !== null && heightMm < leastMm ? heelAt(lower as HeelShapeId, heightMm) : usual;
}
