<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import type { Last } from '@chiave/core/last';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import { listSource } from '$lib/stock-list/grid-order';
  import { LAST_GRID } from '$lib/ui/stock/last-columns';
  import { slugOf } from '$lib/slug';
  import StockGrid from '$lib/ui/stock/StockGrid.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

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
<Sheet>
  <StockGrid name="Lasts" {source} columns={LAST_GRID} />
  <form class="mt-3 flex flex-wrap items-end gap-2" onsubmit={add} novalidate>
    <Field label="A new last, called" class="w-56" bind:value={name} aria-invalid={errors.length > 0} placeholder="a name" />
    <Select label="begun as" class="w-64" bind:value={like}
      ><option value="">choose a last like it</option>{#each data.lasts as l (l.id)}<option value={l.id}>{l.name}, {names.get(l.maker)}</option>{/each}</Select
    >
    <Select label="by" class="w-52" bind:value={maker}
      ><option value="">the same maker</option>{#each data.makers as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</Select
    >
    <Button type="submit" kind="primary" disabled={like === '' || name.trim() === ''}>Add it</Button>
    {#each errors as e, at (at)}<p class="text-tight w-full" role="alert">{e.path}: {e.message}</p>{/each}
    {#if message}<Notice class="w-full" tone="caution" role="alert">{message}</Notice>{/if}
  </form>
  <form class="mt-3 flex flex-wrap items-end gap-2" onsubmit={addMaker} novalidate>
    <Field label="A new maker, called" class="w-56" bind:value={makerName} aria-invalid={makerErrors.length > 0} />
    <Field
      label="Widths, narrowest first"
      class="w-64"
      bind:value={makerWidths}
      placeholder="N M W"
      aria-invalid={makerErrors.some((e) => e.path.startsWith('letters'))}
    />
    <Button type="submit" disabled={makerName.trim() === ''}>Add the maker</Button>
    {#if makerSaid}<p class="w-full {makerErrors.length > 0 ? 'text-tight' : 'soft'}" role={makerErrors.length > 0 ? 'alert' : 'status'}>{makerSaid}</p>{/if}
  </form>
</Sheet>
