<script lang="ts">
  import { onDestroy, onMount, untrack } from 'svelte';
  import { byRank, heldToSize, KIND, ZONE, ZONE_IDS, type Candidate, type KindId, type Unranked } from '@chiave/core/fit';
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
  import type { StyleBrief } from '$lib/style-brief';
  import { forWorker } from '$lib/workers/for-worker';

  /** What may be held equal to a candidate while everything else is free. */
  const HOLDS = [
    { id: 'nothing', name: 'nothing', same: () => true },
    { id: 'size', name: 'the size: other lasts', same: (s: StyleBrief, c: Candidate) => s.scale === c.scale && heldToSize(s, c.sizeNumber) !== null },
    { id: 'last', name: 'the last', same: (s: StyleBrief, c: Candidate) => s.lastId === c.lastId },
    { id: 'toe', name: 'the toe', same: (s: StyleBrief, c: Candidate) => s.family === familyOf(c.styleId) },
    { id: 'maker', name: 'the maker', same: (s: StyleBrief, c: Candidate) => s.maker === c.maker },
    { id: 'heel', name: 'the heel, within 5 mm', same: (s: StyleBrief, c: Candidate) => Math.abs(s.heelHeightMm - c.heelHeightMm) <= 5 }
  ] as const;
  type HoldId = (typeof HOLDS)[number]['id'];

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  const measured = $derived(wornFeetOf(f).length === 2);

  let forWhom = $state<'own' | 'all'>('own');
  let onlyShelf = $state(false);
  let hold = $state<HoldId>('nothing');
  /** To which candidate it is held: the first compared, or the top one when it was chosen. */
  let heldTo = $state.raw<Candidate | null>(null);
  const familyOf = (id: string) => byId.get(id)?.family;
  const byId = $derived(new Map(data.styles.map((s) => [s.id, s])));
  let all = $state.raw<Candidate[]>([]);
  let unranked = $state.raw<Unranked[]>([]);
  let progress = $state({ done: 0, of: 0 });
  let running = $state(false);
  /** True from where the first hundred, in their order, can no longer change. */
  let topStands = $state(false);
  let considered = $state(0);
  let tookMs = $state<number | null>(null);
  let failed = $state('');
  let limit = $state(12);
  /** Up to four to lay side by side, and one style somebody asks about. */
  const MOST_COMPARED = 4;
  let compared = $state<string[]>([]);
  let asked = $state('');
  let stop: (() => void) | undefined;
  const SHOW_EVERY_MS = 120;
  /** Cards are put on the page one a frame, so that no frame has to wait for all of them. */
  const CARDS_A_FRAME = 1;
  let grown = $state(CARDS_A_FRAME);

  const child = $derived(f.customer.born !== null && new Date().getFullYear() - f.customer.born < 13);
  const styles = $derived(
    data.styles.filter(
      (s) =>
        (f.kinds.length === 0 || f.kinds.includes(s.kind)) &&
        (forWhom === 'all' || s.forWhom === 'unisex' || (child ? s.forWhom === 'children' : s.forWhom === f.customer.fitsAs)) &&
        (heldTo === null || HOLDS.find((h) => h.id === hold)!.same(s, heldTo))
    )
  );
  const found = $derived(all.filter((c) => !onlyShelf || c.onShelf > 0));
  const shownNow = $derived(found.slice(0, Math.min(limit, grown)));
  $effect(() => {
    if (grown >= Math.min(limit, found.length)) return;
    const next = requestAnimationFrame(() => (grown += CARDS_A_FRAME));
    return () => cancelAnimationFrame(next);
  });
  const shortList = $derived(f.tries.map((t) => ({ id: t.id, size: t.size, width: t.width, name: byId.get(t.styleId)?.name ?? t.styleId })));
  const counts = $derived(
    (['fits', 'fits-with-help', 'does-not-fit'] as const).map((verdict) => ({ verdict, n: found.filter((c) => c.verdict === verdict).length }))
  );

  function rank(): void {
    stop?.();
    all = [];
    unranked = [];
    considered = 0;
    tookMs = null;
    topStands = false;
    failed = '';
    progress = { done: 0, of: styles.length };
    if (!measured || styles.length === 0) return;
    running = true;
    const come: Candidate[] = [];
    const without: Unranked[] = [];
    let due: ReturnType<typeof setTimeout> | undefined;
    const show = (): void => {
      clearTimeout(due);
      due = undefined;
      all = [...come].sort(byRank);
      unranked = [...without];
    };
    stop = askWorker(
      {
        kind: 'rank',
        fitting: forWorker(f),
        styleIds: styles.map((s) => s.id),
        heldSize: hold === 'size' && heldTo ? heldTo.sizeNumber : null,
        stamp: data.stamp
      },
      (answer) => {
        if (answer.kind === 'progress') {
          come.push(...answer.candidates);
          without.push(...answer.unranked);
          considered += answer.considered;
          progress = { done: answer.done, of: answer.of };
          // The first are shown at once, what follows a few times a second: the list is not drawn anew for every breath of the worker.
          topStands ||= answer.topStands;
          if (all.length === 0 || answer.topStands) show();
          else due ??= setTimeout(show, SHOW_EVERY_MS);
        } else if (answer.kind === 'ranked') {
          show();
          running = false;
          tookMs = answer.tookMs;
        } else if (answer.kind === 'failed') {
          running = false;
          failed = answer.message;
        }
      }
    );
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

  function holdEqual(to: HoldId): void {
    heldTo = to === 'nothing' ? null : (heldTo ?? all.find((c) => c.styleId === compared[0]) ?? found[0] ?? null);
    hold = heldTo === null ? 'nothing' : to;
  }

  const besides = $derived(compared.map((id) => all.find((c) => c.styleId === id)).filter((c) => c !== undefined));
  const zonesOf = (side: 'left' | 'right') => ZONE_IDS.filter((id) => besides.some((c) => c.zones[side].some((z) => z.zone === id)));
  /** Why a style is not what is offered: where it stands, or why it has no size. */
  const answer = $derived.by((): string => {
    if (asked === '') return '';
    const style = byId.get(asked);
    const without = unranked.find((u) => u.styleId === asked);
    if (without) return `${without.name}: ${without.why}.`;
    const at = found.findIndex((c) => c.styleId === asked);
    if (at >= 0) {
      const c = found[at];
      return `${c.name} in ${c.size} ${c.width} stands ${at + 1} of ${found.length}. ${c.sentence} It is ${why(c)}; ${chance(c.probability)}.`;
    }
    if (all.some((c) => c.styleId === asked)) return `${style?.name}: its size for these feet is not on the shelf.`;
    if (running) return 'Not reached yet.';
    return `${style?.name} was left out: it is ${f.kinds.length > 0 && style && !f.kinds.includes(style.kind) ? `of the kind “${KIND[style.kind].name}”, which is not among those chosen` : `made for ${style?.forWhom}`}.`;
  });
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
    <label class="block"
      ><span class="font-semibold">Hold equal</span>
      <select class="field" value={hold} onchange={(e) => holdEqual(e.currentTarget.value as HoldId)}
        >{#each HOLDS as h (h.id)}<option value={h.id}>{h.name}</option>{/each}</select
      ></label
    >
    <div class="ml-auto min-w-64 flex-1" aria-live="polite">
      {#if running}
        <div class="flex items-center gap-3">
          <div class="flex-1"><Progressbar progress={String(Math.round((100 * progress.done) / Math.max(1, progress.of)))} size="h-2.5" color="primary" /></div>
          <span class="figures text-sm">{progress.done} of {progress.of}{topStands ? '; the first 100 stand' : ''}</span>
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
  {#if heldTo}<p class="notice mt-2" data-held>
      Held to {heldTo.name}: {hold === 'size'
        ? `size ${heldTo.size} (${SCALE[heldTo.scale].name}) in every last`
        : hold === 'last'
          ? `the last ${heldTo.lastName}`
          : hold === 'toe'
            ? `${TOE_FAMILY[familyOf(heldTo.styleId)!].name} toes`
            : hold === 'maker'
              ? heldTo.maker
              : `heels near ${formatLength(heldTo.heelHeightMm, shown.unit)}`}.
    </p>{/if}
  {#if shortList.length > 0}
    <p class="mt-2 flex flex-wrap items-baseline gap-x-3" data-short-list>
      <a href="/fittings/{f.id}/try" class="font-semibold">At the chair</a>
      {#each shortList as t (t.id)}<span>{t.name} <span class="figures">{t.size} {t.width}</span></span>{/each}
    </p>
  {/if}
  {#if failed}<p role="alert" class="caution mt-2">The fit engine stopped: {failed}. <button class="underline" onclick={rank}>Try again</button></p>{/if}

  <div class="mt-3 flex flex-wrap items-end gap-3" data-why-not>
    <label class="block w-72"
      ><span class="font-semibold">Why not this one?</span><select class="field" bind:value={asked}
        ><option value="">any style of the stockroom</option>{#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker}</option>{/each}</select
      ></label
    >
    {#if answer}<p class="flex-1" role="status">{answer}</p>{/if}
  </div>
  {#if besides.length > 1}
    <section class="sheet mt-3 overflow-x-auto" data-compare>
      <div class="flex flex-wrap items-baseline gap-3">
        <h2 class="mr-auto">Side by side</h2>
        <a href="/stock/bench?shoes={besides.map((c) => `style:${c.styleId}`).join(',')}&person={f.customer.id}">Lay them over each other</a>
        <button type="button" class="min-h-11 underline" onclick={() => (compared = [])}>Compare none</button>
      </div>
      <table class="w-full">
        <thead>
          <tr class="border-b border-ink text-left"
            ><th scope="col">{shown.unit} of room</th>{#each besides as c (c.styleId)}<th scope="col" colspan="2" class="pl-3"
                >{c.name} <span class="figures">{c.size} {c.width}</span></th
              >{/each}</tr
          >
          <tr class="border-b border-line text-left"
            ><th scope="row" class="font-normal">verdict</th>{#each besides as c (c.styleId)}<td colspan="2" class="pl-3"
                >{VERDICT_WORDS[c.verdict]}, {chance(c.probability)}</td
              >{/each}</tr
          >
          <tr class="border-b border-line"
            ><th scope="col"><span class="sr-only">zone</span></th>{#each besides as c (c.styleId)}<th scope="col" class="side-L pl-3 text-left">L</th><th
                scope="col"
                class="side-R text-left">R</th
              >{/each}</tr
          >
        </thead>
        <tbody>
          {#each zonesOf('left') as id (id)}
            <tr class="border-b border-line">
              <th scope="row" class="py-0.5 text-left font-normal">{ZONE[id].name}</th>
              {#each besides as c (c.styleId)}
                {#each ['left', 'right'] as const as side (side)}
                  {@const z = c.zones[side].find((x) => x.zone === id)}
                  <td class="figures {side === 'left' ? 'pl-3' : ''}"
                    >{z ? formatSigned(z.clearanceMm, shown.unit) : ''}
                    <span class="soft text-xs">{z && z.state !== 'right' ? z.state.replace('-', ' ') : ''}</span></td
                  >
                {/each}
              {/each}
            </tr>
          {/each}
        </tbody>
      </table>
    </section>
  {/if}

  <ol class="mt-3 grid gap-3">
    {#each shownNow as c (c.styleId)}
      <li class="sheet grid gap-2" data-candidate={c.styleId} data-verdict={c.verdict}>
        <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
          <div class="min-w-0 flex-1">
            <a class="text-lg font-semibold" href="/fittings/{f.id}/shoe/{c.styleId}?size={encodeURIComponent(c.size)}&width={encodeURIComponent(c.width)}"
              >{c.name}</a
            >
            <span class="soft"
              >{c.maker}, {KIND[c.kind].name}, last {c.lastName} ({TOE_FAMILY[byId.get(c.styleId)!.family].name} toe){c.heelHeightMm > 25
                ? `, heel ${formatLength(c.heelHeightMm, shown.unit)}`
                : ''}</span
            >
          </div>
          <p class="text-right">
            <span class="figures text-2xl font-semibold">{c.size} {c.width}</span> <span class="soft text-sm">{SCALE[c.scale].short}</span>
          </p>
          <p class="verdict" data-fits={c.verdict}>{VERDICT_WORDS[c.verdict]}{c.verdict === 'fits' ? `, ${c.character}` : ''}</p>
          <CarryButton {desk} styleId={c.styleId} size={c.size} width={c.width} />
          <label class="flex min-h-11 items-center gap-2"
            ><input
              type="checkbox"
              class="h-5 w-5"
              value={c.styleId}
              bind:group={compared}
              disabled={compared.length >= MOST_COMPARED && !compared.includes(c.styleId)}
            /> compare</label
          >
        </div>
        <p>
          {c.sentence}
          <span class="soft"
            >{why(c).replace('d', 'D')}; {chance(c.probability)}{c.onShelf > 0 ? `; ${c.onShelf} on the shelf` : '; not on the shelf in this size'}.</span
          >
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
  /* Cards out of sight are neither laid out nor painted until they are scrolled to. */
  li[data-candidate] {
    content-visibility: auto;
    contain-intrinsic-size: auto 15rem;
  }
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
