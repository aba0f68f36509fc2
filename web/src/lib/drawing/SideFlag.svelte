<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import { SIDE_LETTER, type Side } from '@chiave/core/measure';

  /** The flag of a foot within a drawing, its tail towards its own line: letter, and words beside it. */
  let { side, x, y, words }: { side: Side; x: number; y: number; words?: string } = $props();
  const W = 24;
  const H = 20;
  const colour = $derived(SIDE_COLOUR[side]);
  const tail = $derived(side === 'left' ? `V${H + 5}L${W * 0.62} ${H}H0Z` : `V${H}H${W * 0.38}L0 ${H + 5}Z`);
  const letter = $derived(SIDE_LETTER[side]);
</script>

<g transform="translate({x - W / 2} {y})">
  <path d="M0 0H{W}{tail}" fill={colour} />
  <text x={W / 2} y="15" text-anchor="middle" font-size="15" font-weight="700" fill="var(--color-sheet)">{letter}</text>
  {#if words}
    <text x={side === 'left' ? W + 8 : -8} y="15" text-anchor={side === 'left' ? 'start' : 'end'} font-size="16" font-weight="650" fill={colour}>{words}</text>
  {/if}
</g>
