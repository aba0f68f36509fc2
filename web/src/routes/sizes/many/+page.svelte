<script lang="ts">
  import Papa from 'papaparse';
  import { onDestroy } from 'svelte';
  import type { ManyRow } from '@chiave/core/size';
  import Progress from '$lib/ui/Progress.svelte';
  import Ticks from '$lib/ui/Ticks.svelte';
  import { download } from '$lib/ui/download';
  import { shopBook } from '$lib/ui/shop-scales';
  import type { SizesAnswer, SizesAsk } from '$lib/workers/sizes.worker';

  const MOST_ROWS = 100_000;
  const MOST_BYTES = 8_000_000;
  let text = $state('');
  let column = $state(0);
  let to = $state<string[]>(['us-w', 'us-m', 'uk', 'eu', 'mondo']);
  let bare = $state('');
  let rows = $state.raw<ManyRow[]>([]);
  let progress = $state({ done: 0, of: 0 });
  let running = $state(false);
  let message = $state('');
  let tookMs = $state<number | null>(null);
  let worker: Worker | undefined;

  const bad = $derived(rows.filter((r) => r.problem !== ''));
  let asked = $state.raw<string[]>([]);
  let { data } = $props();
  const book = $derived(shopBook());

  async function upload(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
    const file = event.currentTarget.files?.[0];
    if (!file) return;
    if (file.size > MOST_BYTES) {
      message = `${file.name} has ${(file.size / 1e6).toFixed(1)} MB; at most ${MOST_BYTES / 1e6} MB are read. Nothing was taken.`;
      return;
    }
    message = '';
    text = await file.text();
  }
  function convert(): void {
    message = '';
    if (text.length > MOST_BYTES) {
      message = `That is ${(text.length / 1e6).toFixed(1)} MB of text; at most ${MOST_BYTES / 1e6} MB are read.`;
      return;
    }
    const parsed = Papa.parse<string[]>(text, { skipEmptyLines: 'greedy', delimitersToGuess: ['\t', ';', ','] });
    const lines = parsed.data.map((cells) => cells[column] ?? '');
    if (lines.length === 0) {
      message = 'Paste a column of sizes first: one a line, as us w 7.5, eu 42 or 25.4 cm.';
      return;
    }
    if (lines.length > MOST_ROWS) {
      message = `That is ${lines.length.toLocaleString('en')} rows; at most ${MOST_ROWS.toLocaleString('en')} go at once.`;
      return;
    }
    worker?.terminate();
    worker = new Worker(new URL('../../../lib/workers/sizes.worker.ts', import.meta.url), { type: 'module' });
    rows = [];
    asked = [...to];
    running = true;
    tookMs = null;
    progress = { done: 0, of: lines.length };
    const come: ManyRow[] = [];
    worker.onmessage = ({ data: answer }: MessageEvent<SizesAnswer>) => {
      if (answer.kind === 'some') {
        come.push(...answer.rows);
        progress = { done: answer.done, of: answer.of };
        return;
      }
      rows = come;
      running = false;
      tookMs = answer.tookMs;
      if (answer.stopped) message = `Stopped after ${come.length} rows; these are below.`;
    };
    worker.onerror = (e) => {
      running = false;
      message = `The conversion stopped: ${e.message}`;
    };
    const kept = data.makerScales.map(({ id, definition }) => ({ id, definition }));
    worker.postMessage({ kind: 'convert', lines, kept, options: { to: asked, bare: bare === '' ? null : bare } } satisfies SizesAsk);
  }
  const cancel = () => worker?.postMessage({ kind: 'stop' } satisfies SizesAsk);
  onDestroy(() => worker?.terminate());

  function csv(): void {
    const fields = ['line', 'text', 'read as', 'foot mm', ...asked.map((id) => book.get(id).name), 'problem'];
    const data = rows.map((r) => [r.line, r.text, r.readAs, r.footMm?.toFixed(1) ?? '', ...r.sizes, r.problem]);
    download('sizes.csv', new Blob([Papa.unparse({ fields, data })], { type: 'text/csv' }));
  }
</script>

