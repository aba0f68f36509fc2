import type { WallBandId } from '@chiave/core/pointe';

/** How a wall of a box is painted by how hard it presses; the word stands beside it. */
export const WALL_COLOURS: Readonly<Record<WallBandId, string>> = {
  hard: 'var(--color-tight)',
  firm: '#e0a07c',
  held: 'var(--color-even)',
  touching: '#8fb9c6',
  free: 'var(--color-loose)'
};
