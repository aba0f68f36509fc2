<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { GRADES, LEARNED_PARTS, POINTE_FIELDS, TAPER, type GradeId, type PointeFieldId } from '@chiave/core/pointe';
  import type { PointeMakerBody, PointeModelRow } from '$lib/api/pointe-schema';
  import { send } from '$lib/send/save.svelte';
  import Area from '$lib/ui/kit/Area.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { MakerForm } from '$lib/ui/pointe/maker-form.svelte';
  import MakerSheet from '$lib/ui/pointe/MakerSheet.svelte';
  import { beliefWords } from '$lib/ui/pointe/words';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { ModelForm } from '$lib/ui/pointe/model-form.svelte';
  import { withFractions } from '$lib/size-fractions';

  let { data } = $props();
  const form = new ModelForm();
  let open = $state(false);
  let message = $state('');
  const makers = $derived(data.stock.makers);
  const models = $derived(data.stock.models);
  const YES = [
    { id: 'true', name: 'yes' },
    { id: 'false', name: 'no' }
  ];
  const SURE = [
    { id: 'measured', name: 'measured' },
    { id: 'claimed', name: 'said by the maker' }
  ] as const;
  const LENGTHS = [...SURE, { id: 'filled', name: 'by its label only' }] as const;
  const known = (m: PointeModelRow, evidence: string): number => Object.values(m.spec).filter((f) => f?.evidence === evidence).length;
  const shelved = (m: PointeModelRow): number => m.stock.reduce((n, s) => n + s.count, 0);
  function edit(m: PointeModelRow): void {
    form.open(m);
    open = true;
    // What is changed stands over the list.
    window.scrollTo({ top: 0 });
  }
  function begin(): void {
    form.begin(makers[0]?.id ?? '');
    open = true;
  }
  async function keep(): Promise<void> {
    if (await form.keep(models.map((m) => m.id))) {
      open = false;
      message = `${form.name} is kept.`;
      await invalidateAll();
    }
  }
  const maker = new MakerForm();
  let makerOpen = $state(false);
  function editMaker(row: PointeMakerBody | null): void {
    maker.open(row);
    makerOpen = true;
    window.scrollTo({ top: 0 });
  }
  async function keepMaker(): Promise<void> {
    if (await maker.keep(makers.map((m) => m.id))) {
      makerOpen = false;
      message = `${maker.name} is kept.`;
      await invalidateAll();
    }
  }
  const run = ({ scale: { length } }: PointeMakerBody): string => `${withFractions(String(length.from))} to ${withFractions(String(length.to))}`;
  async function read(file: File): Promise<void> {
    const text = await file.text();
    let body: unknown;
    try {
      body = file.name.endsWith('.csv') ? { csv: text } : JSON.parse(text);
    } catch {
      message = `${file.name} is no JSON: export one to see how it is written.`;
      return;
    }
    const sent = await send<{ makers: number; models: number }>('/api/v1/pointe/import', 'POST', body);
    message = sent.ok ? `${sent.value.makers} makers and ${sent.value.models} models were read.` : sent.detail;
    if (sent.ok) await invalidateAll();
  }
</script>

<svelte:head><title>Pointe models · Chiave</title></svelte:head>
<h1 class="says mb-2">{models.length} pointe models of {makers.length} makers, {models.reduce((n, m) => n + shelved(m), 0)} pairs on the shelf</h1>
<div class="mb-3 flex flex-wrap items-center gap-2">
  <a class="font-semibold" href="/stock/pointe">Back to the bench</a>
  <span class="ml-auto"></span>
  <Button onclick={begin} disabled={makers.length === 0}>New model</Button>
  <Button onclick={() => editMaker(null)}>New maker</Button>
  <FileButton accept=".json,.csv" onfile={read}>Read a file</FileButton>
  <Button href="/api/v1/pointe/export?format=json" download>Export JSON</Button>
  <Button href="/api/v1/pointe/export?format=csv" download>Export CSV</Button>
