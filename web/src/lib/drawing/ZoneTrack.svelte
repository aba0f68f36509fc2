<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Cuts } from '@chiave/core/fit';
  import { TIGHT_TO_LOOSE } from './tightness';

  let { mm, sdMm = 0, target, letter }: { mm: number; sdMm?: number; target: Cuts; letter: string } = $props();

  const WIDTH = 200;
  const low = $derived(target.a - (target.d - target.a) * 0.28);
  const high = $derived(target.d + (target.d - target.a) * 0.28);
  const x = $derived(scaleLinear([low, high], [0, WIDTH]).clamp(true));
  const bands = $derived([low, target.a, target.b, target.c, target.d, high]);
</script>

<svg viewBox="0 0 {WIDTH} 22" class="h-6 w-full min-w-32" aria-hidden="true">
  {#each TIGHT_TO_LOOSE as band, i (band.id)}
    <rect x={x(bands[i])} y="8" width={Math.max(0, x(bands[i + 1]) - x(bands[i]) - 1)} height="6" fill={band.colour} fill-opacity={i === 2 ? 0.45 : 0.55} />
  {/each}
  <line x1={x(mm - sdMm)} x2={x(mm + sdMm)} y1="11" y2="11" stroke="var(--color-ink)" stroke-width="1.5" />
  <circle cx={x(mm)} cy="11" r="7" fill="var(--color-ink)" />
  <text x={x(mm)} y="14.5" text-anchor="middle" font-size="9.5" font-weight="700" fill="#fff">{letter}</text>
</svg>
