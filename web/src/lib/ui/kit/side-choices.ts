import { SIDE_LETTER, SIDES, type Side } from '@chiave/core/measure';

export const SIDE_NAMES: Readonly<Record<Side, string>> = { left: `${SIDE_LETTER.left} left`, right: `${SIDE_LETTER.right} right` };
/** Both feet to choose from. */
export const SIDE_CHOICES: readonly { id: Side; name: string }[] = SIDES.map((id) => ({ id, name: SIDE_NAMES[id] }));
