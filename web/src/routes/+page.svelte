<script lang="ts">
  import { onMount } from 'svelte';
  import { formatFigure, formatLength } from '@chiave/core/measure';
  import { format, parseISO } from 'date-fns';
  import { withFractions } from '$lib/size-fractions';
  import DayRule from '$lib/drawing/keep/DayRule.svelte';
  import { Acts } from '$lib/ui/keep/acts.svelte';
  import DueBrief from '$lib/ui/keep/DueBrief.svelte';
  import { clock } from '$lib/ui/kit/clock';
  import SmallFeet from '$lib/drawing/SmallFeet.svelte';
  import SmallPair from '$lib/drawing/SmallPair.svelte';
  import { feetOf } from '$lib/fit-feet';
  import RunningTimers from '$lib/ui/frame/RunningTimers.svelte';
  import QuickBox from '$lib/ui/frame/QuickBox.svelte';
  import { STEPS, stepOf } from '$lib/ui/fitting/steps';
  import AddPerson from '$lib/ui/people/AddPerson.svelte';
  import { beginFitting } from '$lib/ui/people/begin-fitting';
  import Button from '$lib/ui/kit/Button.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { smallTried } from '$lib/ui/try/lay-tried';

  let { data } = $props();
  /** Things shown of one person, and in all; the rest stands in the whole list. */
  const [EACH, MOST] = [2, 9];
  const shownDue = $derived(data.due.flatMap((p) => p.items.slice(0, EACH)).slice(0, MOST));
  /** Minutes after midnight, in the shop's own time zone. */
  const now = $derived.by(() => {
    const parts = new Intl.DateTimeFormat('en-GB', { timeZone: data.zone, hour: '2-digit', minute: '2-digit', hourCycle: 'h23' }).format(clock.now).split(':'); // prettier-ignore
    return 60 * Number(parts[0]) + Number(parts[1]);
  });
  const count = (n: number, one: string, many: string): string => (n === 0 ? '' : n === 1 ? `one ${one}` : `${n} ${many}`);
  const headline = $derived(
    [
      data.comes.length === 0 ? 'nobody is noted for today' : count(data.comes.length, 'comes today', 'come today'),
      data.open.length === 0 ? 'no fitting is open' : count(data.open.length, 'fitting is open', 'fittings are open'),
      data.dueTotal === 0 ? 'nothing is due' : `something is due of ${data.dueTotal === 1 ? 'one person' : `${data.dueTotal} people`}`
    ].join(' · ')
  );
  const acts = new Acts();
  let adding = $state(false);
  let message = $state('');

  /** On a device's first visit the guide is offered, once. */
  const SEEN = 'chiave-guide';
  let welcome = $state(false);
  onMount(() => (welcome = localStorage.getItem(SEEN) === null));
  function seen(): void {
    localStorage.setItem(SEEN, 'seen');
    welcome = false;
  }

  const open = $derived(
    data.open.map(({ fitting, style }) => {
      const tried = fitting.tries[0];
      return {
        fitting,
        step: stepOf(fitting),
        feet: feetOf(fitting),
        drawn: tried ? smallTried(fitting, tried, style ?? undefined) : null,
        at: tried ? `${fitting.tries.length} at the chair` : fitting.feet.left.values.lengthMm ? 'measured' : 'not measured yet'
      };
    })
  );
  async function begin(customerId: number): Promise<void> {
    message = await beginFitting(customerId);
  }
</script>

<svelte:head><title>Today · Chiave</title></svelte:head>

<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
  <h1>{format(parseISO(data.today), 'EEEE d MMMM')}</h1>
  <p class="soft mr-auto">{headline}</p>
  <span class="print:hidden"
    ><Button kind={open.length === 0 && !adding ? 'primary' : 'plain'} onclick={() => (adding = !adding)} aria-expanded={adding}>Add a person</Button></span
  >
