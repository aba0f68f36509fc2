<script lang="ts">
  import { FLAG, SYMPTOM, SYMPTOMS, type SymptomId } from '@chiave/core/fit';
  import type { Foot, Side } from '@chiave/core/measure';
  import { WHOM } from '@chiave/core/use';
  import { FINDINGS, TROUBLE_SIDES, type LookedRow, type PairRow, type TroublesAnswer } from '$lib/api/keep-schema';
  import { capital } from '$lib/capital';
  import FootPlaces from '$lib/drawing/keep/FootPlaces.svelte';
  import { shortDay } from '$lib/keep-words';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { untrack } from 'svelte';
  import type { PersonKeep } from './person-keep.svelte';

  /** Troubles brought home, each with its pair, side and place, and what they point to; and the daily look at feet that need one. */
  // prettier-ignore
  let { keep, told, looks, missed, flags, pairs, feet, today }: {
    keep: PersonKeep; told: TroublesAnswer; looks: readonly LookedRow[]; missed: readonly string[]; flags: readonly (keyof typeof FLAG)[]; pairs: readonly PairRow[]; feet: readonly Foot[]; today: string;
  } = $props();
  let symptom = $state<SymptomId>(SYMPTOMS[0].id);
  let side = $state<(typeof TROUBLE_SIDES)[number]>('left');
  let pairId = $state('');
  let on = $state(untrack(() => today));
  let note = $state('');
  let place = $state.raw<{ side: Side; x: number; y: number } | null>(null);
  let found = $state<(typeof FINDINGS)[number]['id'][]>([]);
  const SIDE_CHOICES = TROUBLE_SIDES.map((id) => ({ id, name: id }));
  const pairName = (id: number | null): string => pairs.find((p) => p.id === id)?.body.name ?? '';
  const marks = $derived(
    told.troubles.flatMap(({ body }) => (body.place ? (body.side === 'both' ? (['left', 'right'] as const) : [body.side]).map((s) => ({ side: s, ...body.place!, words: SYMPTOM[body.symptom].name })) : [])) // prettier-ignore
  );
  const first = $derived(told.zones[0]);
  const headline = $derived(
    told.sizes[0] ? `${told.sizes[0].pairs} pairs went bad in ${told.sizes[0].size}: look at the size first.` : first ? `${told.troubles.length === 1 ? 'It points' : 'They point'} to ${first.name} first: ${first.way === 'off' ? 'in the wrong place' : `too ${first.way}`}.` : 'No trouble was brought home.' // prettier-ignore
  );
  const cautions = $derived([...new Set(told.troubles.map(({ body }) => SYMPTOM[body.symptom].caution).filter(Boolean))]);
  const daily = $derived(flags.some((f) => FLAG[f].numb || FLAG[f].device));
  const withDevice = $derived(flags.some((f) => FLAG[f].device));
  const wrong = (path: string): string | undefined => keep.errors.find((e) => e.path === path)?.message;
  async function add(): Promise<void> {
    const body = {
      on,
      symptom,
      side,
      pairId: pairId === '' ? null : Number(pairId),
      place: place && (side === 'both' || place.side === side) ? { x: place.x, y: place.y } : null,
      note
    };
    if (await keep.add('troubles', body)) [note, place] = ['', null];
  }
  const isSerious = $derived(found.some((id) => FINDINGS.find((f) => f.id === id)!.call));
  async function look(): Promise<void> {
    if (await keep.add('looks', { on: today, found: $state.snapshot(found) })) found = [];
  }
  const lookedToday = $derived(looks.some((l) => l.body.on === today));
</script>

