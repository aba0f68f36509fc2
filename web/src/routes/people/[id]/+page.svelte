<script lang="ts">
  import { VERDICT_WORDS, ZONE, type ZoneId } from '@chiave/core/fit';
  import { formatDifference, formatLength, SIDES } from '@chiave/core/measure';
  import { format } from 'date-fns';
  import Badge from 'flowbite-svelte/Badge.svelte';
  import { longDay } from '$lib/keep-words';
  import { withFractions } from '$lib/size-fractions';
  import SmallFeet from '$lib/drawing/SmallFeet.svelte';
  import { feetOf } from '$lib/fit-feet';
  import { wordOf } from '$lib/drawing/tightness';
  import { FLAG_CHOICES } from '$lib/ui/fitting/names';
  import { OUTCOMES } from '$lib/api/outcomes';
  import FeetOverYears from '$lib/ui/people/FeetOverYears.svelte';
  import Withheld from '$lib/ui/fitting/Withheld.svelte';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import PersonRecord from '$lib/ui/people/PersonRecord.svelte';
  import { beginFitting } from '$lib/ui/people/begin-fitting';
  import { fittingIn, type FittingAnswer, type FittingRow } from '$lib/api/rows';
  import { send } from '$lib/send/save.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  let { data } = $props();
  let message = $state('');
  /** Pairs that are shown here, the newest. */
  const PAIRS_SHOWN = 6;
  let older = $state.raw<FittingRow[]>([]);
  let olderNext = $state<number | null>(null);
  // Shown for another person, or after a change, the pages begin anew.
  $effect.pre(() => {
    olderNext = data.next;
    older = [];
  });
  const fittings = $derived([...data.fittings, ...older]);
  const lengthOf = (i: number, side: 'left' | 'right') => (fittings[i] ?? data.followed[i])?.feet[side].values.lengthMm?.mm;
  const latest = $derived(fittings.find((f) => SIDES.some((side) => f.feet[side].values.lengthMm)));
  const nameOf = (styleId: string) => data.names[styleId] ?? styleId;

  async function showOlder(): Promise<void> {
    const sent = await send<{ fittings: FittingAnswer[]; next: number | null }>(
      `/api/v1/customers/${data.customer.id}/fittings?limit=${data.fittings.length}&after=${olderNext}`,
      'GET'
    );
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    older = [...older, ...sent.value.fittings.map(fittingIn)];
    olderNext = sent.value.next;
  }

  async function open(): Promise<void> {
    message = await beginFitting(data.customer.id);
  }
</script>

<svelte:head><title>{data.customer.name} · Chiave</title></svelte:head>

