<script lang="ts">
  import { VERDICT_WORDS, ZONE, ZONE_IDS, type Candidate } from '@chiave/core/fit';
  import { formatSigned } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { chance } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Up to four candidates in one table, zone by zone, left and right. */
  let { shoes, customerId, onnone }: { shoes: Candidate[]; customerId: number; onnone: () => void } = $props();
  const zones = $derived(ZONE_IDS.filter((id) => shoes.some((c) => c.zones.left.some((z) => z.zone === id))));
</script>

<Sheet class="mt-3 overflow-x-auto" data-compare>
  <div class="flex flex-wrap items-baseline gap-3">
    <h2 class="mr-auto">Side by side</h2>
    <a href="/stock/bench?shoes={shoes.map((c) => `style:${c.styleId}`).join(',')}&person={customerId}">Lay them over each other</a>
    <Button kind="text" onclick={onnone}>Compare none</Button>
  </div>
  <Table>
    <thead>
      <tr class="border-b border-ink text-left"
        ><th scope="col">{shown.unit} of room</th>{#each shoes as c (c.styleId)}<th scope="col" colspan="2" class="pl-3"
            >{c.name} <span class="figures">{withFractions(c.size)}</span>, width {c.width}</th
          >{/each}</tr
      >
      <tr class="border-b border-line text-left"
        ><th scope="row" class="font-normal">verdict</th>{#each shoes as c (c.styleId)}<td colspan="2" class="pl-3"
            >{VERDICT_WORDS[c.verdict]}, {chance(c.probability)}</td
          >{/each}</tr
      >
      <tr class="border-b border-line"
        ><th scope="col"><span class="sr-only">zone</span></th>{#each shoes as c (c.styleId)}<th scope="col" class="side-L pl-3 text-left">L</th><th
            scope="col"
            class="side-R text-left">R</th
          >{/each}</tr
      >
    </thead>
    <tbody>
      {#each zones as id (id)}
        <tr class="border-b border-line">
          <th scope="row" class="py-0.5 text-left font-normal">{ZONE[id].name}</th>
          {#each shoes as c (c.styleId)}
            {#each ['left', 'right'] as const as side (side)}
              {@const z = c.zones[side].find((x) => x.zone === id)}
              <td class="figures {side === 'left' ? 'pl-3' : ''}"
                >{z ? formatSigned(z.clearanceMm, shown.unit) : ''}
                <span class="soft text-xs">{z && z.state !== 'right' ? z.state.replace('-', ' ') : ''}</span></td
              >
            {/each}
          {/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
