<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { COUNT_COLUMNS, type IMPORT_KINDS } from '$lib/api/stock-exchange';
  import { STYLE_COLUMNS } from '$lib/api/style-fields';
  import type { StockReport } from '$lib/api/answers';
  import { send } from '$lib/send/save.svelte';
  import Area from '$lib/ui/kit/Area.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';

  let { data } = $props();
  type Kind = (typeof IMPORT_KINDS)[number];
  const MOST_BYTES = 8_000_000;
  let waiting = $state.raw<{ kind: Kind; text: string; style?: string; name: string } | null>(null);
  let report = $state.raw<StockReport | null>(null);
  let message = $state('');
  let done = $state('');
  let run = $state('');
  let runStyle = $state('');

  async function look(what: { kind: Kind; text: string; style?: string; name: string }): Promise<void> {
    message = '';
    done = '';
    report = null;
    const { name: _name, ...body } = what;
    const sent = await send<StockReport>('/api/v1/import/stock', 'POST', { ...body, dryRun: true });
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    waiting = what;
    report = sent.value;
  }
  async function bring(file: File, kind: Exclude<Kind, 'run'>): Promise<void> {
    if (file.size > MOST_BYTES) {
      message = `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; a stockroom file has at most 8 MB. Nothing was read.`;
      return;
    }
    await look({ kind, text: await file.text(), name: file.name });
  }
  async function take(): Promise<void> {
    if (!waiting) return;
    const { name, ...body } = waiting;
    const sent = await send<StockReport>('/api/v1/import/stock', 'POST', { ...body, dryRun: false });
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    done = `${name}: taken in.`;
    waiting = null;
    report = null;
    run = '';
    await invalidateAll();
  }
  const summary = $derived.by(() => {
    if (!report) return [];
    const { added, changed, same } = report;
    return [
      [added.makers, 'makers new'],
      [added.lasts, 'lasts new'],
      [added.styles, 'styles new'],
      [changed.makers, 'makers changed'],
      [changed.lasts, 'lasts changed'],
      [changed.styles, 'styles changed'],
      [changed.counts, 'counts changed'],
      [same, 'as they are']
    ].filter(([n]) => n !== 0);
  });
</script>

<svelte:head><title>In and out · Stockroom · Chiave</title></svelte:head>
<h1 class="sr-only">The stockroom in and out</h1>
<div class="grid gap-4 lg:grid-cols-2">
  <Sheet class="grid content-start gap-3" heading="Out">
    <ul class="grid gap-1">
      <li>
        <a href="/api/v1/export/stock?format=json" download>Everything, as JSON</a>
        <span class="soft text-sm">makers, lasts, styles, counts; <a href="/api/v1/stock-schema.json">its schema</a></span>
      </li>
      <li><a href="/api/v1/export/stock?format=lasts" download>Lasts, as CSV</a> <span class="soft text-sm">one line a last</span></li>
      <li><a href="/api/v1/export/stock?format=styles" download>Styles, as CSV</a> <span class="soft text-sm">one line a style</span></li>
      <li><a href="/api/v1/export/stock?format=counts" download>Counts, as CSV</a> <span class="soft text-sm">one line a size and width on the shelf</span></li>
      <li>Outlines as SVG in millimetres come from the <a href="/stock/bench">last bench</a>.</li>
    </ul>
    <h2>In</h2>
    <p class="soft text-sm">Every file is looked over first. It is taken in whole or not at all.</p>
    <div class="flex flex-wrap gap-2">
      {#each [{ kind: 'json', name: 'JSON' }, { kind: 'lasts', name: 'Lasts CSV' }, { kind: 'styles', name: 'Styles CSV' }, { kind: 'counts', name: 'Counts CSV' }] as const as f (f.kind)}
        <FileButton accept=".json,.csv,text/csv,application/json" onfile={(file) => bring(file, f.kind)}>{f.name}</FileButton>
      {/each}
    </div>
    <p class="soft text-sm">
      Columns of a CSV of counts: {COUNT_COLUMNS.join(', ')}. Of styles: {STYLE_COLUMNS.join(', ')}. A CSV of lasts names the places of their fields, as the one
      that goes out.
    </p>
    <form
      class="grid gap-2"
      onsubmit={(e) => {
        e.preventDefault();
        void look({ kind: 'run', text: run, style: runStyle, name: 'The pasted run' });
      }}
    >
      <h3>A size run from a spreadsheet</h3>
      <Select label="of" bind:value={runStyle}
        ><option value="">choose the style</option>{#each data.styles as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</Select
      >
      <Area
        label="Widths along the first line, sizes down the side; or lying on its side"
        figures
        rows={5}
        bind:value={run}
        placeholder={'\tD\tE\tF\n8\t1\t2\t\n8.5\t\t1\t1'}
      />
      <Button type="submit" disabled={run.trim() === '' || runStyle === ''}>Look it over</Button>
    </form>
    <p class="soft text-sm">A feed that keeps counts up to date speaks the same import: <code>npm run feed</code> starts a stand-in that sells and restocks.</p>
  </Sheet>
  <Sheet heading="Looked over" aria-live="polite">
    {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
    {#if done}<Notice role="status">{done}</Notice>{/if}
    {#if report && waiting}
      <p class="font-semibold">{waiting.name}</p>
      <ul data-report>
        {#each summary as [n, what] (what)}<li><b class="figures">{n}</b> {what}</li>{:else}<li>
            {report.problems.length > 0 ? 'Nothing can be read of it yet.' : 'Nothing in it.'}
          </li>{/each}
      </ul>
      {#if report.names.length > 0}<p class="soft text-sm">{report.names.join(', ')}{report.names.length === 12 ? ' …' : ''}</p>{/if}
      {#if report.problems.length > 0}
        <Notice class="mt-2" tone="caution" role="alert">
          {report.problems.length}
          {report.problems.length === 1 ? 'problem' : 'problems'}: nothing can be taken in until they are mended.{report.stopped
            ? ' Reading stopped there: there may be more behind them.'
            : ''}
        </Notice>
        <ol class="mt-1 max-h-[50vh] overflow-y-auto" data-problems>
          {#each report.problems as p, i (i)}<li class="border-b border-line py-1"><b>{p.where}</b>: {p.message}</li>{/each}
        </ol>
      {:else}
        <Button class="mt-3" kind="primary" onclick={take}>Take it in</Button>
      {/if}
    {:else if !message && !done}<p class="soft">Choose a file, or paste a run.</p>{/if}
  </Sheet>
</div>
