<script lang="ts">
  import { formatFigure, formatSigned, type LengthUnit } from '@chiave/core/measure';
  import SmallPair from '$lib/drawing/SmallPair.svelte';
  import { wordOf } from '$lib/drawing/tightness';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import type { ToeShapeDrawn } from '$lib/workers/toes.worker';

  /** One toe shape on both feet: how long it is, how much of that is used, and which toe touches first. */
  let { shape, longestMm, unit }: { shape: ToeShapeDrawn; longestMm: number; unit: LengthUnit } = $props();
  const usable = $derived(Math.min(...shape.feet.map((f) => f.usableLengthMm)));
  /** The bar begins so far behind the longest, mm: what all have alike is left out. */
  const SHOWN_MM = 50;
  const share = (mm: number): number => Math.max(0, (100 * (mm - (longestMm - SHOWN_MM))) / SHOWN_MM);
</script>

<article class="sheet p-3" aria-label="{shape.family.name}, {shape.suits ? 'suits' : 'does not suit'}" data-toe-shape={shape.family.id}>
  <h3 class="flex items-baseline gap-2 text-lg">
    <span class="mr-auto">{shape.family.name}</span>
    {#if shape.suits}<span class="chip chosen !min-h-0 px-2 text-sm">suits</span>{/if}
  </h3>
  <div class="mx-auto w-44"><SmallPair feet={shape.lines} /></div>
  <div class="relative mt-1 h-5 overflow-hidden rounded bg-row-tint" aria-hidden="true">
    <span class="absolute inset-y-0 left-0 bg-brass-pale" style:width="{share(shape.insoleLengthMm)}%"></span>
    <span class="absolute inset-y-0 left-0" style:background="var(--color-leather)" style:width="{share(usable)}%"></span>
  </div>
  <p class="figures text-sm">
    insole {formatFigure(Math.round(shape.insoleLengthMm), unit)}, <b>usable {formatFigure(Math.round(usable), unit)} {unit}</b>; comes in from {formatFigure(
      Math.round(shape.taperStartMm),
      unit
    )}
  </p>
  <ul class="mt-1 text-sm">
    {#each shape.feet as foot (foot.side)}
      <li>
        <SideMark side={foot.side} />
        <span class="figures font-semibold">{formatSigned(foot.usableRoomMm, unit)}</span> to the {foot.firstToe};
        {#each foot.zones as z, i (z.zone)}{i > 0 ? ', ' : ' '}{z.name.replace('toe box ', '')} {wordOf(z.state)}{/each}
      </li>
    {/each}
  </ul>
</article>
