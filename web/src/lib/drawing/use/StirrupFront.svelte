<script lang="ts">
  import type { UseFigure } from '@chiave/core/use';
  import { smallLength } from '$lib/small-length';
  import { shown } from '$lib/ui/kit/units.svelte';

  /** A boot in the stirrup from in front, to scale: the tread of the stirrup, the welt at the ball, and what is left beside it. */
  let { innerMm, spare, wantedMm, tone }: { innerMm: number; spare: UseFigure; wantedMm: number; tone: string } = $props();
  const SCALE = 2;
  const [FLOOR, MIDDLE, BRANCH] = [300, 260, 9 * SCALE];
  const inner = $derived(innerMm * SCALE);
  const left = $derived(MIDDLE - inner / 2);
  const right = $derived(left + inner);
  /** The boot stands against the outer branch, so that all that is left stands on one side. */
  const wide = $derived((innerMm - spare.centre) * SCALE);
  const over = $derived(spare.centre < 0);
  const welt = $derived(left + wide);
  const [SOLE, WELT] = [14, 8];
  const upper = $derived({ from: left + WELT * SCALE * 0.8, to: welt - WELT * SCALE * 0.8 });
  const middle = $derived((upper.from + upper.to) / 2);
  const shaft = $derived(0.34 * wide);
  const from = $derived(smallLength(spare.low, shown.unit));
  const to = $derived(smallLength(spare.high, shown.unit));
  const words = $derived(
    over
      ? `${smallLength(-spare.centre, shown.unit)} too broad for the stirrup`
      : `${spare.low === spare.high ? from : `${from} to ${to}`} to spare in a stirrup of ${smallLength(innerMm, shown.unit)}`
  );
</script>

<svg viewBox="0 0 520 372" class="block w-full max-w-xl" role="img" aria-label="Boot in the stirrup from in front: {words}">
  <!-- The boot behind the stirrup's branches: shaft, vamp, sole with its welt. -->
  <path
    d="M{middle - shaft} 14 L{middle - shaft} 120 C{middle - shaft - 8} 170 {upper.from} 190 {upper.from} {FLOOR - SOLE} L{upper.to} {FLOOR -
      SOLE} C{upper.to} 190 {middle + shaft + 8} 170 {middle + shaft} 120 L{middle + shaft} 14 Z"
    fill="var(--color-leather-light)"
    stroke="var(--color-ink)"
    stroke-width="1.6"
  />
  <path d="M{middle - shaft * 0.5} 130 Q{middle} 150 {middle + shaft * 0.5} 130" fill="none" stroke="var(--color-skin-rim)" stroke-width="2" />
  <rect
    x={left}
    width={wide}
    y={FLOOR - SOLE}
    height={SOLE}
    rx="4"
    fill="var(--color-leather)"
    stroke={over ? 'var(--color-tight)' : 'var(--color-ink)'}
    stroke-width={over ? 3 : 1.4}
  />
  <!-- The stirrup: two branches that meet above, and the tread. -->
  <path
    d="M{left - BRANCH / 2} {FLOOR + 8} L{left - BRANCH / 2} 190 C{left - BRANCH / 2} 90 {MIDDLE - 60} 44 {MIDDLE} 36 C{MIDDLE + 60} 44 {right +
      BRANCH / 2} 90 {right + BRANCH / 2} 190 L{right + BRANCH / 2} {FLOOR + 8}"
    fill="none"
    stroke="var(--color-edge)"
    stroke-width={BRANCH}
    stroke-linejoin="round"
    opacity="0.85"
  />
  <rect x={left - BRANCH} width={inner + 2 * BRANCH} y={FLOOR} height="18" rx="6" fill="var(--color-edge)" />
  {#if !over}
    <rect x={welt} width={right - welt} y={FLOOR - 40} height="40" fill={tone} opacity="0.28" />
    <line x1={welt} x2={right} y1={FLOOR - 20} y2={FLOOR - 20} stroke={tone} stroke-width="3" />
    <line x1={welt} x2={welt} y1={FLOOR - 30} y2={FLOOR - 10} stroke={tone} stroke-width="3" />
    <line x1={right} x2={right} y1={FLOOR - 30} y2={FLOOR - 10} stroke={tone} stroke-width="3" />
  {/if}
  <!-- What is wanted, as a rule under the tread. -->
  <line x1={right - wantedMm * SCALE} x2={right} y1={FLOOR + 34} y2={FLOOR + 34} stroke="var(--color-ink)" stroke-width="2" />
  <line x1={right - wantedMm * SCALE} x2={right - wantedMm * SCALE} y1={FLOOR + 28} y2={FLOOR + 40} stroke="var(--color-ink)" stroke-width="2" />
  <line x1={right} x2={right} y1={FLOOR + 28} y2={FLOOR + 40} stroke="var(--color-ink)" stroke-width="2" />
  <text x={right} y={FLOOR + 60} font-size="16" text-anchor="end" fill="currentColor">wanted: {smallLength(wantedMm, shown.unit)} and more</text>
</svg>
