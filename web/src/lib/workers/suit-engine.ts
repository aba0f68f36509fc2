import { type Candidate, shoeOf, type Style } from '@chiave/core/fit';
import { TOE_FAMILY } from '@chiave/core/last';
import { differences, dropOf, firstThree, judgeFor, judgeUse, placeAll, readsFit, suitOf, useSentences, useShoe, useStyleOf, whatWouldChange, type Judge, type UseId, type UseShoe } from '@chiave/core/use'; // prettier-ignore
import type { SuitAsk, Suits, SuitTold } from './messages';

/** A use judged over what a ranking has listed; a part of the fit's worker. */
const shoes = new WeakMap<Style, UseShoe>();
/** A style in columns, once. */
function columnsOf(style: Style): UseShoe {
  let shoe = shoes.get(style);
  if (!shoe) shoes.set(style, (shoe = useShoe(useStyleOf(style))));
  return shoe;
}
/** A rule that reads the fit has it worked out for the pair; the others do not need it. */
function judgeOn(judge: Judge, style: Style, pair: Candidate | undefined): Judge {
  if (!pair || !readsFit(judge)) return judge;
  const { insoleLengthMm } = shoeOf(style, pair.sizeNumber, pair.width).inside;
  return judgeFor(judge.use.id as UseId, { ...judge.setting, insideRoomMm: insoleLengthMm - judge.setting.person.lengthMm }, judge.schools);
}
/** Places what is listed by fit and suit. @param pairOf the whole of a candidate */
export function suitsOf({ use, setting, schools, listed }: SuitAsk, all: ReadonlyMap<string, Style>, pairOf: (id: string) => Candidate | undefined): Suits {
  const judge = judgeFor(use, setting, schools);
  const there = listed.flatMap((c) => (all.has(c.styleId) ? [{ ...c, style: all.get(c.styleId)! }] : []));
  const placed = placeAll(there, ({ style, verdict, probability }) => ({
    verdict,
    probability,
    suit: suitOf(judgeOn(judge, style, readsFit(judge) ? pairOf(style.id) : undefined), columnsOf(style))
  }));
  const compared = ({ style }: (typeof there)[number]) => ({
    shoe: columnsOf(style),
    last: `${style.last.name} (${TOE_FAMILY[style.last.family].name} toe)`,
    upper: style.upper.replace('-', ' '),
    closure: style.closure.replace('-', ' ')
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
      const own = judgeOn(judge, style, pairOf(styleId));
      const shoe = columnsOf(style);
      return [[styleId, { sentences: useSentences(judgeUse(own, shoe), shoe), would: whatWouldChange(own, shoe) }]];
    })
  );
}