</div>
{#if message}<Notice class="mb-2" role="status">{message}</Notice>{/if}
{#if makerOpen}<MakerSheet form={maker} onkeep={keepMaker} onleave={() => (makerOpen = false)} />{/if}
{#if open}
  <Sheet class="mb-3" heading={form.id === '' ? 'A new model' : `${form.name}, as it is kept`}>
    <div class="grid grid-cols-2 gap-x-3 gap-y-2 md:grid-cols-4">
      <Field label="Name" bind:value={form.name} error={form.wrong('name') ?? form.wrong('id')} />
      <Select label="Maker" options={makers} value={form.makerId} onpick={(id) => (form.makerId = id)} error={form.wrong('makerId')} />
      <Field label="Base size" figures bind:value={form.size} error={form.wrong('base.size')} />
      <Field label="Base mark" bind:value={form.mark} error={form.wrong('base.mark')} />
      <Select label="Usual shank" options={GRADES} value={form.usualGrade} onpick={(id: GradeId) => (form.usualGrade = id)} error={form.wrong('usualGrade')} />
      <Select label="Lengths" options={LENGTHS} value={form.lengthEvidence} onpick={(id) => (form.lengthEvidence = id)} />
      <Field label="A mark adds to the platform, mm" figures bind:value={form.perMark} error={form.wrong('perMarkMm')} />
      <Field label="Price" figures bind:value={form.price} error={form.wrong('price')} />
    </div>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <Choices legend="Made with these shanks" options={GRADES} chosen={form.grades} onchange={(grades: GradeId[]) => (form.grades = grades)} />
      <Check bind:checked={form.quiet}>a quiet variant: half a grade softer</Check>
    </div>
    <div class="mt-3 grid gap-x-4 gap-y-2 md:grid-cols-2">
      {#each POINTE_FIELDS as f (f.id)}
        {@const id = f.id as PointeFieldId}
        <div class="grid grid-cols-[minmax(0,1fr)_11rem] items-end gap-2">
          {#if f.as === 'figure'}
            <Field
              label="{f.name}, {f.unit}"
              figures
              value={form.values[id] ?? ''}
              oninput={(e) => (form.values[id] = e.currentTarget.value)}
              error={form.wrong(`spec.${id}`)}
              hint={f.how}
            />
          {:else}
            <Select
              label={f.name}
              empty="not seen"
              options={f.as === 'choice' ? f.options : YES}
              value={form.values[id] ?? ''}
              onchange={(e) => (form.values[id] = e.currentTarget.value)}
              error={form.wrong(`spec.${id}`)}
            />
          {/if}
          <Select label="How sure: {f.name}" hideLabel options={SURE} value={form.evidence[id] ?? 'measured'} onpick={(e) => (form.evidence[id] = e)} />
        </div>
      {/each}
    </div>
    <div class="mt-2 grid gap-3 md:grid-cols-2">
      <Area label="On the shelf, a line each: size, mark, shank, pairs" rows={5} bind:value={form.shelf} error={form.wrong('stock')} />
      <Area label="Note" rows={5} bind:value={form.note} error={form.wrong('note')} />
    </div>
    {#if form.message}<Notice class="mt-2" tone="caution" role="alert">{form.message}</Notice>{/if}
    <div class="mt-2 flex gap-2">
      <Button kind="primary" onclick={keep}>Keep the model</Button><Button onclick={() => (open = false)}
        >{form.id === '' ? 'Close' : 'Leave it as it was'}</Button
      >
    </div>
  </Sheet>
{/if}
<Sheet>
  <Table>
    <caption class="sr-only">Models with their makers, evidence and stock</caption>
    <thead
      ><tr
        ><th scope="col">Model</th><th scope="col">Maker</th><th scope="col">Base</th><th scope="col">Taper</th><th scope="col">Measured</th><th scope="col"
          >Said</th
        ><th scope="col">Filled in</th><th scope="col">The barre says</th><th scope="col">Price</th><th scope="col">Shelf</th><th></th></tr
      ></thead
    >
    <tbody>
      {#each models as m (m.id)}
        <tr data-model={m.id}>
          <th scope="row"
            >{m.name}{#if m.note}<br /><span class="soft text-sm font-normal">{m.note}</span>{/if}</th
          >
          <td>{makers.find((k) => k.id === m.makerId)?.name ?? m.makerId}</td>
          <td class="figures">{withFractions(String(m.base.size))} {m.base.mark}</td>
          <td>{m.spec.taper ? TAPER[m.spec.taper.value].name : '–'}</td>
          <td class="figures">{known(m, 'measured')}</td>
          <td class="figures">{known(m, 'claimed')}</td>
          <td class="figures">{POINTE_FIELDS.length - known(m, 'measured') - known(m, 'claimed') || '–'}</td>
          <td
            >{#each LEARNED_PARTS as { id } (id)}{#if m.beliefs[id]}<span class="block leading-tight">{beliefWords(id, m.beliefs[id], shown.unit)}</span
                >{/if}{/each}{Object.keys(m.beliefs).length === 0 ? '–' : ''}</td
          >
          <td class="figures">{m.price ?? '–'}</td>
          <td class="figures">{shelved(m) || '–'}</td>
          <td><Button onclick={() => edit(m)} aria-label="Change {m.name}">Change</Button></td>
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
<Sheet class="mt-3" heading="Makers and their own scales">
  <Table>
    <caption class="sr-only">Makers with their sizes and width marks</caption>
    <thead
      ><tr
        ><th scope="col">Maker</th><th scope="col">Sizes</th><th scope="col">A size, mm</th><th scope="col">Width marks</th><th scope="col"
          >A mark, mm of girth</th
        ><th scope="col">Special order, days</th><th></th></tr
      ></thead
    >
    <tbody>
      {#each makers as m (m.id)}
        <tr data-maker={m.id}>
          <th scope="row">{m.name}</th>
          <td class="figures">{run(m)}{m.scale.length.halves ? ', halves' : ''}</td>
          <td class="figures">{m.scale.length.stepMm}</td>
          <td>{m.scale.width.marks.join(' ')}</td>
          <td class="figures">{m.scale.width.girthStepMm}</td>
          <td class="figures">{m.leadDays}</td>
          <td><Button onclick={() => editMaker(m)} aria-label="Change {m.name}">Change</Button></td>
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
