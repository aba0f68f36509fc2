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
  import ResidualChart from '$lib/ui/ResidualChart.svelte';
  import { send } from '$lib/ui/save.svelte';
  import { shopBook } from '$lib/ui/shop-scales';

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

  async function upload(event: Event & { currentTarget: HTMLInputElement }): Promise<void> {
    const file = event.currentTarget.files?.[0];
    if (!file) return;
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
  <section class="sheet">
    <h2>Measured insoles</h2>
    <p class="soft text-sm">One line a size: size, length, ball, narrow part; cm or mm. Paste from a spreadsheet, type, or choose a CSV file.</p>
    <label class="mt-1 block"
      ><span class="sr-only">Insole table</span><textarea class="field figures" rows="9" bind:value={text} placeholder={EXAMPLE}></textarea></label
    >
    <div class="mt-1 flex flex-wrap gap-2">
      <label class="inline-flex min-h-11 cursor-pointer items-center rounded border border-line bg-white px-3"
        >CSV file<input type="file" accept=".csv,text/csv,text/plain" class="sr-only" onchange={upload} /></label
      >
      <button type="button" class="min-h-11 rounded border border-line bg-white px-3" onclick={() => (text = EXAMPLE)}>Example: Hedger, a lace boot</button>
      <label class="flex items-center gap-2"
        ><span>claims</span><select class="field !w-48" bind:value={claims} aria-label="Scale on the box"
          >{#each book.all.filter((s) => !s.rule && !s.cutOf) as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</select
        ></label
      >
    </div>
    {#each table.problems as problem (problem.line)}<p class="caution mt-1 text-sm" role="alert">Line {problem.line}: {problem.message}</p>{/each}
    {#if fitted.problem}<p class="caution mt-1" role="alert">{fitted.problem}.</p>{/if}
    {#if message}<p class="caution mt-1" role="alert">{message}</p>{/if}
    {#if saved}<p class="notice mt-1" role="status">{saved}</p>{/if}
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
      <table class="mt-2 w-full text-sm [&_td]:pr-3 [&_th]:pr-3">
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
      </table>
      <div class="mt-2 flex flex-wrap items-end gap-2">
        <label class="block"
          ><span class="text-sm">The last</span><select class="field" bind:value={lastId}
            ><option value="">choose a last</option>{#each lasts as last (last.id)}<option value={last.id}>{last.name}, {last.maker}</option>{/each}</select
          ></label
        >
        <button
          type="button"
          class="min-h-11 rounded border-2 border-brass bg-white px-3 font-semibold disabled:opacity-60"
          disabled={lastId === ''}
          onclick={() => keepTable(fit)}>Keep as its habit, measured</button
        >
      </div>
    {/if}
  </section>

  <section class="sheet">
    <h2>How lasts run</h2>
    <p class="soft text-sm">
      Each report stays by itself with its evidence. They are weighed in the open: a measurement against a belief, never averaged in silence.
    </p>
    <form class="mt-2 grid items-end gap-2 sm:grid-cols-3" onsubmit={keepReport} novalidate>
      <label class="block"
        ><span class="text-sm">Last</span><select class="field" bind:value={lastId}
          ><option value="">choose a last</option>{#each lasts as last (last.id)}<option value={last.id}>{last.name}, {last.maker}</option>{/each}</select
        ></label
      >
      <label class="block"
        ><span class="text-sm">Evidence</span><select class="field" bind:value={evidence}
          >{#each EVIDENCE_KINDS as kind (kind.id)}<option value={kind.id}>{kind.name}</option>{/each}</select
        ></label
      >
      <label class="block"><span class="text-sm">Sizes long (+) or short (−)</span><input class="field figures" bind:value={offset} placeholder="0.5" /></label>
      <label class="block"
        ><span class="text-sm">Variant</span><input class="field" bind:value={variant} maxlength="80" placeholder="wide, platform, quiet" /></label
      >
      <label class="block"><span class="text-sm">Made in (year)</span><input class="field figures" bind:value={year} inputmode="numeric" /></label>
      <label class="block"><span class="text-sm">Note</span><input class="field" bind:value={note} maxlength="2000" /></label>
      <button type="submit" class="min-h-11 rounded border-2 border-brass bg-white px-3 font-semibold disabled:opacity-60" disabled={lastId === ''}
        >Keep this report</button
      >
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
              ><button type="button" class="min-h-11 px-2 underline" onclick={() => remove(r.id)}>remove</button>
            </li>
          {/each}
          <li class="soft"><span class="figures">{Math.round(weighed.priorShare * 100)} of 100</span>: that it runs true, give or take {HABIT_PRIOR_SD}</li>
        </ul>
        {#each weighed.conflicts as conflict (conflict)}<p class="caution text-sm">Conflict: {conflict}. Both stand; look again.</p>{/each}
      </div>
    {:else}<p class="soft mt-3">No report kept yet.</p>{/each}
  </section>
</div>
