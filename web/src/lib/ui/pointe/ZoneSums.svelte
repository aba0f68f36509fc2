<script lang="ts">
  import { POINTE_ZONE, tellsMost, type ReadZone } from '@chiave/core/pointe';
  import { SIDES } from '@chiave/core/measure';
  import { smallLength } from '$lib/small-length';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { withMinus } from '$lib/true-minus';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import type { PointeBench } from './pointe-bench.svelte';
  import { zoneWords } from './words';

  /** Every zone of both feet in the shoe looked at, each with its sum. */
  let { bench }: { bench: PointeBench } = $props();
  const both = $derived(
    SIDES.flatMap((side) => {
      const shoe = bench.on(bench.shoe, side, true);
      if (!shoe || (bench.measured && !bench.feet[side])) return [];
      return [{ side, report: shoe.report }];
    })
  );
  const seen = $derived(both.find((b) => b.side === bench.side) ?? both[0]);
  const next = $derived(
    seen ? (['sink', 'over'] as const).map((of) => ({ of, most: tellsMost(of, { ...seen.report.source, foot: seen.report.source.of })[0] })) : []
  );
  const told = ({ zone, value }: ReadZone): string => {
    const { unit } = POINTE_ZONE[zone];
    return unit === 'mm' ? smallLength(value, shown.unit) : `${withMinus(value.toFixed(unit === '°' ? 1 : 2))} ${unit}`;
  };
  const ids = $derived(both[0]?.report.zones.map((z) => z.zone) ?? []);
</script>

<Table>
  <caption class="sr-only">Zones of both feet with their sums</caption>
  <thead
    ><tr
      ><th scope="col">Zone</th>{#each both as b (b.side)}<th scope="col" colspan="2"><SideMark side={b.side} /></th>{/each}<th scope="col"
        >Sum, {bench.side} foot, mm</th
      ></tr
    ></thead
  >
  <tbody>
    {#each ids as id (id)}
      <tr>
        <th scope="row">{POINTE_ZONE[id].name}</th>
        {#each both as b (b.side)}
          {@const z = b.report.zones.find((zone) => zone.zone === id)!}
          <td class="figures text-right">{told(z)}</td>
          <td class={z.state === 'right' ? 'soft' : 'font-semibold text-tight-word'}>{z.state === 'right' ? 'right' : zoneWords(z)}</td>
        {/each}
        <td class="soft text-sm">{withMinus(POINTE_ZONE[id].sum(seen!.report.source))}</td>
      </tr>
    {/each}
  </tbody>
</Table>
<p class="mt-2">
  What would tell most: {next.map(({ of, most }) => `of ${of === 'sink' ? 'the sink' : 'over the box'} ${most.name}: ${most.do}`).join('; ')}.
</p>
<p class="soft mt-2 text-sm">
  Right together about {both.map((b) => `${b.side === 'left' ? 'L' : 'R'} ${Math.round(100 * b.report.probability)} in 100`).join(', ')}. kPa, MPa and degrees
  are figures of a model, not limits of tissue; nothing was measured on dancers.
  {#if bench.here!.filled.filled.length > 0}Filled in, nobody saw it: {bench.here!.filled.filled.length} of the shoe’s fields.{/if}
  {#if bench.foot.filled.length > 0}Not taken of the foot, filled in: {bench.foot.filled.map((g) => bench.gapName(g)).join(', ')}.{/if}
</p>
