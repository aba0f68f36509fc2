<script lang="ts">
  import { DISCIPLINE, DISCIPLINES, LEVELS, progress, type DisciplineId, type Level } from '@chiave/core/heel';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import Check from '$lib/ui/kit/Check.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Area from '$lib/ui/kit/Area.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import { bandAnswer, CAP_MARKS, capName } from './band-answer';
  import type { HeelBench } from './heel-bench.svelte';

  /** How high a heel may be for this foot and what it is for, limit by limit. */
  let { bench, unit }: { bench: HeelBench; unit: LengthUnit } = $props();
  const SHOWN = 4;
  const figure = (mm: number): string => formatFigure(Math.round(mm), unit);
  const band = $derived(bench.band);
  const most = $derived(Math.max(...band.caps.slice(0, SHOWN).map((c) => c.valueMm), bench.heightMm));
  const starts = $derived(DISCIPLINE[bench.discipline].starts);
  const steps = $derived(progress(Math.max(0, bench.otherMm), Math.max(0, band.highMm - bench.platformMm)));
  const answer = $derived(
    bandAnswer(
      {
        who: bench.person?.name ?? null,
        lengthMm: bench.poseFoot.lengthMm,
        reachDeg: bench.reachDeg,
        school: bench.school,
        relaxedDropMm: bench.relaxedDropMm,
        discipline: bench.discipline,
        level: bench.level,
        platformMm: bench.platformMm,
        band,
        steps
      },
      unit
    )
  );
  let copied = $state(false);
  async function copy(): Promise<void> {
    await navigator.clipboard.writeText(answer);
    copied = true;
  }
</script>

<Sheet class="!py-3" aria-label="How high">
  <p class="says !text-xl" aria-live="polite">
    {#if band.conflict}Nothing is left: {figure(band.lowMm)} {unit} is asked for, {figure(band.highMm)} is the most ({capName(band.binding)}).
    {:else}{band.lowMm > 0 ? `${figure(band.lowMm)} to ` : 'Up to '}{figure(band.highMm)} {unit}: {capName(band.binding)} decides.{/if}
  </p>
  <ul class="mt-1">
    {#each band.caps.slice(0, SHOWN) as c (c.cap)}
      <li class="grid grid-cols-[3.2rem_minmax(0,1fr)] items-baseline gap-2 leading-snug">
        <span class="figures text-right font-semibold">{figure(c.valueMm)}</span>
        <span class="relative">
          <span
            class="absolute inset-y-0 left-0 -z-0 rounded {c.valueMm < bench.heightMm ? 'bg-tight-tint' : 'bg-row-tint'}"
            style:width="{(100 * c.valueMm) / most}%"
          ></span>
          <span class="relative">{capName(c.cap)} <span class="soft text-sm">{c.hard ? 'firm, ' : ''}{CAP_MARKS[c.mark]}</span></span>
        </span>
      </li>
    {/each}
  </ul>
  <div class="mt-2 grid grid-cols-[1fr_1fr_6rem] gap-2">
    <Select label="For" options={DISCIPLINES} value={bench.discipline} onpick={(id: DisciplineId) => (bench.discipline = id)} />
    <Select label="Level" options={LEVELS.map((id) => ({ id, name: id }))} value={bench.level} onpick={(id: Level) => (bench.level = id)} />
    <NumberField label="On the feet" unit="h" value={bench.hours} low={0} high={24} step={1} onchange={(v) => (bench.hours = v ?? 1)} />
  </div>
  {#if starts.length > 0}
    <div class="mt-1 flex flex-wrap items-end gap-2">
      <Choice
        name="start"
        legend="Schools: a beginner begins at"
        options={starts.map((mm) => ({ id: String(mm), name: figure(mm) }))}
        value={bench.startMm === null ? null : String(bench.startMm)}
        onchange={(id: string) => (bench.startMm = Number(id))}
        onclear={() => (bench.startMm = null)}
      />
      <Check bind:checked={bench.strapCounts}>a good strap counts as laces</Check>
    </div>
  {/if}
  {#if steps.steps.length > 1}
    <p class="soft mt-1 text-sm">
      From a drop of {figure(bench.otherMm)} (the other pair): {steps.steps.map((s) => figure(s.dropMm)).join(', ')}, some {steps.months.toFixed(1)} months, each
      pair below kept for floor work and long days; another school goes there at once, for class only.
    </p>
  {/if}
  <Fold class="mt-2" sheet={false} heading="An answer to send">
    <Area label="What is sent" rows={10} value={answer} readonly />
    <Button class="mt-1" onclick={copy}>{copied ? 'Copied' : 'Copy it'}</Button>
  </Fold>
</Sheet>
