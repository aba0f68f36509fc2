/** Where things stand on the rule's sheet, px: names at the left, the rule, what is read at the right. */
export interface RuleFrame {
  width: number;
  /** Room of the names; of what is read; how far of that the sizes reach. */
  name: number;
  read: number;
  takes: number;
  /** Height of a school's row. */
  row: number;
  /** Short words only, and no remainder. */
  narrow: boolean;
}

const NARROW = 560;
const WIDE = 1000;

export function ruleFrame(width: number): RuleFrame {
  if (width < NARROW) return { width, name: 116, read: 88, takes: 82, row: 34, narrow: true };
  return width < WIDE
    ? { width, name: 190, read: 158, takes: 96, row: 34, narrow: false }
    : { width, name: 216, read: 176, takes: 112, row: 34, narrow: false };
}

/** Where the brass rule lies, px from the top: flags above it, strips below. */
export const RULE_AT = { top: 40, height: 66, gap: 12 } as const;
/** Between two strips. */
export const STRIP_GAP = 8;
