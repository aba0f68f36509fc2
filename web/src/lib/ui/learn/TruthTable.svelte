<script lang="ts">
  import type { Calibration } from '@chiave/core/learn';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Chances that were told and what happened, group by group. @prop what of which they are groups @prop things what is counted */
  let { what, things, rows }: { what: string; things: string; rows: readonly { name: string; calibration: Calibration }[] } = $props();
  const percent = (p: number): string => String(Math.round(100 * p));
</script>

<Table>
  <caption class="sr-only">Chances that were told and what happened, by {what.toLowerCase()}</caption>
  <thead
    ><tr><th scope="col">{what}</th><th scope="col">{things}</th><th scope="col">Promised</th><th scope="col">Came out</th><th scope="col">Of 100</th></tr
    ></thead
  >
  <tbody>
    {#each rows as { name, calibration: c } (name)}
      <tr>
        <th scope="row" class="text-left font-normal">{name}</th>
        <td class="figures">{c.n}</td>
        <td class="figures">{c.promised.toFixed(1)}</td>
        <td class="figures">{c.good}</td>
        <td class="figures">{percent(c.came.low)} to {percent(c.came.high)}{c.truth === 'too-few' ? `; ${c.missing} more to judge` : ''}</td>
      </tr>
    {/each}
  </tbody>
</Table>
