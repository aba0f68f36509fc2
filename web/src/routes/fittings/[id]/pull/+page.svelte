<script lang="ts">
  import { onDestroy, onMount, untrack } from 'svelte';
  import { KIND } from '@chiave/core/fit';
  import { GROUND } from '@chiave/core/heel';
  import { formatLength } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { bothMeasured } from '$lib/fit-feet';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { afterPaint, arrived } from '$lib/ui/kit/after-paint';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { KIND_CHOICES } from '$lib/ui/fitting/names';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import CandidateCard from '$lib/ui/pull/CandidateCard.svelte';
  import { oneAFrame } from '$lib/ui/pull/one-a-frame.svelte';
  import NotMade from '$lib/ui/pull/NotMade.svelte';
  import RankingLine from '$lib/ui/pull/RankingLine.svelte';
  import { BySuit } from '$lib/ui/pull/by-suit.svelte';
  import ForTheUse from '$lib/ui/use/ForTheUse.svelte';
  import { useOfFitting, useSettingOf } from '$lib/use-fitting';
  import { ByGround } from '$lib/ui/pull/by-ground.svelte';
  import { HOLDS, Wanted, type HoldId } from '$lib/ui/pull/wanted.svelte';
  import { Ranking } from '$lib/ui/pull/ranking.svelte';
  import { Sketches } from '$lib/ui/pull/sketches.svelte';
  import SideBySide from '$lib/ui/pull/SideBySide.svelte';
  import WhyNot from '$lib/ui/pull/WhyNot.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { forWorker } from '$lib/workers/for-worker';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Check from '$lib/ui/kit/Check.svelte';

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  const measured = $derived(bothMeasured(f));

  const wanted = new Wanted(
    () => desk.fitting,
    () => data.styles
  );
  const ranking = new Ranking();
  let limit = $state(12);
  /** Up to four to lay side by side. */
  const MOST_COMPARED = 4;
  let compared = $state.raw<string[]>([]);

  const ground = new ByGround();
  const suits = new BySuit();
  const use = $derived(useOfFitting(f));
  const setting = $derived(useSettingOf(f));
  const nameOf = (id: string): string => wanted.byId[id]?.name ?? id;
  $effect(() => {
    const [of, schools] = [use, $state.snapshot(f.use.schools)];
    if (of === null) suits.drop();
    else if (!ranking.running && ranking.all.length > 0)
      void suits.ask({ stamp: data.stamp, use: of, setting: $state.snapshot(setting), schools }, ranking.all, nameOf);
  });
  const found = $derived(suits.inOrder(ground.inOrder(ranking.all.filter((c) => !wanted.onlyShelf || c.onShelf > 0))));
  $effect(() => {
    if (ground.wanted && !ranking.running && f.ground !== '') void ground.ask({ fitting: forWorker(f), stamp: data.stamp, ground: f.ground }, ranking.all);
  });
  /** So many are in sight; the others come when the order stands. */
  const IN_SIGHT = 4;
  const shownIds = $derived(found.slice(0, ranking.running && !ranking.topStands ? IN_SIGHT : limit).map((c) => c.styleId));
  const cards = oneAFrame(
    () => shownIds.map(ranking.whole).filter((c) => c !== undefined),
    (c) => c.styleId
  );
  const sketches = new Sketches(() => ({ fitting: forWorker(desk.fitting), stamp: data.stamp, ground: desk.fitting.ground }));
  // Drawn when their order stands: a worker that ranks is not held up.
  $effect(() => {
    if (!ranking.running) sketches.want(cards.now);
  });
  const shortList = $derived(f.tries.map((t) => ({ id: t.id, size: t.size, width: t.width, put: t.put, name: wanted.byId[t.styleId]?.name ?? t.styleId })));
  function rank(): void {
    if (!measured) return;
    ranking.start({ fitting: forWorker(f), stamp: data.stamp, styleIds: wanted.styles.map((s) => s.id), heldSize: wanted.heldSize });
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
      void wanted.styles;
      if (laidOut) untrack(rank);
    });
  });
  $effect(() => {
    if (suits.now.order.length > 0) suits.want(found.filter((c) => shownIds.includes(c.styleId)));
  });
  // What is shown and not told whole yet is asked for.
  $effect(() => ranking.want([...shownIds, ...compared]));
  onDestroy(() => ranking.cancel());

  const besides = $derived(compared.map(ranking.whole).filter((c) => c !== undefined));
