<script lang="ts">
  import type { Fit } from '@chiave/core/fit';
  import { formatLength, formatSigned, type LengthUnit } from '@chiave/core/measure';
  import SumOnRule from '$lib/drawing/SumOnRule.svelte';
  import ZoneTrack from '$lib/drawing/ZoneTrack.svelte';
  import { wordOf } from '$lib/drawing/tightness';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { withMinus } from '$lib/true-minus';

  /** Both feet zone by zone: place among the limits, millimetres, how it feels, and the sum behind it. */
  let { fit: whole, unit }: { fit: Pick<Fit, 'feet' | 'decidedBy'>; unit: LengthUnit } = $props();
  const feet = $derived(whole.feet);
  /** One zone of one foot decides over the pair. */
  const decides = (side: string, zone: string): boolean => whole.decidedBy.side === side && whole.decidedBy.zone === zone;
  const rows = $derived(
    feet[0].zones.map((zone) => ({
      zone,
      sides: feet.map((f) => ({ side: f.side, fit: f.zones.find((z) => z.zone === zone.zone), decides: decides(f.side, zone.zone) }))
    }))
  );
</script>

<Table>
  <caption class="sr-only">Zones of both feet, {unit}: plus is room, minus is pressure</caption>
  <tbody>
    {#each rows as { zone, sides } (zone.zone)}
      <tr class="border-b border-line align-top">
        <th scope="row" class="w-32 py-1.5 pr-2 text-left font-semibold">
          {zone.name}{#if !zone.decides}<span class="soft block text-sm font-normal">comfort only</span>{/if}
          {#if zone.basis}<span class="soft block text-sm font-normal">{zone.basis === 'inside' ? 'insole less foot' : 'to the first touch'}</span>{/if}
        </th>
        <td class="py-1">
          {#each sides as { side, fit, decides } (side)}
            {#if fit}
              <details class="zone" open={decides}>
                <summary class="grid min-h-11 grid-cols-[1.1rem_3.2rem_minmax(6rem,1.5fr)_minmax(8rem,1fr)] items-center gap-2">
                  <SideMark {side} />
                  <span class="figures text-right">{formatSigned(fit.clearanceMm, unit)}</span>
                  <ZoneTrack marks={[{ side, mm: fit.clearanceMm, sdMm: fit.sdMm }]} target={fit.target} />
                  <span class="text-sm"
                    >{wordOf(fit.state)}{#if decides}<b>{' '}· decides</b>{/if}</span
                  >
                </summary>
                <div class="ml-7"><SumOnRule zone={fit} {side} {unit} /></div>
                <p class="soft mb-1 ml-7 text-sm">
                  {fit.feel}. <span class="figures">{withMinus(fit.because.sentence)}</span> mm. ± {formatLength(fit.sdMm, unit)}. Right from {formatSigned(
                    fit.target.b,
                    unit
                  )} to {formatSigned(fit.target.c, unit)}, limits {formatSigned(fit.target.a, unit)} and {formatSigned(fit.target.d, unit)}
                  {unit}.
                </p>
              </details>
            {/if}
          {/each}
        </td>
      </tr>
    {/each}
  </tbody>
</Table>

<style>
  summary {
    list-style: none;
  }
  summary::-webkit-details-marker {
    display: none;
  }
  .zone[open] {
    background: var(--color-row-tint);
  }
</style>
