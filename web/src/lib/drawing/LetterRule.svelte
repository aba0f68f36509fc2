<script lang="ts">
  import { formatFigure, formatSigned, type FitsAs, type LengthUnit } from '@chiave/core/measure';
  import { girthView, letterStrips } from './letter-strips';
  import LyingRule from './LyingRule.svelte';

  /** A foot's ball girth on a brass rule, the letters of every width scale along it at the foot's length. */
  let { group, lengthMm, girthMm, unit }: { group: FitsAs; lengthMm: number; girthMm: number; unit: LengthUnit } = $props();
  const WIDTH = 560;
  const NAME = 150;
  const RULE = 34;
  const TOP = 26;
  const ROW = 34;
  /** A letter nearer to the end than this would be cut, px. */
  const EDGE = 16;
  const strips = $derived(letterStrips(group, lengthMm, girthMm));
  const view = $derived(girthView(girthMm));
  const scale = $derived((WIDTH - NAME) / (view.toMm - view.fromMm));
  const x = (mm: number): number => NAME + (mm - view.fromMm) * scale;
  const height = $derived(TOP + RULE + strips.length * ROW + 4);
  const words = $derived(strips.map((s) => `${s.scale.name} ${s.own.letter}, ${formatSigned(s.own.remainderMm, unit)} ${unit}`).join('; '));
</script>

<svg
  viewBox="0 0 {WIDTH} {height}"
  class="w-full"
  role="img"
  aria-label="Width letters along the rule, this foot at {formatFigure(girthMm, unit)} {unit}: {words}"
>
  <text x="2" y={TOP + 22} class="name">ball girth, {unit}</text>
  <LyingRule left={NAME} top={TOP} width={WIDTH - NAME} {view} {unit} />
  {#each strips as s, i (s.scale.id)}
    {@const y = TOP + RULE + i * ROW}
    <path d="M0 {y + ROW}H{WIDTH}" stroke="var(--color-line)" />
    <text x="2" y={y + 23} class="name">{s.scale.name}</text>
    {#each s.letters as { letter, mm } (letter)}
      {@const at = x(mm)}
      {#if at > NAME + EDGE && at < WIDTH - EDGE}
        {@const own = letter === s.own.letter}
        {#if own}
          <rect
            x={at - 22}
            y={y + 4}
            width="44"
            height={ROW - 8}
            rx="6"
            fill="var(--color-brass-pale)"
            stroke="var(--color-brass)"
            stroke-width="1.6"
            stroke-dasharray={s.own.beyond ? '4 3' : undefined}
          />
        {/if}
        <path d="M{at} {y + 1}v5" stroke="var(--color-ink)" />
        <text x={at} y={y + 23} text-anchor="middle" class={own ? 'own' : 'letter'}>{letter}</text>
      {/if}
    {/each}
  {/each}
  <path d="M{x(girthMm)} 4V{height - 4}" stroke="var(--color-ink)" stroke-width="2" stroke-dasharray="2 3" />
  <text x={x(girthMm) + 6} y="18" class="figures name">this foot {formatFigure(girthMm, unit)}</text>
</svg>

<style>
  .name {
    font-size: 16px;
    font-weight: 650;
    fill: var(--color-ink);
  }
  .letter {
    font-size: 15px;
    fill: var(--color-ink-soft);
  }
  .own {
    font-family: var(--font-serif);
    font-size: 18px;
    font-weight: 600;
    fill: var(--color-ink);
    paint-order: stroke;
    stroke: var(--color-brass-pale);
    stroke-width: 3px;
  }
</style>
