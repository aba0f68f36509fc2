import type { KindId } from '../fit';
import type { PairUseId } from './life';

/** How a kind lives. Figures are estimates of this project but where said. */
export interface KindLife {
  /** What its life is counted in. */
  counts: 'hours' | 'km';
  /** How fast one goes in it, km an hour. */
  kmh: number;
  /** Life in hours where nothing better is known; of a running pair the kilometres are worked out. */
  hours: number;
  /** It stands on a tip that is changed. */
  tip: boolean;
  /** Danced in, indoors. */
  dance: boolean;
  /** A leather sole is usual: it rests a day, and is resoled in time. */
  leatherSole: boolean;
  /** Years it lasts at the least with care; 0 where nothing is said [practice]. */
  years: number;
  /** Whole days it rests between two wears: leather, foam and paste dry and spring back [practice]. */
  restDays: number;
  /** What it is used for where nobody said. */
  uses: readonly PairUseId[];
}
const USUAL: KindLife = {
  counts: 'hours',
  kmh: 3,
  hours: 900,
  tip: false,
  dance: false,
  leatherSole: false,
  years: 0,
  restDays: 0,
  uses: ['street', 'standing']
};
const life = (own: Partial<KindLife>): KindLife => ({ ...USUAL, ...own });
const DANCE_HEEL = { tip: true, dance: true, hours: 600, years: 4, uses: ['floor', 'air', 'stage'] } as const;
const LEATHER = { leatherSole: true, restDays: 1, uses: ['street', 'standing', 'stage'] } as const;

/** Every kind has its row: one that is added does not compile without. */
export const KIND_LIFE: Readonly<Record<KindId, KindLife>> = {
  oxford: life({ ...LEATHER, hours: 1800 }),
  loafer: life({ ...LEATHER, hours: 1400 }),
  pump: life({ tip: true, hours: 700, uses: ['street', 'stage', 'standing'] }),
  flat: life({ hours: 600 }),
  sandal: life({ hours: 600 }),
  'lace-boot': life({ hours: 2000, kmh: 4 }),
  'elastic-boot': life({ hours: 2000 }),
  'western-boot': life({ ...LEATHER, hours: 2200 }),
  'tall-boot': life({ hours: 1600 }),
  sneaker: life({ hours: 900, kmh: 4.5 }),
  running: life({ counts: 'km', kmh: 9.5, hours: 67, restDays: 1, uses: ['long', 'tempo'] }),
  walking: life({ counts: 'km', kmh: 4.8, hours: 160 }),
  'extra-depth': life({ hours: 1500 }),
  'heels-dance': life(DANCE_HEEL),
  'pole-sandal': life({ ...DANCE_HEEL, years: 0 }),
  'pole-boot': life({ ...DANCE_HEEL, years: 0 }),
  character: life(DANCE_HEEL),
  'ballet-slipper': life({ dance: true, hours: 110, uses: ['floor'] }),
  pointe: life({ dance: true, hours: 14, restDays: 1, uses: ['floor', 'stage'] })
};
/** Of a life of which only the middle is known: shorter and longer by so much [model]. */
export const LIFE_BAND = { low: 0.7, high: 1.4 } as const;
