<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { format } from 'date-fns';
  import { KIND } from '@chiave/core/fit';
  import { TUNE } from '@chiave/core/learn';
  import { formatFigure, formatSigned } from '@chiave/core/measure';
  import { changeWords, groundsWords, KEEP_WORDS, learnedHead, PART_NAMES, standsWords } from '$lib/learned-words';
  import { fitterName } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Progress from '$lib/ui/kit/Progress.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import LearnedCard from '$lib/ui/learn/LearnedCard.svelte';
  import { Learned } from '$lib/ui/learn/learned.svelte';

  let { data } = $props();
  const shop = new Learned(untrack(() => data.now));
  onMount(shop.watch);
  let me = $state.raw('');
  onMount(() => (me = fitterName.get()));
  const now = $derived(shop.now);
  const learned = $derived(now.learned);
  const lastOf = (id: string) => data.lasts.find((l) => l.id === id);
  const figure = (mm: number): string => formatFigure(mm, shown.unit);
  const proposals = $derived(
    learned?.lasts.filter(
      (l) => lastOf(l.last) && (l.verdict === 'propose' || l.verdict === 'measure' || shop.answerTo('last', l.last, l.channel, l.people))
    ) ?? []
  );
  const targets = $derived(learned?.targets.filter((t) => t.move !== null || shop.answerTo('kind', t.kind, t.channel, t.people)) ?? []);
  const others = $derived(learned?.lasts.filter((l) => lastOf(l.last) && !proposals.includes(l)) ?? []);
  const stay = $derived(learned?.targets.filter((t) => !targets.includes(t)) ?? []);
  const kept = $derived(stay.filter((t) => t.keep !== 'few-people'));
  /** Kinds of which too few people spoke. */
  const few = $derived([...new Set(stay.filter((t) => t.keep === 'few-people').map((t) => KIND[t.kind].name))].sort());
  const pending = $derived({
    lasts: proposals.filter((l) => l.verdict === 'propose' && !shop.answerTo('last', l.last, l.channel, l.people)).length,
    targets: targets.filter((t) => !shop.answerTo('kind', t.kind, t.channel, t.people)).length
  });
  /** A fitter is told of their own way, and of nobody else’s. */
  const mine = $derived(learned?.ways.filter((w) => w.fitter === me && Math.abs(w.mm) > 2 * w.sdMm) ?? []);
  const VERDICTS = { 'too-few': 'too few to say', nothing: 'as its sheet', kind: 'as its whole kind', propose: '', measure: '' } as const;
  const left = $derived(learned ? [
    [learned.leftOut.excluded, 'taken out by hand'], [learned.leftOut.numb, 'feet that feel little'], [learned.leftOut.helps, 'with something put in'], [learned.leftOut.gone, 'style gone']
  ].filter(([n]) => n) : []); // prettier-ignore
</script>

