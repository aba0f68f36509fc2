import { type Candidate, shoeOf, type Style, UPPER } from '@chiave/core/fit';
import { TOE_FAMILY } from '@chiave/core/last';
import { asWorn, differences, dropOf, figureOf, firstThree, judgeFor, judgeUse, placeAll, readsFit, suitOf, useSentences, useShoe, useStyleOf, whatWouldChange, type Judge, type UseShoe } from '@chiave/core/use'; // prettier-ignore
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
export function suitsOf(
  { use, setting, schools, listed, figures = [] }: SuitAsk,
  all: ReadonlyMap<string, Style>,
  pairOf: (id: string) => Candidate | undefined
): Suits {
  const judge = judgeFor(use, setting, schools);
  const there = listed.flatMap(({ worn, ...c }) => {
    const style = all.get(c.styleId);
    // A pair of somebody's own is judged in the state it is in.
    return style ? [{ ...c, style, shoe: worn ? asWorn(columnsOf(style), worn) : columnsOf(style) }] : [];
  });
  const placed = placeAll(there, ({ style, shoe, verdict, probability }) => ({
    verdict,
    probability,
    suit: suitOf(judge, shoe, readsFit(judge) ? roomIn(style, pairOf(style.id), judge) : null)
  }));
  const compared = ({ style, shoe }: (typeof there)[number]) => ({
    shoe,
    last: `${style.last.name} (${TOE_FAMILY[style.last.family].name} toe)`,
    upper: UPPER[style.upper].name
  });
  return {
    order: placed.map((p) => p.candidate.styleId),
    suits: Object.fromEntries(
      placed.map(({ candidate: { styleId, shoe }, suit, place }) => {
        const told = Object.fromEntries(figures.map((id) => [id, figureOf(id, setting, shoe, judge.use.load)]));
        return [styleId, { ...suit, place, dropMm: dropOf(shoe), figures: told }];
      })
    ),
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
