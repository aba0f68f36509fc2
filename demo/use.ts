import { AT, keptFigure, USE_FIELDS, type UseAttributeId, type UseFields } from '@chiave/core/attributes';
import { BY_KIND, useShoe, type UseStyle } from '@chiave/core/use';
import type { ToeFamilyId } from '@chiave/core/last';
import type { StyleDesign } from './design';
import { seeded } from './random';

/** What the shop looked at of a style for its use: seeded around what is usual of its kind. Some of it nobody saw, some is the maker's word. */
const BOTH: readonly UseAttributeId[] = ['counter', 'rear', 'fore', 'breath', 'sole', 'tread', 'hold', 'toe'];
/** What is looked at of some kinds beside that. */
const MORE: Partial<Record<StyleDesign['kind'], readonly UseAttributeId[]>> = {
  running: ['stable', 'plate', 'curve', 'wetmu'],
  walking: ['stable', 'wetmu', 'proof', 'seam', 'openLen'],
  sneaker: ['stable', 'wetmu'],
  'extra-depth': ['seam', 'opens', 'openLen', 'openGirth', 'wetmu'],
  'ballet-slipper': ['split', 'sewn'],
  'pole-sandal': ['strapMm', 'strapOf'],
  'pole-boot': ['strapMm', 'strapOf'],
  'lace-boot': ['outside', 'welt', 'wetmu', 'proof', 'guard'],
  'elastic-boot': ['outside', 'welt', 'wetmu', 'proof'],
  'western-boot': ['outside', 'welt', 'wetmu'],
  'tall-boot': ['outside', 'welt', 'proof']
};
const SEEN_SHARE = 0.72;
const CLAIMED_SHARE = 0.18;
/** Figures stand to their own step. */
const STEP: Partial<Record<UseAttributeId, number>> = { wetmu: 0.01, dry: 0.01, tread: 0.5, curve: 0.5, openLen: 5, openGirth: 5, outside: 1, strapMm: 1 };

/** What stands out of a style's own story. */
const OWN: Readonly<Record<string, Partial<UseFields>>> = {
  'wide-berth': { counter: 4, seam: 'none', fore: 2.5, rear: 3, opens: 'hook-loop', openGirth: 352, openLen: 150, soleKind: 'rubber', tread: 2 },
  freshet: { stable: 'none', curve: 7, counter: 3.5, rear: 2, fore: 2, soleKind: 'rubber', tread: 2, plate: 'none' },
  'tarn-race': { stable: 'none', plate: 'stiff', curve: 8, rear: 2, fore: 1, soleKind: 'foam', tread: 1, counter: 2.5 },
  usher: { stable: 'guided', counter: 4, rear: 3, fore: 3, soleKind: 'rubber', tread: 2.5, wetmu: 0.39, seam: 'soft' },
  'galop-90': { hold: 'laced', toe: 'half', soleKind: 'smooth' },
  'galop-strap': { hold: 'one-strap', toe: 'closed', soleKind: 'smooth' },
  'long-shadow': { soleKind: 'leather', tread: 0, welt: 'single', outside: 107 },
  'tinsmith-work': { soleKind: 'rubber', tread: 3, welt: 'double', outside: 117, wetmu: 0.37, guard: 'firm' },
  alderman: { soleKind: 'leather', rear: 4.5 },
  'first-steps': { split: 'full', sewn: 'sewn' },
  adagio: { split: 'split', sewn: 'to-sew' },
  'chorus-50': { soleKind: 'leather', hold: 'one-strap' }
};

export interface UseNoted {
  fields: Partial<UseFields>;
  /** How each was found out, by its field. */
  marks: Record<string, 'felt' | 'measured' | 'claimed'>;
  weightG: number;
}
/** @param family of its last */
export function useOf(design: StyleDesign, family: ToeFamilyId, index: number): UseNoted {
  const random = seeded(12_000 + index);
  const style: UseStyle = {
    kind: design.kind, upper: design.upper, closure: design.closure, family, heelHeightMm: design.heel, platformMm: design.platform ?? 0,
    soleStiffness: design.stiff, madeForMm: design.forWhom === 'men' ? 265 : 240
  }; // prettier-ignore
  const usual = useShoe(style);
  const own = OWN[design.id] ?? {};
  const fields: Record<string, unknown> = {};
  const marks: UseNoted['marks'] = {};
  for (const { field, attribute: a } of USE_FIELDS) {
    if (own[field] !== undefined) {
      fields[field] = own[field];
      marks[field] = a.as === 'figure' ? 'measured' : 'felt';
      continue;
    }
    if (![...BOTH, ...(MORE[design.kind] ?? [])].includes(a.id) || random.uniform() > SEEN_SHARE) continue;
    const at = Math.min(2, Math.floor(3 * random.uniform()));
    const drawn = usual.points[3 * AT[a.id] + at];
    const step = a.as === 'levels' ? 1 : a.as === 'five' ? 0.5 : (STEP[a.id] ?? 1);
    const value = Number((Math.round(drawn / step) * step).toFixed(2));
    fields[field] = a.as === 'levels' ? a.ids[Math.round(drawn)] : value;
    if (keptFigure(a, fields[field]) === null) delete fields[field];
    else marks[field] = random.uniform() < CLAIMED_SHARE ? 'claimed' : a.as === 'figure' ? 'measured' : 'felt';
  }
  return { fields: fields as Partial<UseFields>, marks, weightG: Math.round(BY_KIND[design.kind].weight * (0.85 + 0.3 * random.uniform())) };
}
