<script lang="ts">
  import BrassFill from './BrassFill.svelte';
  import type { LengthUnit } from '@chiave/core/measure';
  import { graduation, type View } from './rule-view';

  /** A stretch of a brass rule that lies on a drawing, cut in the unit shown. */
  // prettier-ignore
  let { left, top, width, view, unit }: {
    left: number; top: number; width: number;
    /** The stretch, mm. */
    view: View; unit: LengthUnit;
  } = $props();
  const id = $props.id();
  const HIGH = 34;
  /** A figure nearer to the end than this would be cut, px. */
  const EDGE = 18;
  const scale = $derived(width / (view.toMm - view.fromMm));
  const cut = $derived(graduation(unit, scale));
  const every = $derived(cut.longer * cut.figure);
  const ticks = $derived.by(() => {
    const first = Math.ceil(view.fromMm / cut.tickMm);
    return Array.from({ length: Math.floor(view.toMm / cut.tickMm) - first + 1 }, (_, i) => {
      const n = first + i;
      return { n, mm: n * cut.tickMm, at: left + (n * cut.tickMm - view.fromMm) * scale };
    });
  });
</script>

<g aria-hidden="true">
  <defs>
    <BrassFill id="brass-{id}" />
  </defs>
  <rect x={left + 0.5} y={top + 0.5} width={width - 1} height={HIGH - 1} rx="4" fill="url(#brass-{id})" stroke="var(--color-rule-edge)" />
  {#each ticks as { n, mm, at } (n)}
    <path
      d="M{at} {top + HIGH - 1}v{n % every === 0 ? -12 : n % cut.longer === 0 ? -9 : -5}"
      stroke="var(--color-rule-ink)"
      stroke-width={n % every === 0 ? 1.4 : 0.8}
    />
    {#if n % every === 0 && at > left + EDGE && at < left + width - EDGE}
      <text x={at} y={top + 17} text-anchor="middle" class="figures">{cut.words(mm)}</text>
    {/if}
  {/each}
</g>

<style>
  text {
    font-family: var(--font-serif);
    font-size: 16px;
    font-weight: 600;
    fill: var(--color-rule-ink);
  }
</style>
