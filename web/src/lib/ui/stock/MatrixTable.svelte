<script lang="ts">
  import { trimNumber } from '@chiave/core/measure';
  import type { Matrix } from '$lib/api/answers';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Which size of each last feels like the size that fits a foot in each other. @prop named whether the set has a name */
  let { matrix, named }: { matrix: Matrix; named: boolean } = $props();
</script>

<div class="mt-3 overflow-x-auto">
  <Table class="border-collapse" data-matrix>
    <caption class="pb-1 text-left font-semibold"
      >{named ? `${matrix.name}: a` : 'A'} size down the side feels like the ones in its line. Foot {trimNumber(matrix.footMm)} mm. By the weights of this project
      (estimates).</caption
    >
    <thead>
      <tr
        ><th scope="col" class="border border-line p-1 text-left">this size</th>{#each matrix.lasts as l (l.id)}<th
            scope="col"
            class="border border-line p-1 text-left">in {l.name.split(',')[0]} <span class="soft block text-xs font-normal">{l.scale}</span></th
          >{/each}</tr
      >
    </thead>
    <tbody>
      {#each matrix.lasts as l, i (l.id)}
        <tr>
          <th scope="row" class="border border-line p-1 text-left whitespace-nowrap">{l.name.split(',')[0]} <span class="figures">{l.size}</span></th>
          {#each matrix.cells[i] as cell, k (k)}
            <td class="border border-line p-1 align-top"
              >{#if cell}<b class="figures">{cell.label} {cell.width}</b><span class="soft block text-xs">{cell.words}</span>{:else}<span class="soft">·</span
                >{/if}</td
            >
          {/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</div>
