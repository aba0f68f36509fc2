<script lang="ts">
  import KeepRow from '$lib/ui/try/KeepRow.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import Area from '$lib/ui/kit/Area.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

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
    {@const style = data.styles.find((s) => s.id === row.styleId)}
    <KeepRow {desk} {row} {style} name={style ? `${style.name}, ${style.maker.name}` : row.styleId} />
  {:else}
    <Notice>Nothing was tried yet. Carry a pair to the chair from <a href="/fittings/{desk.fitting.id}/pull">Pull</a>.</Notice>
  {/each}
  <Sheet heading="Note of the visit">
    <Area label="Note" hideLabel rows={4} maxlength={4000} value={desk.fitting.note} oninput={(e) => desk.patch({ note: e.currentTarget.value })} />
  </Sheet>
</div>
