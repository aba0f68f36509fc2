<script lang="ts">
  import { KINDS, type KindId } from '@chiave/core/fit';
  import { PAIR_USE, PAIR_USES, usesOf, type PairUseId } from '@chiave/core/keep';
  import { addDays, format, parseISO } from 'date-fns';
  import type { AppointmentRow, EventRow, PairRow, RotationAnswer, SeasonRow } from '$lib/api/keep-schema';
  import { capital } from '$lib/capital';
  import BuyDays from '$lib/drawing/use/BuyDays.svelte';
  import WeekOfPairs from '$lib/drawing/keep/WeekOfPairs.svelte';
  import { longDay, shortDay } from '$lib/keep-words';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { PersonKeep } from './person-keep.svelte';

  /** Which pair on which day, and what comes: whether a pair lives until then, and by when the next is bought. */
  // prettier-ignore
  let { keep, pairs, events, seasons, appointments, today }: {
    keep: PersonKeep; pairs: readonly PairRow[]; events: readonly EventRow[]; seasons: readonly SeasonRow[]; appointments: readonly AppointmentRow[]; today: string;
  } = $props();
  const owned = $derived(pairs.filter((p) => p.state === 'owned'));
  /** What somebody's pairs are for: the uses that can be put on days. */
  const uses = $derived(PAIR_USES.filter((u) => owned.some((p) => usesOf(p.body).includes(u.id))));
  const days = $derived(Array.from({ length: 7 }, (_, i) => format(addDays(parseISO(today), i), 'yyyy-MM-dd')));
  /** A use a day; the first use on every second day until somebody says otherwise. */
  let chosen = $state<Record<string, PairUseId | ''>>({});
  const useOn = (day: string, i: number): PairUseId | '' => chosen[day] ?? (i % 2 === 0 && uses[0] ? uses[0].id : '');
  const slots = $derived(days.flatMap((on, i) => (useOn(on, i) === '' ? [] : [{ on, use: useOn(on, i) as PairUseId }])));
  let turns = $state.raw<RotationAnswer['turns']>([]);
  $effect(() => {
    const asked = slots;
    void pairs;
    if (asked.length === 0) {
      turns = [];
      return;
    }
    let stale = false;
    void send<RotationAnswer>(`/api/v1/customers/${keep.personId()}/rotation`, 'POST', { slots: asked }).then((sent) => {
      if (!stale && sent.ok) turns = sent.value.turns;
    });
    return () => (stale = true);
  });
  const tired = $derived(turns.filter((t) => t.pair && !t.rested).length);
  const missing = $derived(turns.filter((t) => !t.pair));
  const headline = $derived(
    turns.length === 0 ? 'Nothing is on these days.' : missing.length > 0 ? `No pair is for ${[...new Set(missing.map((t) => PAIR_USE[t.use].name))].join(', ')}.` : tired > 0 ? `${tired === 1 ? 'One wear comes' : `${tired} wears come`} before the pair has rested: one pair more would do.` : 'Every pair rests between its wears.' // prettier-ignore
  );
  const seasonWords = (s: SeasonRow['pairs'][number]): string => {
    if (s.until === 'lives') return `${s.pair} lives until then`;
    const weeks = s.daysBefore === null ? '' : s.daysBefore >= 14 ? ` ${Math.round(s.daysBefore / 7)} weeks` : ` ${s.daysBefore} days`;
    return s.until === 'look' ? `${s.pair} may end before: look at foam and tread` : `${s.pair} ends${weeks} before`;
  };
  let name = $state('');
  let on = $state('');
  let kind = $state<KindId | ''>('');
  let km = $state<number | null>(null);
  let hem = $state(false);
  let comesOn = $state('');
  let comesAt = $state('10:00');
  let purpose = $state('');
  async function comes(): Promise<void> {
    if (await keep.add('appointments', { on: comesOn, time: comesAt, purpose })) [comesOn, purpose] = ['', ''];
  }
  const toCome = $derived(appointments.filter((a) => a.body.on >= today).sort((a, b) => `${a.body.on}${a.body.time}`.localeCompare(`${b.body.on}${b.body.time}`))); // prettier-ignore
  const wrong = (path: string): string | undefined => keep.errors.find((e) => e.path === path)?.message;
  async function add(): Promise<void> {
    if (await keep.add('events', { name, on, kind: kind === '' ? null : kind, kmAWeek: km ?? 0, hem })) [name, on, km, hem] = ['', '', null, false];
  }
