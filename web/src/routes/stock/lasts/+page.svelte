<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import type { Last } from '@chiave/core/last';
  import { send, type SaveError } from '$lib/ui/save.svelte';
  import { listSource } from '$lib/ui/stock/grid-order';
  import { LAST_GRID } from '$lib/ui/stock/last-columns';
  import { slugOf } from '$lib/ui/stock/slug';
  import StockGrid from '$lib/ui/stock/StockGrid.svelte';

  let { data } = $props();
  const names = $derived(new Map(data.makers.map((m) => [m.id, m.name])));
  const rows = $derived(data.lasts.map((last) => ({ id: last.id, last, maker: names.get(last.maker) ?? last.maker, styles: data.uses[last.id] ?? 0 })));
  const source = $derived(listSource(rows, LAST_GRID));
  let like = $state('');
  let name = $state('');
  let maker = $state('');
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  let makerName = $state('');
  let makerWidths = $state('');
  let makerErrors = $state<SaveError[]>([]);
  let makerSaid = $state('');

  async function addMaker(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const sent = await send<{ id: string }>('/api/v1/makers', 'POST', {
      id: slugOf(makerName),
      name: makerName,
      letters: makerWidths.split(/[\s,]+/).filter(Boolean)
    });
    makerErrors = sent.ok ? [] : sent.errors;
    makerSaid = sent.ok ? `${makerName} is kept.` : sent.detail;
    if (!sent.ok) return;
    maker = sent.value.id;
    makerName = makerWidths = '';
    await invalidateAll();
  }

  /** A new last begins as another one, as an unsure one: what it really is, is measured afterwards. */
  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const from = data.lasts.find((l) => l.id === like);
    if (!from) return;
    const { version: _version, aliases: _aliases, ...rest } = from;
    // Another maker's letters mean other widths: the last is then told in the middle one of them.
    const letters = data.makers.find((m) => m.id === maker)?.letters ?? [rest.base.width];
    const width = letters.includes(rest.base.width) ? rest.base.width : letters[Math.floor(letters.length / 2)];
    const last: Last = {
      ...rest,
      id: slugOf(name),
      name,
      maker: maker || rest.maker,
      base: { ...rest.base, width },
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
  <StockGrid name="Lasts" {source} columns={LAST_GRID} />
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
    <label class="block w-52"
      ><span class="text-sm">by</span><select class="field" bind:value={maker}
        ><option value="">the same maker</option>{#each data.makers as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</select
      ></label
    >
    <button type="submit" class="min-h-11 rounded border-2 border-brass bg-white px-4 font-semibold" disabled={like === '' || name.trim() === ''}>Add it</button
    >
    {#each errors as e, at (at)}<p class="text-tight w-full" role="alert">{e.path}: {e.message}</p>{/each}
    {#if message}<p class="caution w-full" role="alert">{message}</p>{/if}
  </form>
  <form class="mt-3 flex flex-wrap items-end gap-2" onsubmit={addMaker} novalidate>
    <label class="block w-56"
      ><span class="text-sm">A new maker, called</span><input class="field" bind:value={makerName} aria-invalid={makerErrors.length > 0} /></label
    >
    <label class="block w-64"
      ><span class="text-sm">Widths, narrowest first</span><input
        class="field"
        bind:value={makerWidths}
        placeholder="N M W"
        aria-invalid={makerErrors.some((e) => e.path.startsWith('letters'))}
      /></label
    >
    <button type="submit" class="min-h-11 rounded border border-line bg-white px-4" disabled={makerName.trim() === ''}>Add the maker</button>
    {#if makerSaid}<p class="w-full {makerErrors.length > 0 ? 'text-tight' : 'soft'}" role={makerErrors.length > 0 ? 'alert' : 'status'}>{makerSaid}</p>{/if}
  </form>
</section>
