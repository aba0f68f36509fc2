<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { parseLength, trimNumber } from '@chiave/core/measure';
  import { comparables } from '$lib/compare-shoes';
  import type { Matrix } from '$lib/api/answers';
  import { send } from '$lib/send/save.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import AlikePair from '$lib/ui/stock/AlikePair.svelte';
  import MatrixTable from '$lib/ui/stock/MatrixTable.svelte';
  import Check from '$lib/ui/kit/Check.svelte';

  let { data } = $props();
  const makerOf = $derived(new Map(data.makers.map((m) => [m.id, m.name])));
  const all = $derived(comparables(data.lasts, [], data.makers, data.scales));

  // A whole set.
  let name = $state('');
  let chosen = $state<string[]>([]);
  let footText = $state('245');
  let matrix = $state.raw<Matrix | null>(null);
  let message = $state('');
  const body = $derived.by(() => {
    const parsed = parseLength(footText, shown.unit);
    return { name: name.trim() || 'unnamed', lasts: chosen, footMm: parsed.ok ? parsed.mm : footText };
  });
  async function work(): Promise<void> {
    const sent = await send<Matrix>('/api/v1/compare/matrix', 'POST', body);
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) matrix = sent.value;
  }
  async function keep(): Promise<void> {
    const sent = await send('/api/v1/matrices', 'POST', body);
    message = sent.ok ? 'Kept.' : sent.detail;
    if (sent.ok) await invalidateAll();
  }
  async function remove(id: number): Promise<void> {
    const sent = await send(`/api/v1/matrices/${id}`, 'DELETE');
    if (sent.ok) await invalidateAll();
    else message = sent.detail;
  }
</script>

<svelte:head><title>Sizes that feel alike · Chiave</title></svelte:head>
<h1 class="sr-only">Sizes that feel alike</h1>
<AlikePair {all} scales={data.scales} />
<Sheet>
  <div class="print:hidden">
    <h2>A whole set</h2>
    <div class="flex flex-wrap items-end gap-2">
      <Field label="Called" class="w-56" bind:value={name} placeholder="dress heels, autumn" />
      <Field label="Fitting a foot of" figures class="w-32" bind:value={footText} />
      <Button kind="primary" disabled={chosen.length < 2} onclick={work}>Work it out</Button>
      <Button disabled={chosen.length < 2 || name.trim() === ''} onclick={keep}>Keep this set</Button>
      <Button disabled={!matrix} onclick={() => window.print()}>Print</Button>
    </div>
    <fieldset class="mt-2 flex max-h-[28rem] flex-wrap gap-1 overflow-y-auto">
      <legend class="sr-only">Lasts in the set</legend>
      {#each data.lasts as l (l.id)}
        <Check checked={chosen.includes(l.id)} onchange={() => (chosen = chosen.includes(l.id) ? chosen.filter((c) => c !== l.id) : [...chosen, l.id])}
          >{l.name} <span class="soft text-sm">{makerOf.get(l.maker)}</span></Check
        >
      {/each}
    </fieldset>
    {#if message}<Notice class="mt-2" role="status">{message}</Notice>{/if}
    {#if data.matrices.length > 0}
      <h3 class="mt-3">Kept sets</h3>
      <ul>
        {#each data.matrices as m (m.id)}
          <li class="flex items-center gap-3">
            <Button
              kind="text"
              onclick={() => {
                name = m.name;
                chosen = m.lasts.filter((id) => data.lasts.some((l) => l.id === id));
                footText = trimNumber(m.footMm);
                void work();
              }}>{m.name}</Button
            >
            <span class="soft text-sm">{m.lasts.length} lasts, foot {trimNumber(m.footMm)} mm</span>
            <Button kind="text" onclick={() => remove(m.id)}>remove</Button>
          </li>
        {/each}
      </ul>
    {/if}
  </div>
  {#if matrix}<MatrixTable {matrix} named={name.trim() !== ''} />{/if}
</Sheet>
