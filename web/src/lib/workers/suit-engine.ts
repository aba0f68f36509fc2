import { type Candidate, shoeOf, type Style, UPPER } from '@chiave/core/fit';
import { TOE_FAMILY } from '@chiave/core/last';
import { differences, dropOf, firstThree, judgeFor, judgeUse, placeAll, readsFit, suitOf, useSentences, useShoe, useStyleOf, whatWouldChange, type Judge, type UseShoe } from '@chiave/core/use'; // prettier-ignore
import type { SuitAsk, Suits, SuitTold } from './messages';

/** A use judged over what a ranking has listed; a part of the fit's worker. */
const shoes = new WeakMap<Style, UseShoe>();
/** A style in columns, once. */
function columnsOf(style: Style): UseShoe {
  let shoe = shoes.get(style);
  if (!shoe) shoes.set(style, (shoe = useShoe(useStyleOf(style))));
  return shoe;
}
/** Room before the toes in the size a candidate stands in; asked for only where a rule reads it. */
function roomIn(style: Style, pair: Candidate | undefined, { setting }: Judge): number | null {
  return pair ? shoeOf(style, pair.sizeNumber, pair.width).inside.insoleLengthMm - setting.person.lengthMm : null;
}
/** Places what is listed by fit and suit. @param pairOf the whole of a candidate */
export function suitsOf({ use, setting, schools, listed }: SuitAsk, all: ReadonlyMap<string, Style>, pairOf: (id: string) => Candidate | undefined): Suits {
  const judge = judgeFor(use, setting, schools);
  const there = listed.flatMap((c) => (all.has(c.styleId) ? [{ ...c, style: all.get(c.styleId)! }] : []));
  const placed = placeAll(there, ({ style, verdict, probability }) => ({
    verdict,
    probability,
    suit: suitOf(judge, columnsOf(style), readsFit(judge) ? roomIn(style, pairOf(style.id), judge) : null)
  }));
  const compared = ({ style }: (typeof there)[number]) => ({
    shoe: columnsOf(style),
    last: `${style.last.name} (${TOE_FAMILY[style.last.family].name} toe)`,
    upper: UPPER[style.upper].name
  });
  return {
    order: placed.map((p) => p.candidate.styleId),
    suits: Object.fromEntries(placed.map((p) => [p.candidate.styleId, { ...p.suit, place: p.place, dropMm: dropOf(columnsOf(p.candidate.style)) }])),
    three: firstThree(placed, (a, b) => differences(compared(a), compared(b))).map(({ placed: p, but }) => ({
      styleId: p.candidate.styleId,
      but: but?.words ?? ''
    }))
  };
}
/** Everything that is told of some shoes for a use. */
export function toldOf(ask: SuitAsk, all: ReadonlyMap<string, Style>, pairOf: (id: string) => Candidate | undefined): Record<string, SuitTold> {
  const judge = judgeFor(ask.use, ask.setting, ask.schools);
  return Object.fromEntries(
    ask.listed.flatMap(({ styleId }) => {
      const style = all.get(styleId);
      if (!style) return [];
      const shoe = columnsOf(style);
      const roomMm = roomIn(style, pairOf(styleId), judge);
      return [[styleId, { sentences: useSentences(judgeUse(judge, shoe, roomMm), shoe), would: whatWouldChange(judge, shoe, roomMm) }]];
    })
  );
}