</div>
{#if message || acts.message}<Notice role="alert" class="mt-3" tone="caution">{message || acts.message}</Notice>{/if}
{#if adding}<AddPerson onadded={begin} />{/if}

{#if welcome}
  <Notice class="mt-3 flex flex-wrap items-center gap-3">
    <span class="mr-auto">New here? The whole way of a fitting takes a minute to see.</span>
    <Button href="/guide" onclick={seen}>Show me</Button>
    <Button kind="text" onclick={seen}>Not now</Button>
  </Notice>
{/if}
{#if data.comes.length > 0}<section class="mt-3" aria-label="Who comes"><DayRule comes={data.comes} {now} /></section>{/if}
<Sheet class="mt-3 float print:hidden" aria-label="Ask">
  <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
    <QuickBox large />
    <p class="soft min-w-64 flex-1">A size as it stands on a box, or a length: us w 6.5, 24,1 cm, 9 5/8 in. Enter lays it on the rule.</p>
  </div>
</Sheet>

<!-- On the tablet what is due stands before who was here last. -->
<div class="mt-4 grid grid-cols-[minmax(0,1fr)] gap-4 lg:grid-cols-[minmax(0,14fr)_minmax(0,11fr)] lg:grid-rows-[auto_1fr]">
  <section aria-labelledby="open" class="lg:col-start-1">
    <h2 id="open" class="mb-2">Open fittings</h2>
    <div class="grid gap-3 sm:grid-cols-3">
      {#each open as { fitting, step, feet, drawn, at }, i (fitting.id)}
        <Sheet class="grid content-start gap-1" data-open={fitting.id}>
          {#if drawn}<SmallPair feet={drawn} />{:else}<SmallFeet {feet} />{/if}
          <h3 class="name"><a href="/people/{fitting.customer.id}">{fitting.customer.name}</a></h3>
          <p class="soft leading-tight">{fitting.purpose || 'purpose not asked yet'}</p>
          <svg viewBox="0 0 210 16" class="w-full" role="img" aria-label="at {STEPS[step].name}, step {step + 1} of {STEPS.length}">
            <line x1="2" x2="208" y1="8" y2="8" stroke="var(--color-line)" stroke-width="3" />
            <line x1="2" x2={2 + (206 * step) / (STEPS.length - 1)} y1="8" y2="8" stroke="var(--color-brass-line)" stroke-width="3" />
            {#each STEPS as s, n (s.id)}<line
                x1={2 + (206 * n) / (STEPS.length - 1)}
                x2={2 + (206 * n) / (STEPS.length - 1)}
                y1={n === step ? 2 : 4}
                y2={n === step ? 14 : 12}
                stroke={n <= step ? 'var(--color-brass)' : 'var(--color-edge)'}
                stroke-width={n === step ? 4 : 1.5}
              />{/each}
          </svg>
          <p><b>{STEPS[step].name}</b> <span class="soft">· {at}</span></p>
          <Button
            kind={i === 0 ? 'primary' : 'plain'}
            href="/fittings/{fitting.id}/{STEPS[step].id}"
            aria-label="Go on: {STEPS[step].name}, with {fitting.customer.name}">{i === 0 ? `Go on: ${STEPS[step].name}` : 'Go on'}</Button
          >
        </Sheet>
      {:else}
        <Empty>Nothing is open. Pick a person, or add one.{#snippet action()}<Button href="/people">People</Button>{/snippet}</Empty>
      {/each}
    </div>
  </section>
  <section aria-labelledby="due-week" class="grid grid-cols-[minmax(0,1fr)] content-start gap-3 lg:col-start-2 lg:row-span-2 lg:row-start-1">
    <div>
      <h2 id="due-week" class="mb-2 flex items-baseline justify-between">
        <span>Due this week</span><a href="/keeping" class="text-base font-normal print:hidden"
          >Whole list{data.dueTotal > shownDue.length ? `, of ${data.dueTotal} people` : ''}</a
        >
      </h2>
      <Sheet class="!py-1">
        <ul>
          {#each shownDue as item (`${item.person.id} ${item.rule} ${item.subject}`)}<DueBrief
              {item}
              today={data.today}
              busy={acts.busy}
              onanswer={acts.answer}
            />{:else}<li class="soft py-2">Nothing is due.</li>{/each}
        </ul>
      </Sheet>
    </div>
    {#if data.timers.length > 0}<RunningTimers timers={data.timers} />{/if}
    {#if data.back.length > 0}
      <Sheet heading="Came back" class="!py-2" data-back>
        <ul>
          {#each data.back as b, at (at)}
            <li class="border-b border-line py-1 leading-snug last:border-0">
              <a href="/people/{b.personId}" class="font-semibold">{b.person}</a>
              <span class="soft">{b.style} {withFractions(b.size)}{b.why ? `: ${b.why}` : ''}</span>
            </li>
          {/each}
        </ul>
      </Sheet>
    {/if}
  </section>
  <section aria-labelledby="last-here" class="lg:col-start-1">
    <h2 id="last-here" class="mb-2 flex items-baseline justify-between">Here last <a href="/people" class="text-base font-normal">Everybody</a></h2>
    <Sheet class="!py-1">
      <ul>
        {#each data.people as p (p.id)}
          <li class="flex items-center gap-3 border-b border-line py-1 last:border-0">
            <div class="min-w-0 flex-1 leading-tight">
              <a href="/people/{p.id}" class="font-semibold">{p.name}</a>
              <span class="soft block truncate">{p.lastSeen ? format(new Date(p.lastSeen), 'd MMM') : ''}{p.work ? ` · ${p.work}` : ''}</span>
            </div>
            {#if p.leftMm !== null && p.rightMm !== null}<span class="figures whitespace-nowrap"
                ><SideMark side="left" /> {formatFigure(p.leftMm, shown.unit)} <SideMark side="right" /> {formatLength(p.rightMm, shown.unit)}</span
              >{/if}
            <Button class="shrink-0 px-3" onclick={() => begin(p.id)} aria-label="New fitting for {p.name}">New</Button>
          </li>
        {/each}
      </ul>
    </Sheet>
  </section>
</div>

<style>
  .name {
    font-family: var(--font-serif);
    font-size: 1.3rem;
    font-weight: 600;
    line-height: 1.2;
  }
  .name a {
    color: var(--color-ink);
    text-decoration: none;
  }
</style>
