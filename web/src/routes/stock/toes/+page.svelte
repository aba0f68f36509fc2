<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { KINDS, type KindId } from '@chiave/core/fit';
  import { FOOT_TOE_SHAPES, formatLength, type Foot, type FootToeShape } from '@chiave/core/measure';
  import { capital } from '$lib/capital';
  import { FootHere } from '$lib/ui/heel/foot-here.svelte';
  import ToeCard from '$lib/ui/heel/ToeCard.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';
  import { said, type Beside } from '$lib/workers/remote';
  import { toesBeside } from '$lib/workers/toes-client';
  import type { Toes, ToeShapeDrawn } from '$lib/workers/toes.worker';

  let { data } = $props();
  const here = new FootHere();
  if (typeof window !== 'undefined') untrack(() => void here.open(data.person));
  /** Kinds in which a tip that no toe fills counts. */
  const SHAPED = KINDS.filter((k) => k.basis === 'usable' && !k.teacherLeads);
  let kind = $state<KindId>('flat');
  let shapes = $state.raw<ToeShapeDrawn[] | null>(null);
  let failed = $state('');
  let worker: Beside<Toes> | undefined;
  let turn = 0;
  async function lay(feet: Foot[], of: KindId): Promise<void> {
    const own = ++turn;
    try {
      const found = await (worker ??= toesBeside()).ask<ToeShapeDrawn[]>((t) => t.shapes(feet, of));
      if (own === turn) [shapes, failed] = [found, ''];
    } catch (error) {
      if (own === turn) failed = said(error);
    }
  }
  $effect(() => {
    const feet = JSON.parse(JSON.stringify(here.pair)) as Foot[];
    const of = kind;
    untrack(() => void lay(feet, of));
  });
  onDestroy(() => worker?.close());

  const LISTED = new Intl.ListFormat('en-GB');
  const usableOf = (s: ToeShapeDrawn): number => Math.min(...s.feet.map((f) => f.usableLengthMm));
  const says = $derived.by(() => {
    if (!shapes) return 'Laying the toes in every shape …';
    const suit = shapes.filter((s) => s.suits).map((s) => s.family.name);
    const longest = shapes.reduce((a, s) => (s.insoleLengthMm > a.insoleLengthMm ? s : a));
    const roomiest = shapes.reduce((a, s) => (usableOf(s) > usableOf(a) ? s : a));
    const first =
      suit.length === 0
        ? `None is right all over; nearest is ${shapes[0].family.name}`
        : `${capital(LISTED.format(suit.slice(0, 4)))} ${suit.length === 1 ? 'suits' : 'suit'} these toes`;
    const more = longest.insoleLengthMm - roomiest.insoleLengthMm;
    return usableOf(longest) < usableOf(roomiest)
      ? `${first}. Longer is not roomier: ${longest.family.name} is ${formatLength(Math.round(more), shown.unit)} longer than ${roomiest.family.name}, and ${formatLength(Math.round(usableOf(roomiest) - usableOf(longest)), shown.unit)} of usable length shorter.`
      : `${first}.`;
  });
  const longestMm = $derived(shapes ? Math.max(...shapes.map((s) => s.insoleLengthMm)) : 0);
  const TOES: readonly { id: FootToeShape; name: string }[] = FOOT_TOE_SHAPES.map((id) => ({ id, name: id }));
</script>

<svelte:head><title>Toe shapes · Chiave</title></svelte:head>
<h1 class="sr-only">Toe shapes</h1>
<p class="says mb-2" aria-live="polite">{says}</p>
{#if here.message || failed}<Notice class="mb-2" tone="caution" role="alert">{here.message || failed}</Notice>{/if}
<div class="mb-3 flex flex-wrap items-end gap-x-4 gap-y-2 print:hidden">
  <div class="w-56"><PersonFinder label="Whose feet" first={data.people} chosen={here.person} onchoose={(who) => here.open(who)} /></div>
  {#if here.sides.length < 2}
    <div class="w-36">
      <NumberField label="Foot length" unit="mm" value={here.lengthMm} low={150} high={330} step={1} onchange={(v) => (here.lengthMm = v ?? here.lengthMm)} />
    </div>
    <Choice
      name="toes"
      legend="Toes of the foot"
      options={TOES}
      value={here.toeShape}
      onchange={(id: FootToeShape) => (here.toeShape = id)}
      onclear={() => (here.toeShape = null)}
    />
    <div class="w-48">
      <NumberField label="Big-toe joint out" unit="mm" value={here.bunionMm} low={0} high={25} step={1} placeholder="0" onchange={(v) => (here.bunionMm = v)} />
    </div>
  {/if}
  <Select label="Kind of shoe" class="w-44" options={SHAPED} value={kind} onpick={(id: KindId) => (kind = id)} />
</div>
{#if shapes}
  <div class="grid gap-3 sm:grid-cols-3 lg:grid-cols-4">
    {#each shapes as shape (shape.family.id)}<ToeCard {shape} {longestMm} unit={shown.unit} />{/each}
  </div>
  <p class="soft mt-3 text-sm">
    All at one label, to one scale, best first by the toe’s worst place: room before it, beside it, over it. Dark bar: usable length of the smaller foot; brass:
    what stands empty before it. The trade says egyptian toes go with oblique, round and soft almond, greek with almond and pointed, square with square and
    round; the overlay with this very foot decides. Curves of shapes are this project’s estimates; a maker’s own last is looked at on the last bench.
  </p>
{/if}
