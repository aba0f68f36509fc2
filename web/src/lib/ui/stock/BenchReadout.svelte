<script lang="ts">
  import { formatLength, signedNumber, trimNumber } from '@chiave/core/measure';
  import { MARKS } from '$lib/api/last-fields';
  import { SHOE_LOOKS } from '$lib/drawing/shoe-looks';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import type { LastBench } from './last-bench.svelte';

  /** How the shoes on the bench differ from the first, in words and in millimetres. */
  let { bench }: { bench: LastBench } = $props();
  const figure = (value: number, unit: 'mm' | '°') => (unit === '°' ? `${trimNumber(value)}°` : formatLength(value, shown.unit));
</script>

<Sheet data-readout>
  {#each bench.against as comparison, i (i)}
    <h2 style:color={SHOE_LOOKS[i + 1].ink}>{SHOE_LOOKS[i + 1].letter} against A</h2>
    <p>{comparison.sentences[0]}</p>
    <p class="font-semibold">{comparison.sentences[1]}</p>
  {:else}<p class="soft">Take a second shoe to read how it differs.</p>{/each}
  {#if bench.against.length > 0}
    <p class="soft text-sm">
      Alike is within a millimetre or two, by measure (estimates of this project); widths and girths stand as the lasts are known, each with its own doubt:
      {bench.chosen
        .map(({ c }, i) => (c ? `${SHOE_LOOKS[i].letter} ${MARKS[c.last.evidence.mark].name}, ± ${trimNumber(c.last.evidence.lengthSdMm)} mm of length` : ''))
        .filter(Boolean)
        .join('; ')}.
    </p>
    <Table class="mt-2" data-differences>
      <thead>
        <tr class="border-b border-ink text-left"
          ><th scope="col">{bench.foot ? 'at these toes' : 'at an ordinary foot’s toes'}</th><th scope="col">A</th>{#each bench.against as _, i (i)}<th
              scope="col">{SHOE_LOOKS[i + 1].letter} − A</th
            >{/each}</tr
        >
      </thead>
      <tbody>
        {#each bench.against[0].all as row, k (row.measure.id)}
          <tr class="border-b border-line" class:soft={bench.against.every((a) => a.all[k]?.alike)}>
            <th scope="row" class="py-0.5 text-left font-normal">{row.measure.name}</th>
            <td class="figures">{figure(row.first, row.measure.unit)}</td>
            {#each bench.against as a, i (i)}
              {@const d = a.all.find((x) => x.measure.id === row.measure.id)}
              <td class="figures {d && !d.alike ? 'font-semibold' : ''}">{d ? `${signedNumber(d.by)}${d.measure.unit === '°' ? '°' : ''}` : ''}</td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </Table>
  {/if}
</Sheet>
