<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { REACH_SCHOOLS, type Plan, type ReachSchool } from '@chiave/core/heel';
  import { formatLength } from '@chiave/core/measure';
  import PlanDay from '$lib/drawing/PlanDay.svelte';
  import { Occasion } from '$lib/ui/heel/occasion.svelte';
  import KeptOccasions from '$lib/ui/heel/KeptOccasions.svelte';
  import PairRows from '$lib/ui/heel/PairRows.svelte';
  import PlanBars from '$lib/ui/heel/PlanBars.svelte';
  import SegmentRows from '$lib/ui/heel/SegmentRows.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Progress from '$lib/ui/kit/Progress.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';

  let { data } = $props();
  const occasion = new Occasion();
  if (typeof window !== 'undefined') untrack(() => void occasion.open(data.person));
  /** A change settles before it is planned, ms. */
  const SETTLES_MS = 250;
  $effect(() => {
    const asked = occasion.asked;
    if (asked === null) return untrack(() => occasion.stop());
    const later = setTimeout(() => {
      occasion.keep();
      void occasion.plan($state.snapshot(asked) as typeof asked);
    }, SETTLES_MS);
    return () => clearTimeout(later);
  });
  $effect(() => {
    const feet = occasion.fromStock ? occasion.pair : null;
    untrack(() => void occasion.takeStock(feet && ($state.snapshot(feet) as typeof feet)));
  });
  onDestroy(() => occasion.close());
  /** Names at most so many of a list. */
  const NAMED = 4;
  const named = (ids: readonly string[]): string =>
    `${ids.slice(0, NAMED).map(nameOf).join(', ')}${ids.length > NAMED ? ` and ${ids.length - NAMED} more` : ''}`;

  const nameOf = (id: string): string => occasion.pairOf(id)?.name || `pair ${id}`;
  const end = $derived(occasion.end);
  const best = $derived.by((): Plan | null => (!end?.one ? null : end.two && end.two.total < end.one.total ? end.two : end.one));
  /** What of a plan would have to be bought, with where it stands. */
  const fromStock = $derived(best ? occasion.stock.filter((p) => best.pairs.includes(p.id)) : []);
  const inTurn = (plan: Plan): string => plan.worn.filter((w, i) => i === 0 || w !== plan.worn[i - 1]).map((w) => nameOf(plan.pairs[w])).join(', then '); // prettier-ignore
  const says = $derived.by(() => {
    if (!end) return occasion.problems[0] ?? 'Planning …';
    if (!end.one || !best) return 'No pair is within this ankle’s reach: lower ones are needed.';
    const first =
      best.pairs.length === 1 ? `${inTurn(best)} all day costs least, ${best.total.toFixed(1)}.` : `${inTurn(best)} costs least, ${best.total.toFixed(1)}.`;
    const { lookForTwo } = end;
    if (best.pairs.length === 2) return `${first} One pair alone, ${inTurn(end.one)}, would be ${end.one.total.toFixed(1)}.`;
    return `${first} ${lookForTwo === null ? 'No two pairs win, however much look counts.' : `Two pairs win from where look counts ${(occasion.look * lookForTwo).toFixed(2)} times.`}`;
  });
  const plans = $derived(
    end
      ? [...(end.one ? [{ name: `one: ${inTurn(end.one)}`, plan: end.one }] : []), ...(end.two ? [{ name: `two: ${inTurn(end.two)}`, plan: end.two }] : [])]
      : []
  );
  const today = new Date().toISOString().slice(0, 10);
  const dates = $derived(occasion.dates(today));
  const day = (iso: string): string => new Date(`${iso}T12:00:00Z`).toLocaleDateString('en-GB', { day: 'numeric', month: 'long', year: 'numeric' });
  const WEIGHTS = [
    { id: 'comfort', name: 'Comfort' },
    { id: 'risk', name: 'Risk' },
    { id: 'look', name: 'Look' }
  ] as const;
</script>