</script>

<Sheet>
  <h2 class="says text-xl">{headline}</h2>
  {#if owned.length === 0}<Empty>No pair is in use yet.</Empty>{:else}
    {#if turns.length > 0}<div class="mt-2"><WeekOfPairs {turns} /></div>{/if}
    <div class="mt-2 flex flex-wrap gap-2 print:hidden">
      {#each days as day, i (day)}
        <Select
          label={format(parseISO(day), 'EEE d')}
          class="w-40"
          empty="nothing"
          options={uses}
          value={useOn(day, i)}
          onchange={(e) => (chosen = { ...chosen, [day]: e.currentTarget.value as PairUseId | '' })}
        />
      {/each}
    </div>
    <p class="soft mt-1">
      Leather soles, running foam and pointe boxes rest a whole day where that can be; what is left stays even. A proposal: whoever wears them decides.
    </p>
  {/if}
</Sheet>
<h2 class="mt-4 mb-2">What comes</h2>
<div class="grid gap-3 lg:grid-cols-2">
  {#each events as e (e.id)}
    {@const season = seasons.find((s) => s.eventId === e.id)}
    <Sheet data-event={e.body.name}>
      <div class="flex flex-wrap items-baseline gap-x-3">
        <h3 class="mr-auto">{capital(e.body.name)}, {longDay(e.body.on)}</h3>
        <Button kind="text" disabled={keep.busy} onclick={() => keep.remove('events', e.id)} aria-label="Take away: {e.body.name}">take away</Button>
      </div>
      {#if season}
        <p class="says text-lg">
          {season.pairs.length === 0 ? 'No pair for it yet' : season.pairs.map(seasonWords).join('; ')}{season.pairs.some((s) => s.until === 'lives')
            ? '.'
            : `: buy by ${shortDay(season.better)}, at the latest ${shortDay(season.buyBy)}; run it in from ${shortDay(season.wearInFrom)}.`}
        </p>
        <BuyDays {today} better={season.better} last={season.buyBy} event={e.body.on} />
      {:else}<p class="soft">{e.body.on < today ? 'It is past.' : 'What is worn is not decided.'}</p>{/if}
      {#if e.body.hem}<p class="soft">A long hem: it is cut with the shoes on.</p>{/if}
    </Sheet>
  {:else}<Empty>Nothing comes. A race, a premiere or a wedding tells by when to buy.</Empty>{/each}
</div>
<Sheet class="mt-3 print:hidden" heading="Add what comes">
  <div class="mt-1 flex flex-wrap items-end gap-2">
    <Field label="Called" class="min-w-48 flex-1" maxlength={120} bind:value={name} error={wrong('name')} placeholder="the lakeside run" />
    <Field label="On" type="date" class="w-44" bind:value={on} error={wrong('on')} />
    <Select label="Worn" empty="not decided" options={KINDS} value={kind} onchange={(e) => (kind = e.currentTarget.value as KindId | '')} />
    <div class="w-36"><NumberField label="Until then, a week" unit="km" value={km} low={0} high={400} step={5} onchange={(v) => (km = v)} /></div>
    <Check bind:checked={hem}>a long hem</Check>
    <Button disabled={keep.busy || name.trim() === '' || on === ''} onclick={add}>Add it</Button>
  </div>
</Sheet>
<Sheet class="mt-3 print:hidden" heading="Comes again">
  <ul>
    {#each toCome as a (a.id)}
      <li class="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
        <b class="figures">{longDay(a.body.on)}, {a.body.time}</b><span class="mr-auto">{a.body.purpose}</span>
        <Button kind="text" disabled={keep.busy} onclick={() => keep.remove('appointments', a.id)} aria-label="Take away: {longDay(a.body.on)}, {a.body.time}"
          >take away</Button
        >
      </li>
    {/each}
  </ul>
  <div class="mt-2 flex flex-wrap items-end gap-2">
    <Field label="Comes on" type="date" class="w-44" bind:value={comesOn} />
    <Field label="At" type="time" class="w-32" bind:value={comesAt} error={wrong('time')} />
    <Field label="For what" class="min-w-48 flex-1" maxlength={120} bind:value={purpose} placeholder="measured again" />
    <Button disabled={keep.busy || comesOn === ''} onclick={comes}>Note it</Button>
  </div>
</Sheet>
