import { seeded } from '../src/learn';
import type { ShopLast, ShopVisit, ShopWord } from '../src/learn';
import type { KindId } from '../src/fit';

/** What is so in a shop that was made up, and nobody in it knows. */
export interface ShopTruth {
  lasts: Record<string, number>;
  ways: Record<string, number>;
  tau: Record<string, number>;
}
export interface MadeUpShop {
  lasts: ShopLast[];
  visits: ShopVisit[];
  truth: ShopTruth;
}
export interface ShopWish {
  people: number;
  lasts?: number;
  pairs?: number;
  /** What the table of each kind is off by. */
  tau?: number;
  kinds?: readonly KindId[];
  fitters?: number;
  mark?: ShopLast['mark'];
  seed?: number;
}
const CUTS = [-8, 4, 7, 13, 18, 30];
const TAPE_SD = 1.5;
const LAST_SD = { measured: 0.6, claimed: 1.5 } as Record<string, number>;
/**
 * A shop's words for the room of the toes, made up by other means than the model's: reading errors with heavy tails, likings that are
 * either ordinary or far, lasts drawn as uniform, and words cut from what was felt. Every person is read by one fitter.
 */
export function madeUpShop({
  people,
  lasts: many = 20,
  pairs = 3,
  tau = 0,
  kinds = ['oxford', 'walking'],
  fitters = 3,
  mark = 'claimed',
  seed = 1
}: ShopWish): MadeUpShop {
  const random = seeded(seed);
  const level = (sd: number): number => Math.sqrt(12) * sd * (random.uniform() - 0.5);
  const heavy = (sd: number): number => (random.uniform() < 0.1 ? 2.2 : 0.78) * sd * random.normal();
  const lasts: ShopLast[] = Array.from({ length: many }, (_, i) => ({ id: `last-${i}`, maker: `maker-${i % 5}`, mark }));
  const truth: ShopTruth = {
    lasts: Object.fromEntries(lasts.map((l) => [l.id, level(LAST_SD[mark])])),
    ways: Object.fromEntries(Array.from({ length: fitters }, (_, i) => [`fitter ${i}`, level(0.9)])),
    tau: Object.fromEntries(kinds.map((k) => [k, tau]))
  };
  const visits = Array.from({ length: people }, (_, p): ShopVisit => {
    const fitter = `fitter ${p % fitters}`;
    const error = { left: heavy(TAPE_SD), right: heavy(TAPE_SD) };
    const liking = heavy(Math.sqrt(5));
    const words: ShopWord[] = [];
    for (let k = 0; k < pairs; k++) {
      const last = lasts[Math.floor(random.uniform() * many)];
      const kind = kinds[lasts.indexOf(last) % kinds.length];
      const kindIs = truth.tau[kind];
      // A size near what should do is put on.
      const room = 10 + 9 * (random.uniform() - 0.5);
      for (const side of ['left', 'right'] as const) {
        const felt = room + truth.lasts[last.id] - error[side] - liking - truth.ways[fitter] - kindIs + 2.5 * random.normal();
        const slipped = random.uniform() < 0.03;
        const at = slipped ? Math.floor(5 * random.uniform()) : Math.min(4, CUTS.slice(1, -1).filter((c) => felt > c).length);
        words.push({
          pair: `${p} ${k}`, last: last.id, kind, side, zone: 'toe-room', channel: 'length', mm: room, low: CUTS[at], high: CUTS[at + 1],
          sd: 2.6, slip: 0.03, by: { length: 1 }, share: 1
        }); // prettier-ignore
      }
    }
    const n = words.length;
    const together = Float64Array.from({ length: n * n }, (_, i) => (words[Math.floor(i / n)].side === words[i % n].side ? TAPE_SD ** 2 : 0));
    return { person: String(p), fitter, day: `2026-01-${String(1 + (p % 28)).padStart(2, '0')}`, words, together };
  });
  return { lasts, visits, truth };
}
