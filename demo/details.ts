import { type StyleDetails } from '@chiave/core/fit';
import { heelOf } from './heels';
import type { StyleDesign } from './design';
import { seeded } from './random';

const COLOURS = ['black', 'ink', 'chestnut', 'sand', 'plum', 'pine', 'bone', 'rust'];
const FACTORIES = ['Upper Mill', 'Harbour Works', 'Old Foundry'];
const SOLES = ['leather', 'rubber', 'cork and rubber', 'foam'];
const WHO = ['Nerina', 'Tobiah', 'the maker’s sheet'];
const DAY = '2026-09-1';

/** What the shop noted of a style beside its last: seeded, so that every start gives the same. */
export function detailsOf(design: StyleDesign, index: number): StyleDetails {
  const random = seeded(9000 + index);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random.uniform() * list.length)];
  const madeFrom = 2018 + Math.floor(random.uniform() * 7);
  const heel = heelOf(design, index);
  const mark = (m: 'measured' | 'felt' | 'claimed' | 'unsure') => ({ mark: m, source: pick(WHO), date: `${DAY}${index % 10}` });
  return {
    variant: '',
    madeFrom,
    madeTo: random.uniform() < 0.25 ? Math.min(2026, madeFrom + 3) : null,
    factory: pick(FACTORIES),
    colour: pick(COLOURS),
    upperThicknessMm: Math.round(10 * (0.9 + 1.4 * random.uniform())) / 10,
    lining: pick(['leather', 'textile', 'none']),
    stretch: design.upper === 'knit' || design.upper === 'mesh' ? 'much' : design.upper === 'patent' || design.upper === 'plastic' ? 'none' : 'little',
    shrinks: design.upper === 'knit',
    shaftHeightMm: design.kind === 'tall-boot' ? 360 : design.kind.endsWith('boot') ? 130 : null,
    sole: pick(SOLES),
    ...heel.attributes,
    weightG: Math.round(180 + 320 * random.uniform()),
    price: 5 * Math.round(14 + 50 * random.uniform()),
    note: '',
    evidence: {
      soleStiffness: mark('felt'),
      heelHeightMm: mark(random.uniform() < 0.5 ? 'measured' : 'claimed'),
      upper: mark('claimed'),
      weightG: mark(random.uniform() < 0.4 ? 'measured' : 'unsure'),
      ...heel.evidence
    }
  };
}
