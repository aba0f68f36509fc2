import type { EvidenceId } from './choices';

/** Fields of a box whose doubt bears on the sums, with the standard deviation of each kind of evidence [model]: mm, for the shank of its logarithm. */
export const DOUBTS = {
  length: { measured: 0.7, claimed: 2, filled: 4 },
  girth: { measured: 1.5, claimed: 3, filled: 6 },
  width: { measured: 1, claimed: 2, filled: 3 },
  platform: { measured: 1, claimed: 2, filled: 3.5 },
  vamp: { measured: 1.5, claimed: 3, filled: 6 },
  wing: { measured: 2, claimed: 4, filled: 8 },
  shank: { measured: 0.15, claimed: 0.25, filled: 0.45 }
} as const satisfies Record<string, Record<EvidenceId, number>>;
export type DoubtId = keyof typeof DOUBTS;
export type BoxDoubt = Readonly<Record<DoubtId, number>>;
/** The same evidence for every field. */
export const doubtBy = (evidence: EvidenceId): BoxDoubt => Object.fromEntries(Object.entries(DOUBTS).map(([id, sd]) => [id, sd[evidence]])) as BoxDoubt;
