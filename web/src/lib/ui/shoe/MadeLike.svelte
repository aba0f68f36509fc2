<script lang="ts">
  import { claimedFootMm, KIND, MAKING_SD, type Shoe, type Style } from '@chiave/core/fit';
  import { asSheet, gradeLast, type OffsetId } from '@chiave/core/last';
  import { formatDifference, formatLength, formatSigned, type Foot } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import { PART_NAMES } from '$lib/learned-words';
  import { shown } from '$lib/ui/kit/units.svelte';

  /** What stands behind the figures: how the inside is known, what the label says, how far a pair differs in itself. */
  let { style, size, shoe, feet }: { style: Style; size: number; shoe: Shoe; feet: readonly Foot[] } = $props();
  const habit = $derived(shoe.inside.madeForFootMm - claimedFootMm(style, size));
  const taken = $derived(Object.entries(style.last.learned?.by ?? {}) as [OffsetId, { mm: number; sdMm: number }][]);
  const label = $derived(
    Math.abs(habit) < 1 ? 'as its label says' : `${formatLength(Math.abs(habit), 'mm')} ${habit > 0 ? 'longer' : 'shorter'} than its label says`
  );
</script>

<p class="mt-2">
  {KIND[style.kind].name}, {SCALE[style.scale].name}. Inside {style.last.evidence.mark}: {style.last.evidence.note}. Made for a foot of {formatLength(
    shoe.inside.madeForFootMm,
    shown.unit
  )}: {label}.
</p>
{#if taken.length > 0}
  <!-- Label, sheet and what was learned stand beside each other. -->
  <p class="mt-1" data-taken>
    Taken over from this shop’s try-ons: {taken
      .map(([o, v]) => `${PART_NAMES[o]} ${formatSigned(v.mm, shown.unit)} ± ${formatLength(v.sdMm, shown.unit)}`)
      .join(', ')}. By its sheet alone it would be made for {formatLength(gradeLast(asSheet(style.last), size, 0).madeForFootMm, shown.unit)}, by its label for
    {formatLength(claimedFootMm(style, size), shown.unit)}.
  </p>
{/if}
<p class="soft mt-1">
  Making left and right of a pair: each shoe errs by about {MAKING_SD.lengthMm} mm in length and {MAKING_SD.girthMm} mm in girth (estimate). Difference of these feet
  in length: {formatDifference(feet[1].values.lengthMm.mm - feet[0].values.lengthMm.mm)} (right less left).
</p>
