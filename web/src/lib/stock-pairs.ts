import { bestOfStyle, fitOnce, footAsWorn, HEEL_TOLD_MM, heelMadeOf, KIND, ORDINARY_WEAR, shoeOf, type Style, type Wear } from '@chiave/core/fit';
import { effectiveDrop, type PlanShoe } from '@chiave/core/heel';
import { SOCK, type Foot } from '@chiave/core/measure';

/** A heel of the stockroom as an occasion takes it: in the size and width that fits these feet best. */
export interface StockPair extends PlanShoe {
  styleId: string;
  size: string;
  width: string;
  onShelf: number;
}

/** Worn in a stocking, as heels are. */
const STOCKING: Wear = { ...ORDINARY_WEAR, sockMm: SOCK.stocking.mm };
/** Most that are offered: beyond them a plan tells nothing new. */
const MOST = 200;

/**
 * Every street heel of the stockroom that fits both feet, best fit first. What is not known of a sole costs nothing in a plan.
 * @param feet as measured or typed
 */
export function* stockPairs(styles: Iterable<Style>, feet: readonly Foot[]): Generator<undefined, StockPair[]> {
  const worn = feet.map((foot) => footAsWorn(foot, STOCKING));
  const found: { pair: StockPair; probability: number }[] = [];
  for (const style of styles) {
    if (!KIND[style.kind].street || effectiveDrop(style.heelHeightMm, style.platformMm) <= HEEL_TOLD_MM) continue;
    const { candidate } = bestOfStyle(style, worn, STOCKING);
    yield;
    if (candidate?.verdict !== 'fits') continue;
    const shoe = shoeOf(style, candidate.sizeNumber, candidate.width);
    const { size, width, onShelf, probability } = candidate;
    found.push({
      probability,
      pair: {
        id: `style:${style.id}`,
        styleId: style.id,
        name: `${style.name} ${size} ${width}`,
        size,
        width,
        onShelf,
        made: heelMadeOf(shoe),
        formality: KIND[style.kind].formality,
        sole: null,
        slideMm: Math.max(...worn.map((foot) => fitOnce(foot.dims, shoe, STOCKING).slide.centreMm)),
        hoursWorn: 0,
        owned: false
      }
    });
  }
  return found.sort((a, b) => b.probability - a.probability).slice(0, MOST).map((f) => f.pair); // prettier-ignore
}
