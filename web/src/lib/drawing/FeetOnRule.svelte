<script lang="ts">
  import { formatLength, type LengthUnit } from '@chiave/core/measure';
  import type { FeetOfLength } from '@chiave/core/size';
  import LyingRule from './LyingRule.svelte';

  /** How many feet there are of each length, standing on a brass rule. */
  let { lengths, unit }: { lengths: readonly FeetOfLength[]; unit: LengthUnit } = $props();
  const WIDTH = 560;
  const STAND = 120;
  /** A count is written over bars that are at least this wide, px, and a rule shows at least so much, mm. */
  const WRITTEN_PX = 20;
  const LEAST_MM = 60;
  const view = $derived.by(() => {
    const [low, high] = [lengths[0].fromMm, lengths[lengths.length - 1].toMm];
    const span = Math.max(LEAST_MM, 1.1 * (high - low));
    return { fromMm: (low + high - span) / 2, toMm: (low + high + span) / 2 };
  });
  const scale = $derived(WIDTH / (view.toMm - view.fromMm));
  const most = $derived(Math.max(...lengths.map((l) => l.feet)));
  const tall = (feet: number): number => ((STAND - 22) * feet) / most;
  const words = $derived(
    lengths
      .filter((l) => l.feet > 0)
      .map((l) => `${l.feet} from ${formatLength(l.fromMm, unit)}`)
      .join(', ')
  );
</script>

<svg viewBox="0 0 {WIDTH} {STAND + 36}" class="w-full max-w-2xl" role="img" aria-label="Feet by length along the rule: {words}">
  {#each lengths.filter((l) => l.feet > 0) as { fromMm, toMm, feet } (fromMm)}
    {@const [left, width] = [(fromMm - view.fromMm) * scale, (toMm - fromMm) * scale]}
    <rect x={left + 1} y={STAND - tall(feet)} width={width - 2} height={tall(feet)} rx="2" fill="var(--color-leather)" />
    {#if width >= WRITTEN_PX}<text x={left + width / 2} y={STAND - tall(feet) - 5} text-anchor="middle" class="figures">{feet}</text>{/if}
  {/each}
  <LyingRule left={0} top={STAND} width={WIDTH} {view} {unit} />
</svg>

<style>
  text {
    font-size: 15px;
    fill: var(--color-ink);
  }
</style>
