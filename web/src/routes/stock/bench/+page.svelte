<script lang="ts">
  import { onDestroy, untrack } from 'svelte';
  import { comparables } from '$lib/compare-shoes';
  import LastViews from '$lib/drawing/LastViews.svelte';
  import type { ScaledPhoto } from '$lib/drawing/scaled-photo';
  import { download } from '$lib/ui/kit/download';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Slider from '$lib/ui/kit/Slider.svelte';
  import BenchReadout from '$lib/ui/stock/BenchReadout.svelte';
  import BenchSetup from '$lib/ui/stock/BenchSetup.svelte';
  import { LastBench } from '$lib/ui/stock/last-bench.svelte';
  import PhotoLayers from '$lib/ui/stock/PhotoLayers.svelte';

  let { data } = $props();
  const all = $derived(comparables(data.lasts, data.styles, data.makers));
  const bench = untrack(
    () =>
      new LastBench(
        () => all,
        () => shown.unit,
        data.asked
      )
  );
  let zoom = $state(1);
  let photos = $state<ScaledPhoto[]>([]);
  let drawing = $state<SVGSVGElement>();
  onDestroy(() => bench.stop());
  if (typeof window !== 'undefined') untrack(() => void bench.open(data.person));

  function saveSvg(): void {
    if (!drawing) return;
    const copy = drawing.cloneNode(true) as SVGSVGElement;
    const [, , w, h] = (drawing.getAttribute('viewBox') ?? '0 0 100 100').split(' ').map(Number);
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    copy.setAttribute('width', `${w.toFixed(2)}mm`);
    copy.setAttribute('height', `${h.toFixed(2)}mm`);
    copy.removeAttribute('class');
    download('last-bench.svg', new Blob([copy.outerHTML], { type: 'image/svg+xml' }));
  }
</script>

<svelte:head><title>Last bench · Chiave</title></svelte:head>
<h1 class="sr-only">Last bench</h1>
<div class="grid gap-4 lg:grid-cols-[minmax(0,6fr)_minmax(0,7fr)]">
  {#if bench.laid.shoes.length > 0}
    <Sheet class="self-start lg:sticky lg:top-2 lg:row-span-2">
      <div class="mb-2 flex flex-wrap items-end gap-3 print:hidden">
        <Slider label="Zoom" class="w-28" low={1} high={5} step={0.1} bind:value={zoom} />
        {#if bench.laid.shoes.length > 1}
          <Slider label="Slide A to B" class="w-28" low={0} high={1} step={0.05} bind:value={bench.slide} disabled={bench.blinking} />
          <Button pressed={bench.blinking} onclick={() => bench.blink()}>{bench.blinking ? 'Stop blinking' : 'Blink'}</Button>
        {/if}
        <Button onclick={saveSvg}>SVG, true size</Button>
        <Button onclick={() => window.print()}>Print</Button>
      </div>
      <LastViews
        shoes={bench.laid.shoes}
        view="top"
        at={bench.at}
        side={bench.side}
        foot={bench.foot}
        shown={bench.strengths}
        {zoom}
        {photos}
        bind:svg={drawing}
      />
    </Sheet>
  {/if}
  <BenchSetup {bench} {all} people={data.people} />
  {#if bench.laid.shoes.length > 0}
    <div class="grid content-start gap-4 lg:col-start-2">
      <BenchReadout {bench} />
      <Sheet heading="From the inner side">
        <LastViews shoes={bench.laid.shoes} view="side" at={bench.at} side={bench.side} shown={bench.strengths} />
      </Sheet>
      <Sheet heading="Across at the ball">
        <LastViews shoes={bench.laid.shoes} view="front" at={bench.at} side={bench.side} shown={bench.strengths} />
      </Sheet>
      <PhotoLayers bind:photos />
    </div>
  {/if}
</div>