{#if daily}
  <Sheet class="mb-3" data-looks>
    <div class="flex flex-wrap items-end gap-3">
      <h2 class="says mr-auto text-xl">
        {lookedToday ? 'The feet were looked at today.' : 'Not looked at today yet.'}
        {#if missed.length > 0}{missed.length === 1 ? 'One day' : `${missed.length} days`} of the last four weeks without a look: {missed
            .slice(-4)
            .map(shortDay)
            .join(', ')}{missed.length > 4 ? ' …' : ''}.{/if}
      </h2>
    </div>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <Choices
        legend="Under the sole, between the toes, at the edges: found"
        options={FINDINGS}
        chosen={found}
        onchange={(all: typeof found) => (found = all)}
      />
      <Button disabled={keep.busy || found.length === 0} onclick={look}>Note the look</Button>
    </div>
    <Notice class="mt-2" tone="caution">
      {isSerious
        ? `Today: call ${WHOM.clinician}, before the shoe is worn again.`
        : `A wound, a blister, warmth or a red place that stays: ${WHOM.clinician}, the same day${withDevice ? `; ${WHOM.orthotist} for the device` : ''}.`}
      Nothing here tells what it is.
    </Notice>
  </Sheet>
{/if}
<div class="grid gap-3 lg:grid-cols-[minmax(0,2fr)_minmax(0,3fr)]">
  <Sheet>
    <FootPlaces
      {feet}
      {marks}
      chosen={place}
      onplace={(s, p) => {
        place = { side: s, ...p };
        if (side !== 'both') side = s;
      }}
    />
    <p class="soft">Press where it hurts.</p>
  </Sheet>
  <div class="grid content-start gap-3">
    <Sheet>
      <h2 class="says text-xl">{headline}</h2>
      {#if told.zones.length > 0}
        <ul class="mt-1">
          {#each told.zones.slice(0, 4) as z (`${z.zone} ${z.way}`)}
            <li class="border-b border-line py-1 last:border-0">
              <b>{capital(z.name)}, {z.way === 'off' ? 'in the wrong place' : `too ${z.way}`}</b>
              <span class="soft">· in {z.troubles === 1 ? 'one trouble' : `${z.troubles} troubles`}</span><span class="block">{capital(z.then)}</span>
            </li>
          {/each}
        </ul>
        <p class="soft mt-1">By common practice: size and shape are looked at before training or the foot are blamed.</p>
      {/if}
      {#each cautions as c (c)}<Notice class="mt-2" tone="caution">{c}</Notice>{/each}
    </Sheet>
    <Sheet heading="Add a trouble">
      <div class="mt-1 flex flex-wrap items-end gap-2">
        <Select label="What" options={SYMPTOMS} value={symptom} onpick={(id: SymptomId) => (symptom = id)} />
        <Choice name="trouble-side" legend="Side" options={SIDE_CHOICES} value={side} onchange={(v) => (side = v)} />
        <Select label="In which pair" empty="not known" options={pairs.map((p) => ({ id: String(p.id), name: p.body.name }))} bind:value={pairId} />
        <Field label="On" type="date" class="w-44" bind:value={on} error={wrong('on')} />
        <Field label="Note" class="min-w-40 flex-1" maxlength={300} bind:value={note} />
        <Button disabled={keep.busy} onclick={add}>Add it</Button>
      </div>
    </Sheet>
    {#if told.troubles.length > 0}
      <Sheet heading="Brought home">
        <ul>
          {#each told.troubles as t (t.id)}
            <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1 last:border-0">
              <span class="figures w-20">{shortDay(t.body.on)}</span>
              <span class="mr-auto"
                ><b>{capital(SYMPTOM[t.body.symptom].name)}</b>, {t.body.side}{t.body.pairId ? `, in ${pairName(t.body.pairId)}` : ''}{t.body.note
                  ? `: ${t.body.note}`
                  : ''}</span
              >
              <Button
                kind="text"
                disabled={keep.busy}
                onclick={() => keep.remove('troubles', t.id)}
                aria-label="Take away: {SYMPTOM[t.body.symptom].name}, {shortDay(t.body.on)}">take away</Button
              >
            </li>
          {/each}
        </ul>
      </Sheet>
    {/if}
  </div>
</div>
