<script lang="ts">
  import { addDays, format } from 'date-fns';
  import { FLAG, KINDS, type KindId } from '@chiave/core/fit';
  import { lastBuy, lifeKm, livesUntil, numberOf, UNTIL_WORDS, USE, useReading, wearIn } from '@chiave/core/use';
  import { capital } from '$lib/capital';
  import BuyDays from '$lib/drawing/use/BuyDays.svelte';
  import LifeBar from '$lib/drawing/use/LifeBar.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import type { Suits } from '$lib/workers/messages';
  import type { UseBench } from './use-bench.svelte';

  /** When to buy for a day, with the time a pair is worn in; and whether a running pair lives until the race. */
  let { bench }: { bench: UseBench } = $props();
  const today = format(new Date(), 'yyyy-MM-dd');
  const IN_SIX_WEEKS = 42;
  /** The use whose shoes are worn down by kilometres. */
  const runs = useReading('spare');
  let event = $state(format(addDays(new Date(), IN_SIX_WEEKS), 'yyyy-MM-dd'));
  /** As chosen here; else what the use of whoever stands at the bench is for. */
  let kindChosen = $state<KindId | null>(null);
  const kind = $derived(kindChosen ?? USE[bench.use].madeFor[0]);
  let postDays = $state(0);
  let deviceChosen = $state<boolean | null>(null);
  const withDevice = $derived(deviceChosen ?? bench.setting.person.flags.some((f) => FLAG[f].device));
  const readable = $derived(/^\d{4}-\d{2}-\d{2}$/.test(event));
  const buy = $derived(readable ? lastBuy(event, kind, { withDevice, postDays }) : null);
  const days = $derived(wearIn(kind, withDevice));
  const late = $derived(buy === null ? '' : event < today ? 'That day is past.' : buy.last < today ? 'Too late to wear a new pair in: go in what is worn already, or in one that needs least.' : buy.better < today ? 'Later than is good: wear the new pair a little every day from now on.' : ''); // prettier-ignore

  const isRunning = $derived(runs.madeFor.includes(kind));
  let shelf = $state.raw<Suits | null>(null);
  $effect(() => {
    if (!isRunning) return;
    void bench.setting;
    if (bench.use !== runs.id) bench.use = runs.id;
    else void bench.shelf(runs.madeFor, ['rear', 'grams', 'sole']).then((s) => s && (shelf = s));
  });
  /** Own pairs first: it is they that have run. */
  const pairs = $derived.by(() => {
    if (!shelf) return [];
    const own = bench.own.map((o) => o.styleId).filter((id) => shelf!.suits[id]);
    return [...own, ...shelf.order.filter((id) => !own.includes(id))].map((id) => ({ id, name: bench.nameOf(id) + (own.includes(id) ? ', own' : '') }));
  });
  let chosen = $state('');
  const pair = $derived(pairs.some((p) => p.id === chosen) ? chosen : (pairs[0]?.id ?? ''));
  let runKm = $state<number | null>(0);
  const toComeKm = $derived(numberOf(bench.answers, 'kmToRace') ?? 0);
  const life = $derived.by(() => {
    const f = shelf?.suits[pair]?.figures;
    if (!f?.rear || !f.grams || !f.sole || bench.weightKg === null) return null;
    const of = { rear: f.rear.centre, grams: f.grams.centre, sole: f.sole.centre, weightKg: bench.weightKg, answers: bench.answers };
    return { ...lifeKm(of), until: livesUntil(runKm ?? 0, toComeKm, of), known: f.rear.known && f.grams.known };
  });
</script>

<div class="grid gap-3 {isRunning ? 'lg:grid-cols-2' : ''}">
  <Sheet heading="Bought in time">
    <div class="flex flex-wrap items-end gap-3">
      <Field label="The day" type="date" bind:value={event} error={readable ? undefined : 'a day as 2027-04-11'} />
      <Select label="What kind" options={KINDS} value={kind} onpick={(id: KindId) => (kindChosen = id)} />
      <div class="w-40">
        <NumberField label="In the post" unit="days" value={postDays} low={0} high={90} step={1} onchange={(n) => (postDays = n ?? 0)} />
      </div>
      <Check bind:checked={() => withDevice, (on) => (deviceChosen = on)}>worn with a device</Check>
    </div>
    {#if buy}
      <p class="says mt-3 text-xl" role="status">
        Buy by {format(new Date(`${buy.better}T12:00`), 'd MMMM')}, at the latest {format(new Date(`${buy.last}T12:00`), 'd MMMM')}.
      </p>
      {#if late}<Notice class="mt-2" tone="caution" role="alert">{late}</Notice>{/if}
      <div class="mt-3"><BuyDays {today} better={buy.better} last={buy.last} {event} /></div>
      <p class="soft">
        Worn in for {days.least} days at least, better {days.better}{postDays > 0 ? `; ${postDays} days in the post` : ''}. Common practice{withDevice
          ? '; with a device the therapist walks in them with the wearer first'
          : ''}.
      </p>
    {/if}
  </Sheet>
  {#if isRunning}
    <Sheet heading="Does the pair live until then?">
      <div class="flex flex-wrap items-end gap-3">
        <Select label="Pair" options={pairs} bind:value={() => pair, (id) => (chosen = id ?? '')} />
        <div class="w-40"><NumberField label="Run so far" unit="km" value={runKm} low={0} high={5000} step={10} onchange={(n) => (runKm = n)} /></div>
        <div class="w-40">
          <NumberField
            label="To come"
            unit="km"
            value={numberOf(bench.answers, 'kmToRace')}
            low={0}
            high={3000}
            step={10}
            onchange={(n) => (bench.answers = { ...bench.answers, kmToRace: n ?? undefined })}
          />
        </div>
        <div class="w-40">
          <NumberField label="Weight" unit="kg" value={bench.weightKg} low={20} high={250} step={1} onchange={(n) => (bench.weightKg = n)} />
        </div>
      </div>
      {#if life}
        <p class="says mt-3 text-xl" role="status">{capital(UNTIL_WORDS[life.until])}.</p>
        <div class="mt-2"><LifeBar runKm={runKm ?? 0} {toComeKm} {life} until={life.until} /></div>
        <p class="soft">
          Our estimate, by weight, firmness and weight of the shoe, sole and surface{life.known ? '' : '; firmness or weight of this one was not taken'}. Two
          pairs in turn last longer.
        </p>
      {:else}<p class="soft mt-3">Type the runner’s weight: how long a pair lasts hangs on it.</p>{/if}
    </Sheet>
  {/if}
</div>
