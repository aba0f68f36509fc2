<script lang="ts">
  import { ZONE, type ZoneBrief } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit, type Side } from '@chiave/core/measure';
  import { colourOf, wordOf } from './tightness';

  /** Every zone of both feet in brief: signed millimetres, word and colour together. */
  let { zones, unit }: { zones: Record<Side, ZoneBrief[]>; unit: LengthUnit } = $props();
  const ids = $derived([...new Set([...zones.left, ...zones.right].map((z) => z.zone))]);
  const of = (side: Side, id: string) => zones[side].find((z) => z.zone === id);
</script>

<dl class="strip">
  {#each ids as id (id)}
    <div class="border-l border-line pl-2">
      <dt class="soft text-sm">{ZONE[id].name}</dt>
      {#each ['left', 'right'] as const as side (side)}
        {@const zone = of(side, id)}
        {#if zone}
          <dd class="flex items-baseline gap-1 text-sm whitespace-nowrap">
            <b class={side === 'left' ? 'side-L' : 'side-R'}>{side === 'left' ? 'L' : 'R'}</b>
            <span class="inline-block h-2.5 w-2.5 shrink-0 self-center rounded-sm" style="background:{colourOf(zone.state)}" aria-hidden="true"></span>
            <span class="figures">{formatSigned(zone.clearanceMm, unit)}</span>
            <span class="soft">{wordOf(zone.state)}</span>
          </dd>
        {/if}
      {/each}
    </div>
  {/each}
</dl>

<style>
  .strip {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.2rem, 1fr));
    gap: 0.35rem 0.5rem;
  }
</style>
