<script lang="ts">
  import type { Calibration } from '@chiave/core/learn';

  /** Chances that were told against what happened: each bin a mark with its interval, the line where both are the same. */
  let { calibration }: { calibration: Calibration } = $props();
  const [SIZE, LEFT, BOTTOM, TOP] = [360, 56, 44, 14];
  const x = (p: number): number => LEFT + p * SIZE;
  const y = (p: number): number => TOP + (1 - p) * SIZE;
  const TICKS = [0, 0.25, 0.5, 0.75, 1];
  const percent = (p: number): string => String(Math.round(100 * p));
  const words = $derived(calibration.bins.map((b) => `of ${b.n} told about ${percent(b.said)} in 100, ${b.good} came out`).join('; '));
</script>

<svg viewBox="0 0 {LEFT + SIZE + 16} {TOP + SIZE + BOTTOM}" class="block w-full max-w-md" role="img" aria-label="Said against happened: {words}">
  {#each TICKS as t (t)}
    <line x1={x(t)} x2={x(t)} y1={y(0)} y2={y(1)} stroke="var(--color-line)" />
    <line x1={x(0)} x2={x(1)} y1={y(t)} y2={y(t)} stroke="var(--color-line)" />
    <text x={x(t)} y={y(0) + 18} font-size="14" text-anchor="middle" fill="currentColor">{percent(t)}</text>
    <text x={x(0) - 8} y={y(t) + 5} font-size="14" text-anchor="end" fill="currentColor">{percent(t)}</text>
  {/each}
  <line x1={x(0)} x2={x(1)} y1={y(0)} y2={y(1)} stroke="var(--color-brass-line)" stroke-width="2.5" stroke-dasharray="7 5" />
  {#each calibration.bins as b (b.said)}
    <line x1={x(b.said)} x2={x(b.said)} y1={y(b.came.low)} y2={y(b.came.high)} stroke="var(--color-ink-soft)" stroke-width="3" />
    <circle cx={x(b.said)} cy={y(b.good / b.n)} r={4 + Math.min(8, Math.sqrt(b.n))} fill="var(--color-ink)" />
  {/each}
  <text x={x(0.5)} y={y(0) + 38} font-size="15" text-anchor="middle" fill="currentColor">told, of 100</text>
  <text x={16} y={y(0.5)} font-size="15" text-anchor="middle" fill="currentColor" transform="rotate(-90 16 {y(0.5)})">came out, of 100</text>
</svg>
