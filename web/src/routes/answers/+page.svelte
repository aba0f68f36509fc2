<script lang="ts">
  import { ENGINE_VERSION } from '@chiave/core/fit';
  import { USE, USES, type UseId } from '@chiave/core/use';
  import { untrack } from 'svelte';
  import { goto, invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import type { z } from 'zod';
  import { ANSWER_KINDS, type AnswerKindId, type SaidCard } from '$lib/api/said-schema';
  import type { useFirstAnswer } from '$lib/api/use-schema';
  import { comparables, shoeAt } from '$lib/compare-shoes';
  import { ofArrival, ofFirst, ofMeasuring, ofTwo } from '$lib/said-cards';
  import { send } from '$lib/send/save.svelte';
  import AnswerRows from '$lib/ui/keep/AnswerRows.svelte';
  import SaidCardSheet from '$lib/ui/keep/SaidCardSheet.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';

  /** Answers to the questions that come again and again: made, kept with who asked, said again with one press. */
  let { data } = $props();
  type Known = { id: number; name: string };
  let person = $state.raw<Known | null>(untrack(() => data.person));
  let askedBy = $state('');
  let kind = $state<AnswerKindId>('compare');
  let first = $state(untrack(() => data.styles[0]?.id ?? ''));
  let second = $state(untrack(() => data.styles[1]?.id ?? ''));
  let use = $state<UseId>(USES[0].id);
  let found = $state.raw<z.infer<typeof useFirstAnswer> | null>(null);
  let message = $state('');
  let kept = $state('');
  const styleOf = (id: string) => data.styles.find((s) => s.id === id);
  const names = $derived(data.styles.map((s) => ({ id: s.id, name: s.name })));
  $effect(() => {
    if (kind !== 'first') return;
    const asked = use;
    void send<z.infer<typeof useFirstAnswer>>('/api/v1/use/first', 'POST', {
      use: asked,
      ...(data.person ? { person: { flags: data.person.flags } } : {})
    }).then((sent) => {
      if (asked !== use) return;
      found = sent.ok ? sent.value : null;
      message = sent.ok ? '' : sent.detail;
    });
  });
  /** Insides for one foot: that of the first style’s base. */
  function two(a: NonNullable<ReturnType<typeof styleOf>>, b: NonNullable<ReturnType<typeof styleOf>>): SaidCard {
    const footMm = a.last.base.forFootMm;
    const [one, other] = [a, b].map((s) =>
      shoeAt(comparables([], [s], [])[0], { by: 'foot', footMm, width: s.widths.includes(s.last.base.width) ? s.last.base.width : s.widths[0] })
    );
    return ofTwo(a, b, [one, other]);
  }
  const made = $derived.by((): { card: SaidCard; about: string } | null => {
    const [a, b] = [styleOf(first), styleOf(second)];
    if (kind === 'measure') return { card: ofMeasuring(), about: 'measuring at home' };
    if (kind === 'first') return found && { card: ofFirst(USE[use].name, found, []), about: `a first pair for ${USE[use].name}` };
    if (kind === 'arrive') return a ? { card: ofArrival([a], data.person?.flags ?? []), about: `when ${a.name} arrives` } : null;
    return a && b && a !== b ? { card: two(a, b), about: `${[a.name, b.name].sort().join(' and ')}` } : null;
  });
  async function keep(): Promise<void> {
    if (!made) return;
    const sent = await send<{ id: number }>('/api/v1/answers', 'POST', {
      customerId: person?.id ?? null,
      askedBy: person ? '' : askedBy,
      kind,
      about: made.about,
      card: $state.snapshot(made.card),
      engine: ENGINE_VERSION
    });
    message = sent.ok ? '' : sent.detail;
    kept = sent.ok ? `Kept: asked by ${person?.name || askedBy || 'somebody'}.` : '';
    if (sent.ok) await invalidateAll();
  }
  const KINDS = ANSWER_KINDS.filter((k) => k.id !== 'size');
  const isKind = page.url.searchParams.get('kind');
  if (KINDS.some((k) => k.id === isKind)) untrack(() => (kind = isKind as AnswerKindId));
  async function choose(who: Known | null): Promise<void> {
    person = who;
    await goto(who ? `?for=${who.id}` : '?', { keepFocus: true, noScroll: true });
  }
</script>

<svelte:head><title>Answers to send · Chiave</title></svelte:head>
<div class="flex flex-wrap items-end gap-x-4 gap-y-2 print:hidden">
  <h1 class="mr-auto">Answers to send</h1>
  <a href="/sizes/chain">A size in another shoe is worked out on the rule</a>
</div>
{#if data.alike.length > 0}
  <Sheet class="mt-2 print:hidden" data-alike>
    <h2 class="says text-xl">{data.alike[0].people} people asked about {data.alike[0].about}: write it down, or stock it.</h2>
    {#if data.alike.length > 1}<ul class="mt-1">
        {#each data.alike.slice(1) as q (q.kind + q.about)}<li class="border-b border-line py-1 last:border-0">
            <b class="figures">{q.people}</b> asked about {q.about} <span class="soft">· said {q.times} times</span>
          </li>{/each}
      </ul>{/if}
    <p class="soft mt-1">Counted without names, from three who asked the same.</p>
  </Sheet>
{/if}
<div class="mt-3 grid gap-4 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
  <div>
    <div class="flex flex-wrap items-end gap-3 print:hidden">
      <Choice name="answer-kind" legend="Asked" options={KINDS} value={kind} onchange={(k) => (kind = k)} />
      {#if kind === 'first'}<Select label="For" options={USES} value={use} onpick={(id: UseId) => (use = id)} />
      {:else if kind !== 'measure'}
        <Select label={kind === 'arrive' ? 'Style' : 'One'} class="w-56" options={names} bind:value={first} />
        {#if kind === 'compare'}<Select label="And the other" class="w-56" options={names} bind:value={second} />{/if}
      {/if}
    </div>
    {#if made}<SaidCardSheet card={made.card} />{:else}<p class="soft mt-2">Choose two styles that are not the same.</p>{/if}
  </div>
  <div class="grid content-start gap-3 print:hidden">
    <Sheet heading="Who asked">
      <div class="mt-1 flex flex-wrap items-end gap-2">
        <div class="w-56"><PersonFinder label="One of ours" first={data.people} anybody chosen={person} onchoose={choose} /></div>
        {#if !person}<Field label="Or somebody else" class="w-56" maxlength={120} bind:value={askedBy} placeholder="a flute from across the lake" />{/if}
        <Button kind="primary" disabled={!made} onclick={keep}>Keep as said</Button>
      </div>
      {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
      {#if kept}<p class="mt-2" role="status">{kept} Nothing is sent from here: copy it, print it, or hand over the PDF.</p>{/if}
    </Sheet>
    <Sheet heading="Said before"><AnswerRows answers={data.answers} who /></Sheet>
  </div>
</div>
