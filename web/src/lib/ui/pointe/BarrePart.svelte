<script lang="ts">
  import {
    BARRE_TESTS,
    CAUSE,
    causesOf,
    expectedOf,
    LEARNED_PART,
    NEXT,
    priorsOf,
    signsThatTell,
    SYMPTOM,
    type Beliefs,
    type LearnedPartId,
    type SymptomId
  } from '@chiave/core/pointe';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { withFractions } from '$lib/size-fractions';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { capital } from '$lib/capital';
  import { send } from '$lib/send/save.svelte';
  import type { PointeBench } from './pointe-bench.svelte';
  import { beliefWords, shoeWords } from './words';

  /** The tests at the barre in their order: what is seen, what may cause it, what to change. */
  let { bench }: { bench: PointeBench } = $props();
  let answers = $state<Partial<Record<SymptomId, boolean>>>({});
  let message = $state('');
  const here = $derived(bench.here!);
  /** More causes than that are not worth acting on. */
  const MOST_TOLD = 4;
  const ANSWERS = [
    { id: 'seen', name: 'seen' },
    { id: 'not', name: 'not seen' }
  ] as const;
  const priors = $derived(
    priorsOf({ zones: here.report.zones, over: here.report.over, reachDeg: bench.foot.pointReachDeg, hours: bench.hours, life: bench.life })
  );
  const found = $derived(causesOf(answers, priors));
  /** Signs that would decide more than the rest, as long as they decide anything. */
  const LEAST_BITS = 0.05;
  const telling = $derived(
    signsThatTell(answers, priors)
      .filter((s) => s.bits > LEAST_BITS)
      .slice(0, 2)
  );
  const looked = $derived(Object.keys(answers).length);
  /** A sign may be seen at more than one test: it is led to at the first. */
  const firstShown = (id: SymptomId): string | undefined => BARRE_TESTS.find((t) => (t.shows as readonly SymptomId[]).includes(id))?.id;
  const signs = (ids: readonly SymptomId[]): string => ids.map((s) => SYMPTOM[s].name).join(', ');
  function answer(id: SymptomId, as: 'seen' | 'not' | null): void {
    const { [id]: _gone, ...rest } = answers;
    answers = as === null ? rest : { ...rest, [id]: as === 'seen' };
  }
  async function keep(): Promise<void> {
    const expected = expectedOf(bench.forefeet[bench.side], here.filled.box, here.filled.doubt, here.worn);
    const sent = await send<{ beliefs: Beliefs; taught: LearnedPartId[] }>(`/api/v1/customers/${bench.person!.id}/pointe/barre`, 'POST', {
      side: bench.side,
      shoe: bench.shoe,
      answers,
      expected
    });
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    const { beliefs, taught } = sent.value;
    const told = taught.map((id) => {
      const stays = LEARNED_PART[id].measured(here.model) ? '; it was measured, and stays as it is' : '';
      return `${beliefWords(id, beliefs[id]!, shown.unit)}${stays}`;
    });
    message =
      told.length > 0
        ? `Kept. ${here.model.name} is now believed ${told.join('; ')}. The list is ranked again.`
        : 'Kept. None of these signs tells of a part of the model.';
    answers = {};
    await bench.reread();
  }
  const earlier = $derived(bench.kept?.barre ?? []);
</script>

<div class="grid gap-3 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
  <ol class="grid gap-2">
    {#each BARRE_TESTS as test, i (test.id)}
      <li class="sheet p-3">
        <h2 class="font-serif text-lg font-semibold">{i + 1}. {test.name}</h2>
        <p class="leading-snug">{test.do} <span class="soft">{test.see}</span></p>
        <div class="mt-1.5 grid gap-x-5 gap-y-1.5 xl:grid-cols-2">
          {#each test.shows as id (id)}
            <div
              class="grid scroll-mt-40 grid-cols-[minmax(0,1fr)_auto] items-center gap-2 leading-tight"
              id={firstShown(id) === test.id ? `sign-${id}` : undefined}
            >
              <span class={telling.some((s) => s.id === id) ? 'font-semibold' : ''}>{SYMPTOM[id].name}</span>
              <Choice
                name="{test.id}-{id}"
                legend={SYMPTOM[id].name}
                hideLegend
                options={ANSWERS}
                value={answers[id] === undefined ? null : answers[id] ? 'seen' : 'not'}
                onchange={(as) => answer(id, as)}
                onclear={() => answer(id, null)}
              />
            </div>
          {/each}
        </div>
      </li>
    {/each}
  </ol>
  <!-- On a tablet what is found stands over the tests and stays in sight. -->
  <div class="contents lg:block">
    <div class="sheet float sticky top-2 z-10 order-first p-4 lg:order-none" aria-live="polite">
      <h2 class="says text-xl">
        {#if looked === 0}Tick what is seen, and what was looked for and is not there.
        {:else if found.opposites}Another model: it is {CAUSE[found.opposites[0]].name} and {CAUSE[found.opposites[1]].name} at once.
        {:else if found.next}{bench.heldBack ? 'The signs point to' : 'Next'}: {NEXT[found.next].name}.
        {:else}Nothing seen so far.{/if}
      </h2>
      <p class="soft">{shoeWords(here)}, {bench.side} foot</p>
      {#if looked > 0}
        <ol class="mt-2 grid gap-1.5" aria-label="Causes, likeliest first">
          {#each found.shares.slice(0, MOST_TOLD) as s (s.cause)}
            <li>
              <div class="flex items-baseline justify-between">
                <b>{capital(CAUSE[s.cause].name)}</b><span class="figures">{Math.round(100 * s.share)} in 100</span>
              </div>
              <div class="h-2 rounded bg-band"><div class="h-2 rounded bg-ink" style="width:{Math.max(1, 100 * s.share)}%"></div></div>
              <p class="soft text-sm">
                {s.for.length > 0 ? `for it: ${signs(s.for)}` : 'no sign for it'}{s.against.length > 0 ? `; against: ${signs(s.against)}` : ''}
              </p>
            </li>
          {/each}
        </ol>
      {/if}
      {#if telling.length > 0}
        <p class="mt-2 leading-snug">
          Would tell most now: {#each telling as { id }, i (id)}{i > 0 ? ', then ' : ''}<a href="#sign-{id}">{SYMPTOM[id].name}</a>{/each}.
        </p>
      {/if}
      <div class="mt-3 flex flex-wrap gap-2">
        <Button kind="primary" disabled={looked === 0 || bench.person === null} onclick={keep}>Keep, and rank again</Button>
        <Button disabled={looked === 0} onclick={() => (answers = {})}>Clear</Button>
      </div>
      {#if bench.person === null}<p class="soft mt-1 text-sm">Choose a dancer to keep what is seen.</p>{/if}
      {#if message}<Notice class="mt-2" role="status">{message}</Notice>{/if}
    </div>
    {#if earlier.length > 0}
      <Sheet class="mt-3" heading="Seen before">
        <ul class="grid gap-1">
          {#each earlier as e, i (i)}
            {@const model = bench.models.find((m) => m.id === e.shoe.modelId)}
            <li>
              <b>{model?.name ?? e.shoe.modelId} {withFractions(String(e.shoe.size))} {e.shoe.mark}</b>: {signs(
                (Object.entries(e.answers) as [SymptomId, boolean][]).filter(([, was]) => was).map(([id]) => id)
              ) || 'nothing wrong seen'}
            </li>
          {/each}
        </ul>
      </Sheet>
    {/if}
  </div>
</div>
