<script lang="ts">
  import { WALL_BANDS } from '@chiave/core/pointe';
  import BoxAbove from '$lib/drawing/pointe/BoxAbove.svelte';
  import InBox from '$lib/drawing/pointe/InBox.svelte';
  import PlatformBelow from '$lib/drawing/pointe/PlatformBelow.svelte';
  import ShankStrip from '$lib/drawing/pointe/ShankStrip.svelte';
  import { WALL_COLOURS } from '$lib/drawing/pointe/wall-colours';
  import ThreePoses from '$lib/drawing/pointe/ThreePoses.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { smallFigure, smallLength } from '$lib/small-length';
  import { withMinus } from '$lib/true-minus';
  import { withFractions } from '$lib/size-fractions';
  import type { PointeBench } from './pointe-bench.svelte';
  import ShoeSliders from './ShoeSliders.svelte';
  import { aboutTen, againstShort, shankWords } from './words';
  import ZoneSums from './ZoneSums.svelte';

  /** One shoe on the foot looked at: three poses, the box from in front, the platform, the shank, others beside it. */
  let { bench }: { bench: PointeBench } = $props();
  const here = $derived(bench.here!);
  const report = $derived(here.report);
  const { hold, tips, cover } = $derived(report.inBox);
  const bears = $derived(
    hold.toes.flatMap((t, i) => (t.newtons > 20 ? [['big toe', 'second toe', 'third toe', 'fourth toe', 'little toe'][i]] : [])).join(', ') || 'no toe bears'
  );
  const fillers = $derived(report.inBox.fillersMm.flatMap((mm, i) => (mm > 0 ? [`toe ${i + 1} ${smallFigure(mm, unit)}`] : [])).join(', '));
  const newNm = $derived(here.filled.box.shank.nm);
  const unit = $derived(shown.unit);
  const deg = (n: number): string => withMinus(n.toFixed(1));
</script>

<div class="grid gap-3 lg:grid-cols-[minmax(0,9fr)_minmax(0,5fr)]">
  <Sheet class="!p-2"><ThreePoses {unit} side={bench.side} {report} drawn={bench.drawn!} /></Sheet>
  <!-- On a tablet box and platform stand side by side under the poses. -->
  <Sheet class="grid !p-2 md:max-lg:grid-cols-2 md:max-lg:gap-x-3">
    <div class="grid grid-cols-[minmax(0,5fr)_minmax(0,4fr)] gap-x-2">
      <InBox
        side={bench.side}
        front={bench.drawn!.front}
        width={250}
        height={240}
        scale={1.36}
        words="{bench.side} foot in the box from in front, on pointe: sinks {smallLength(hold.sinkMm, unit)}, walls carry {Math.round(
          100 * hold.wallsShare
        )} in 100"
      />
      <dl class="told grid content-start gap-1.5 pt-1">
        <div>
          <dt>{cover.wingInnerMm < 0 ? 'wings short' : 'wings hold'}</dt>
          <dd>{smallLength(Math.abs(cover.wingInnerMm), unit)} {cover.wingInnerMm < 0 ? 'under' : 'past'} the big joint</dd>
        </div>
        <div>
          <dt>sinks {smallLength(hold.sinkMm, unit)}</dt>
          <dd>{smallFigure(report.sinkMm.low, unit)} to {smallFigure(report.sinkMm.high, unit)}; walls carry {Math.round(100 * hold.wallsShare)} in 100</dd>
        </div>
        <div>
          <dt>{bears}</dt>
          <dd>{fillers ? `filler, ${unit}: ${fillers}` : 'no filler asked for'}</dd>
        </div>
      </dl>
    </div>
    <div class="grid grid-cols-[minmax(0,5fr)_minmax(0,4fr)] items-center gap-x-2 md:max-lg:block">
      <PlatformBelow side={bench.side} {report} />
      <div>
        <p class="leading-tight">
          platform, from below<br /><b>steady by {smallLength(tips.steadyMm, unit)}</b><br />{tips.centreMm >= 0 ? 'to the big toe' : 'to the little toe'},
          {smallLength(tips.steadyAlongMm, unit)} fore and aft
        </p>
        <ul class="mt-1.5 flex flex-wrap gap-x-3 text-[15px]" aria-label="Walls by how hard they press">
          {#each WALL_BANDS as band (band.id)}<li>
              <span class="mr-1 inline-block h-2.5 w-3 rounded-sm" style="background:{WALL_COLOURS[band.id]}"></span>{band.name}
            </li>{/each}
        </ul>
      </div>
    </div>
  </Sheet>
</div>
<div class="mt-3 grid gap-3 lg:grid-cols-[minmax(0,4fr)_minmax(0,8fr)]">
  <Sheet class="!p-3">
    <h2 class="section">
      {shankWords(report)}
    </h2>
    <ShankStrip {report} {newNm} left={here.worn.shankLeft} />
    {#if report.toSpareDeg && report.heldBackDeg}
      <p class="soft figures">
        over {deg(report.toSpareDeg.centre)}° ({report.toSpareDeg.low.toFixed(0)} to {report.toSpareDeg.high.toFixed(0)}), held {deg(
          report.heldBackDeg.centre
        )}° ({report.heldBackDeg.low.toFixed(0)} to
        {report.heldBackDeg.high.toFixed(0)}){#if bench.life}; lives {bench.life.hours.low.toFixed(0)} to {bench.life.hours.high.toFixed(0)} h{/if}
      </p>
    {/if}
  </Sheet>
  <ul class="grid grid-cols-2 gap-2 md:grid-cols-4" aria-label="Models side by side, size, width and shank held as equal as can be">
    {#each bench.row as shoe (shoe.name.modelId)}
      <li>
        <Button
          class="h-full w-full !items-start !justify-start gap-1.5 !px-2 !py-1.5 text-left"
          pressed={shoe.name.modelId === bench.shoe?.modelId}
          onclick={() => bench.look(shoe.name)}
        >
          <span class="w-[78px] shrink-0"><InBox side={bench.side} front={bench.frontOf(shoe)} width={84} height={112} scale={0.62} small /></span>
          <span class="min-w-0 leading-tight">
            <b class="font-serif text-lg font-semibold">{shoe.model.name}</b><br />
            <b class="figures">{withFractions(String(shoe.name.size))} · {shoe.name.mark}</b><br />
            <span class={shoe.report.decidedBy.state === 'right' ? '' : 'font-semibold text-tight-word'}>{againstShort(shoe.report)}</span><br />
            <span class="soft">{aboutTen(shoe.report.probability)}</span>
          </span>
        </Button>
      </li>
    {/each}
  </ul>
</div>
<Sheet class="mt-3" heading="What changes it"><ShoeSliders {bench} /></Sheet>
<Sheet class="mt-3" heading="Laid flat, from above"><BoxAbove {unit} side={bench.side} {report} /></Sheet>
<Sheet class="mt-3" heading="Zone by zone, with its sum"><ZoneSums {bench} /></Sheet>

<style>
  .told dt {
    font-family: var(--font-serif);
    font-size: 1.16rem;
    font-weight: 600;
    line-height: 1.2;
  }
  .told dd {
    color: var(--color-ink-soft);
    line-height: 1.25;
  }
  .section {
    font-weight: 650;
    font-size: 1.1rem;
  }
</style>
