<script lang="ts">
  import Papa from 'papaparse';
  import { invalidateAll } from '$app/navigation';
  import { trimNumber } from '@chiave/core/measure';
  import {
    callsForALook,
    EVIDENCE_KINDS,
    insoleFlagWords,
    fitInsoles,
    HABIT_PRIOR_SD,
    HAND_ERROR_MM,
    INSOLE_UNDER_LAST_MM,
    makingsOf,
    readInsoleRows,
    reportsFor,
    weighHabit,
    type EvidenceId,
    type InsoleFit,
    type Making
  } from '@chiave/core/size';
  import ResidualChart from '$lib/ui/sizes/ResidualChart.svelte';
  import { send } from '$lib/send/save.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import Area from '$lib/ui/kit/Area.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';

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
  let evidence = $state<EvidenceId>('fitters');
  let offset = $state('');
  let note = $state('');
  let variant = $state('');
  let year = $state('');

  const lasts = $derived(
    [...new Map(data.styles.map((s) => [s.last.id, { ...s.last, maker: s.maker.name }])).values()].sort((p, q) => p.name.localeCompare(q.name))
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
      return { fit: null, problem: error instanceof Error ? error.message : String(error) };
    }
  });
  /** Each making of a last by itself: a wide variant or another year's factory is another inside. */
  const byMaking = $derived(
    lasts.flatMap((last) => {
      const own = data.habits.filter((h) => h.lastId === last.id);
      return makingsOf(own).map((making) => ({ last, making, reports: reportsFor(own, making) }));
    })
  );
  const wordsOf = (m: Making) => [m.variant, m.madeYear].filter(Boolean).join(', ');
  const signed = (n: number, digits = 2) => `${n > 0 ? '+' : n < 0 ? '−' : ''}${trimNumber(Math.abs(n), digits)}`;

  async function upload(file: File): Promise<void> {
    if (file.size > MOST_BYTES) {
      message = `${file.name} has ${Math.round(file.size / 1e6)} MB: an insole table is a few lines. Nothing was read.`;
      return;
    }
    message = '';
    text = await file.text();
  }
  async function keep(report: {
    lastId: string;
    evidence: EvidenceId;
    offsetSizes: unknown;
    note: string;
    variant?: string;
    madeYear?: unknown;
  }): Promise<void> {
    const sent = await send('/api/v1/habits', 'POST', report);
    message = sent.ok ? '' : sent.detail;
    saved = sent.ok ? `Kept for ${lasts.find((l) => l.id === report.lastId)?.name}.` : '';
    if (sent.ok) await invalidateAll();
  }
  const keepTable = (fit: InsoleFit) =>
    keep({
      lastId,
      evidence: 'measured',
      offsetSizes: Math.round(fit.claimed!.habitSizes * 100) / 100,
      note: `${fit.rows.length} insoles, step ${trimNumber(fit.stepMm, 2)} mm, against ${book.get(claims).name}`
    });
  async function keepReport(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const sizes = Number(offset.replace(',', '.').replace('−', '-'));
    await keep({
      lastId,
      evidence,
      offsetSizes: offset.trim() === '' || Number.isNaN(sizes) ? offset : sizes,
      note,
      variant,
      madeYear: year.trim() === '' ? null : Number(year)
    });
  }
  async function remove(id: number): Promise<void> {
    const sent = await send(`/api/v1/habits/${id}`, 'DELETE');
    if (sent.ok) await invalidateAll();
    else message = sent.detail;
  }
</script>

