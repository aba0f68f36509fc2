<script lang="ts">
  import { ZONE, type ZoneBrief } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit, type Side } from '@chiave/core/measure';
  import { colourOf, wordOf } from './tightness';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** Every zone of both feet in brief: signed millimetres, word and colour together. One block a zone, since a dozen of these come at once. */
  let { zones, unit }: { zones: Record<Side, ZoneBrief[]>; unit: LengthUnit } = $props();
  const told = (side: Side, id: string): { room: string; word: string; colour: string } | undefined => {
    const zone = zones[side].find((z) => z.zone === id);
    return zone && { room: formatSigned(zone.clearanceMm, unit), word: wordOf(zone.state), colour: colourOf(zone.state) };
  };
  const rows = $derived(
    [...new Set([...zones.left, ...zones.right].map((z) => z.zone))].map((id) => ({ id, left: told('left', id), right: told('right', id) }))
  );
</script>

<dl>
  {#each rows as { id, left, right } (id)}
    <div>
      <dt>{ZONE[id].name}</dt>
      <dd hidden={!left}><SideMark side="left" /> <span class="figures" style="--state:{left?.colour}">{left?.room}</span> {left?.word}</dd>
      <dd hidden={!right}><SideMark side="right" /> <span class="figures" style="--state:{right?.colour}">{right?.room}</span> {right?.word}</dd>
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
  dd :global(b) {
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
