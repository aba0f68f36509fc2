<script lang="ts">
  import {
    archCarried,
    baseOf,
    CLEAVAGE,
    cleavageOf,
    frictionNeeded,
    LOAD,
    MUCH_FOR_LEG,
    REFERENCE_FOOT_MM,
    shareOfLeg,
    SLIDE,
    tipPlace
  } from '@chiave/core/heel';
  import { ARCH_LINES } from '@chiave/core/last';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import type { HeelBench } from './heel-bench.svelte';

  /** What the heel looked at comes to on this foot: low, centre and high together. */
  let { bench, unit }: { bench: HeelBench; unit: LengthUnit } = $props();
  const r = $derived(bench.stood.report);
  let kneeMm = $state<number | null>(null);
  const mm = (value: number): string => formatFigure(Math.round(value * 10) / 10, unit);
  const whole = (value: number): string => formatFigure(Math.round(value), unit);
  const deg = (value: number): string => `${value.toFixed(0)}°`;
  const percent = (value: number): string => `${Math.round(100 * value)} %`;
  const kg = (value: number): string => `${Math.round(value * bench.weightKg)} kg`;
  interface Row {
    what: string;
    low: string;
    centre: string;
    high: string;
    note: string;
  }
  const rows = $derived.by((): Row[] => [
    {
      what: 'pitch of the foot',
      low: deg(r.pitchDeg.low),
      centre: deg(r.pitchDeg.pose),
      high: deg(r.pitchDeg.high),
      note: 'two bounds, and the pose between them'
    },
    {
      what: 'the ankle itself points',
      low: deg(r.ankleDemandDeg.low),
      centre: deg(r.ankleDemandDeg.centre),
      high: deg(r.ankleDemandDeg.high),
      note: bench.reachDeg === null ? 'reach not measured' : `of ${bench.reachDeg}° measured; midfoot and toe joint do the rest`
    },
    {
      what: 'weight on ball and toes',
      low: percent(r.ballLoadShare.low),
      centre: percent(r.ballLoadShare.centre),
      high: percent(r.ballLoadShare.high),
      note: `${kg(r.ballLoadShare.low)} to ${kg(r.ballLoadShare.high)}; ${percent(LOAD.flat)} barefoot; studies disagree on how much`
    },
    ...(r.slide
      ? [
          {
            what: 'slides forward',
            low: mm(r.slide.lowMm),
            centre: mm(r.slide.centreMm),
            high: mm(r.slide.highMm),
            note: `${unit}; standing still says nothing: a try-on must walk`
          },
          { what: 'toe room after it', low: mm(r.toeRoomAfterMm!.low), centre: mm(r.toeRoomAfterMm!.centre), high: mm(r.toeRoomAfterMm!.high), note: unit },
          { what: 'gap behind the heel', low: mm(r.heelGapMm!.low), centre: mm(r.heelGapMm!.centre), high: mm(r.heelGapMm!.high), note: unit }
        ]
      : []),
    {
      what: 'taller than barefoot',
      low: whole(r.rise.lowMm),
      centre: whole(r.rise.centreMm),
      high: whole(r.rise.highMm),
      note: `${unit}, at most ${whole(r.rise.mostMm)}`
    }
  ]);
  const arch = $derived(archCarried(r.pose, bench.archLine));
  const carries = $derived(ARCH_LINES.find((line) => archCarried(r.pose, line).carried));
  const place = $derived(tipPlace(r.pose, baseOf(bench.stood.made, bench.poseFoot.lengthMm, bench.weightKg)));
</script>

<Table>
  <thead
    ><tr class="border-b border-ink text-left"
      ><th scope="col"><span class="sr-only">what</span></th><th scope="col" class="text-right">low</th><th scope="col" class="text-right">centre</th><th
        scope="col"
        class="text-right">high</th
      ><th scope="col"></th></tr
    ></thead
  >
  <tbody>
    {#each rows as row (row.what)}
      <tr class="border-b border-line"
        ><th scope="row" class="text-left font-normal">{row.what}</th><td class="figures text-right">{row.low}</td><td class="figures text-right font-semibold"
          >{row.centre}</td
        ><td class="figures text-right">{row.high}</td><td class="soft pl-3 text-sm">{row.note}</td></tr
      >
    {/each}
  </tbody>
</Table>
<div class="mt-2 grid gap-1">
  <p>
    <b>How high it looks.</b> On a foot of {whole(REFERENCE_FOOT_MM)} it would look like {whole(r.seenHeightMm.ratio)} by the ratio of lengths, {whole(
      r.seenHeightMm.impression
    )} by the trade’s impression.
    {#if kneeMm !== null}Of a leg of {whole(kneeMm)} to the knee it is {shareOfLeg(bench.heightMm, kneeMm).toFixed(2)}: {shareOfLeg(bench.heightMm, kneeMm) >
      MUCH_FOR_LEG
        ? 'one school calls that much heel for this leg'
        : 'within what no school minds'}.{/if}
  </p>
  {#if r.dropMm > SLIDE.lowHeelMm}
    <p>
      <b>The arch</b>
      {arch.carried
        ? `is carried: this shank follows it.`
        : `hangs ${mm(arch.hangsMm)} ${unit} free of this shank${carries ? `; a ${carries} one would carry it` : ''}.`}
    </p>
  {/if}
  {#if r.cleavageMm}
    <p>
      <b>Toe cleavage.</b>
      {CLEAVAGE.find((c) => c.id === cleavageOf(r.cleavageMm!).id)!.name}: {r.cleavageMm.map((shown) => whole(Math.max(0, shown))).join(', ')}
      {unit} of the four clefts after the slide, from the big toe’s.
    </p>
  {/if}
  {#if bench.slopeDeg !== 0}
    <p>
      <b>On this slope</b> a walk needs a friction of {frictionNeeded(bench.slopeDeg).toFixed(2)} under the sole; leather on wet stone often has less than 0.25 (our
      estimate).
    </p>
  {/if}
  {#if place !== 'under-heel'}<p>
      <b>The tip</b>
      {place === 'shank-bends' ? 'stands far behind the heel: the shank bends.' : 'stands before the heel’s middle: it tucks under.'}
    </p>{/if}
  <div class="w-56"><NumberField label="Floor to knee crease" unit="mm" value={kneeMm} low={250} high={650} step={5} onchange={(v) => (kneeMm = v)} /></div>
</div>
