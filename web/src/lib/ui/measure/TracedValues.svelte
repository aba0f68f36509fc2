<script lang="ts">
  import { nameOfTaken, formatLength, trimNumber, type TakenId } from '@chiave/core/measure';
  import { outlineSd } from '@chiave/core/tracing';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import type { TracedFoot } from './traced-foot.svelte';

  /** What a tracing says of a foot, each value with its own error. */
  let { traced, onkeep, onsvg }: { traced: TracedFoot; onkeep: () => void; onsvg: () => void } = $props();
  const values = $derived(Object.entries(traced.values) as [TakenId, number][]);
</script>

{#if traced.read.problem}<Notice tone="caution" role="alert">{traced.read.problem}.</Notice>{/if}
{#if traced.read.reading}
  {#if traced.read.reading.doubt}
    <Notice tone="caution" role="alert">
      {traced.read.reading.doubt}
      <Button class="ml-1" kind="text" onclick={() => (traced.side = traced.side === 'left' ? 'right' : 'left')}
        >It is the {traced.side === 'left' ? 'right' : 'left'}</Button
      >
    </Notice>
  {/if}
  <Table class="mt-1" data-traced>
    <tbody>
      {#each values as [id, mm] (id)}
        <tr
          ><th scope="row" class="text-left font-semibold">{nameOfTaken(id)}</th><td class="figures"
            >{formatLength(Math.round(mm * 10) / 10, shown.unit)} <span class="soft text-sm">± {trimNumber(outlineSd(id, traced.sd))} mm</span></td
          ></tr
        >
      {/each}
    </tbody>
  </Table>
  <p class="soft mt-1 text-sm">
    The picture itself errs by {trimNumber(traced.sd)} mm{traced.found ? `, its line is ${trimNumber(traced.found.lineMm)} mm wide` : ''}; with how pen and foot
    stood each value is told with its own (estimate). An outline shows where a foot bulges, not where its joints lie: measure the ball lengths if they matter.
  </p>
  <div class="mt-2 flex flex-wrap gap-2">
    <Button kind="primary" onclick={onkeep}>Take these for the {traced.side} foot</Button>
    <Button onclick={onsvg}>SVG, true size</Button>
  </div>
{:else if !traced.read.problem}<p class="soft">Nothing read yet.</p>{/if}
