<script lang="ts">
  import { onDestroy, onMount, untrack } from 'svelte';
  import { byRank, KIND, ZONE, type Candidate, type KindId, type Unranked } from '@chiave/core/fit';
  import { TOE_FAMILY } from '@chiave/core/last';
  import { formatLength, formatSigned } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import Progressbar from 'flowbite-svelte/Progressbar.svelte';
  import ZoneStrip from '$lib/drawing/ZoneStrip.svelte';
  import { wornFeetOf } from '$lib/fit-feet';
  import CarryButton from '$lib/ui/CarryButton.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Ticks from '$lib/ui/Ticks.svelte';
  import { getDesk } from '$lib/ui/desk.svelte';
  import { chance, KIND_CHOICES, VERDICT_WORDS } from '$lib/ui/names';
  import { shown } from '$lib/ui/units.svelte';
  import { askWorker, stopRanking } from '$lib/workers/fit-client';
  import { forWorker } from '$lib/workers/for-worker';

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  const measured = $derived(wornFeetOf(f).length === 2);

  let forWhom = $state<'own' | 'all'>('own');
  let onlyShelf = $state(false);
  let all = $state.raw<Candidate[]>([]);
  let unranked = $state.raw<Unranked[]>([]);
  let progress = $state({ done: 0, of: 0 });
  let running = $state(false);
  let considered = $state(0);
  let tookMs = $state<number | null>(null);
  let failed = $state('');
  let limit = $state(12);
  let stop: (() => void) | undefined;

  const child = $derived(f.customer.born !== null && new Date().getFullYear() - f.customer.born < 13);
  const styles = $derived(
    data.styles.filter(
      (s) =>
        (f.kinds.length === 0 || f.kinds.includes(s.kind)) &&
        (forWhom === 'all' || s.forWhom === 'unisex' || (child ? s.forWhom === 'children' : s.forWhom === f.customer.fitsAs))
    )
  );
  const found = $derived(all.filter((c) => !onlyShelf || c.onShelf > 0));
  const shownNow = $derived(found.slice(0, limit));
  const counts = $derived(
    (['fits', 'fits-with-help', 'does-not-fit'] as const).map((verdict) => ({ verdict, n: found.filter((c) => c.verdict === verdict).length }))
  );

  function rank(): void {
    stop?.();
    all = [];
    unranked = [];
    considered = 0;
    tookMs = null;
    failed = '';
    progress = { done: 0, of: styles.length };
    if (!measured || styles.length === 0) return;
    running = true;
    const come: Candidate[] = [];
    const without: Unranked[] = [];
    stop = askWorker({ kind: 'rank', fitting: forWorker(f), styles }, (answer) => {
      if (answer.kind === 'progress') {
        if (answer.candidate) come.push(answer.candidate);
        if (answer.unranked) without.push(answer.unranked);
        considered += answer.considered;
        progress = { done: answer.done, of: answer.of };
        all = [...come].sort(byRank);
        unranked = [...without];
      } else if (answer.kind === 'ranked') {
        running = false;
        tookMs = answer.tookMs;
      } else if (answer.kind === 'failed') {
        running = false;
        failed = answer.message;
      }
    });
  }
  function cancel(): void {
    stop?.();
    stopRanking();
    running = false;
  }
  onMount(() => {
    // Ranked anew whenever what is asked for changes; the feet cannot change while this page is open.
    $effect(() => {
      void styles;
      untrack(rank);
    });
  });
  onDestroy(() => stop?.());

  const why = (c: Candidate): string => {
    const zone = c.zones[c.decidedBy.side].find((z) => z.zone === c.decidedBy.zone);
    return `decided by the ${ZONE[c.decidedBy.zone].name} of the ${c.decidedBy.side} foot${zone ? ` (${formatSigned(zone.clearanceMm, shown.unit)} ${shown.unit})` : ''}`;
  };
</script>

<svelte:head><title>Pull · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Pull</h1>

