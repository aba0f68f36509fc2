import type { Slide } from '../../heel';
import { trialsFor, wornWith, type PutIn } from '../helps';
import { fitOnce } from '../room';
import type { Shoe, Wear, WornFoot } from '../shoe';
import { CLOSURE, CLOSURE_IDS } from '../tables';
import { NO_AIDS } from '../zones';

/** One way to keep a foot from running forward on a heel, and the slide that is left. */
export type HeldBack =
  { by: 'help'; help: PutIn; name: string; slide: Slide } | { by: 'ankle-strap'; slide: Slide } | { by: 'lower-heel'; heelHeightMm: number; slide: Slide };

/** Less of a slide than this is none; less gain than this is none worth doing, mm. */
const NO_SLIDE_MM = 0.5;
const LEAST_GAIN_MM = 0.5;
export const hardlySlides = ({ centreMm }: Slide): boolean => centreMm < NO_SLIDE_MM;
/** Heels are asked about in such steps, mm. */
const STEP_MM = 5;

/**
 * What holds this foot back on this heel: every help that does, an ankle strap, the highest heel from which it hardly slides. Each
 * figure is a fit worked out again.
 * @returns best first of the helps, then the others; nothing where it does not slide
 */
export function heldBack(foot: WornFoot, shoe: Shoe, wear: Wear, put: readonly PutIn[] = []): HeldBack[] {
  const now = wornWith(shoe, wear, put);
  const slideOn = (on: Shoe): Slide => fitOnce(foot.dims, on, now.wear, now.aids).slide;
  const slides = slideOn(shoe).centreMm;
  if (slides < NO_SLIDE_MM) return [];
  const gains = ({ slide }: { slide: Slide }): boolean => slides - slide.centreMm >= LEAST_GAIN_MM;

  const best = new Map<string, Extract<HeldBack, { by: 'help' }>>();
  const bare = put.length === 0 ? trialsFor(shoe, { wear: now.wear, aids: NO_AIDS }) : [];
  for (const { help, mm, wear: worn, aids } of bare) {
    const c = fitOnce(foot.dims, shoe, worn, aids);
    const held = { by: 'help', help: { kind: help.id, mm }, name: help.name(mm), slide: c.slide } as const;
    if (gains(held) && !(best.get(help.id)?.slide.centreMm ?? Infinity <= c.slide.centreMm)) best.set(help.id, held);
  }
  const strap = CLOSURE_IDS.find((id) => CLOSURE[id].ankleStrap)!;
  const strapped: HeldBack = { by: 'ankle-strap', slide: slideOn({ ...shoe, closure: strap }) };
  const lower: HeldBack[] = [];
  for (let high = shoe.heelHeightMm - STEP_MM; high > shoe.platformMm; high -= STEP_MM) {
    // A seat that was measured is this heel's: a lower one has its own, as is usual for it.
    const slide = slideOn({ ...shoe, heelHeightMm: high, heel: shoe.heel && { ...shoe.heel, seatWedgeDeg: null } });
    if (!hardlySlides(slide)) continue;
    lower.push({ by: 'lower-heel', heelHeightMm: Math.round(high), slide });
    break;
  }
  return [...[...best.values()].sort((a, b) => a.slide.centreMm - b.slide.centreMm), ...(CLOSURE[shoe.closure].letsSlide > CLOSURE[strap].letsSlide && gains(strapped) ? [strapped] : []), ...lower]; // prettier-ignore
}