<svelte:head><title>Occasion · Chiave</title></svelte:head>
<h1 class="sr-only">Occasion</h1>
<p class="says mb-2" aria-live="polite">{says}</p>
{#each occasion.problems as problem (problem)}<Notice class="mb-2" tone="caution" role="alert">{problem}</Notice>{/each}
{#if occasion.message}<Notice class="mb-2" tone="caution" role="alert">{occasion.message}</Notice>{/if}
{#if best && occasion.segments.length === best.worn.length}
  <PlanDay plan={best} segments={occasion.segments} foot={occasion.poseFoot} pairOf={(id) => occasion.pairOf(id)} />
{/if}
<div class="mt-2 flex min-h-11 flex-wrap items-center gap-3 print:hidden">
  {#if occasion.running}
    <div class="w-48"><Progress done={occasion.done} of={occasion.of} what="Planning" /></div>
    <Button onclick={() => occasion.stop()}>Cancel</Button>
  {:else if end}<span class="soft text-sm">{end.considered} ways in {(occasion.tookMs / 1000).toFixed(2)} s; exact within the pairs below.</span>{/if}
  <Button class="ml-auto" onclick={() => window.print()}>Print</Button>
</div>
{#if plans.length > 0}
  <div class="grid gap-3 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
    <Sheet heading="What it costs, and in what">
      <PlanBars {plans} />
      {#if end?.left.length}<p class="soft">Beyond this ankle’s reach and left out: {named(end.left.map(({ id }) => id))}.</p>{/if}
      {#each fromStock as p (p.id)}<p data-from-stock>
          <a href="/stock/styles/{p.styleId}">{p.name}</a>: {p.onShelf > 0 ? `${p.onShelf} on the shelf` : 'not on the shelf in this size: order it'}.
        </p>{/each}
      {#if best?.hemFor}<p>The hem is cut for <b>{nameOf(best.hemFor)}</b>, with the shoes on.</p>{/if}
    </Sheet>
    <Sheet heading="Dates, backward from the day">
      <div class="grid grid-cols-3 gap-2 print:hidden">
        <Field label="The day" type="date" bind:value={occasion.event} />
        <NumberField
          label="Delivery"
          unit="days"
          value={occasion.deliveryDays}
          low={0}
          high={120}
          step={1}
          onchange={(v) => (occasion.deliveryDays = v ?? 0)}
        />
        <NumberField label="May go back" unit="days" value={occasion.returnDays} low={0} high={120} step={1} onchange={(v) => (occasion.returnDays = v ?? 0)} />
      </div>
      {#if dates}
        {#if dates.eventPassed}<Notice class="mt-2" tone="caution" role="alert">That day has passed: give the day that is to come.</Notice>
        {:else}
          <dl class="mt-2 grid grid-cols-[auto_1fr] gap-x-4">
            <dt>order by</dt>
            <dd class="figures font-semibold">{day(dates.orderBy)}{dates.tooLateToOrder ? ': too late, only what is in stock or owned' : ''}</dd>
            <dt>in hand by</dt>
            <dd class="figures font-semibold">{day(dates.inHandBy)}</dd>
            {#if dates.hemBy}<dt>hem begun by</dt>
              <dd class="figures font-semibold">{day(dates.hemBy)}</dd>{/if}
            {#if dates.hemDoneBy}<dt>hem done</dt>
              <dd class="figures font-semibold">{day(dates.hemDoneBy)}</dd>{/if}
            {#if dates.lastTry}<dt>last try at home</dt>
              <dd class="figures font-semibold">{day(dates.lastTry)}</dd>{/if}
          </dl>
          <p class="soft mt-1 text-sm">Two weeks of wear before it; nothing new on the day.</p>
        {/if}
      {:else}<p class="soft mt-2">Give the day, and what is due before it stands here.</p>{/if}
    </Sheet>
  </div>
{/if}
<div class="mt-3 grid gap-3 lg:grid-cols-2 print:hidden">
  <Sheet heading="Parts of the day"><SegmentRows {occasion} /></Sheet>
  <Sheet heading="Pairs that may be worn">
    <Check bind:checked={occasion.fromStock}>and every heel of the stockroom that fits these feet</Check>
    {#if occasion.fromStock}<p class="soft mt-1 text-sm" role="status">
        {occasion.looking
          ? 'Trying them on these feet …'
          : `${occasion.stock.length} of them, each in its best size and new; what is not known of a sole costs nothing.`}
      </p>{/if}
    <PairRows {occasion} />
  </Sheet>
</div>
<Sheet class="mt-3 print:hidden" heading="The wearer and the wishes">
  <KeptOccasions {occasion} />
  <div class="mt-3 grid grid-cols-2 gap-2 md:grid-cols-4">
    <PersonFinder label="Whose foot" first={data.people} chosen={occasion.person} onchoose={(who) => occasion.open(who)} />
    {#if !occasion.measured}<NumberField
        label="Foot length"
        unit="mm"
        value={occasion.lengthMm}
        low={150}
        high={330}
        step={1}
        onchange={(v) => (occasion.lengthMm = v ?? occasion.lengthMm)}
      />{/if}
    <NumberField
      label="Ankle reach"
      unit="°"
      value={occasion.reachDeg}
      low={0}
      high={110}
      step={1}
      placeholder="not measured"
      onchange={(v) => (occasion.typedReach = v)}
    />
    <Select label="Ankle used to heels" options={REACH_SCHOOLS} value={occasion.school} onpick={(id: ReachSchool) => (occasion.school = id)} />
    <NumberField
      label="Weight"
      unit="kg"
      value={occasion.weightKg}
      low={15}
      high={250}
      step={1}
      onchange={(v) => (occasion.weightKg = v ?? occasion.weightKg)}
    />
    <NumberField
      label="Stature"
      unit="mm"
      value={occasion.statureMm}
      low={1000}
      high={2300}
      step={10}
      onchange={(v) => (occasion.statureMm = v ?? occasion.statureMm)}
    />
    {#each WEIGHTS as w (w.id)}
      <NumberField label="{w.name} counts" unit="times" value={occasion[w.id]} low={0} high={10} step={0.1} onchange={(v) => (occasion[w.id] = v ?? 1)} />
    {/each}
  </div>
  <div class="mt-2 flex flex-wrap items-end gap-2">
    <Check bind:checked={occasion.longSkirt}>long skirt</Check>
    <Check bind:checked={occasion.hem}>a hem is cut</Check>
    <Check bind:checked={occasion.withPartner}>beside a partner</Check>
    {#if occasion.withPartner}
      <div class="w-36">
        <NumberField
          label="Partner’s stature"
          unit="mm"
          value={occasion.partnerMm}
          low={1000}
          high={2300}
          step={10}
          onchange={(v) => (occasion.partnerMm = v ?? occasion.partnerMm)}
        />
      </div>
      <div class="w-36">
        <NumberField
          label="Partner’s heel"
          unit="mm"
          value={occasion.partnerHeelMm}
          low={0}
          high={200}
          step={5}
          onchange={(v) => (occasion.partnerHeelMm = v ?? 0)}
        />
      </div>
      <div class="w-36">
        <NumberField
          label="Taller by at least"
          unit="mm"
          value={occasion.leastTallerMm}
          low={-500}
          high={900}
          step={5}
          onchange={(v) => (occasion.leastTallerMm = v ?? 0)}
        />
      </div>
      <div class="w-36">
        <NumberField
          label="Taller by at most"
          unit="mm"
          value={occasion.mostTallerMm}
          low={-500}
          high={900}
          step={5}
          onchange={(v) => (occasion.mostTallerMm = v ?? 0)}
        />
      </div>
    {/if}
  </div>
  <p class="soft mt-2 text-sm">
    {occasion.person ? `${occasion.person.name}, ` : ''}foot of {formatLength(occasion.poseFoot.lengthMm, shown.unit)}. Every cost is this project’s estimate;
    change what counts and see what tips. Advice, not diagnosis.
  </p>
</Sheet>
