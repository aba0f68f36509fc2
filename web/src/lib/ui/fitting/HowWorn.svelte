<script lang="ts">
  import { BETWEEN_SCHOOLS, BREAK_INS, cautionsFor, ORDINARY_WEAR, PREFERENCES, ROOM_SCHOOLS } from '@chiave/core/fit';
  import { hourOf, POPULATIONS, SOCKS } from '@chiave/core/measure';
  import { ageOf } from '$lib/fit-feet';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Desk } from './desk.svelte';
  import { FLAG_CHOICES } from './names';

  /** How the shoes of a fitting will be worn, which schools it goes by, and what is to be taken care of. */
  let { desk }: { desk: Desk } = $props();
  const f = $derived(desk.fitting);
  const sock = $derived(SOCKS.find((s) => Math.abs(s.mm - f.sockMm) < 0.01)?.id ?? null);
  const cautions = $derived(
    cautionsFor({
      kind: null,
      wear: { ...ORDINARY_WEAR, age: ageOf(f.customer) },
      flags: f.customer.flags,
      reach: [],
      dropMm: 0,
      stretchOffered: false,
      overMm: 0
    })
  );
  const WORN = [
    { id: '', name: 'any time' },
    { id: 'morning', name: 'morning' },
    { id: 'noon', name: 'noon' },
    { id: 'evening', name: 'evening' }
  ] as const;
  let wornText = $state<string | null>(null);
  const wornBad = $derived(wornText !== null && wornText.trim() !== '' && hourOf(wornText.trim()) === null);
  const BREAK_IN_NAMES = { now: 'as it feels now', mould: 'let it mould' } as const;
</script>

<Sheet class="grid content-start gap-4" heading="How it will be worn">
  <Choice name="sock" legend="Sock" options={SOCKS} value={sock} onchange={(id) => desk.patch({ sockMm: SOCKS.find((s) => s.id === id)?.mm ?? f.sockMm })} />
  <div class="grid grid-cols-2 gap-3">
    <NumberField label="Sock, one layer" unit="mm" value={f.sockMm} low={0} high={12} step={0.1} onchange={(v) => desk.patch({ sockMm: v ?? 0 })} />
    <NumberField label="Own insole or insert" unit="mm" value={f.insertMm} low={-12} high={20} step={0.5} onchange={(v) => desk.patch({ insertMm: v ?? 0 })} />
  </div>
  <div>
    <Choice
      name="worn"
      legend="Worn"
      options={WORN}
      value={WORN.find((w) => w.id === f.wornAt)?.id ?? null}
      onchange={(id) => desk.patch({ wornAt: id ?? '' })}
    />
    <Field
      label="or at a time"
      figures
      class="mt-2 max-w-60"
      value={wornText ?? (WORN.some((w) => w.id === f.wornAt) ? '' : f.wornAt)}
      placeholder="20:30"
      oninput={(e) => {
        wornText = e.currentTarget.value;
        if (hourOf(wornText.trim()) !== null) desk.patch({ wornAt: wornText.trim() });
      }}
      error={wornBad ? 'Write the time as HH:MM.' : undefined}
    />
  </div>
  <Choice
    name="preference"
    legend="Likes it"
    options={PREFERENCES.map((id) => ({ id, name: id }))}
    value={f.preference}
    onchange={(v) => desk.patch({ preference: v ?? 'regular' })}
  />
  <Choice
    name="breakIn"
    legend="Leather that will give: two schools"
    options={BREAK_INS.map((id) => ({ id, name: BREAK_IN_NAMES[id] }))}
    value={f.breakIn}
    onchange={(v) => desk.patch({ breakIn: v ?? 'now' })}
  />
  <p class="soft -mt-2 text-sm">
    One school: what you feel in the shop you go on feeling. The other: firm in girth is right where leather will give by its forecast. Length never gives, in
    either.
  </p>
  <Choice
    name="room"
    legend="Room in front: where schools differ"
    options={ROOM_SCHOOLS}
    value={f.roomSchool}
    onchange={(v) => desk.patch({ roomSchool: v ?? 'middle' })}
  />
  <p class="soft -mt-2 text-sm">
    The runner’s school finds most shoes too short; the clinic’s that too long trips and too wide shears. For running, walking, sneakers, lace boots and
    oxfords; the zone’s limits move by a few millimetres (estimate).
  </p>
  <Choice
    name="between"
    legend="Sandals and boots between two sizes: where schools differ"
    options={BETWEEN_SCHOOLS}
    value={f.betweenSchool}
    onchange={(v) => desk.patch({ betweenSchool: v ?? 'middle' })}
  />
  <p class="soft -mt-2 text-sm">
    Many dance heels come in whole sizes only. One school sends sandals down and closed boots up; the other sends every boot up, since a tight one hurts. A wide
    foot goes up and a narrow one down in either; a high arch slides forward. Half a half size of toe room (estimate).
  </p>
  <Choice
    name="population"
    legend="What is not measured is filled from"
    options={POPULATIONS}
    value={f.population}
    onchange={(v) => desk.patch({ population: v ?? 'general' })}
  />
  <Choices legend="To take care of" options={FLAG_CHOICES} chosen={f.customer.flags} onchange={(flags) => desk.patch({ flags })} />
  {#each cautions as caution, at (at)}<Notice tone="caution">{caution}</Notice>{/each}
</Sheet>
