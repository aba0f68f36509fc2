<script lang="ts">
  import { HEM_CLEARANCE_MM } from '@chiave/core/heel';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import type { Stood } from './stood';
  import SidePainted from './SidePainted.svelte';

  /** A hem cut for one pair, on it and on another: off the ground, or dragging. */
  let { cutFor, worn, lowerMm, unit }: { cutFor: Stood; worn: Stood; lowerMm: number; unit: LengthUnit } = $props();
  const [WIDTH, HEIGHT, FLOOR] = [340, 128, 112];
  const scale = 0.34;
  const pairs = $derived([
    { stood: cutFor, offMm: HEM_CLEARANCE_MM, word: 'clears' },
    { stood: worn, offMm: HEM_CLEARANCE_MM - lowerMm, word: HEM_CLEARANCE_MM - lowerMm < 0 ? 'drags' : 'clears' }
  ]);
  const placed =
    (i: number, groundY: number) =>
    (p: Point): Point => ({ x: 44 + i * 172 + p.x * scale, y: FLOOR - (p.y - groundY) * scale });
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="w-full"
  role="img"
  aria-label="The hem on both pairs: {pairs.map((p) => `${formatFigure(p.stood.made.heelHeightMm, unit)} ${unit} ${p.word}`).join(', ')}"
>
  {#each pairs as p, i (i)}
    {@const left = 18 + i * 172}
    {@const y = FLOOR - Math.max(0, p.offMm) * scale}
    <SidePainted drawing={p.stood.drawing} at={placed(i, p.stood.drawing.groundY)} {scale} />

    <path
      d="M{left + 26} 8H{left + 78}L{left + 126} {y}H{left - 8}Z"
      fill="var(--color-side-right)"
      fill-opacity="0.12"
      stroke="var(--color-side-right)"
      stroke-width="1.2"
    />
    {#if p.offMm < 0}<path d="M{left - 8} {FLOOR}H{left + 126}" stroke="var(--color-tight)" stroke-width="4" />{/if}
    <text x={left + 104} y="26" class="figures height">{formatFigure(p.stood.made.heelHeightMm, unit)}</text>
    <text x={left + 104} y="48" class={p.offMm < 0 ? 'drags' : 'clears'}>{p.word}</text>
  {/each}
  <path d="M2 {FLOOR}H{WIDTH - 2}" stroke="var(--color-ground)" stroke-width="2" />
</svg>

<style>
  .height {
    font-family: var(--font-serif);
    font-size: 22px;
    font-weight: 600;
    fill: var(--color-ink);
  }
  .clears,
  .drags {
    font-size: 15px;
    font-weight: 650;
    fill: var(--color-ink-soft);
  }
  .drags {
    fill: var(--color-tight-word);
  }
</style>
