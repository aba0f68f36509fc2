<script lang="ts">
  import { goto } from '$app/navigation';
  import type { Last } from '@chiave/core/last';
  import { send, type SaveError } from '$lib/ui/save.svelte';
  import { LAST_GRID } from '$lib/ui/stock/last-columns';
  import { slugOf } from '$lib/ui/stock/slug';
  import StockGrid from '$lib/ui/stock/StockGrid.svelte';

  let { data } = $props();
  const names = $derived(new Map(data.makers.map((m) => [m.id, m.name])));
  const rows = $derived(data.lasts.map((last) => ({ id: last.id, last, maker: names.get(last.maker) ?? last.maker, styles: data.uses[last.id] ?? 0 })));
  let like = $state('');
  let name = $state('');
  let errors = $state<SaveError[]>([]);
  let message = $state('');

  /** A new last begins as another one, as an unsure one: what it really is, is measured afterwards. */
  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const from = data.lasts.find((l) => l.id === like);
    if (!from) return;
    const { version: _version, aliases: _aliases, ...rest } = from;
    const last: Last = {
      ...rest,
      id: slugOf(name),
      name,
      evidence: { mark: 'unsure', lengthSdMm: 3.5, widthSdMm: 3, girthSdMm: 6, note: `begun as ${from.name}` }
    };
    const sent = await send<{ id: string }>('/api/v1/lasts', 'POST', last);
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok || sent.errors.length > 0 ? '' : sent.detail;
    if (sent.ok) await goto(`/stock/lasts/${sent.value.id}`);
  }
</script>

<svelte:head><title>Lasts · Chiave</title></svelte:head>
<h1 class="sr-only">Lasts</h1>
<section class="sheet">
  <StockGrid name="Lasts" {rows} columns={LAST_GRID} />
  <form class="mt-3 flex flex-wrap items-end gap-2" onsubmit={add} novalidate>
    <label class="block w-56"
      ><span class="text-sm">A new last, called</span><input class="field" bind:value={name} aria-invalid={errors.length > 0} placeholder="a name" /></label
    >
    <label class="block w-64"
      ><span class="text-sm">begun as</span><select class="field" bind:value={like}
        ><option value="">choose a last like it</option>{#each data.lasts as l (l.id)}<option value={l.id}>{l.name}, {names.get(l.maker)}</option
          >{/each}</select
      ></label
    >
    <button type="submit" class="min-h-11 rounded border-2 border-brass bg-white px-4 font-semibold" disabled={like === '' || name.trim() === ''}>Add it</button
    >
    {#each errors as e (e.path)}<p class="text-tight w-full" role="alert">{e.path}: {e.message}</p>{/each}
    {#if message}<p class="caution w-full" role="alert">{message}</p>{/if}
  </form>
</section>
