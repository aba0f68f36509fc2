<script lang="ts">
  import Papa from 'papaparse';
  import { invalidateAll } from '$app/navigation';
  import { trimNumber } from '@chiave/core/measure';
  import { callsForALook, fitInsoles, readInsoleRows, type InsoleFit } from '@chiave/core/size';
  import { send } from '$lib/send/save.svelte';
  import Area from '$lib/ui/kit/Area.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import HabitForm from '$lib/ui/sizes/HabitForm.svelte';
  import HabitList from '$lib/ui/sizes/HabitList.svelte';
  import InsoleTable from '$lib/ui/sizes/InsoleTable.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { said } from '$lib/workers/remote';

  let { data } = $props();
  const EXAMPLE =
    'size,length,ball,narrow\n6,26.4,9.2,6.6\n7,27.3,9.3,6.7\n8,28.1,9.5,6.7\n9,28.9,9.6,7.2\n10,30.0,9.5,7.0\n11,30.6,9.9,7.1\n12,31.5,10.1,7.2\n13,32.3,10.2,7.4';
  const MOST_BYTES = 1_000_000;
  let text = $state('');
  let claims = $state('uk');
  const book = $derived(shopBook());
  let lastId = $state('');
  let message = $state('');
  let saved = $state('');

  const lasts = $derived(
    [...new Map(data.styles.map((s) => [s.last.id, { id: s.last.id, name: `${s.last.name}, ${s.maker.name}` }])).values()].sort((p, q) =>
      p.name.localeCompare(q.name)
    )
  );
  const table = $derived.by(() => {
    if (text.trim() === '') return { rows: [], problems: [] };
    // Commas between columns would swallow decimal commas: tabs and semicolons are tried first.
    const parsed = Papa.parse<string[]>(text.trim(), { skipEmptyLines: true, delimitersToGuess: ['\t', ';', ',', ' '] });
    return readInsoleRows(parsed.data);
  });
  const fitted = $derived.by((): { fit: InsoleFit | null; problem: string } => {
    if (table.rows.length === 0) return { fit: null, problem: '' };
    try {
      return { fit: fitInsoles(table.rows, claims, book), problem: '' };
    } catch (error) {
      return { fit: null, problem: said(error) };
    }
  });

  /** What the table says, before its figures. */
  const finding = $derived.by(() => {
    const claimed = fitted.fit?.claimed;
    if (!claimed) return 'A few insoles with a ruler say how a last runs.';
    const odd = fitted.fit!.rows.filter((r) => r.flags.some(callsForALook)).length;
    const off = Math.abs(claimed.habitSizes);
    const runs = off < 0.05 ? 'true' : `${trimNumber(off, 2)} sizes ${claimed.habitSizes > 0 ? 'long' : 'short'}`;
    const rows = odd === 0 ? 'no row' : odd === 1 ? 'one row' : `${odd} rows`;
    return `The last runs ${runs} against ${book.get(claims).name}, give or take ${trimNumber(claimed.habitSdSizes, 2)} (estimate); ${rows} to look at.`;
  });

  async function upload(file: File): Promise<void> {
    if (file.size > MOST_BYTES) {
      message = `${file.name} has ${Math.round(file.size / 1e6)} MB: an insole table is a few lines. Nothing was read.`;
      return;
    }
    message = '';
    text = await file.text();
  }
  async function kept(id: string): Promise<void> {
    message = '';
    saved = `Kept for ${lasts.find((l) => l.id === id)?.name}.`;
    await invalidateAll();
  }
  async function keepTable(fit: InsoleFit): Promise<void> {
    const sent = await send('/api/v1/habits', 'POST', {
      lastId,
      evidence: 'measured',
      offsetSizes: Math.round(fit.claimed!.habitSizes * 100) / 100,
      note: `${fit.rows.length} insoles, step ${trimNumber(fit.stepMm, 2)} mm, against ${book.get(claims).name}`
    });
    if (sent.ok) await kept(lastId);
    else [message, saved] = [sent.detail, ''];
  }
  async function remove(id: number): Promise<void> {
    const sent = await send(`/api/v1/habits/${id}`, 'DELETE');
    if (sent.ok) await invalidateAll();
    else message = sent.detail;
  }
</script>

<svelte:head><title>Insoles and habits · Chiave</title></svelte:head>
<h1 class="sr-only">Insoles and habits</h1>
<p class="says mb-3" aria-live="polite">{finding}</p>
<div class="grid gap-4 lg:grid-cols-2">
  <Sheet class="self-start" heading="Measured insoles">
    <p class="soft text-sm">One line a size: size, length, ball, narrow part; cm or mm. Paste from a spreadsheet, type, or choose a CSV file.</p>
    <Area label="Insole table" hideLabel figures class="mt-1" rows={9} bind:value={text} placeholder={EXAMPLE} />
    <div class="mt-1 flex flex-wrap items-end gap-2">
      <FileButton accept=".csv,text/csv,text/plain" onfile={upload}>CSV file</FileButton>
      <Button onclick={() => (text = EXAMPLE)}>Example: Hedger, a lace boot</Button>
      <Select label="Scale on the box" hideLabel class="w-48" options={book.all.filter((s) => !s.rule && !s.cutOf)} bind:value={claims} />
    </div>
    {#each table.problems as problem (problem.line)}<Notice class="mt-1" tone="caution" role="alert">Line {problem.line}: {problem.message}</Notice>{/each}
    {#if fitted.problem}<Notice class="mt-1" tone="caution" role="alert">{fitted.problem}.</Notice>{/if}
    {#if message}<Notice class="mt-1" tone="caution" role="alert">{message}</Notice>{/if}
    {#if saved}<Notice class="mt-1" role="status">{saved}</Notice>{/if}
  </Sheet>

  {#if fitted.fit}
    {@const { fit } = fitted}
    <Sheet heading="What the table comes to">
      <InsoleTable {fit} scale={book.get(claims)} />
      <div class="mt-2 flex flex-wrap items-end gap-2">
        <Select label="The last" empty="choose a last" options={lasts} bind:value={lastId} />
        <Button disabled={lastId === ''} onclick={() => keepTable(fit)}>Keep as its habit, measured</Button>
      </div>
    </Sheet>
  {/if}

  <Sheet heading="How lasts run">
    <p class="soft text-sm">
      Each report stays by itself with its evidence. They are weighed in the open: a measurement against a belief, never averaged in silence.
    </p>
    <HabitForm {lasts} onkept={kept} />
    <HabitList {lasts} habits={data.habits} onremove={remove} />
  </Sheet>
</div>
