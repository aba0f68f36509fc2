<script lang="ts">
  import type { Until } from '@chiave/core/use';

  /** Kilometres a pair has run and has to run, against how long such a pair lasts. */
  let { runKm, toComeKm, life, until }: { runKm: number; toComeKm: number; life: { low: number; centre: number; high: number }; until: Until } = $props();
  const [WIDE, LEFT, AT] = [640, 16, 46];
  const end = $derived(1.05 * Math.max(life.high, runKm + toComeKm));
  const x = (km: number): number => LEFT + (km / end) * (WIDE - 2 * LEFT);
  const TONE: Record<Until, string> = { lives: 'var(--color-even)', look: 'var(--color-brass-bright)', next: 'var(--color-tight-soft)' };
  const round = (km: number): number => Math.round(km / 5) * 5;
</script>

<svg
  viewBox="0 0 {WIDE} 104"
  class="block w-full"
  role="img"
  aria-label="{round(runKm)} km run and {round(toComeKm)} to come; such a pair lasts {round(life.low)} to {round(life.high)} km"
>
  <rect x={x(life.low)} width={x(life.high) - x(life.low)} y={AT - 22} height="44" fill="var(--color-brass-pale)" />
  <line x1={x(life.centre)} x2={x(life.centre)} y1={AT - 22} y2={AT + 22} stroke="var(--color-brass-line)" stroke-width="2" />
  <rect x={x(0)} width={x(runKm) - x(0)} y={AT - 9} height="18" fill="var(--color-leather)" />
  <rect x={x(runKm)} width={x(runKm + toComeKm) - x(runKm)} y={AT - 9} height="18" fill={TONE[until]} />
  <text x={x(0)} y={AT - 28} font-size="14" fill="currentColor">run {round(runKm)} km</text>
  <text x={x(runKm + toComeKm)} y={AT - 28} font-size="14" text-anchor="end" fill="currentColor">to come {round(toComeKm)}</text>
  <text x={(x(life.low) + x(life.high)) / 2} y={AT + 42} font-size="14" text-anchor="middle" fill="currentColor"
    >lasts {round(life.low)} to {round(life.high)} km</text
  >
</svg>
