<script lang="ts">
  import { KIND, type PairPutIn, type Shoe, type Style } from '@chiave/core/fit';
  import { claimedFootMm } from '@chiave/core/fit';
  import { TOE_FAMILY } from '@chiave/core/last';
  import { formatLength } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import { writePut } from '$lib/put-text';
  import CarryButton from '$lib/ui/fitting/CarryButton.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';

  /** Which pair is opened, what it is made like, and what can be done with it. */
  // prettier-ignore
  let { desk, style, size, sizeLabel, width, shoe, put, measured }: {
    desk: Desk; style: Style; size: number; sizeLabel: string; width: string; shoe: Shoe; put: PairPutIn; measured: boolean;
  } = $props();
  const habit = $derived(shoe.inside.madeForFootMm - claimedFootMm(style, size));
  const query = $derived(`size=${encodeURIComponent(sizeLabel)}&width=${encodeURIComponent(width)}`);
  const label = $derived(
    Math.abs(habit) < 1 ? 'as its label says' : `${formatLength(Math.abs(habit), 'mm')} ${habit > 0 ? 'longer' : 'shorter'} than its label says`
  );
</script>

<div class="flex flex-wrap items-center gap-x-4 gap-y-1">
  <div class="mr-auto">
    <h1>
      {style.name} <span class="figures">{sizeLabel} {width}</span>
      <span class="soft font-sans text-base font-normal">{SCALE[style.scale].name}</span>
    </h1>
    <p class="soft">
      {style.maker.name}, {KIND[style.kind].name}, last {style.last.name}, {TOE_FAMILY[style.last.family].name} toe, heel {formatLength(
        style.heelHeightMm,
        shown.unit
      )}{style.platformMm > 0 ? `, under the ball ${formatLength(style.platformMm, shown.unit)}` : ''}. Inside {style.last.evidence.mark}: {style.last.evidence
        .note}. Made for a foot of {formatLength(shoe.inside.madeForFootMm, shown.unit)}: {label}.
    </p>
  </div>
  <CarryButton primary {desk} styleId={style.id} size={sizeLabel} {width} {put} />
  <a href="/fittings/{desk.fitting.id}/pull" class="inline-flex min-h-11 items-center">Back to Pull</a>
  {#if measured}<a
      href="/api/v1/fittings/{desk.fitting.id}/card?style={style.id}&{query}&put={writePut(put)}"
      target="_blank"
      rel="noopener"
      class="inline-flex min-h-11 items-center">Fit card, PDF</a
    >{/if}
  <a href="/stock/bench?shoes=style:{style.id}&person={desk.fitting.customer.id}" class="inline-flex min-h-11 items-center">Lay it over another</a>
</div>
