<script lang="ts">
  import { cautionsFor, ORDINARY_WEAR, ROOM_SCHOOLS, BETWEEN_SCHOOLS, type FlagId } from '@chiave/core/fit';
  import { POPULATIONS, SOCKS, hourOf } from '@chiave/core/measure';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { ageOf } from '$lib/fit-feet';
  import { FLAG_CHOICES, KIND_CHOICES } from '$lib/ui/fitting/names';
  import Area from '$lib/ui/kit/Area.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  const desk = getDesk();
  const f = $derived(desk.fitting);
  const sock = $derived(SOCKS.find((s) => Math.abs(s.mm - f.sockMm) < 0.01)?.id ?? null);
  const cautions = $derived(
    cautionsFor({
      kind: null,
      wear: { ...ORDINARY_WEAR, age: ageOf(f.customer) },
      flags: f.customer.flags as FlagId[],
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
</script>

<svelte:head><title>Ask · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Ask</h1>

<div class="grid gap-4 lg:grid-cols-2">
  <Sheet class="grid content-start gap-4" heading="What for">
    <Field
      label="Purpose"
      value={f.purpose}
      maxlength={300}
      oninput={(e) => desk.patch({ purpose: e.currentTarget.value })}
      placeholder="where, how long, with what"
    />
    <Choices
      legend="Kinds of shoe"
      options={KIND_CHOICES}
      chosen={f.kinds as (typeof KIND_CHOICES)[number]['id'][]}
      onchange={(kinds) => desk.patch({ kinds })}
    />
    <Area
      label="Worn now, and how it feels"
      rows={2}
      maxlength={2000}
      value={f.wearingNow}
      oninput={(e) => desk.patch({ wearingNow: e.currentTarget.value })}
    />
    <Area
      label="Trouble"
      rows={2}
      maxlength={2000}
      value={f.trouble}
      oninput={(e) => desk.patch({ trouble: e.currentTarget.value })}
      placeholder="where it rubs, what went numb, when"
    />
  </Sheet>

  <Sheet class="grid content-start gap-4" heading="How it will be worn">
    <Choice name="sock" legend="Sock" options={SOCKS} value={sock} onchange={(id) => desk.patch({ sockMm: SOCKS.find((s) => s.id === id)?.mm ?? f.sockMm })} />
    <div class="grid grid-cols-2 gap-3">
      <NumberField label="Sock, one layer" unit="mm" value={f.sockMm} low={0} high={12} step={0.1} onchange={(v) => desk.patch({ sockMm: v ?? 0 })} />
      <NumberField
        label="Own insole or insert"
        unit="mm"
        value={f.insertMm}
        low={-12}
        high={20}
        step={0.5}
        onchange={(v) => desk.patch({ insertMm: v ?? 0 })}
      />
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
      options={[
        { id: 'snug', name: 'snug' },
        { id: 'regular', name: 'regular' },
        { id: 'generous', name: 'generous' }
      ]}
      value={f.preference}
      onchange={(v) => desk.patch({ preference: v ?? 'regular' })}
    />
    <Choice
      name="breakIn"
      legend="Leather that will give: two schools"
      options={[
        { id: 'now', name: 'as it feels now' },
        { id: 'mould', name: 'let it mould' }
      ]}
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
      Many dance heels come in whole sizes only. One school sends sandals down and closed boots up; the other sends every boot up, since a tight one hurts. A
      wide foot goes up and a narrow one down in either; a high arch slides forward. Half a half size of toe room (estimate).
    </p>
    <Choice
      name="population"
      legend="What is not measured is filled from"
      options={POPULATIONS}
      value={f.population as (typeof POPULATIONS)[number]['id']}
      onchange={(v) => desk.patch({ population: v ?? 'general' })}
    />
    <Choices legend="To take care of" options={FLAG_CHOICES} chosen={f.customer.flags as FlagId[]} onchange={(flags) => desk.patch({ flags })} />
    {#each cautions as caution, at (at)}<Notice tone="caution">{caution}</Notice>{/each}
  </Sheet>
</div>
