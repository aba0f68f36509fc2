<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { FELT_IDS, FELT_WEIGHTS, type FeltId } from '@chiave/core/compare';
  import { parseLength, parseMixedNumber, trimNumber } from '@chiave/core/measure';
  import { comparables, sizeThere, type SizeThere } from '$lib/compare-shoes';
  import type { Matrix } from '$lib/api/answers';
  import { send } from '$lib/send/save.svelte';
  import { shown } from '$lib/ui/frame/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Check from '$lib/ui/kit/Check.svelte';

  let { data } = $props();
  const makerOf = $derived(new Map(data.makers.map((m) => [m.id, m.name])));
  const all = $derived(comparables(data.lasts, [], data.makers, data.scales));

  // One pair: which size of B feels like size s of A.
  let from = $state('');
  let to = $state('');
  let size = $state('');
  let weights = $state<Record<FeltId, number>>({ ...FELT_WEIGHTS });
  const NAMES: Readonly<Record<FeltId, string>> = {
    length: 'length',
    'ball-girth': 'ball girth',
    instep: 'instep',
    heel: 'heel width',
    'toe-width': 'toe width'
  };
  const pair = $derived.by((): { there: SizeThere | null; problem: string } => {
    const [a, b] = [all.find((c) => c.last.id === from), all.find((c) => c.last.id === to)];
    if (!a || !b) return { there: null, problem: '' };
    const s = parseMixedNumber(size);
    if (s === null) return { there: null, problem: size.trim() === '' ? '' : `“${size}” is not a size` };
    try {
      return { there: sizeThere(a, { by: 'size', size: s }, b, null, weights), problem: '' };
    } catch (error) {
      return { there: null, problem: error instanceof Error ? error.message : String(error) };
    }
  });

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
<Sheet class="mb-4 print:hidden" heading="Which size of one feels like a size of another">
  <div class="flex flex-wrap items-end gap-2">
    <Field label="Size" figures class="w-28" bind:value={size} placeholder="38" />
    <Select label="of" class="w-60" bind:value={from}
      ><option value="">choose a last</option>{#each all as c (c.key)}<option value={c.last.id}>{c.name}</option>{/each}</Select
    >
    <Select label="in" class="w-60" bind:value={to}
      ><option value="">choose a last</option>{#each all as c (c.key)}<option value={c.last.id}>{c.name}</option>{/each}</Select
    >
  </div>
  <details class="mt-2">
    <summary class="min-h-11 content-center">What a millimetre of each counts for, in millimetres of length (estimates)</summary>
    <div class="flex flex-wrap gap-2">
      {#each FELT_IDS as id (id)}
        <div class="w-36">
          <NumberField
            label={NAMES[id]}
            unit="mm"
            low={id === 'length' ? 0.1 : 0}
            high={10}
            step={0.05}
            value={weights[id]}
            onchange={(v) => (weights[id] = v ?? weights[id])}
          />
        </div>
      {/each}
    </div>
  </details>
  {#if pair.problem}<Notice class="mt-2" tone="caution" role="alert">{pair.problem}.</Notice>{/if}
  {#if pair.there}
    {@const t = pair.there}
    <p class="mt-2 text-lg" data-equivalent>
      <b class="figures text-2xl">{t.label} {t.width}</b>
      {data.scales[to] ?? ''}
      <span class="soft figures">exactly {trimNumber(t.equivalent.exact, 2)}</span>, and then it is {t.equivalent.residual
        .slice(0, 3)
        .map((r) => r.words)
        .join(', ')}.
    </p>
    <p class="soft text-sm">
      The signed differences, weighed as above, come to nought at the exact size; {Math.abs(t.roundedBy) < 0.05
        ? 'the label stands on it'
        : `the label is ${trimNumber(Math.abs(t.roundedBy), 2)} of a size ${t.roundedBy > 0 ? 'larger' : 'smaller'}`}. If the old one was snug, the slightly
      wider size is the better; if it was just right, half down may be.
    </p>
  {/if}
</Sheet>
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
  {#if matrix}
    <div class="mt-3 overflow-x-auto">
      <Table class="border-collapse" data-matrix>
        <caption class="pb-1 text-left font-semibold"
          >{name.trim() ? `${matrix.name}: a` : 'A'} size down the side feels like the ones in its line. Foot {trimNumber(matrix.footMm)} mm. By the weights of this
          project (estimates).</caption
        >
        <thead>
          <tr
            ><th scope="col" class="border border-line p-1 text-left">this size</th>{#each matrix.lasts as l (l.id)}<th
                scope="col"
                class="border border-line p-1 text-left">in {l.name.split(',')[0]} <span class="soft block text-xs font-normal">{l.scale}</span></th
              >{/each}</tr
          >
        </thead>
        <tbody>
          {#each matrix.lasts as l, i (l.id)}
            <tr>
              <th scope="row" class="border border-line p-1 text-left whitespace-nowrap">{l.name.split(',')[0]} <span class="figures">{l.size}</span></th>
              {#each matrix.cells[i] as cell, k (k)}
                <td class="border border-line p-1 align-top"
                  >{#if cell}<b class="figures">{cell.label} {cell.width}</b><span class="soft block text-xs">{cell.words}</span>{:else}<span class="soft"
                      >·</span
                    >{/if}</td
                >
              {/each}
            </tr>
          {/each}
        </tbody>
      </Table>
    </div>
  {/if}
</Sheet>
