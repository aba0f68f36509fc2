import type { LengthUnit } from '@chiave/core/measure';

const KEY = 'chiave-unit';
const KNOWN: readonly LengthUnit[] = ['mm', 'cm', 'in'];

/** The unit lengths are shown in, kept in this browser. What is stored is always millimetres. */
class ShownUnit {
  unit = $state<LengthUnit>('mm');

  restore(): void {
    const kept = localStorage.getItem(KEY) as LengthUnit | null;
    if (kept && KNOWN.includes(kept)) this.unit = kept;
  }
  show(unit: LengthUnit): void {
    this.unit = unit;
    localStorage.setItem(KEY, unit);
  }
}
export const shown = new ShownUnit();
export const UNITS = KNOWN;
