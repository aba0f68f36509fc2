<script lang="ts">
  import type { PairPutIn, Style } from '@chiave/core/fit';
  import { TOE_FAMILY } from '@chiave/core/last';
  import { formatLength } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { writePut } from '$lib/put-text';
  import CarryButton from '$lib/ui/fitting/CarryButton.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';

  /** Which pair is opened, what it is made like, and what can be done with it. */
  // prettier-ignore
  let { desk, style, sizeLabel, width, put, measured }: {
    desk: Desk; style: Style; sizeLabel: string; width: string; put: PairPutIn; measured: boolean;
  } = $props();
  const query = $derived(`size=${encodeURIComponent(sizeLabel)}&width=${encodeURIComponent(width)}`);
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-2">
  <Button href="/fittings/{desk.fitting.id}/pull" aria-label="Back to Pull" class="min-h-12 min-w-12">‹</Button>
  <h1 class="flex flex-wrap items-center gap-x-4 gap-y-1">
    <span class="grid">
      {style.name}
      <span class="soft font-sans text-base font-normal"
        >{style.maker.name} · last {style.last.name} · {TOE_FAMILY[style.last.family].name}{style.heelHeightMm > 0
          ? ` · heel ${formatLength(style.heelHeightMm, shown.unit)}`
          : ''}{style.platformMm > 0 ? `, ${formatLength(style.platformMm, shown.unit)} under the ball` : ''}</span
      >
    </span>
    <span class="plate"><span class="figures text-4xl">{withFractions(sizeLabel)}</span> <span class="font-sans text-base">{width}</span></span>
  </h1>
  <div class="ml-auto flex flex-wrap items-center gap-2">
    {#if measured}
      {@const card = `/api/v1/fittings/${desk.fitting.id}/card?style=${style.id}&${query}&put=${writePut(put)}`}
      <Button kind="text" href={card} target="_blank" rel="noopener">Fit card, PDF</Button>
      <Button kind="text" href="{card}&paper=a6" target="_blank" rel="noopener" aria-label="Card to take home, A6, PDF">A6</Button>
    {/if}
    <Button class="min-h-12" href="/stock/bench?shoes=style:{style.id}&person={desk.fitting.customer.id}">Lay it over another</Button>
    <CarryButton primary {desk} styleId={style.id} size={sizeLabel} {width} {put} />
  </div>
</div>

<style>
  .plate {
    display: inline-flex;
    align-items: baseline;
    gap: 0.6rem;
    padding: 0.3rem 1rem 0.4rem;
    border: 1px solid var(--color-brass-line);
    border-radius: 9px;
    background: linear-gradient(#f9eed3, var(--color-brass-pale));
    line-height: 1;
  }
</style>
