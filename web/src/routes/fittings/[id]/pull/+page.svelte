<script lang="ts">
  import { onDestroy, onMount, untrack } from 'svelte';
  import { heldToSize, KIND, type Candidate, type KindId } from '@chiave/core/fit';
  import { TOE_FAMILY } from '@chiave/core/last';
  import { formatLength } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import { bothMeasured } from '$lib/fit-feet';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Progress from '$lib/ui/kit/Progress.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { afterPaint, arrived } from '$lib/ui/kit/after-paint';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { KIND_CHOICES, VERDICT_WORDS } from '$lib/ui/fitting/names';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import CandidateCard from '$lib/ui/pull/CandidateCard.svelte';
  import { oneAFrame } from '$lib/ui/pull/one-a-frame.svelte';
  import { Ranking } from '$lib/ui/pull/ranking.svelte';
  import SideBySide from '$lib/ui/pull/SideBySide.svelte';
  import WhyNot from '$lib/ui/pull/WhyNot.svelte';
  import { shown } from '$lib/ui/frame/units.svelte';
  import type { StyleBrief } from '$lib/style-brief';
  import { forWorker } from '$lib/workers/for-worker';
  import Button from '$lib/ui/kit/Button.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Check from '$lib/ui/kit/Check.svelte';

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
  const measured = $derived(bothMeasured(f));

  let forWhom = $state<'own' | 'all'>('own');
  let onlyShelf = $state(false);
  let hold = $state<HoldId>('nothing');
  /** To which candidate it is held: the first compared, or the top one when it was chosen. */
  let heldTo = $state.raw<Candidate | null>(null);
  const familyOf = (id: string) => byId.get(id)?.family;
  const byId = $derived(new Map(data.styles.map((s) => [s.id, s])));
  const ranking = new Ranking();
  let limit = $state(12);
  /** Up to four to lay side by side. */
  const MOST_COMPARED = 4;
  let compared = $state.raw<string[]>([]);

  const child = $derived(f.customer.born !== null && new Date().getFullYear() - f.customer.born < 13);
  /** Why a style is not among those ranked; null for one that is. */
  const whyLeftOut = (s: StyleBrief): string | null => {
    if (f.kinds.length > 0 && !f.kinds.includes(s.kind)) return `it is of the kind “${KIND[s.kind].name}”, which is not among those chosen`;
    if (forWhom === 'own' && s.forWhom !== 'unisex' && s.forWhom !== (child ? 'children' : f.customer.fitsAs)) return `it is made for ${s.forWhom}`;
    if (heldTo !== null && !HOLDS.find((h) => h.id === hold)!.same(s, heldTo)) return `the list is held to ${heldTo.name} by its ${hold}`;
    return null;
  };
  const styles = $derived(data.styles.filter((s) => whyLeftOut(s) === null));
  const found = $derived(ranking.all.filter((c) => !onlyShelf || c.onShelf > 0));
  /** So many are in sight; the others come when the order stands. */
  const IN_SIGHT = 4;
  const shownIds = $derived(found.slice(0, ranking.running && !ranking.topStands ? IN_SIGHT : limit).map((c) => c.styleId));
  const cards = oneAFrame(
    () => shownIds.map(ranking.whole).filter((c) => c !== undefined),
    (c) => c.styleId
  );
  const shortList = $derived(f.tries.map((t) => ({ id: t.id, size: t.size, width: t.width, put: t.put, name: byId.get(t.styleId)?.name ?? t.styleId })));
  const counts = $derived(
    (['fits', 'fits-with-help', 'does-not-fit'] as const).map((verdict) => ({ verdict, n: found.filter((c) => c.verdict === verdict).length }))
  );

  function rank(): void {
    if (!measured) return;
    const heldSize = hold === 'size' && heldTo ? heldTo.sizeNumber : null;
    ranking.start({ fitting: forWorker(f), stamp: data.stamp, styleIds: styles.map((s) => s.id), heldSize });
  }
  /** On the step to this page its frame is seen first: all of it at once would be one long task. */
  let laidOut = $state(!arrived());
  onMount(() => (laidOut ? undefined : afterPaint(() => (laidOut = true))));
  /** The kinds were chosen when the fitting began: they are laid out when somebody looks at them again. */
  let kindsOpen = $state(false);
  onMount(() => {
    // Ranked anew whenever what is asked for changes; the feet cannot change while this page is open. Not before the frame is seen: a worker
    // that ranks takes a processor which the step needs.
    $effect(() => {
      void styles;
      if (laidOut) untrack(rank);
    });
  });
  // What is shown and not told whole yet is asked for.
  $effect(() => ranking.want([...shownIds, ...compared]));
  onDestroy(() => ranking.cancel());

  function holdEqual(to: HoldId): void {
    heldTo = to === 'nothing' ? null : (heldTo ?? besides[0] ?? cards.now[0] ?? null);
    hold = heldTo === null ? 'nothing' : to;
  }

  const besides = $derived(compared.map(ranking.whole).filter((c) => c !== undefined));
</script>

<svelte:head><title>Pull · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Pull</h1>

