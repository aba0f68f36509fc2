<script lang="ts">
  import type { SplitPair, Trade } from '@chiave/core/fit';
  import { trimNumber } from '@chiave/core/measure';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** Shorter with nothing against longer and filled; and a pair split over two sizes where the feet ask for it. */
  let { trade, split, href }: { trade: Trade | null; split: SplitPair | null; href: (label: string, width: string) => string } = $props();
</script>

{#if trade}
  <div class="mt-3 grid gap-3 md:grid-cols-2" data-trade>
    {#each [{ name: 'Shorter, with nothing', side: trade.shorter }, { name: 'Longer, and filled', side: trade.longer }] as { name, side } (name)}
      <div class="rounded border border-line bg-white p-3">
        <h3>{name}</h3>
        <p class="text-lg">
          <a class="figures font-semibold" href={href(side.label, side.width)}>{side.label} {side.width}</a>
          {side.filled.length > 0 ? `with ${side.filled.join(' and ')}` : ''}
          <span class="soft text-sm">{side.onShelf > 0 ? `${side.onShelf} on the shelf` : 'not on the shelf'}</span>
        </p>
        <p class="text-sm">Gives up: {side.givesUp.join('; ') || 'nothing'}.</p>
      </div>
    {/each}
  </div>
  <p class="soft text-sm">Too loose can be filled; length cannot be added.</p>
{/if}
{#if split}
  <Notice class="mt-3" data-split>
    These feet differ by {trimNumber(split.apart)}
    {split.apart === 1 ? 'size' : 'sizes'} in this style: ask for a split pair, <SideMark side="left" />
    <b class="figures">{split.sizes.left.label} {split.sizes.left.width}</b> and <SideMark side="right" />
    <b class="figures">{split.sizes.right.label} {split.sizes.right.width}</b>. In one size the longer foot rules, and the {split.shorter} needs {split.shorterNeeds ===
    null
      ? 'more than two helps can give'
      : split.shorterNeeds.length > 0
        ? split.shorterNeeds.join(' and ')
        : 'nothing'}.
  </Notice>
{/if}
