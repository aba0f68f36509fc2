<script lang="ts">
  import { nothingIn, putInName, type PairPutIn } from '@chiave/core/fit';
  import { SIDES } from '@chiave/core/measure';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** What is put into either shoe, side and name together; nothing where nothing is. */
  let { put, lead = 'with' }: { put: PairPutIn; lead?: string } = $props();
  const sides = $derived(SIDES.filter((side) => (put[side]?.length ?? 0) > 0));
</script>

{#if !nothingIn(put)}<span data-put
    >{lead}
    {#each sides as side, i (side)}{i > 0 ? ', ' : ''}<SideMark {side} />
      {put[side]!.map(putInName).join(' and ')}{/each}</span
  >{/if}
