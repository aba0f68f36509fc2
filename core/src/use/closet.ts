import type { KindId } from '../fit';
import { AT, levelOf } from '../attributes';
import type { Suit } from './judge';
import { withSure, type UseShoe } from './shoe';

/** A pair of somebody's own, as worn as it is. */
export interface Wear {
  /** Share of its life that is used, 0 new to 1 and more. */
  used: number;
  hours: number;
}
/** How worn a pair looks, with the share of its life that this stands for [model]. */
export const WEAR_LOOKS = [
  { id: 'new', name: 'as new', used: 0 },
  { id: 'worn-in', name: 'worn in', used: 0.3 },
  { id: 'worn', name: 'worn', used: 0.65 },
  { id: 'nearly-done', name: 'nearly done', used: 0.95 }
] as const;
export type WearLookId = (typeof WEAR_LOOKS)[number]['id'];
/** What is kept of a worn pair. */
export interface WearSeen {
  looks: WearLookId;
  hours: number;
}
export const wearOf = ({ looks, hours }: WearSeen): Wear => ({ used: WEAR_LOOKS.find((w) => w.id === looks)!.used, hours });
/** Foam is a level firmer past this share of its life; so much of the tread is gone at its end; a sock shaft holds no more than a strap after so long [model]. */
const WORN = { firmerFrom: 0.6, treadGone: 0.8, shaftHours: 200 } as const;
/** A shoe in the state it is in: foam, tread and what holds the ankle wear. */
export function asWorn(shoe: UseShoe, { used, hours }: Wear): UseShoe {
  const points = shoe.points.slice();
  const change = (id: keyof typeof AT, of: (v: number) => number): void => {
    for (let i = 3 * AT[id]; i < 3 * AT[id] + 3; i++) points[i] = of(points[i]);
  };
  change('tread', (v) => v * (1 - WORN.treadGone * Math.min(1, used)));
  if (used > WORN.firmerFrom) for (const id of ['fore', 'rear'] as const) change(id, (v) => Math.min(5, v + 1));
  if (hours > WORN.shaftHours) change('hold', (v) => (Math.round(v) === levelOf('hold', 'sock') ? levelOf('hold', 'one-strap') : v));
  return withSure({ ...shoe, points });
}

const MOST = 4;
/** Favourites to hand to a clinician: none that is forbidden, best first, another kind before a second of one, four at most. */
export function favourites<P extends { kind: KindId; suit: Suit }>(pairs: readonly P[]): P[] {
  const left = pairs.filter((p) => !p.suit.forbidden).sort((a, b) => b.suit.suit - a.suit.suit);
  const out: P[] = [];
  while (out.length < MOST && left.length > 0) {
    const next = left.find((p) => !out.some((o) => o.kind === p.kind)) ?? left[0];
    out.push(next);
    left.splice(left.indexOf(next), 1);
  }
  return out;
}
