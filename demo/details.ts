import { type StyleDetails } from '@chiave/core/fit';
import { BLANK_USE } from '@chiave/core/attributes';
import { BY_KIND } from '@chiave/core/use';
import { heelOf } from './heels';
import { useOf } from './use';
import type { ToeFamilyId } from '@chiave/core/last';
import type { StyleDesign } from './design';
import { seeded } from './random';

const COLOURS = ['black', 'ink', 'chestnut', 'sand', 'plum', 'pine', 'bone', 'rust'];
const FACTORIES = ['Upper Mill', 'Harbour Works', 'Old Foundry'];
const WHO = ['Nerina', 'Tobiah', 'the maker’s sheet'];
const DAY = '2026-09-1';

/** What the shop noted of a style beside its last: seeded, so that every start gives the same. */
export function detailsOf(design: StyleDesign, family: ToeFamilyId, index: number): StyleDetails {
  const random = seeded(9000 + index);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random.uniform() * list.length)];
  const madeFrom = 2018 + Math.floor(random.uniform() * 7);
  const heel = heelOf(design, index);
  const use = useOf(design, family, index);
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
    shaftHeightMm: design.kind.endsWith('boot') ? BY_KIND[design.kind].shaft : null,
    sole: '',
    ...heel.attributes,
    ...BLANK_USE,
    ...use.fields,
    weightG: use.weightG,
    price: 5 * Math.round(14 + 50 * random.uniform()),
    note: '',
    evidence: {
      soleStiffness: mark('felt'),
      heelHeightMm: mark(random.uniform() < 0.5 ? 'measured' : 'claimed'),
      upper: mark('claimed'),
      weightG: mark(random.uniform() < 0.4 ? 'measured' : 'unsure'),
      ...heel.evidence,
      ...Object.fromEntries(Object.entries(use.marks).map(([field, m]) => [field, mark(m)]))
    }
  };
}
