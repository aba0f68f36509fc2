import type { BoxDoubt } from './doubt';
import type { PointeFoot } from './forefoot';
import type { Slope } from './zones';

/** What is worth taking next: whose doubt moves the sink, or the degrees over the box, most [model]. */
export interface Teller<Id extends string = string> {
  id: Id;
  name: string;
  /** What to do. */
  do: string;
  of: 'sink' | 'over';
  /** Standard deviation that it gives, mm of sink or degrees. */
  sd: (s: TellerOf) => number;
}
interface TellerOf {
  foot: PointeFoot;
  doubt: BoxDoubt;
  slope: Slope;
}
/** mm of sink a mm of length is; error of a hand that presses, and of one that only guesses; of a reach read once, and not at all. */
const BY = { length: 0.85, footLength: 1.5, pressedMm: 3, guessedMm: 6, width: 0.55, reachDeg: 3.6, noReachDeg: 9, shank: 6, vamp: 0.25 } as const;
const teller = <const Id extends string>(own: Teller<Id>): Teller<Id> => own;
export const TELLERS = [
  teller({ id: 'inside-length', name: 'the shoe’s inside length', do: 'measure it with the stick', of: 'sink', sd: ({ doubt }) => BY.length * doubt.length }),
  teller({ id: 'foot-length', name: 'the foot’s length', do: 'take it again, standing', of: 'sink', sd: () => BY.length * BY.footLength }),
  teller({ id: 'pressed-girth', name: 'the pressed girth', do: 'press the foot with the tape', of: 'sink', sd: ({ foot, slope }) => (slope.sink / 3) * (foot.filled.includes('pressed-girth') ? BY.guessedMm : BY.pressedMm) }), // prettier-ignore
  teller({
    id: 'box-girth',
    name: 'the box’s girth',
    do: 'tape it inside at the joints',
    of: 'sink',
    sd: ({ doubt, slope }) => (slope.sink / 3) * doubt.girth
  }),
  teller({ id: 'box-width', name: 'the box’s width', do: 'calliper it inside at the joints', of: 'sink', sd: ({ doubt }) => BY.width * doubt.width }),
  teller({
    id: 'reach',
    name: 'the point reach',
    do: 'take it twice',
    of: 'over',
    sd: ({ foot }) => (foot.pointReachDeg === null ? BY.noReachDeg : BY.reachDeg)
  }),
  teller({ id: 'shank', name: 'the shank', do: 'bend it against one of each grade', of: 'over', sd: ({ doubt }) => BY.shank * doubt.shank }),
  teller({ id: 'vamp', name: 'the vamp', do: 'measure it along the top', of: 'over', sd: ({ doubt }) => BY.vamp * doubt.vamp })
] as const;
export type TellerId = (typeof TELLERS)[number]['id'];
/** What would tell most of a zone, most first. */
export const tellsMost = (of: Teller['of'], s: TellerOf): { id: TellerId; name: string; do: string; sd: number }[] =>
  TELLERS.filter((t) => t.of === of)
    .map(({ id, name, do: what, sd }) => ({ id, name, do: what, sd: sd(s) }))
    .sort((a, b) => b.sd - a.sd);
