import type { Answer } from './messages';

/** A ranking shared out: each worker takes every so-manieth style, so that none has only what is hard. */
export const shareOut = <T>(all: readonly T[], workers: number): T[][] =>
  Array.from({ length: workers }, (_, worker) => all.filter((_, i) => i % workers === worker));

/**
 * Hears several workers as one: what they have done is added up, the first hundred stand when every worker's own do (no other can be
 * among them), and all is told when the last has told all. When one fails, that is told once.
 * @param of styles in all
 * @returns takes the answers of each worker by its place
 */
export function asOne(of: number, workers: number, listen: (answer: Answer) => void): (worker: number, answer: Answer) => void {
  const done = Array.from({ length: workers }, () => 0);
  let [standing, ended, topMs, tookMs, beforehand, failed] = [0, 0, 0, 0, true, false];
  return (worker, answer) => {
    if (failed) return;
    if (answer.kind === 'progress') {
      done[worker] = answer.done;
      if (answer.topStands) standing++;
      listen({ ...answer, of, done: done.reduce((sum, n) => sum + n, 0), topStands: answer.topStands && standing === workers });
    } else if (answer.kind === 'ranked') {
      topMs = Math.max(topMs, answer.topMs);
      tookMs = Math.max(tookMs, answer.tookMs);
      beforehand &&= answer.beforehand;
      if (++ended === workers) listen({ ...answer, topMs, tookMs, beforehand });
    } else {
      failed = answer.kind === 'failed';
      listen(answer);
    }
  };
}
