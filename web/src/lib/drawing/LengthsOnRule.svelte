<script lang="ts">
  import type { LengthUnit } from '@chiave/core/measure';
  import { viewOf, type LaidLength } from './lengths-on-rule';
  import LyingRule from './LyingRule.svelte';

  /** Lengths under a brass rule, one below the other: what each says, with its doubt, and what they come to. */
  let { lengths, unit, words }: { lengths: readonly LaidLength[]; unit: LengthUnit; words: string } = $props();
  const WIDTH = 560;
  const RULE = 34;
  const ROW = 44;
  const view = $derived(viewOf(lengths));
  const scale = $derived(WIDTH / (view.toMm - view.fromMm));
  const x = (mm: number): number => (mm - view.fromMm) * scale;
  const height = $derived(RULE + lengths.length * ROW + 6);
  const whole = $derived(lengths.find((l) => l.whole));
</script>

<svg viewBox="0 0 {WIDTH} {height}" class="w-full" role="img" aria-label={words}>
  {#if whole}
    <rect x={x(whole.fromMm)} y={RULE} width={x(whole.toMm) - x(whole.fromMm)} height={height - RULE} fill="var(--color-brass-pale)" fill-opacity="0.7" />
  {/if}
  <LyingRule left={0} top={0} width={WIDTH} {view} {unit} />
  {#each lengths as l, i (i)}
    {@const y = RULE + i * ROW}
    {@const [a, b] = [x(Math.min(l.fromMm, l.toMm)), x(Math.max(l.fromMm, l.toMm))]}
    <text x="4" y={y + 19} class:whole={l.whole} class="name">{l.name}</text>
    <text x={WIDTH - 4} y={y + 19} text-anchor="end" class="figures name" class:whole={l.whole}>{l.figure}</text>
    <rect
      x={a}
      y={y + 26}
      width={Math.max(2, b - a)}
      height="11"
      rx="2"
      fill={l.whole ? 'var(--color-ink)' : 'var(--color-brass-line)'}
      fill-opacity={l.whole ? 1 : 0.7}
    />
    {#if l.atMm !== null}<path d="M{x(l.atMm)} {y + 22}v19" stroke={l.whole ? 'var(--color-sheet)' : 'var(--color-ink)'} stroke-width="2.4" />{/if}
    {#if l.atMm === null}<path d="M{x(l.toMm)} {y + 22}v19" stroke="var(--color-ink)" stroke-width="2" />{/if}
  {/each}
</svg>

<style>
  .name {
    font-size: 16px;
    fill: var(--color-ink);
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 3px;
  }
  .whole {
    font-weight: 650;
  }
</style>