<svelte:head><title>What try-ons teach · Chiave</title></svelte:head>
<h1 class="sr-only">What try-ons teach</h1>
{#if learned}<p class="says mb-2 text-xl" data-head>
    {learnedHead(pending.lasts, pending.targets)} <span class="soft text-base">Nothing moves until somebody here takes it over.</span>
  </p>{/if}
{#if shop.message}<Notice class="mb-2" tone="caution" role="alert">{shop.message}</Notice>{/if}
<div class="grid gap-3 lg:grid-cols-[minmax(0,8fr)_minmax(0,5fr)]">
  <div class="grid content-start gap-3">
    {#if !learned}
      <Empty
        >Nothing was learned yet. What people said of the pairs they tried teaches which lasts are not as their sheets say.{#snippet action()}<Button
            kind="primary"
            disabled={now.state === 'running'}
            onclick={() => shop.begin()}>Learn from all try-ons</Button
          >{/snippet}</Empty
      >
    {/if}
    {#each proposals as l (l.last + l.channel)}
      {@const last = lastOf(l.last)!}
      {@const given = shop.answerTo('last', l.last, l.channel, l.people)}
      <LearnedCard
        name="{last.name}, {PART_NAMES[l.channel]}"
        says="Runs {standsWords(l, figure)}"
        grounds={groundsWords(l)}
        change={changeWords(l.channel, l.net.mm, last.grade, last.styles)}
        mm={l.net.mm}
        sdMm={l.net.sdMm}
        inUseMm={given?.answer === 'accepted' ? given.mm : 0}
        {given}
        takeable={l.verdict === 'propose'}
        onanswer={(a) => shop.answer('last', l.last, l.channel, a)}
      >
        {#snippet more()}
          {#if l.verdict === 'measure'}<Notice class="mt-1" tone="caution"
              >Further out than words should move a sheet: <a href="/stock/lasts/{l.last}">measure an insole</a> instead.</Notice
            >{/if}
        {/snippet}
      </LearnedCard>
    {/each}
    {#each targets as t (t.kind + t.channel)}
      {@const given = shop.answerTo('kind', t.kind, t.channel, t.people)}
      <LearnedCard
        name="{KIND[t.kind].name[0].toUpperCase()}{KIND[t.kind].name.slice(1)}, targets of the {PART_NAMES[t.channel]}"
        says="People here want {figure(Math.abs(t.mm))} {t.mm > 0 ? 'more' : 'less'} than the table, give or take {figure(t.sdMm)}"
        grounds="{t.people} people, {t.fitters} fitters, {t.words} words; the newest fifth of the words is foretold better with it"
        change="all four cuts move by {figure(t.move ?? t.mm)} {shown.unit}; band and order stay"
        mm={t.mm}
        sdMm={t.sdMm}
        inUseMm={given?.answer === 'accepted' ? given.mm : 0}
        {given}
        takeable={t.move !== null}
        nought="table"
        onanswer={(a) => shop.answer('kind', t.kind, t.channel, a)}
      />
    {/each}
    {#if others.length > 0}
      <Fold heading="{new Set(others.map((l) => l.last)).size} lasts of which nothing is proposed">
        <Table>
          <caption class="sr-only">Lasts of which nothing is proposed</caption>
          <thead
            ><tr><th scope="col">Last</th><th scope="col">Part</th><th scope="col">Off its sheet</th><th scope="col">People</th><th scope="col">Says</th></tr
            ></thead
          >
          <tbody>
            {#each others as l (l.last + l.channel)}
              <tr
                ><th scope="row" class="text-left font-normal">{lastOf(l.last)!.name}</th><td>{PART_NAMES[l.channel]}</td><td class="figures"
                  >{formatSigned(l.net.mm, shown.unit)} ± {figure(l.net.sdMm)}</td
                ><td class="figures">{l.people}</td><td>{VERDICTS[l.verdict]}</td></tr
              >
            {/each}
          </tbody>
        </Table>
      </Fold>
    {/if}
  </div>
  <div class="grid content-start gap-3">
    <Sheet heading="The reckoning">
      {#if now.state === 'running'}
        <Progress what="Learning from all try-ons" done={now.done} of={now.of} />
        <Button class="mt-2" onclick={() => shop.stop()}>Stop</Button>
      {:else}
        {#if learned && now.at}
          <p class="leading-snug">
            Learned {format(new Date(now.at), 'd MMMM, HH:mm')} from {learned.people} people, {learned.pairs} pairs and {learned.words} words.
            {#if now.stale}<b>Words or shoes have changed since.</b>{/if}
          </p>
          {#if left.length > 0}<p class="soft leading-snug">Left out: {left.map(([n, why]) => `${n} ${why}`).join(', ')}.</p>{/if}
          {#if learned.otherEngine.pairs > 0}<p class="soft leading-snug">
              {learned.otherEngine.pairs} pairs were tried under an older engine; read anew they come out {figure(learned.otherEngine.meanMm)}
              {shown.unit} apart on average.
            </p>{/if}
          <Button class="mt-2" onclick={() => shop.begin()}>Learn anew</Button>
        {/if}
        {#if now.state === 'stopped'}<p class="soft">The last reckoning was stopped; what was learned before stands.</p>{/if}
        {#if now.state === 'failed'}<Notice tone="caution" role="alert">The last reckoning failed; what was learned before stands. Try again.</Notice>{/if}
      {/if}
    </Sheet>
    {#each mine as w (w.channel)}
      <Notice
        >You read the {PART_NAMES[w.channel]} about {figure(Math.abs(w.mm))}
        {shown.unit}
        {w.mm > 0 ? 'tighter' : 'looser'} than the others (± {figure(w.sdMm)}). Only you see this.</Notice
      >
    {/each}
    {#if stay.length > 0}
      <Sheet heading="Targets that stay">
        <ul class="grid gap-1 leading-snug">
          {#each kept as t (t.kind + t.channel)}
            <li>
              {KIND[t.kind].name}, {PART_NAMES[t.channel]}: <span class="figures">{formatSigned(t.mm, shown.unit)} ± {figure(t.sdMm)}</span>,
              <span class="soft">{t.keep ? KEEP_WORDS[t.keep] : ''}{t.missing > 0 ? `, ${t.missing} more needed` : ''}</span>
            </li>
          {/each}
        </ul>
        {#if few.length > 0}<p class="soft mt-1 leading-snug">Under {TUNE.people} people: {few.join(', ')}.</p>{/if}
      </Sheet>
    {/if}
    <Sheet heading="What stands beside what">
      <p class="leading-snug">
        <svg viewBox="0 0 16 16" width="16" height="16" class="inline" aria-hidden="true"><path d="M8 1l6 7l-6 7l-6 -7z" fill="var(--color-ink)" /></svg> what the
        engine goes by; the round mark is what people’s words say, its bar holds the truth 90 times in 100; “sheet” is what was measured or claimed. A measured fact
        is never moved: what is learned lies over it, and goes when it is given back.
      </p>
    </Sheet>
  </div>
</div>
