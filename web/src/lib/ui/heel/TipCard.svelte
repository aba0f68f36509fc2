<script lang="ts">
  import { DOING, GROUND, GROUNDS, standingTip, tipOf } from '@chiave/core/heel';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import TipOnGround from '$lib/drawing/TipOnGround.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { groundWord } from '$lib/drawing/ground-words';
  import type { HeelBench } from './heel-bench.svelte';
  import { otherTips } from '$lib/other-tips';

  /** The tip on this ground: as it is, with a cap over it, and as a block would stand. */
  let { bench, unit }: { bench: HeelBench; unit: LengthUnit } = $props();
  const shown = $derived.by(() => {
    const heels = otherTips(bench.stood.made.heel, bench.capMm ?? undefined, unit);
    return heels.map(({ name, made }) => {
      const whole = { ...bench.made, ...made };
      const tip = tipOf(whole, bench.poseFoot.lengthMm);
      const report = bench.withTip(made);
      const pressure = DOING[bench.doing].peak ? report.pressureMPa.step : report.pressureMPa.standing;
      return {
        name,
        tip,
        cap: whole.capMm === undefined ? null : standingTip({ tip, capMm: whole.capMm }),
        pressure,
        report,
        word: groundWord(report)
      };
    });
  });
  const figure = (mm: number): string => formatFigure(Math.round(mm), unit);
  const ground = $derived(GROUNDS.find((g) => g.id === bench.ground)!);
</script>

<Sheet class="!py-3" aria-label="The tip on the ground">
  <h2 class="text-lg">
    The tip on {ground.name}
    <span class="soft font-normal">{DOING[bench.doing].peak ? 'in a step of' : 'under half of'} {bench.weightKg} kg</span>
  </h2>
  <div class="mt-1 grid grid-cols-3 gap-2">
    {#each shown as t (t.name)}
      <div class="text-center">
        <TipOnGround tip={t.tip} cap={t.cap} label="{t.name}, {figure(t.tip.widthMm)} by {figure(t.tip.lengthMm)} {unit}, from below" />
        <p class="leading-tight"><b>{t.name}</b></p>
        <p class="soft figures text-sm">{t.pressure.toFixed(t.pressure < 1 ? 2 : 1)} MPa</p>
        <p class="mt-0.5"><span class="chip !min-h-0 px-2 {t.word.well ? '' : '!border-tight !text-tight-word'}">{t.word.words}</span></p>
        {#if t.report.opening}
          <p class="soft figures text-sm">
            caught in {Math.round(100 * t.report.opening.caught)} of 100 steps, rocks in {Math.round(100 * t.report.opening.rocks)}
          </p>
        {/if}
        {#if t.report.sinkMm}
          <p class="soft figures text-sm">
            {figure(t.report.sinkMm.low)} to {figure(t.report.sinkMm.high)}
            {unit}{t.report.sinkMm.high >= 60 ? ' or more' : ''}
          </p>
        {/if}
      </div>
    {/each}
  </div>
  {#if GROUND[bench.ground].soil}
    <p class="soft mt-1 text-sm">One such ground varies tenfold: only the order of tips on it is firm.</p>
  {/if}
</Sheet>