<div class="flex flex-wrap items-start gap-3">
  <div class="mr-auto max-w-full min-w-0">
    <h1>{data.customer.name}</h1>
    <p class="soft">{data.customer.work}{data.customer.born ? ` · born ${data.customer.born}` : ''} · widths by {data.customer.fitsAs}’s letters</p>
    {#if data.customer.story}<p>{data.customer.story}</p>{/if}
    {#each data.customer.flags as flag, at (at)}<Badge color="primary" class="mr-1">{FLAG_CHOICES.find((f) => f.id === flag)?.name}</Badge>{/each}
  </div>
  <Button href="/people/{data.customer.id}/pairs">Pairs and what is due</Button>
  <Button kind="primary" onclick={open}>New fitting</Button>
</div>
<Withheld customer={data.customer} />
{#if message}<Notice role="alert" class="mt-3" tone="caution">{message}</Notice>{/if}

<div class="mt-4 grid gap-4 lg:grid-cols-[minmax(0,2fr)_minmax(0,1fr)]">
  <FeetOverYears customer={data.customer} fittings={data.followed} room={data.room} now={data.now} />
  <div class="grid content-start gap-4">
    {#if latest}
      <Sheet aria-label="Feet as measured last">
        <SmallFeet feet={feetOf(latest)} height={236} />
        <p class="figures mt-1 flex justify-center gap-10">
          {#each SIDES as side (side)}
            {@const mm = latest.feet[side].values.lengthMm?.mm}
            <span><SideMark {side} /> {mm === undefined ? 'not measured' : formatLength(mm, shown.unit)}</span>
          {/each}
        </p>
        <p class="soft text-center">as measured on {format(new Date(latest.openedAt), 'd MMM yyyy')}, to scale</p>
      </Sheet>
    {/if}
    <Sheet heading="Pairs in use">
      {#if data.pairs.length === 0}<p class="soft">None yet.</p>{:else}
        <ul class="mt-1 grid gap-1">
          {#each data.pairs.slice(0, PAIRS_SHOWN) as p (p.id)}
            <li>
              <b>{p.body.name}</b> in <span class="figures">{withFractions(p.body.size)} {p.body.width}</span>
              <PutWords put={p.body.put} />
              {#if p.body.boughtOn}<span class="soft">· {longDay(p.body.boughtOn)}</span>{/if}
              {#if p.body.story || p.why}<span>· {p.body.story || p.why}</span>{/if}
            </li>
          {/each}
        </ul>
      {/if}
      <p class="mt-1">
        <a href="/people/{data.customer.id}/pairs"
          >{data.pairs.length > PAIRS_SHOWN ? `All ${data.pairs.length} pairs` : 'Their lines, turns, wishes and what is due'}</a
        >
      </p>
    </Sheet>
  </div>
</div>
{#key data.customer.id}<PersonRecord customer={data.customer} />{/key}

<h2 class="mt-5">Fittings</h2>
<ol class="mt-2 grid gap-3">
  {#each fittings as f, i (f.id)}
    <li class="sheet">
      <div class="flex flex-wrap items-baseline gap-x-3">
        <a href="/fittings/{f.id}/measure" class="text-lg font-semibold">{format(new Date(f.openedAt), 'd MMMM yyyy, HH:mm')}</a>
        <span>{f.purpose || 'purpose not noted'}</span>
        <span class="figures ml-auto">
          {#each ['left', 'right'] as const as side (side)}
            {@const now = lengthOf(i, side)}
            {@const before = lengthOf(i + 1, side)}
            <SideMark {side} />
            {now === undefined ? 'not measured' : formatLength(now, shown.unit)}
            {#if now !== undefined && before !== undefined}<span class="soft">({formatDifference(now - before)})</span>{/if}{' '}
          {/each}
        </span>
      </div>
      {#if f.tries.length > 0}
        <ul class="mt-2 grid gap-1 border-t border-line pt-2">
          {#each f.tries as t (t.id)}
            <li>
              <b>{nameOf(t.styleId)}</b> <span class="figures">{withFractions(t.size)} {t.width}</span>
              <PutWords put={t.put} />: {OUTCOMES.find((o) => o.id === t.outcome)?.name}
              <span class="soft">· engine said {VERDICT_WORDS[t.verdict]}</span>
              {#each ['left', 'right'] as const as side (side)}
                {#each Object.entries(t.felt[side]) as [zone, state] (zone)}<span class="ml-2 text-sm"
                    ><SideMark {side} />
                    {ZONE[zone as ZoneId]?.name ?? zone}
                    {wordOf(state)}</span
                  >{/each}
              {/each}
              {#if t.why}<span class="soft">{' '}· {t.why}</span>{/if}
            </li>
          {/each}
        </ul>
      {/if}
    </li>
  {/each}
</ol>
{#if olderNext !== null}
  <p class="mt-3 flex items-center gap-3">
    <Button onclick={showOlder}>Show older visits</Button>
    <span class="soft figures">{fittings.length} of {data.followed.length}</span>
  </p>
{/if}
<p class="mt-3 text-sm soft">Hand measures err by 1 to 2 mm in length: a change smaller than that is not a change.</p>