<svelte:head><title>Many at once · Chiave</title></svelte:head>
<h1 class="sr-only">Many at once</h1>
<div class="grid gap-4 lg:grid-cols-2">
  <section class="sheet grid content-start gap-3">
    <h2>A column of sizes</h2>
    <label class="block"
      ><span class="sr-only">Sizes, one a line</span><textarea
        class="field figures"
        rows="10"
        bind:value={text}
        placeholder={'us w 7.5\neu 42 2/3\n25.4 cm\nuk 6 f'}
      ></textarea></label
    >
    <div class="flex flex-wrap items-end gap-2">
      <label class="inline-flex min-h-11 cursor-pointer items-center rounded border border-line bg-white px-3"
        >CSV file<input type="file" accept=".csv,text/csv,text/plain" class="sr-only" onchange={upload} /></label
      >
      <label class="block"
        ><span class="text-sm">Column</span><select class="field !w-28" bind:value={column}
          >{#each [0, 1, 2, 3, 4, 5, 6, 7] as n (n)}<option value={n}>{n + 1}</option>{/each}</select
        ></label
      >
      <label class="block"
        ><span class="text-sm">A bare number is</span><select class="field !w-56" bind:value={bare}
          ><option value="">asked about, not guessed</option>{#each book.all as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</select
        ></label
      >
    </div>
    <Ticks legend="Into" options={book.all.map(({ id, short }) => ({ id, name: short }))} chosen={to} onchange={(next) => (to = next)} />
    <div class="flex flex-wrap items-center gap-2">
      <button
        type="button"
        class="min-h-11 rounded border-2 border-brass bg-white px-4 font-semibold disabled:opacity-60"
        disabled={running || to.length === 0}
        onclick={convert}>Convert</button
      >
      {#if running}
        <div class="min-w-40 flex-1">
          <Progress done={progress.done} of={progress.of} what="Converting" />
        </div>
        <span class="figures text-sm">{progress.done} of {progress.of}</span>
        <button type="button" class="min-h-11 rounded border border-line px-3" onclick={cancel}>Cancel</button>
      {/if}
    </div>
    {#if message}<p class="caution" role="alert">{message}</p>{/if}
  </section>

  <section class="sheet">
    <div class="flex flex-wrap items-baseline gap-3">
      <h2 class="mr-auto">Converted</h2>
      {#if rows.length > 0}<button type="button" class="min-h-11 rounded border border-line bg-white px-3" onclick={csv}>CSV</button>{/if}
    </div>
    {#if rows.length > 0}
      <p data-report>
        {rows.length - bad.length} read, {bad.length} could not be read{#if tookMs !== null}<span class="soft">, in {(tookMs / 1000).toFixed(1)} s</span>{/if}.
      </p>
      {#if bad.length > 0}
        <details open class="mt-1">
          <summary class="min-h-11 content-center">What could not be read</summary>
          <ul class="text-sm">
            {#each bad.slice(0, 50) as r (r.line)}<li>
                <span class="figures">line {r.line}</span> “{r.text.slice(0, 60)}”: {r.problem}
              </li>{/each}{#if bad.length > 50}<li class="soft">and {bad.length - 50} more, in the CSV.</li>{/if}
          </ul>
        </details>
      {/if}
      <div class="mt-2 overflow-x-auto">
        <table class="w-full text-sm">
          <thead
            ><tr class="border-b border-ink text-left"
              ><th scope="col">line</th><th scope="col">read as</th><th scope="col">foot</th>{#each asked as id (id)}<th scope="col">{book.get(id).short}</th
                >{/each}</tr
            ></thead
          >
          <tbody
            >{#each rows.filter((r) => r.problem === '').slice(0, 200) as r (r.line)}<tr class="border-b border-line"
                ><td class="figures">{r.line}</td><td>{r.readAs}</td><td class="figures">{r.footMm?.toFixed(1)}</td>{#each r.sizes as s, i (asked[i])}<td
                    class="figures">{s}</td
                  >{/each}</tr
              >{/each}</tbody
          >
        </table>
      </div>
      {#if rows.length - bad.length > 200}<p class="soft text-sm">The first 200 are shown; all of them are in the CSV.</p>{/if}
    {:else}<p class="soft">Nothing converted yet. Up to {MOST_ROWS.toLocaleString('en')} rows; the work is done beside the page.</p>{/if}
  </section>
</div>
