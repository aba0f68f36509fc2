<script lang="ts">
  import { ZONE, type ZoneBrief } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit, type Side } from '@chiave/core/measure';
  import { colourOf, wordOf } from './tightness';

  /** Every zone of both feet in brief: signed millimetres, word and colour together. Few elements, since a dozen of these come at once. */
  let { zones, unit }: { zones: Record<Side, ZoneBrief[]>; unit: LengthUnit } = $props();
  const ids = $derived([...new Set([...zones.left, ...zones.right].map((z) => z.zone))]);
  const of = (side: Side, id: string) => zones[side].find((z) => z.zone === id);
</script>

<dl>
  {#each ids as id (id)}
    <div>
      <dt>{ZONE[id].name}</dt>
      {#each ['left', 'right'] as const as side (side)}
        {@const zone = of(side, id)}
        {#if zone}
          <dd>
            <b class={side === 'left' ? 'side-L' : 'side-R'}>{side === 'left' ? 'L' : 'R'}</b>
            <span class="figures" style="--state:{colourOf(zone.state)}">{formatSigned(zone.clearanceMm, unit)}</span>
            {wordOf(zone.state)}
          </dd>
        {/if}
      {/each}
    </div>
  {/each}
</dl>

<style>
  dl {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(9.2rem, 1fr));
    gap: 0.35rem 0.5rem;
    font-size: 0.875rem;
    line-height: 1.25rem;
  }
  div {
    border-left: 1px solid var(--color-line);
    padding-left: 0.5rem;
  }
  dt,
  dd {
    color: var(--color-ink-soft);
    white-space: nowrap;
  }
  b {
    margin-right: 0.15rem;
  }
  dd span {
    margin-right: 0.2rem;
    color: var(--color-ink);
  }
  dd span::before {
    content: '';
    display: inline-block;
    width: 0.625rem;
    height: 0.625rem;
    margin-right: 0.25rem;
    border-radius: 2px;
    background: var(--state);
  }
</style>
