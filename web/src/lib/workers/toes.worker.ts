/** Lays feet in every toe shape beside the page, and writes the lines of the small drawings to one scale. */
import { footAsWorn, ORDINARY_WEAR, toeShapesOn, type KindId, type ToeShapeOn } from '@chiave/core/fit';
import type { Foot } from '@chiave/core/measure';
import { expose } from 'comlink';
import { longestOf, smallPair, type SmallPairLines } from '../drawing/above/small-pair';

/** One toe shape with its drawing; the figures without it. */
export interface ToeShapeDrawn extends Omit<ToeShapeOn, 'feet'> {
  feet: Omit<ToeShapeOn['feet'][number], 'drawing'>[];
  lines: SmallPairLines;
}

function shapes(feet: readonly Foot[], kind: KindId): ToeShapeDrawn[] {
  const found = toeShapesOn(feet.map((foot) => footAsWorn(foot, ORDINARY_WEAR)), kind, ORDINARY_WEAR); // prettier-ignore
  const longest = Math.max(...found.map((s) => longestOf(s.feet)));
  return found.map(({ feet: on, ...rest }) => ({
    ...rest,
    feet: on.map(({ drawing: _, ...foot }) => foot),
    lines: smallPair(on, Object.fromEntries(on.map((f) => [f.side, f.zones.find((z) => z.zone === 'toe-room')!.state])), longest)
  }));
}

const toes = { shapes };
export type Toes = typeof toes;
expose(toes);
