<script lang="ts">
  import { tick } from 'svelte';
  import {
    findSlips,
    groupsInOrder,
    judgeFeet,
    MEASURE,
    MEASURES,
    OPEN_GROUPS,
    POPULATIONS,
    readingSd,
    SIDES,
    sidesExchanged,
    type ArchType,
    type Foot,
    type FootInput,
    type FootToeShape,
    type JointValue,
    type MeasureId,
    type Side,
    type TakenId
  } from '@chiave/core/measure';
  import { POSTURE_ITEMS } from '@chiave/core/foot';
  import { format } from 'date-fns';
  import FootPair from '$lib/drawing/FootPair.svelte';
  import { footInputOf, feetOf } from '$lib/fit-feet';
  import type { FeetBody } from '$lib/api/foot-schema';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import GaugePanel from '$lib/ui/measure/GaugePanel.svelte';
  import FootState from '$lib/ui/measure/FootState.svelte';
  import JudgedFeet from '$lib/ui/measure/JudgedFeet.svelte';
  import Keypad from '$lib/ui/measure/Keypad.svelte';
  import MeasureCell from '$lib/ui/measure/MeasureCell.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { typeFast } from '$lib/ui/measure/quick-entry';
  import { send } from '$lib/send/save.svelte';
  import { shown } from '$lib/ui/frame/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  let { data } = $props();
  const desk = getDesk();
  const f = $derived(desk.fitting);
  let active = $state<{ id: TakenId; side: Side } | null>(null);

  const feet = $derived(Object.fromEntries(feetOf(f).map((foot) => [foot.side, foot])) as Partial<Record<Side, Foot>>);
  const inputs = $derived(SIDES.map((side) => footInputOf(side, f.feet[side], f.population)).filter((i): i is FootInput => i !== null));
  /** Left against right; each field's own questions stand under it. */
  const between = $derived(judgeFeet(inputs).filter((finding) => finding.code === 'feet-differ'));
  const filledIn = $derived(feet.left?.assumed.filter((id) => id in MEASURE).map((id) => MEASURE[id as MeasureId].name) ?? []);

  // The whole set judged together, and against the last visit.
  const jointOf = (body: FeetBody): JointValue[] =>
    SIDES.flatMap((side) =>
      MEASURES.flatMap(({ id }) => {
        const value = body[side].values[id];
        if (!value) return [];
        // What a bunion adds to one foot is not a slip.
        const bump = id === 'ballWidthMm' ? (body[side].bunionMm ?? 0) : 0;
        return [{ side, id, mm: value.mm - bump, sdMm: value.sdMm ?? readingSd(id, value.how) }];
      })
    );
  const joint = $derived(jointOf(f.feet));
  const girthFactor = $derived(POPULATIONS.find((p) => p.id === f.population)?.girthFactor ?? 1);
  const slips = $derived(joint.length >= 2 ? findSlips(joint, girthFactor) : []);
  // A value that is asked about anyway must not speak for exchanged feet.
  const trusted = $derived(joint.filter((v) => !slips.some((s) => s.id === v.id)));
  const exchanged = $derived(data.earlier ? sidesExchanged(trusted, jointOf(data.earlier.feet)) : null);

  let order = $derived(data.measureOrder);
  const groups = $derived(groupsInOrder(order));
  const sequence = $derived(
    groups.filter((g) => OPEN_GROUPS.includes(g.id)).flatMap((g) => g.measures.flatMap((m) => SIDES.map((side) => ({ id: m.id, side }))))
  );
  let fast = $state(false);
  let gauge = $state(false);
  let fresh = $state(true);

  async function focus(id: TakenId, side: Side): Promise<void> {
    await tick();
    const field = document.querySelector<HTMLInputElement>(`[data-field="${id}-${side}"]`);
    field?.closest('details')?.setAttribute('open', '');
    field?.focus();
    field?.scrollIntoView({ block: fast ? 'center' : 'nearest' });
  }
  function next(id: TakenId, side: Side): void {
    const at = sequence.findIndex((s) => s.id === id && s.side === side);
    const after = sequence[at + 1];
    if (at >= 0 && after) void focus(after.id, after.side);
  }
  function keypad(key: string): void {
    const at = active ?? sequence[0];
    if (key === 'next') return next(at.id, at.side);
    const before = fresh && key !== '⌫' ? '' : (desk.entries[at.side][at.id] ?? '').replace(/ mm$/, '');
    fresh = false;
    if (typeFast(desk, at.side, at.id, key === '⌫' ? before.slice(0, -1) : before + key)) next(at.id, at.side);
    else if (!active) void focus(at.id, at.side).then(() => (fresh = false));
  }
  async function move(id: string, by: number): Promise<void> {
    const ids = groups.map((g) => g.id);
    const i = ids.indexOf(id);
    const moved = [...ids];
    moved.splice(i, 1);
    moved.splice(i + by, 0, id);
    order = moved;
    await send('/api/v1/settings/measures', 'PUT', { order: moved });
  }

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
  const PRINT = [
    { key: 'midfootMm', name: 'Wet print, narrowest' },
    { key: 'heelMm', name: 'Wet print, heel' },
    { key: 'forefootMm', name: 'Wet print, forefoot' }
  ] as const;
