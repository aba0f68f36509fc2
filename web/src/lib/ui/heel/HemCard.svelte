<script lang="ts">
  import type { HemChange } from '@chiave/core/heel';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import HemTwice from '$lib/drawing/HemTwice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { HeelBench } from './heel-bench.svelte';

  /** A hem cut for the heel looked at, worn with another pair. */
  let { bench, unit }: { bench: HeelBench; unit: LengthUnit } = $props();
  const ADVICE: Readonly<Record<HemChange['advice'], (drag: string) => string>> = {
    drags: (drag) => `it drags by about ${drag}`,
    short: () => 'it stands short',
    right: () => 'it clears'
  };
  const hem = $derived(bench.hem);
  const figure = (mm: number): string => formatFigure(Math.round(Math.abs(mm)), unit);
  const between = $derived([hem.lowMm, hem.highMm].map(Math.abs).sort((a, b) => a - b));
</script>

<Sheet class="!py-3" aria-label="The hem">
  <h2 class="text-lg">The hem</h2>
  <HemTwice cutFor={bench.stood} worn={bench.standAt(bench.otherMm, 0)} lowerMm={hem.centreMm} {unit} />
  <p aria-live="polite">
    Hemmed for {figure(bench.heightMm)}, in the {figure(bench.otherMm)} one stands
    <b class="figures">{figure(between[0])} to {figure(between[1])} {unit} {hem.centreMm >= 0 ? 'lower' : 'higher'}</b>: {ADVICE[hem.advice](
      figure(hem.dragMm)
    )}. Hem with the shoes on.
  </p>
  <div class="mt-1 w-40">
    <NumberField label="The other pair" unit="mm" value={bench.otherMm} low={0} high={130} step={5} onchange={(v) => (bench.otherMm = v ?? 0)} />
  </div>
</Sheet>
