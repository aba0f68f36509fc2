/** How a value came to be known. `derived` is filled from proportions. */
export type HowTaken = WayOfTaking | 'derived';
export type WayOfTaking = 'device' | 'tape' | 'tracing' | 'scan' | 'stated' | 'worn';

/** Whether the foot carried the body when it was read. */
export const LOADS = [
  { id: 'standing', name: 'standing, weight on' },
  { id: 'seated', name: 'seated' },
  { id: 'off', name: 'off the floor' }
] as const;
export type Load = (typeof LOADS)[number]['id'];

/**
 * How a value can be taken, with its error as a factor of the tape's [estimate; a gauge errs by 1 mm where a tape errs by 1.5], and its place
 * among instruments, each of which is held against those before it; what is told or seen on shoes is none.
 */
export const WAYS: readonly { id: WayOfTaking; name: string; factor: number; instrument?: number }[] = [
  { id: 'device', name: 'gauge or calliper', factor: 2 / 3, instrument: 2 },
  { id: 'tape', name: 'tape', factor: 1, instrument: 1 },
  { id: 'tracing', name: 'tracing', factor: 1, instrument: 3 },
  { id: 'scan', name: 'scan', factor: 2 / 3, instrument: 4 },
  { id: 'stated', name: 'told', factor: 2 },
  { id: 'worn', name: 'from the shoes worn', factor: 2 }
];
export const FACTOR = Object.fromEntries(WAYS.map((w) => [w.id, w.factor])) as Record<WayOfTaking, number>;
