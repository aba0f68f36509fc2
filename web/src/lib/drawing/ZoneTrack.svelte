<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import { scaleLinear } from 'd3-scale';
  import type { Cuts } from '@chiave/core/fit';
  import type { Side } from '@chiave/core/measure';
  import { TIGHT_TO_LOOSE } from './tightness';

  /** One zone of both feet on one track from tight to loose: the left flag above the line, the right one below. */
  let { marks, target }: { marks: readonly { side: Side; mm: number; sdMm: number }[]; target: Cuts } = $props();

  const WIDTH = 200;
  const low = $derived(target.a - (target.d - target.a) * 0.28);
  const high = $derived(target.d + (target.d - target.a) * 0.28);
  const x = $derived(scaleLinear([low, high], [0, WIDTH]).clamp(true));
  const bands = $derived([low, target.a, target.b, target.c, target.d, high]);
</script>

<svg viewBox="0 0 {WIDTH} 28" class="h-7 w-full min-w-24" preserveAspectRatio="none" aria-hidden="true">
  {#each TIGHT_TO_LOOSE as band, i (band.id)}
    <rect
      x={x(bands[i])}
      y="11"
      width={Math.max(0, x(bands[i + 1]) - x(bands[i]) - 1.5)}
      height="7"
      rx="1.5"
      fill={i === 2 ? 'var(--color-band)' : band.colour}
      fill-opacity={i === 2 ? 1 : 0.38}
    />
  {/each}
  {#each marks as { side, mm, sdMm } (side)}
    {@const at = x(mm)}
    {@const colour = SIDE_COLOUR[side]}
    {@const mid = side === 'left' ? 9 : 20}
    <line x1={x(mm - sdMm)} x2={x(mm + sdMm)} y1={mid} y2={mid} stroke={colour} stroke-width="2" stroke-opacity="0.45" />
    <path d={side === 'left' ? `M${at - 6} 2h12v14l-5 -3.5h-7z` : `M${at - 6} 26h12v-14l-5 3.5h-7z`} fill={colour} />
  {/each}
</svg>
