<script lang="ts">
  import { onDestroy } from 'svelte';
  import Progress from '$lib/ui/kit/Progress.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { download } from '$lib/ui/kit/download';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import FeetOnRule from '$lib/drawing/FeetOnRule.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { formatLength } from '@chiave/core/measure';
  import { ManySizes, MOST_BYTES, MOST_ROWS } from '$lib/ui/sizes/many-sizes.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Area from '$lib/ui/kit/Area.svelte';

  let { data } = $props();
  let text = $state('');
  /** A file is read beside the page and never laid out in it: a hundred thousand lines would hold it for seconds. */
  let file = $state.raw<File | null>(null);
  let column = $state(0);
  let to = $state<string[]>(['us-w', 'us-m', 'uk', 'eu', 'mondo']);
  let bare = $state('');
  const many = new ManySizes((blob) => download('sizes.csv', blob));
  const book = $derived(shopBook());
  onDestroy(() => many.close());

  const says = $derived.by(() => {
    const { report, running } = many;
    if (running) return 'Reading the column …';
    if (!report) return `Paste a column of sizes, or take a CSV file: up to ${MOST_ROWS.toLocaleString('en')} rows, each told in every scale chosen.`;
    const { read, unread, lengths } = report;
    const counted = `${read} read, ${unread} could not be read`;
    if (read === 0) return `${counted}.`;
    const most = lengths.reduce((best, l) => (l.feet > best.feet ? l : best));
    const spread =
      lengths.length === 1 ? '' : `, most (${most.feet}) between ${formatLength(most.fromMm, shown.unit)} and ${formatLength(most.toMm, shown.unit)}`;
    return `${counted}: feet between ${formatLength(lengths[0].fromMm, shown.unit)} and ${formatLength(lengths[lengths.length - 1].toMm, shown.unit)}${spread}.`;
  });

  function upload(chosen: File): void {
    many.message = '';
    if (chosen.size > MOST_BYTES) {
      many.message = `${chosen.name} has ${(chosen.size / 1e6).toFixed(1)} MB; at most ${MOST_BYTES / 1e6} MB are read. Nothing was taken.`;
      return;
    }
    file = chosen;
  }
  function convert(): void {
    const kept = data.makerScales.map(({ id, definition }) => ({ id, definition }));
    many.convert(file ?? text, column, kept, { to: $state.snapshot(to), bare: bare === '' ? null : bare });
  }
</script>

<svelte:head><title>Many at once · Chiave</title></svelte:head>
<h1 class="sr-only">Many at once</h1>
<p class="says mb-3" aria-live="polite" data-report={many.report ? '' : undefined}>{says}</p>
<div class="grid gap-4 lg:grid-cols-2">
  <Sheet class="grid content-start gap-3" heading="A column of sizes">
    {#if file}
      <Notice class="flex items-center gap-3">
        <span class="mr-auto">{file.name}, {(file.size / 1000).toFixed(0)} kB</span>
        <Button kind="text" onclick={() => (file = null)}>Type instead</Button>
      </Notice>
    {/if}
    <Area
      label="Sizes, one a line"
      hideLabel
      figures
      class={file === null ? '' : 'hidden'}
      rows={10}
      bind:value={text}
      placeholder={'us w 6.5\neu 38 2/3\n24.3 cm\nuk 5 e'}
    />
    <div class="flex flex-wrap items-end gap-2">
      <FileButton accept=".csv,text/csv,text/plain" onfile={upload}>CSV file</FileButton>
      <Select label="Column" class="w-28" bind:value={column}
        >{#each [0, 1, 2, 3, 4, 5, 6, 7] as n (n)}<option value={n}>{n + 1}</option>{/each}</Select
      >
      <Select label="A bare number is" class="w-56" bind:value={bare}
        ><option value="">asked about, not guessed</option>{#each book.all as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</Select
      >
    </div>
    <Choices legend="Into" options={book.all.map(({ id, short }) => ({ id, name: short }))} chosen={to} onchange={(next) => (to = next)} />
    <div class="flex flex-wrap items-center gap-2">
      <Button kind="primary" disabled={many.running || to.length === 0} onclick={convert}>Convert</Button>
      {#if many.running}
        <div class="min-w-40 flex-1">
          <Progress done={many.done} of={many.of} what="Converting" />
        </div>
        <span class="figures text-sm">{many.done} of {many.of}</span>
        <Button onclick={() => many.stop()}>Cancel</Button>
      {/if}
    </div>
    {#if many.message}<Notice tone="caution" role="alert">{many.message}</Notice>{/if}
  </Sheet>

  <Sheet>
    <div class="flex flex-wrap items-baseline gap-3">
      <h2 class="mr-auto">Converted</h2>
      {#if many.report}<Button onclick={() => many.csv()}>CSV</Button>{/if}
    </div>
    {#if many.report}
      {@const report = many.report}
      <p class="soft text-sm">In {(report.tookMs / 1000).toFixed(1)} s.</p>
      {#if report.lengths.length > 0}<FeetOnRule lengths={report.lengths} unit={shown.unit} />{/if}
      {#if report.unread > 0}
        <details open class="mt-1">
          <summary class="min-h-11 content-center">What could not be read</summary>
          <ul class="text-sm">
            {#each report.bad as r (r.line)}<li>
                <span class="figures">line {r.line}</span> “{r.text.slice(0, 60)}”: {r.problem}
              </li>{/each}{#if report.unread > report.bad.length}<li class="soft">and {report.unread - report.bad.length} more, in the CSV.</li>{/if}
          </ul>
        </details>
      {/if}
      <div class="mt-2 overflow-x-auto">
        <Table>
          <thead
            ><tr class="border-b border-ink text-left"
              ><th scope="col">line</th><th scope="col">read as</th><th scope="col">foot</th>{#each many.asked as id (id)}<th scope="col"
                  >{book.get(id).short}</th
                >{/each}</tr
            ></thead
          >
          <tbody
            >{#each report.rows as r (r.line)}<tr class="border-b border-line"
                ><td class="figures">{r.line}</td><td>{r.readAs}</td><td class="figures">{r.footMm?.toFixed(1)}</td>{#each r.sizes as s, i (i)}<td
                    class="figures">{s}</td
                  >{/each}</tr
              >{/each}</tbody
          >
        </Table>
      </div>
      {#if report.read > report.rows.length}<p class="soft text-sm">The first {report.rows.length} are shown; all of them are in the CSV.</p>{/if}
    {:else}<p class="soft">Nothing converted yet; the work is done beside the page.</p>{/if}
  </Sheet>
</div>
