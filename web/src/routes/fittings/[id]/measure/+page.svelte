<script lang="ts">
  import {
    footAtHour,
    hourOf,
    judgeFeet,
    MEASURE,
    SIDES,
    SOCKS,
    trimNumber,
    type ArchType,
    type Foot,
    type FootInput,
    type FootToeShape,
    type MeasureId
  } from '@chiave/core/measure';
  import { format } from 'date-fns';
  import FootPair from '$lib/drawing/FootPair.svelte';
  import { footInputOf, feetOf } from '$lib/fit-feet';
  import Choice from '$lib/ui/Choice.svelte';
  import MeasureCell from '$lib/ui/MeasureCell.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import { getDesk } from '$lib/ui/desk.svelte';
  import { TAKEN } from '$lib/ui/entries';
  import { shown } from '$lib/ui/units.svelte';

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  let active = $state<MeasureId | ''>('');

  const feet = $derived(Object.fromEntries(feetOf(f).map((foot) => [foot.side, foot])) as Partial<Record<'left' | 'right', Foot>>);
  const inputs = $derived(SIDES.map((side) => footInputOf(side, f.feet[side], f.population)).filter((i): i is FootInput => i !== null));
  /** Left against right; each field's own questions stand under it. */
  const between = $derived(judgeFeet(inputs).filter((finding) => finding.message.includes('longer than the other')));
  const filledIn = $derived(feet.left?.assumed.filter((id) => id in MEASURE).map((id) => MEASURE[id as MeasureId].name) ?? []);
  const day = $derived(feet.left && f.measuredAt && f.wornAt ? footAtHour(feet.left, f.measuredAt, f.wornAt).steps : []);
  const sock = $derived(SOCKS.find((s) => Math.abs(s.mm - f.sockMm) < 0.01)?.id ?? null);

  const TOES: readonly { id: FootToeShape; name: string }[] = [
    { id: 'egyptian', name: 'tapered' },
    { id: 'greek', name: 'second longest' },
    { id: 'square', name: 'square' }
  ];
  const ARCHES: readonly { id: ArchType; name: string }[] = [
    { id: 'low', name: 'low' },
    { id: 'medium', name: 'medium' },
    { id: 'high', name: 'high' }
  ];
  const SINGLES = [
    { key: 'bunionMm', name: 'Bunion stands out', unit: 'mm', high: 25 },
    { key: 'hammerToeMm', name: 'Hammer toe stands higher', unit: 'mm', high: 25 },
    { key: 'ankleReachDeg', name: 'Ankle reach', unit: '°', high: 110 }
  ] as const;
  let timeText = $state<string | null>(null);
  const timeBad = $derived(timeText !== null && timeText.trim() !== '' && hourOf(timeText.trim()) === null);
</script>

<svelte:head><title>Measure · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Measure</h1>

<div class="grid gap-4 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
  <section class="sheet lg:sticky lg:top-2 lg:self-start" aria-label="Drawing">
    <div class="mx-auto max-w-[620px] lg:max-w-none"><FootPair {feet} unit={shown.unit} {active} /></div>
    <p class="soft text-sm">Solid outline from what was measured; dashed lines and italic figures are filled in from proportions.</p>
  </section>

  <section class="sheet">
    <div class="flex flex-wrap items-baseline gap-3">
      <h2 class="mr-auto">Both feet, standing, heel back, weight on</h2>
      {#if data.earlier && !feet.left && !feet.right}
        <button type="button" class="min-h-11 rounded border border-line px-3" onclick={() => desk.startFrom(data.earlier!.feet)}>
          Start from {format(new Date(data.earlier.openedAt), 'd MMM yyyy')}
        </button>
      {/if}
    </div>
    <p class="soft text-sm">
      Type 248, 24.8 cm or 9 3/4 in. A bare number is read in {shown.unit}. Up and down keys step by 1 mm, with Shift by 0.1. Only length is required.
    </p>
    <div class="mt-2 grid gap-y-2">
      {#each TAKEN as measure (measure.id)}
        <div class="row">
          <div>
            <p class="font-semibold">{measure.name}</p>
            <p class="soft text-sm">{measure.hint}</p>
          </div>
          {#each SIDES as side (side)}
            <MeasureCell
              {desk}
              {side}
              id={measure.id}
              name={measure.name}
              filled={feet[side]?.values[measure.id]}
              unit={shown.unit}
              onactive={(id) => (active = id)}
            />
          {/each}
        </div>
      {/each}
      {#each between as finding (finding.message)}<p class="notice" role="alert">{finding.message}</p>{/each}
    </div>

    <div class="mt-3 grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
      {#each SIDES as side (side)}
        {@const own = f.feet[side]}
        <div class="grid content-start gap-3">
          <p class="font-semibold {side === 'left' ? 'side-L' : 'side-R'}">{side === 'left' ? 'L left' : 'R right'}</p>
          <Choice name="toes-{side}" legend="Toe shape" options={TOES} value={own.toeShape} clearable onchange={(v) => desk.feature(side, { toeShape: v })} />
          <Choice name="arch-{side}" legend="Arch" options={ARCHES} value={own.archType} clearable onchange={(v) => desk.feature(side, { archType: v })} />
          <div class="grid grid-cols-3 items-end gap-2">
            {#each SINGLES as single (single.key)}
              <NumberField
                label={single.name}
                unit={single.unit}
                value={own[single.key]}
                low={0}
                high={single.high}
                step={1}
                onchange={(v) => desk.feature(side, { [single.key]: v })}
              />
            {/each}
          </div>
        </div>
      {/each}
    </div>

    <div class="mt-3 grid gap-3 border-t border-line pt-3">
      <div class="flex flex-wrap items-end gap-2">
        <label class="block w-40"
          ><span class="font-semibold">Measured at</span>
          <input
            class="field figures"
            value={timeText ?? f.measuredAt}
            placeholder="not noted"
            aria-invalid={timeBad}
            oninput={(e) => {
              timeText = e.currentTarget.value;
              if (timeText.trim() === '' || hourOf(timeText.trim()) !== null) desk.patch({ measuredAt: timeText.trim() });
            }}
          />
        </label>
        <button
          type="button"
          class="min-h-11 rounded border border-line px-3"
          onclick={() => {
            timeText = null;
            desk.patch({ measuredAt: format(new Date(), 'HH:mm') });
          }}>Now</button
        >
        {#if timeBad}<p class="text-tight">Write the time as HH:MM.</p>{/if}
        {#if day.length > 0}<p class="soft text-sm">
            Worn {f.wornAt}: {day.map((s) => `${s.measure} ${s.mm > 0 ? '+' : '−'}${trimNumber(Math.abs(s.mm))} mm`).join(', ')} (estimate)
          </p>{/if}
      </div>
      <Choice
        name="sock-measure"
        legend="Sock it will be worn with"
        options={SOCKS}
        value={sock}
        onchange={(id) => desk.patch({ sockMm: SOCKS.find((s) => s.id === id)?.mm ?? f.sockMm })}
      />
      {#if filledIn.length > 0}<p class="soft text-sm">Filled in from proportions, with a wider error: {filledIn.join(', ')}.</p>{/if}
    </div>
  </section>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(6.5rem, 0.8fr) minmax(0, 1.25fr) minmax(0, 1.25fr);
    gap: 0.6rem;
    align-items: start;
  }
</style>