</script>

<svelte:head><title>Pull · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Pull</h1>

{#if !measured}
  <Notice>Measure the length of both feet first: <a href="/fittings/{f.id}/measure">Measure</a>.</Notice>
{:else if laidOut}
  <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
    <RankingLine {ranking} {found} />
    <Button kind="text" class="ml-auto" href="/fittings/{f.id}/post">By post</Button>
    <Button aria-expanded={kindsOpen} onclick={() => (kindsOpen = !kindsOpen)}
      ><span>{f.kinds.length === 0 ? 'every kind' : f.kinds.map((k) => KIND[k].name).join(', ')} · <span class="underline">change the kinds</span></span
      ></Button
    >
    <WhyNot styles={data.styles} {ranking} {found} {suits} whyLeftOut={wanted.whyLeftOut} />
  </div>
  {#if kindsOpen}
    <Sheet class="mt-2">
      <Choices legend="Kinds of shoe (none: every kind)" options={KIND_CHOICES} chosen={f.kinds} onchange={(kinds) => desk.patch({ kinds })} />
    </Sheet>
  {/if}
  <div class="mt-2 flex flex-wrap items-center gap-x-4 gap-y-2">
    <Choice
      name="forWhom"
      legend="Made for"
      hideLegend
      options={[
        { id: 'own', name: wanted.child ? 'children, unisex' : `${f.customer.fitsAs}, unisex` },
        { id: 'all', name: 'anyone' }
      ]}
      bind:value={wanted.forWhom}
    />
    <Check bind:checked={wanted.onlyShelf}>on the shelf in that size</Check>
    {#if f.ground !== ''}<Check bind:checked={ground.wanted}>best on {GROUND[f.ground].name} first</Check>{/if}
    <Select
      label="Hold equal"
      hideLabel
      empty="hold nothing equal"
      options={HOLDS}
      value={wanted.hold ?? ''}
      onchange={(e) => wanted.holdEqual((e.currentTarget.value || null) as HoldId | null, besides[0] ?? cards.now[0] ?? null)}
    />
    <p class="soft">{f.preference} fit, sock {formatLength(f.sockMm, 'mm')}, {wanted.styles.length} styles</p>
  </div>
  {#if wanted.heldTo}<Notice class="mt-2" data-held>Held to {wanted.heldTo.name}: {wanted.heldWords(shown.unit)}.</Notice>{/if}
  {#if shortList.length > 0}
    <p class="mt-2 flex flex-wrap items-baseline gap-x-3" data-short-list>
      <a href="/fittings/{f.id}/try" class="font-semibold">At the chair</a>
      {#each shortList as t (t.id)}<span>{t.name} <span class="figures">{withFractions(t.size)} {t.width}</span> <PutWords put={t.put} /></span>{/each}
    </p>
  {/if}
  {#if ranking.failed}<Notice role="alert" class="mt-2" tone="caution">
      The fit engine stopped: {ranking.failed}. <Button kind="text" onclick={rank}>Try again</Button>
    </Notice>{/if}

  {#if use}<ForTheUse {desk} {use} {suits} {nameOf} />{/if}
  {#if besides.length > 1}
    <SideBySide shoes={besides} customerId={f.customer.id} onnone={() => (compared = [])} />
  {/if}

  <ol class="mt-3 grid gap-3" aria-busy={ranking.running}>
    {#each cards.now as c, at (c.styleId)}
      <CandidateCard
        {desk}
        first={at === 0}
        candidate={c}
        family={wanted.familyOf(c.styleId)!}
        drawn={sketches.of(c)}
        suit={use && suits.of(c.styleId)}
        told={suits.told(c.styleId)}
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
  <NotMade unranked={ranking.unranked} />
  <p class="soft mt-3 text-sm">
    Millimetres are room: plus loose, minus tight, in the state in which the shoe is worn (all five toes laid in the shoe’s own outline). Targets are this
    project’s estimates; the foot in the shoe decides.
  </p>
{/if}
