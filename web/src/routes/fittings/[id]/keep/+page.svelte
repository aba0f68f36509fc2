<script lang="ts">
  import KeepRow from '$lib/ui/KeepRow.svelte';
  import { getDesk } from '$lib/ui/desk.svelte';

  let { data } = $props();
  const desk = getDesk();
</script>

<svelte:head><title>Keep · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Keep</h1>
<p class="soft mb-3">
  What was taken, what was left, and why. It stands in <a href="/people/{desk.fitting.customer.id}">the history of {desk.fitting.customer.name}</a>.
</p>
<div class="grid gap-4 lg:grid-cols-2">
  {#each desk.fitting.tries as row (`${row.id} ${desk.readings}`)}
    <KeepRow {desk} {row} name={data.names[row.styleId] ?? row.styleId} />
  {:else}
    <p class="notice">Nothing was tried yet. Carry a pair to the chair from <a href="/fittings/{desk.fitting.id}/pull">Pull</a>.</p>
  {/each}
  <section class="sheet">
    <h2>Note of the visit</h2>
    <label class="block"
      ><span class="sr-only">Note</span>
      <textarea class="field" rows="4" maxlength="4000" value={desk.fitting.note} oninput={(e) => desk.patch({ note: e.currentTarget.value })}></textarea>
    </label>
  </section>
</div>
