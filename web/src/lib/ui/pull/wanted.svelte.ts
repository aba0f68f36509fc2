import { heldToSize, KIND, type Candidate } from '@chiave/core/fit';
import { TOE_FAMILY, type ToeFamilyId } from '@chiave/core/last';
import { formatLength, type LengthUnit } from '@chiave/core/measure';
import { SCALE } from '@chiave/core/size';
import type { FittingRow } from '../../api/rows';
import { ageOf } from '../../fit-feet';
import type { StyleBrief } from '../../style-brief';

/** Heels that count as the same height, mm. */
const SAME_HEEL_MM = 5;
/** Below this age a child's shoes are looked at. */
const CHILD_UNDER = 13;

interface Hold {
  id: string;
  name: string;
  same: (style: StyleBrief, to: Candidate, family: ToeFamilyId | undefined) => boolean;
  words: (to: Candidate, family: ToeFamilyId | undefined, unit: LengthUnit) => string;
}
/** What may be held equal to a candidate while everything else is free. */
export const HOLDS = [
  {
    id: 'size',
    name: 'the size: other lasts',
    same: (s, c) => s.scale === c.scale && heldToSize(s, c.sizeNumber) !== null,
    words: (c) => `size ${c.size} (${SCALE[c.scale].name}) in every last`
  },
  { id: 'last', name: 'the last', same: (s, c) => s.lastId === c.lastId, words: (c) => `the last ${c.lastName}` },
  { id: 'toe', name: 'the toe', same: (s, _, family) => s.family === family, words: (_, family) => `${family ? TOE_FAMILY[family].name : 'those'} toes` },
  { id: 'maker', name: 'the maker', same: (s, c) => s.maker === c.maker, words: (c) => c.maker },
  {
    id: 'heel',
    name: `the heel, within ${SAME_HEEL_MM} mm`,
    same: (s, c) => Math.abs(s.heelHeightMm - c.heelHeightMm) <= SAME_HEEL_MM,
    words: (c, _, unit) => `heels near ${formatLength(c.heelHeightMm, unit)}`
  }
] as const satisfies readonly Hold[];
export type HoldId = (typeof HOLDS)[number]['id'];

/** Which styles of the stockroom are wanted for a fitting, and why the others are not. */
export class Wanted {
  forWhom = $state<'own' | 'all'>('own');
  onlyShelf = $state(false);
  hold = $state<HoldId | null>(null);
  /** To which candidate it is held: the first compared, or the top one when it was chosen. */
  heldTo = $state.raw<Candidate | null>(null);
  readonly #fitting: () => FittingRow;
  readonly #styles: () => readonly StyleBrief[];

  constructor(fitting: () => FittingRow, styles: () => readonly StyleBrief[]) {
    this.#fitting = fitting;
    this.#styles = styles;
  }

  readonly byId = $derived.by((): Readonly<Record<string, StyleBrief | undefined>> => Object.fromEntries(this.#styles().map((s) => [s.id, s])));
  readonly child = $derived.by(() => {
    const age = ageOf(this.#fitting().customer);
    return age !== undefined && age < CHILD_UNDER;
  });
  readonly styles = $derived.by(() => this.#styles().filter((s) => this.whyLeftOut(s) === null));

  familyOf = (styleId: string): ToeFamilyId | undefined => this.byId[styleId]?.family;
  /** The size that all are held to, if any. */
  get heldSize(): number | null {
    return this.hold === 'size' && this.heldTo ? this.heldTo.sizeNumber : null;
  }

  /** Why a style is not among those ranked; null for one that is. */
  whyLeftOut = (s: StyleBrief): string | null => {
    const { kinds, customer } = this.#fitting();
    if (kinds.length > 0 && !kinds.includes(s.kind)) return `it is of the kind “${KIND[s.kind].name}”, which is not among those chosen`;
    if (this.forWhom === 'own' && s.forWhom !== 'unisex' && s.forWhom !== (this.child ? 'children' : customer.fitsAs)) return `it is made for ${s.forWhom}`;
    const hold = HOLDS.find((h) => h.id === this.hold);
    if (hold && this.heldTo && !hold.same(s, this.heldTo, this.familyOf(this.heldTo.styleId)))
      return `the list is held to ${this.heldTo.name} by its ${hold.id}`;
    return null;
  };

  /** Holds the list equal to a candidate, or lets go. @param first which candidate, where none is held to yet */
  holdEqual(to: HoldId | null, first: Candidate | null): void {
    this.heldTo = to === null ? null : (this.heldTo ?? first);
    this.hold = this.heldTo === null ? null : to;
  }
  heldWords(unit: LengthUnit): string {
    const hold = HOLDS.find((h) => h.id === this.hold);
    return hold && this.heldTo ? hold.words(this.heldTo, this.familyOf(this.heldTo.styleId), unit) : '';
  }
}