<svelte:head><title>Insoles and habits · Chiave</title></svelte:head>
<h1 class="sr-only">Insoles and habits</h1>
<div class="grid gap-4 lg:grid-cols-2">
  <Sheet heading="Measured insoles">
    <p class="soft text-sm">One line a size: size, length, ball, narrow part; cm or mm. Paste from a spreadsheet, type, or choose a CSV file.</p>
    <Area label="Insole table" hideLabel figures class="mt-1" rows={9} bind:value={text} placeholder={EXAMPLE} />
    <div class="mt-1 flex flex-wrap gap-2">
      <FileButton accept=".csv,text/csv,text/plain" onfile={upload}>CSV file</FileButton>
      <Button onclick={() => (text = EXAMPLE)}>Example: Hedger, a lace boot</Button>
      <Select label="claims" class="w-48" bind:value={claims}
        >{#each book.all.filter((s) => !s.rule && !s.cutOf) as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</Select
      >
    </div>
    {#each table.problems as problem (problem.line)}<Notice class="mt-1" tone="caution" role="alert">Line {problem.line}: {problem.message}</Notice>{/each}
    {#if fitted.problem}<Notice class="mt-1" tone="caution" role="alert">{fitted.problem}.</Notice>{/if}
    {#if message}<Notice class="mt-1" tone="caution" role="alert">{message}</Notice>{/if}
    {#if saved}<Notice class="mt-1" role="status">{saved}</Notice>{/if}
    {#if fitted.fit}
      {@const fit = fitted.fit}
      <p class="mt-2">
        Step <b class="figures" data-step>{trimNumber(fit.stepMm, 2)} mm</b> by the line, <span class="figures">{trimNumber(fit.meanStepMm, 3)}</span> from last
        to first; {book.get(claims).name} steps <span class="figures">{trimNumber(fit.claimed!.stepMm, 2)}</span>. Rows lie
        <span class="figures">± {trimNumber(fit.sdMm, 2)} mm</span> off the line; a hand errs by about {HAND_ERROR_MM}.
      </p>
      <p>
        Against its label the last runs <b class="figures">{signed(fit.claimed!.habitSizes)}</b> sizes,
        <span class="figures">± {trimNumber(fit.claimed!.habitSdSizes, 2)}</span>.
        <span class="soft">An insole stands about {INSOLE_UNDER_LAST_MM} mm under its last: estimate.</span>
      </p>
      <ResidualChart {fit} />
      <Table class="mt-2">
        <thead
          ><tr class="border-b border-ink text-left"
            ><th scope="col">size</th><th scope="col">length</th><th scope="col">line</th><th scope="col">off</th><th scope="col">to look at</th></tr
          ></thead
        >
        <tbody>
          {#each fit.rows as r (r.row.size + '-' + r.row.lengthMm)}
            <tr class="border-b border-line"
              ><th scope="row" class="figures text-left">{r.row.size}</th><td class="figures">{trimNumber(r.row.lengthMm)}</td><td class="figures"
                >{trimNumber(r.fittedMm)}</td
              ><td class="figures">{signed(r.residualMm, 1)}</td><td class={r.flags.some(callsForALook) ? 'text-tight' : 'soft'}
                >{r.flags.map(insoleFlagWords).join('; ')}</td
              ></tr
            >
          {/each}
        </tbody>
      </Table>
      <div class="mt-2 flex flex-wrap items-end gap-2">
        <Select label="The last" bind:value={lastId}
          ><option value="">choose a last</option>{#each lasts as last (last.id)}<option value={last.id}>{last.name}, {last.maker}</option>{/each}</Select
        >
        <Button kind="primary" disabled={lastId === ''} onclick={() => keepTable(fit)}>Keep as its habit, measured</Button>
      </div>
    {/if}
  </Sheet>

  <Sheet heading="How lasts run">
    <p class="soft text-sm">
      Each report stays by itself with its evidence. They are weighed in the open: a measurement against a belief, never averaged in silence.
    </p>
    <form class="mt-2 grid items-end gap-2 sm:grid-cols-3" onsubmit={keepReport} novalidate>
      <Select label="Last" bind:value={lastId}
        ><option value="">choose a last</option>{#each lasts as last (last.id)}<option value={last.id}>{last.name}, {last.maker}</option>{/each}</Select
      >
      <Select label="Evidence" bind:value={evidence}
        >{#each EVIDENCE_KINDS as kind (kind.id)}<option value={kind.id}>{kind.name}</option>{/each}</Select
      >
      <Field label="Sizes long (+) or short (−)" figures bind:value={offset} placeholder="0.5" />
      <Field label="Variant" bind:value={variant} maxlength={80} placeholder="wide, platform, quiet" />
      <Field label="Made in (year)" figures bind:value={year} inputmode="numeric" />
      <Field label="Note" bind:value={note} maxlength={2000} />
      <Button type="submit" kind="primary" disabled={lastId === ''}>Keep this report</Button>
    </form>
    {#each byMaking as { last, making, reports } (last.id + wordsOf(making))}
      {@const weighed = weighHabit(reports)}
      <div class="mt-3 border-t border-line pt-2" data-making="{last.id} {wordsOf(making)}">
        <h3>
          {last.name}, {last.maker}{wordsOf(making) ? `, ${wordsOf(making)}` : ''}:
          <span class="figures">{signed(weighed.offsetSizes)} ± {trimNumber(weighed.sdSizes, 2)}</span> sizes
        </h3>
        <ul class="text-sm">
          {#each reports as r, i (r.id)}
            <li class="flex items-center gap-2">
              <span class="mr-auto"
                ><span class="figures">{Math.round(weighed.weights[i].share * 100)} of 100</span>: {EVIDENCE_KINDS.find((k) => k.id === r.evidence)?.name},
                <b class="figures">{signed(r.offsetSizes)}</b>{r.variant ? `, ${r.variant}` : ''}{r.madeYear ? `, ${r.madeYear}` : ''}
                <span class="soft">{r.note}</span></span
              ><Button kind="text" onclick={() => remove(r.id)}>remove</Button>
            </li>
          {/each}
          <li class="soft"><span class="figures">{Math.round(weighed.priorShare * 100)} of 100</span>: that it runs true, give or take {HABIT_PRIOR_SD}</li>
        </ul>
        {#each weighed.conflicts as conflict (conflict)}<Notice tone="caution">Conflict: {conflict}. Both stand; look again.</Notice>{/each}
      </div>
    {:else}<p class="soft mt-3">No report kept yet.</p>{/each}
  </Sheet>
</div>
