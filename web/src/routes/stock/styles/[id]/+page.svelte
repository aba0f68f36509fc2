<script lang="ts">
  import { goto } from '$app/navigation';
  import { send } from '$lib/ui/save.svelte';
  import RunCounts from '$lib/ui/stock/RunCounts.svelte';
  import { slugOf } from '$lib/ui/stock/slug';
  import StyleForm from '$lib/ui/stock/StyleForm.svelte';
  import StylePhotos from '$lib/ui/stock/StylePhotos.svelte';
  import { undoList } from '$lib/ui/stock/undo.svelte';

  let { data } = $props();
  const style = $derived(data.style);
  let name = $state('');
  let message = $state('');
  async function duplicate(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const sent = await send<{ id: string }>(`/api/v1/styles/${style.id}/duplicate`, 'POST', { id: slugOf(name), name });
    message = sent.ok ? '' : (sent.errors[0]?.message ?? sent.detail);
    if (sent.ok) {
      undoList.addRequest(`${name} made`, `/api/v1/styles/${sent.value.id}`, 'DELETE', undefined, `/stock/styles/${style.id}`);
      name = '';
      await goto(`/stock/styles/${sent.value.id}`);
    }
  }
  async function remove(): Promise<void> {
    const { id, name: gone } = style;
    const sent = await send<{ removed: object }>(`/api/v1/styles/${id}`, 'DELETE');
    message = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    undoList.addRequest(`${gone} taken away`, '/api/v1/styles', 'POST', sent.value.removed);
    await goto('/stock');
  }
</script>

<svelte:head><title>{style.name} · Stockroom · Chiave</title></svelte:head>
<div class="mb-2 flex flex-wrap items-baseline gap-3">
  <h1>{style.name}</h1>
  <span class="soft">{style.maker.name}, on the last <a href="/stock/lasts/{style.last.id}">{style.last.name}</a></span>
  <a class="ml-auto" href="/stock/bench?shoes=style:{style.id}">Lay it over another</a>
</div>
{#key style.id}
  <div class="grid gap-4">
    <section class="sheet">
      <h2>What is kept of it</h2>
      <StyleForm {style} lasts={data.lasts} />
    </section>
    <div class="grid gap-4 lg:grid-cols-2">
      <section class="sheet">
        <h2>On the shelf</h2>
        <RunCounts {style} />
      </section>
      <div class="grid content-start gap-4">
        <section class="sheet">
          <h2>If this fits, also on {style.last.name}</h2>
          <p class="soft text-sm">One school: same last, same fit. Another: upper, sole and factory change how it feels.</p>
          <ul data-same-last>
            {#each data.same as s (s.id)}
              <li class="border-b border-line py-1">
                <a href="/stock/styles/{s.id}">{s.name}</a>
                <span class="soft text-sm">{s.otherwise.join(', ') || 'alike in all that is kept'}; {s.pairs} on the shelf</span>
              </li>
            {:else}<li class="soft">Nothing else is on this last.</li>{/each}
          </ul>
        </section>
        <section class="sheet">
          <h2>Close-ups</h2>
          <StylePhotos styleId={style.id} photos={data.photos} />
        </section>
        <section class="sheet">
          <h2>A variant of it</h2>
          <form class="flex flex-wrap items-end gap-2" onsubmit={duplicate} novalidate>
            <label class="block w-56"
              ><span class="text-sm">Called</span><input class="field" bind:value={name} placeholder="{style.name} in another leather" /></label
            >
            <button type="submit" class="min-h-11 rounded border border-line bg-white px-3" disabled={name.trim() === ''}>Duplicate and change</button>
            <button type="button" class="min-h-11 underline" onclick={remove}>Take this style away</button>
          </form>
          {#if message}<p class="caution mt-2" role="alert">{message}</p>{/if}
        </section>
      </div>
    </div>
  </div>
{/key}