</script>

<svelte:head><title>Measure · {f.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Measure</h1>

<div class="grid gap-4 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)] {fast ? 'pb-40 lg:pb-0' : ''}">
  <Sheet class="lg:sticky lg:top-2 lg:self-start" aria-label="Drawing">
    <div class="mx-auto max-w-[520px] lg:max-w-none">
      <FootPair {feet} taken={{ left: f.feet.left.values, right: f.feet.right.values }} unit={shown.unit} {active} onpick={focus} />
    </div>
    <p class="soft text-sm">Drawn from the numbers. Dashed lines, pale dots and italic figures are filled in, not taken. Tap a place for its field.</p>
    {#if fast}
      <!-- Under the thumb on a tablet, wherever the page is scrolled to. -->
      <div class="fixed inset-x-0 bottom-0 z-10 lg:static lg:mt-2">
        <Keypad
          where={active
            ? `${active.side === 'left' ? 'L left' : 'R right'}, ${active.id in MEASURE ? MEASURE[active.id as MeasureId].name : 'this measure'}`
            : 'begins at the left length'}
          onkey={keypad}
        />
      </div>
    {/if}
  </Sheet>

  <div class="grid min-w-0 content-start gap-4">
    <Sheet>
      <div class="flex flex-wrap items-center gap-3">
        <h2 class="mr-auto">Both feet, heel back</h2>
        <Button
          pressed={fast}
          disabled={shown.unit !== 'mm'}
          title={shown.unit === 'mm' ? 'fields move on by themselves' : 'fast entry is in millimetres'}
          onclick={() => {
            fast = !fast;
            if (fast) void focus(sequence[0].id, sequence[0].side);
          }}>Fast entry</Button
        >
        <Button pressed={gauge} onclick={() => (gauge = !gauge)}>Digital gauge</Button>
        <Button href="/fittings/{f.id}/trace">From a tracing</Button>
        {#if data.earlier && !feet.left && !feet.right}
          <Button onclick={() => desk.startFrom(data.earlier!.feet, data.earlier!.weightKg)}>
            Start from {format(new Date(data.earlier.openedAt), 'd MMM yyyy')}
          </Button>
        {/if}
      </div>
      <p class="soft text-sm">
        {#if fast}
          Figures move on by themselves. Right foot: = the same as the left, +2 or −1 from it. Enter goes on.
        {:else}
          Type 243, 24.3 cm or 9 1/2 in. A bare number is read in {shown.unit}. Up and down keys step by 1 mm, with Shift by 0.1. Only length is required.
        {/if}
      </p>
      {#if gauge}<GaugePanel {desk} unit={shown.unit} />{/if}
      {#if exchanged?.message}<Notice class="mt-2" role="alert">{exchanged.message}</Notice>{/if}
      {#each slips as slip (slip.side + slip.id)}
        <Notice class="mt-2" role="alert" data-slip="{slip.id}-{slip.side}">
          {slip.message}
          {#if slip.offerMm !== null}
            <Button class="ml-1" kind="text" onclick={() => desk.type(slip.side, slip.id, `${slip.offerMm} mm`, 'mm')}>Take {slip.offerMm} mm</Button>
          {/if}
          <Button class="ml-1" kind="text" onclick={() => focus(slip.id, slip.side)}>Go to the field</Button>
        </Notice>
      {/each}
      {#if slips.length > 0}
        <p class="soft text-sm">
          Judged together with every other value: proportions from surveys, spreads of this project’s own (estimate). Nothing is changed unasked.
        </p>
      {/if}
      {#each between as finding, at (at)}<Notice class="mt-2" role="alert">{finding.message}</Notice>{/each}
      {#each groups as group, g (group.id)}
        <div class="relative mt-2 border-t border-line pt-1">
          <Button class="absolute right-0" aria-label="{group.name} earlier" disabled={g === 0} onclick={() => move(group.id, -1)}>↑</Button>
          <details open={OPEN_GROUPS.includes(group.id)}>
            <summary class="mr-12 flex min-h-11 items-center gap-2">
              <b class="text-brass">{group.name}</b><span class="soft mr-auto text-sm">{group.hint}</span>
            </summary>
            <div class="grid gap-y-2">
              {#each group.measures as measure (measure.id)}
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
                      filled={measure.id in MEASURE ? feet[side]?.values[measure.id as MeasureId] : undefined}
                      unit={shown.unit}
                      fast={fast && shown.unit === 'mm'}
                      onactive={(id, s) => {
                        active = { id, side: s };
                        fresh = true;
                      }}
                      onnext={next}
                    />
                  {/each}
                </div>
              {/each}
            </div>
          </details>
        </div>
      {/each}

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
              {#each PRINT as print (print.key)}
                <NumberField
                  label={print.name}
                  unit="mm"
                  value={own.print?.[print.key] ?? null}
                  low={0}
                  high={160}
                  step={1}
                  onchange={(v) => desk.feature(side, { print: { ...(own.print ?? { midfootMm: null, heelMm: null, forefootMm: null }), [print.key]: v } })}
                />
              {/each}
            </div>
            <details>
              <summary class="min-h-11 content-center">Posture score, six marks</summary>
              <p class="soft text-sm">As a clinician or a trained fitter scores them, −2 to +2 each. It grades, it does not diagnose.</p>
              {#each POSTURE_ITEMS as item, i (item)}
                <Choice
                  name="posture-{side}-{i}"
                  legend={item}
                  options={[-2, -1, 0, 1, 2].map((m) => ({ id: String(m), name: m > 0 ? `+${m}` : String(m).replace('-', '−') }))}
                  value={own.posture ? String(own.posture[i]) : null}
                  onchange={(v) => {
                    const marks = [...(own.posture ?? [0, 0, 0, 0, 0, 0])];
                    marks[i] = Number(v);
                    desk.feature(side, { posture: marks });
                  }}
                />
              {/each}
            </details>
          </div>
        {/each}
      </div>
      {#if filledIn.length > 0}<p class="soft mt-2 text-sm">Filled in from proportions, with a wider error: {filledIn.join(', ')}.</p>{/if}
    </Sheet>
    <FootState {desk} foot={feet.left ?? feet.right} />
    {#if feet.left || feet.right}<JudgedFeet {feet} taken={f.feet} group={f.customer.fitsAs} />{/if}
  </div>
</div>

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(6.5rem, 0.8fr) minmax(0, 1.25fr) minmax(0, 1.25fr);
    gap: 0.6rem;
    align-items: start;
  }
</style>
