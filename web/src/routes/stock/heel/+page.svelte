<script lang="ts">
  import { untrack } from 'svelte';
  import { GROUND, GROUNDS, HEEL_SHAPES, heelCautions, HOLDS, tipOf, type GroundId, type HeelShapeId, type HoldId } from '@chiave/core/heel';
  import { formatLength } from '@chiave/core/measure';
  import { DRAGGED } from '$lib/drawing/heel-row';
  import HeelRow from '$lib/drawing/HeelRow.svelte';
  import StandsOn from '$lib/drawing/StandsOn.svelte';
  import { capital } from '$lib/capital';
  import { REACH_WORDS } from '$lib/ui/fitting/names';
  import BandCard from '$lib/ui/heel/BandCard.svelte';
  import { Beside } from '$lib/ui/heel/beside.svelte';
  import BesideCard from '$lib/ui/heel/BesideCard.svelte';
  import { groundWord } from '$lib/drawing/ground-words';
  import { HeelBench } from '$lib/ui/heel/heel-bench.svelte';
  import HeelFigures from '$lib/ui/heel/HeelFigures.svelte';
  import HeelSetup from '$lib/ui/heel/HeelSetup.svelte';
  import HemCard from '$lib/ui/heel/HemCard.svelte';
  import TipCard from '$lib/ui/heel/TipCard.svelte';
  import TipStockCard from '$lib/ui/heel/TipStockCard.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Slider from '$lib/ui/kit/Slider.svelte';
  import { SIDE_CHOICES } from '$lib/ui/kit/side-choices';
  import { shown } from '$lib/ui/kit/units.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';

  let { data } = $props();
  const bench = new HeelBench();
  untrack(() => bench.begin(data));
  const beside = new Beside(bench);
  if (typeof window !== 'undefined') untrack(() => void bench.open(data.person));
  const unit = $derived(shown.unit);
  const r = $derived(bench.stood.report);
  const word = $derived(groundWord(r));
  const tipMm = $derived(tipOf(bench.stood.made, bench.poseFoot.lengthMm).widthMm);
  const heel = $derived(HEEL_SHAPES.find((s) => s.id === bench.stood.made.heel)!);
  const says = $derived(
    `${formatLength(bench.heightMm, unit)} ${heel.name}${bench.platformMm > 0 ? ` on ${formatLength(bench.platformMm, unit)}` : ''}: ${REACH_WORDS[r.reach]}. On ${GROUND[bench.ground].name}: ${word.words}.`
  );
  const cautions = $derived(heelCautions({ made: bench.stood.made, report: r, lowIsSafer: bench.lowIsSafer, toeSpringDeg: 0 }));
</script>

<svelte:head><title>Heel bench · Chiave</title></svelte:head>
<h1 class="sr-only">Heel bench</h1>
<p class="says mb-1" aria-live="polite">
  {capital(says)}
  <span class="soft"
    >{bench.person ? `${bench.person.name}, ` : 'A foot of '}{formatLength(bench.poseFoot.lengthMm, unit)}{bench.reachDeg === null
      ? ''
      : `, reach ${bench.reachDeg}°`}</span
  >
</p>
<div class="mb-2 flex flex-wrap items-end gap-x-4 gap-y-1 print:hidden">
  <Choice name="heel" legend="Heel" hideLegend options={HEEL_SHAPES} value={bench.shape} onchange={(id: HeelShapeId) => bench.setShape(id)} />
</div>
{#if bench.message}<Notice class="mb-2" tone="caution" role="alert">{bench.message}</Notice>{/if}
<HeelRow {bench} {unit} onheight={(mm) => (bench.heightMm = mm)} ondragged={(id, value) => bench.set(id, value)} />
<div class="mt-2 flex flex-wrap items-end gap-x-3 gap-y-2 print:hidden">
  <Select label="Ground" hideLabel class="w-46" options={GROUNDS} value={bench.ground} onpick={(id: GroundId) => (bench.ground = id)} />
  <Select label="What holds the ankle" hideLabel class="w-44" options={HOLDS} value={bench.hold} onpick={(id: HoldId) => (bench.hold = id)} />
  <div class="w-42"><PersonFinder label="Whose foot" hideLabel first={data.people} chosen={bench.person} onchoose={(who) => bench.open(who)} /></div>
  <Slider
    class="w-34"
    label="Platform: {formatLength(bench.platformMm, unit)}"
    {...DRAGGED.platformMm}
    value={bench.platformMm}
    oninput={(mm) => bench.set('platformMm', mm)}
  />
  <Slider
    class="w-34"
    label="Tip across: {formatLength(tipMm, unit)}"
    {...DRAGGED.tipMm}
    value={Math.min(DRAGGED.tipMm.high, tipMm)}
    disabled={heel.tipWidthMm === null}
    oninput={(mm) => bench.set('tipMm', mm)}
  />
  <Slider class="w-34" label="Ground falls: {bench.slopeDeg}°" {...DRAGGED.slopeDeg} value={bench.slopeDeg} oninput={(deg) => bench.set('slopeDeg', deg)} />
  {#if bench.sides.length > 1}<Choice name="side" legend="Foot" hideLegend options={SIDE_CHOICES} bind:value={bench.side} />{/if}
</div>
<div class="mt-3 grid gap-3 lg:grid-cols-3">
  <TipCard {bench} {unit} />
  <BandCard {bench} {unit} />
  <HemCard {bench} {unit} />
</div>
<div class="mt-3 grid gap-3 lg:grid-cols-[minmax(0,7fr)_minmax(0,4fr)]">
  <Sheet heading="This heel, this foot"><HeelFigures {bench} {unit} /></Sheet>
  <Sheet heading="What one stands on"
    ><StandsOn made={bench.stood.made} report={r} lengthMm={bench.poseFoot.lengthMm} weightKg={bench.weightKg} />
    <p class="soft text-sm">Steadiness compares shoes; it is no limit of safety. Straps and laces count as more base.</p></Sheet
  >
</div>
<TipStockCard {bench} stock={data.tipStock} {unit} />
<BesideCard {bench} {beside} people={data.people} {unit} />
<Sheet class="mt-3 print:hidden" heading="The shoe and the wearer"><HeelSetup {bench} /></Sheet>
{#each cautions as caution (caution.id)}<Notice class="mt-2" tone="caution">{caution.words}</Notice>{/each}
<p class="soft mt-2 text-sm">
  Advice, not diagnosis: clinicians, teachers, makers and the rules of a studio come first. Figures without a source are this project’s estimates.
</p>