{#if !measured}
  <Notice>Measure the length of both feet first: <a href="/fittings/{f.id}/measure">Measure</a>.</Notice>
{:else if laidOut}
  <Fold class="!py-1" bind:open={kindsOpen}>
    {#snippet head()}{f.kinds.length === 0 ? 'Every kind of shoe' : f.kinds.map((k) => KIND[k as KindId].name).join(', ')} · {styles.length} styles · {f.preference},
      sock {formatLength(f.sockMm, 'mm')}
      {#if !kindsOpen}<span class="ml-3 font-normal underline">change the kinds</span>{/if}{/snippet}
    {#if kindsOpen}
      <div class="mt-2">
        <Choices
          legend="Kinds of shoe (none: every kind)"
          options={KIND_CHOICES}
          chosen={f.kinds as (typeof KIND_CHOICES)[number]['id'][]}
          onchange={(kinds) => desk.patch({ kinds })}
        />
      </div>
    {/if}
  </Fold>
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
    <Check bind:checked={onlyShelf}>on the shelf in that size</Check>
    <Select label="Hold equal" value={hold} onchange={(e) => holdEqual(e.currentTarget.value as HoldId)}
      >{#each HOLDS as h (h.id)}<option value={h.id}>{h.name}</option>{/each}</Select
    >
    <div class="ml-auto min-w-64 flex-1" aria-live="polite">
      {#if ranking.running}
        <div class="flex items-center gap-3">
          <div class="flex-1">
            <Progress done={ranking.progress.done} of={ranking.progress.of} what="Ranking the stockroom" />
          </div>
          <span class="figures text-sm">{ranking.progress.done} of {ranking.progress.of}{ranking.topStands ? '; the first 100 stand' : ''}</span>
          <Button onclick={() => ranking.cancel()}>Cancel</Button>
        </div>
      {:else if ranking.asked}
        <p class="soft text-right text-sm">
          {#each counts.filter((c) => c.n > 0) as c, i (c.verdict)}{i > 0 ? ' · ' : ''}{c.n}
            {c.n === 1 ? VERDICT_WORDS[c.verdict] : c.verdict === 'does-not-fit' ? 'do not fit' : c.verdict === 'fits' ? 'fit' : 'fit with help'}{/each}
          · {ranking.considered} sizes and widths fitted{#if ranking.tookMs !== null}{' '}{ranking.beforehand
              ? 'beforehand'
              : `in ${ranking.tookMs < 100 ? 'less than 0.1' : (ranking.tookMs / 1000).toFixed(1)} s`}{:else if ranking.progress.done < ranking.progress.of}{' '}·
            stopped{/if}
        </p>
      {/if}
    </div>
  </div>
  {#if heldTo}<Notice class="mt-2" data-held>
      Held to {heldTo.name}: {hold === 'size'
        ? `size ${heldTo.size} (${SCALE[heldTo.scale].name}) in every last`
        : hold === 'last'
          ? `the last ${heldTo.lastName}`
          : hold === 'toe'
            ? `${TOE_FAMILY[familyOf(heldTo.styleId)!].name} toes`
            : hold === 'maker'
              ? heldTo.maker
              : `heels near ${formatLength(heldTo.heelHeightMm, shown.unit)}`}.
    </Notice>{/if}
  {#if shortList.length > 0}
    <p class="mt-2 flex flex-wrap items-baseline gap-x-3" data-short-list>
      <a href="/fittings/{f.id}/try" class="font-semibold">At the chair</a>
      {#each shortList as t (t.id)}<span>{t.name} <span class="figures">{t.size} {t.width}</span> <PutWords put={t.put} /></span>{/each}
    </p>
  {/if}
  {#if ranking.failed}<Notice role="alert" class="mt-2" tone="caution">
      The fit engine stopped: {ranking.failed}. <Button kind="text" onclick={rank}>Try again</Button>
    </Notice>{/if}

  <WhyNot styles={data.styles} {ranking} {found} {whyLeftOut} />
  {#if besides.length > 1}
    <SideBySide shoes={besides} customerId={f.customer.id} onnone={() => (compared = [])} />
  {/if}

  <ol class="mt-3 grid gap-3" aria-busy={ranking.running}>
    {#each cards.now as c (c.styleId)}
      <CandidateCard
        {desk}
        candidate={c}
        family={familyOf(c.styleId)!}
        compared={compared.includes(c.styleId)}
        full={compared.length >= MOST_COMPARED}
        oncompare={(on) => (compared = on ? [...compared, c.styleId] : compared.filter((id) => id !== c.styleId))}
      />
    {/each}
  </ol>
  {#if ranking.asked && !ranking.running && found.length === 0}<Notice class="mt-3">
      Nothing is made in these kinds for these feet. Untick a kind, or look at shoes made for anyone.
    </Notice>{/if}
  {#if found.length > limit}<Button class="mt-3" onclick={() => (limit += 20)}>Show more ({found.length - limit})</Button>{/if}
  {#if ranking.unranked.length > 0}
    <details class="mt-3">
      <summary class="min-h-11">Not made in a size for these feet: {ranking.unranked.length}</summary>
      <ul>
        {#each ranking.unranked as u (u.styleId)}<li>{u.name}: <span class="soft">{u.why}</span></li>{/each}
      </ul>
    </details>
  {/if}
  <p class="soft mt-3 text-sm">
    Millimetres are room: plus loose, minus tight, in the state in which the shoe is worn (all five toes laid in the shoe’s own outline). Targets are this
    project’s estimates; the foot in the shoe decides.
  </p>
{/if}
