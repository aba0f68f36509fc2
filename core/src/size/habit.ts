import { signedNumber } from '../measure';

/**
 * A maker's habit: by how many sizes a last is longer (+) or shorter (-) than its label says. What is known of it comes
 * from several hands, which are kept apart and weighed in the open.
 */
export const EVIDENCE_IDS = ['measured', 'fitters', 'wearers', 'chart', 'hearsay'] as const;
export type EvidenceId = (typeof EVIDENCE_IDS)[number];

export interface EvidenceKind {
  id: EvidenceId;
  name: string;
  /** Standard deviation of one report, in sizes [estimate]. */
  sdSizes: number;
}

export const EVIDENCE_KINDS: readonly EvidenceKind[] = [
  { id: 'measured', name: 'measured insole', sdSizes: 0.15 },
  { id: 'fitters', name: "fitters' try-ons", sdSizes: 0.25 },
  { id: 'wearers', name: "wearers' reports", sdSizes: 0.4 },
  { id: 'chart', name: "maker's chart", sdSizes: 0.4 },
  { id: 'hearsay', name: 'hearsay', sdSizes: 0.7 }
];
const KIND_OF = Object.fromEntries(EVIDENCE_KINDS.map((k) => [k.id, k])) as Record<EvidenceId, EvidenceKind>;

/** What is believed of a last of which nothing is known: N(0, 0.4 size) [model]. */
export const HABIT_PRIOR_SD = 0.4;
/** Reports further apart than this many of their joint deviations are a conflict. */
const CONFLICT_SD = 2;

export interface HabitReport {
  evidence: EvidenceId;
  offsetSizes: number;
  note: string;
  /** Which making of the last it speaks of; left out, of every one. */
  variant?: string;
  madeYear?: number | null;
}

/** One making of a last: a named variant, a year, or both; blank speaks of the last as such. */
export interface Making {
  variant: string;
  madeYear: number | null;
}

const plain = (variant: string | undefined): string => (variant ?? '').trim().toLowerCase();

/** The makings that reports speak of, the last as such first, then by name and year. */
export function makingsOf(reports: readonly HabitReport[]): Making[] {
  const found = new Map<string, Making>();
  for (const { variant, madeYear } of reports) {
    const making = { variant: (variant ?? '').trim(), madeYear: madeYear ?? null };
    const key = `${plain(making.variant)}|${making.madeYear ?? ''}`;
    if (!found.has(key)) found.set(key, making);
  }
  return [...found.values()].sort((p, q) => plain(p.variant).localeCompare(plain(q.variant)) || (p.madeYear ?? 0) - (q.madeYear ?? 0));
}

/**
 * The reports that speak of a making: its own, and those that name no variant or no year. Reports of another variant or
 * another year never count: another factory or a wide version is another inside.
 */
export const reportsFor = <R extends HabitReport>(reports: readonly R[], making: Making): R[] =>
  reports.filter((r) => (plain(r.variant) === '' || plain(r.variant) === plain(making.variant)) && (r.madeYear == null || r.madeYear === making.madeYear));

export interface HabitEstimate {
  offsetSizes: number;
  sdSizes: number;
  /** Each report with its share of the estimate; the prior's share is what is left. */
  weights: { report: HabitReport; share: number }[];
  priorShare: number;
  conflicts: string[];
}

/**
 * Weighs reports by evidence (inverse variance, with the prior), naming those that contradict each other.
 * Reports of one kind count as one voice: ten hearsays are not a measurement.
 * @example weighHabit([{ evidence: 'measured', offsetSizes: 0.5, note: '' }]).offsetSizes // 0.44
 */
export function weighHabit(reports: readonly HabitReport[]): HabitEstimate {
  const count = new Map<EvidenceId, number>();
  for (const { evidence } of reports) count.set(evidence, (count.get(evidence) ?? 0) + 1);
  const precisionOf = ({ evidence }: HabitReport): number => 1 / KIND_OF[evidence].sdSizes ** 2 / count.get(evidence)!;
  const prior = 1 / HABIT_PRIOR_SD ** 2;
  const total = reports.reduce((sum, r) => sum + precisionOf(r), prior);
  const weights = reports.map((report) => ({ report, share: precisionOf(report) / total }));
  const conflicts: string[] = [];
  reports.forEach((a, i) => {
    for (const b of reports.slice(i + 1)) {
      const apart = Math.abs(a.offsetSizes - b.offsetSizes);
      if (apart > CONFLICT_SD * Math.hypot(KIND_OF[a.evidence].sdSizes, KIND_OF[b.evidence].sdSizes)) {
        conflicts.push(
          `${KIND_OF[a.evidence].name} (${signedNumber(a.offsetSizes, 2)}) against ${KIND_OF[b.evidence].name} (${signedNumber(b.offsetSizes, 2)})`
        );
      }
    }
  });
  return {
    offsetSizes: weights.reduce((sum, w) => sum + w.share * w.report.offsetSizes, 0),
    sdSizes: Math.sqrt(1 / total),
    weights,
    priorShare: prior / total,
    conflicts
  };
}
