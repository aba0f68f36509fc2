<script lang="ts">
  import { goto } from '$app/navigation';
  import { send } from '$lib/send/save.svelte';
  import RunCounts from '$lib/ui/stock/RunCounts.svelte';
  import { slugOf } from '$lib/slug';
  import StyleForm from '$lib/ui/stock/StyleForm.svelte';
  import StylePhotos from '$lib/ui/stock/StylePhotos.svelte';
  import { undoList } from '$lib/ui/stock/undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

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
    <Sheet heading="What is kept of it">
      <StyleForm {style} lasts={data.lasts} photos={data.photos} />
    </Sheet>
    <div class="grid gap-4 lg:grid-cols-2">
      <Sheet heading="On the shelf">
        <RunCounts {style} />
      </Sheet>
      <div class="grid content-start gap-4">
        <Sheet>
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
        </Sheet>
        <Sheet heading="Close-ups">
          <StylePhotos styleId={style.id} photos={data.photos} />
        </Sheet>
        <Sheet heading="A variant of it">
          <form class="flex flex-wrap items-end gap-2" onsubmit={duplicate} novalidate>
            <Field label="Called" class="w-56" bind:value={name} placeholder="{style.name} in another leather" />
            <Button type="submit" disabled={name.trim() === ''}>Duplicate and change</Button>
            <Button kind="text" onclick={remove}>Take this style away</Button>
          </form>
          {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
        </Sheet>
      </div>
    </div>
  </div>
{/key}
