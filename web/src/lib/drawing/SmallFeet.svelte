<script lang="ts">
  import type { Foot } from '@chiave/core/measure';
  import { footOutline } from '@chiave/core/shape';
  import FootSkin from './above/FootSkin.svelte';
  import { shapeOf } from './foot-places';
  import { toScreen } from './place';

  /** Bare feet from above as large as a card allows, to one scale. A foot that is not measured is a dotted outline. */
  let { feet, height = 124 }: { feet: readonly Foot[]; height?: number } = $props();
  const WIDTH = $derived(height * 1.07);
  const CENTRE = $derived({ left: WIDTH * 0.26, right: WIDTH * 0.74 });
  /** From here on the light is worth its time. */
  const LARGE = 180;
  const SIDES = ['left', 'right'] as const;
  const longest = $derived(Math.max(240, ...feet.map((f) => f.values.lengthMm.mm)));
  const scale = $derived((height - 10) / longest);
</script>

<svg viewBox="0 0 {WIDTH} {height}" width={WIDTH} {height} aria-hidden="true" class="mx-auto block">
  {#each SIDES as side (side)}
    {@const foot = feet.find((f) => f.side === side)}
    {#if foot}
      <FootSkin foot={footOutline(shapeOf(foot))} place={toScreen(side, CENTRE[side], height - 4, scale)} {scale} small={height < LARGE} />
    {:else}
      <rect
        x={CENTRE[side] - 19}
        y="14"
        width="38"
        height={height - 20}
        rx="18"
        fill="none"
        stroke="var(--color-edge)"
        stroke-width="1.4"
        stroke-dasharray="2 5"
      />
    {/if}
  {/each}
</svg>