{#if !measured}
  <p class="notice">Measure the length of both feet first: <a href="/fittings/{f.id}/measure">Measure</a>.</p>
{:else}
  <details class="sheet" open={f.kinds.length === 0}>
    <summary class="min-h-8 content-center font-semibold">
      {f.kinds.length === 0 ? 'Every kind of shoe' : f.kinds.map((k) => KIND[k as KindId].name).join(', ')} · {styles.length} styles · {f.preference}, sock {formatLength(
        f.sockMm,
        'mm'
      )}
    </summary>
    <div class="mt-2 grid gap-3">
      <Ticks
        legend="Kinds of shoe (none: every kind)"
        options={KIND_CHOICES}
        chosen={f.kinds as (typeof KIND_CHOICES)[number]['id'][]}
        onchange={(kinds) => desk.patch({ kinds })}
      />
    </div>
  </details>
  <div class="mt-3 flex flex-wrap items-end gap-4">
    <Choice
      name="forWhom"
      legend="Made for"
      options={[
        { id: 'own', name: child ? 'children, unisex' : `${f.customer.fitsAs}, unisex` },
        { id: 'all', name: 'anyone' }
      ]}
      value={forWhom}
      onchange={(v) => (forWhom = v ?? 'own')}
    />
    <label class="flex min-h-11 items-center gap-2"
      ><input type="checkbox" class="h-5 w-5 accent-[#8a5f12]" bind:checked={onlyShelf} /> on the shelf in that size</label
    >
    <div class="ml-auto min-w-64 flex-1" aria-live="polite">
      {#if running}
        <div class="flex items-center gap-3">
          <div class="flex-1"><Progressbar progress={String(Math.round((100 * progress.done) / Math.max(1, progress.of)))} size="h-2.5" color="primary" /></div>
          <span class="figures text-sm">{progress.done} of {progress.of}</span>
          <button type="button" class="min-h-11 rounded border border-line px-3" onclick={cancel}>Cancel</button>
        </div>
      {:else}
        <p class="soft text-right text-sm">
          {#each counts.filter((c) => c.n > 0) as c, i (c.verdict)}{i > 0 ? ' · ' : ''}{c.n}
            {c.n === 1 ? VERDICT_WORDS[c.verdict] : c.verdict === 'does-not-fit' ? 'do not fit' : c.verdict === 'fits' ? 'fit' : 'fit with help'}{/each}
          · {considered} sizes and widths fitted{#if tookMs !== null}{' '}in {(tookMs / 1000).toFixed(1)} s{:else if progress.done < progress.of}{' '}· stopped{/if}
        </p>
      {/if}
    </div>
  </div>
  {#if failed}<p role="alert" class="caution mt-2">The fit engine stopped: {failed}. <button class="underline" onclick={rank}>Try again</button></p>{/if}

  <ol class="mt-3 grid gap-3">
    {#each shownNow as c (c.styleId)}
      <li class="sheet grid gap-2" data-candidate={c.styleId} data-verdict={c.verdict}>
        <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
          <div class="min-w-0 flex-1">
            <a class="text-lg font-semibold" href="/fittings/{f.id}/shoe/{c.styleId}?size={encodeURIComponent(c.size)}&width={encodeURIComponent(c.width)}"
              >{c.name}</a
            >
            <span class="soft"
              >{c.maker}, {KIND[c.kind].name}, last {c.lastName} ({TOE_FAMILY[data.styles.find((s) => s.id === c.styleId)!.last.family].name} toe){c.heelHeightMm >
              25
                ? `, heel ${formatLength(c.heelHeightMm, shown.unit)}`
                : ''}</span
            >
          </div>
          <p class="text-right">
            <span class="figures text-2xl font-semibold">{c.size} {c.width}</span> <span class="soft text-sm">{SCALE[c.scale].short}</span>
          </p>
          <p class="verdict" data-fits={c.verdict}>{VERDICT_WORDS[c.verdict]}{c.verdict === 'fits' ? `, ${c.character}` : ''}</p>
          <CarryButton {desk} styleId={c.styleId} size={c.size} width={c.width} />
        </div>
        <p>
          {c.sentence}
          <span class="soft">{why(c)}; {chance(c.probability)}{c.onShelf > 0 ? `; ${c.onShelf} on the shelf` : '; not on the shelf in this size'}.</span>
        </p>
        <ZoneStrip zones={c.zones} unit={shown.unit} />
      </li>
    {/each}
  </ol>
  {#if !running && found.length === 0}<p class="notice mt-3">
      Nothing is made in these kinds for these feet. Untick a kind, or look at shoes made for anyone.
    </p>{/if}
  {#if found.length > limit}<button type="button" class="mt-3 min-h-11 rounded border border-line px-4" onclick={() => (limit += 20)}
      >Show more ({found.length - limit})</button
    >{/if}
  {#if unranked.length > 0}
    <details class="mt-3">
      <summary class="min-h-11">Not made in a size for these feet: {unranked.length}</summary>
      <ul>
        {#each unranked as u (u.styleId)}<li>{u.name}: <span class="soft">{u.why}</span></li>{/each}
      </ul>
    </details>
  {/if}
  <p class="soft mt-3 text-sm">
    Millimetres are room: plus loose, minus tight, in the state in which the shoe is worn (all five toes laid in the shoe’s own outline). Targets are this
    project’s estimates; the foot in the shoe decides.
  </p>
{/if}

<style>
  .verdict {
    min-width: 9rem;
    border-radius: 6px;
    border: 1px solid var(--color-line);
    padding: 0.3rem 0.7rem;
    text-align: center;
    font-weight: 600;
  }
  .verdict[data-fits='fits'] {
    background: var(--color-ink);
    color: var(--color-sheet);
  }
  .verdict[data-fits='fits-with-help'] {
    border-color: var(--color-ink);
  }
  .verdict[data-fits='does-not-fit'] {
    color: var(--color-ink-soft);
    border-style: dashed;
  }
</style>
