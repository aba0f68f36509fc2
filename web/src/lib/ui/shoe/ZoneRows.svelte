<script lang="ts">
  import { ZONE, type Fit } from '@chiave/core/fit';
  import { formatSignedFixed, type LengthUnit } from '@chiave/core/measure';
  import ZoneTrack from '$lib/drawing/ZoneTrack.svelte';
  import { endOf, wordOf } from '$lib/drawing/tightness';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Every zone of both feet in one row each: its place between tight and loose, and its millimetres. */
  let { fit, unit }: { fit: Pick<Fit, 'feet' | 'decidedBy'>; unit: LengthUnit } = $props();
  const rows = $derived(
    fit.feet[0].zones.map(({ zone, target }) => ({
      zone,
      target,
      sides: fit.feet.flatMap(({ side, zones }) => {
        const own = zones.find((z) => z.zone === zone);
        return own
          ? [{ side, mm: own.clearanceMm, sdMm: own.sdMm, state: own.state, decides: fit.decidedBy.side === side && fit.decidedBy.zone === zone }]
          : [];
      })
    }))
  );
</script>

<Table class="close-rows">
  <caption class="sr-only">Zones of both feet, {unit}: plus is room, minus is pressure</caption>
  <thead>
    <tr>
      <th scope="col"><span class="sr-only">zone</span></th>
      <th scope="col" class="font-normal" aria-hidden="true">
        <span class="flex justify-between"
          ><span class="text-tight-word">tight</span><span class="soft">right</span><span class="text-loose-word">loose</span></span
        >
      </th>
      {#each fit.feet as { side } (side)}<th scope="col" class="w-16 text-right"><SideMark {side} /> <span class="soft font-normal">{unit}</span></th>{/each}
    </tr>
  </thead>
  <tbody>
    {#each rows as { zone, target, sides } (zone)}
      {@const off = sides.some((s) => s.state !== 'right')}
      <tr class={off && ZONE[zone].decides ? 'off' : ''} data-zone={zone}>
        <th scope="row" class="py-0 pr-2 text-left whitespace-nowrap {off ? 'font-semibold' : 'font-normal'}">{ZONE[zone].name}</th>
        <td class="w-[45%]"><ZoneTrack marks={sides} {target} /></td>
        {#each sides as s (s.side)}
          <td class="figures text-right {endOf(s.state)}" class:decides={s.decides} title={wordOf(s.state)}
            >{formatSignedFixed(s.mm, unit)}{' '}<span class="sr-only">{wordOf(s.state)}{s.decides ? ', decides' : ''}</span></td
          >
        {/each}
      </tr>
    {/each}
  </tbody>
</Table>

<style>
  .off {
    background: var(--color-row-tint);
  }
  .tight {
    color: var(--color-tight-word);
    font-weight: 650;
  }
  .loose {
    color: var(--color-loose-word);
    font-weight: 650;
  }
  .decides {
    text-decoration: underline;
    text-underline-offset: 3px;
  }
</style>
