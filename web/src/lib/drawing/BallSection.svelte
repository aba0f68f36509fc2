<script lang="ts">
  import type { FootFit, SectionDrawing } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit } from '@chiave/core/measure';
  import { closedPath } from './place';
  import SideFlag from './SideFlag.svelte';
  import { colourOf, wordOf } from './tightness';

  /** Both feet cut across at the ball; the wearer's left stands on the left. */
  let { sections, feet, unit }: { sections: { side: 'left' | 'right'; section: SectionDrawing }[]; feet: FootFit[]; unit: LengthUnit } = $props();

  const WIDTH = 640;
  const FLOOR = 150;
  const widest = $derived(Math.max(...sections.flatMap(({ section }) => [...section.shoe, ...section.foot].map((p) => Math.abs(p.x)))));
  const scale = $derived(Math.min(2.2, 118 / widest));
  const centre = (side: 'left' | 'right') => (side === 'left' ? 165 : 475);
  const place = (side: 'left' | 'right') => (p: { x: number; y: number }) => ({
    x: centre(side) + (side === 'left' ? 1 : -1) * p.x * scale,
    y: FLOOR - p.y * scale
  });
  const stateOf = (side: string) => feet.find((f) => f.side === side)?.zones.find((z) => z.zone === 'ball-girth')?.state ?? 'right';
</script>

<figure>
  <svg
    viewBox="0 0 {WIDTH} 196"
    class="w-full"
    role="img"
    aria-label="Both feet in their shoes cut across at the ball, to scale; the wearer's left on the left"
  >
    <text x={WIDTH / 2} y="16" text-anchor="middle" font-size={16} fill="var(--color-ink-soft)">across the ball, to scale</text>
    {#each sections as { side, section } (side)}
      {@const at = place(side)}
      {@const state = stateOf(side)}
      <line x1={centre(side) - 130} x2={centre(side) + 130} y1={FLOOR} y2={FLOOR} stroke="var(--color-line)" stroke-width="1.5" />
      {#if section.underMm > 0}
        <rect
          x={centre(side) - 70}
          y={FLOOR - section.underMm * scale}
          width="140"
          height={section.underMm * scale}
          fill="var(--color-brass-bright)"
          fill-opacity="0.5"
        />
        <text x={centre(side)} y={FLOOR + 13} text-anchor="middle" font-size={15} fill="var(--color-ink-soft)">{section.underMm} mm under the ball</text>
      {/if}
      <path d={closedPath(section.foot.map(at))} fill="var(--color-skin)" fill-opacity="0.85" stroke="var(--color-nail-edge)" stroke-width="1" />
      <path d={closedPath(section.shoe.map(at))} fill="none" stroke={colourOf(state)} stroke-width="4" stroke-linejoin="round" />
      <path d={closedPath(section.shoe.map(at))} fill="none" stroke="var(--color-ink)" stroke-width="1" stroke-linejoin="round" />
      <text x={centre(side)} y={FLOOR - 26} text-anchor="middle" font-size={16} font-weight="600" fill="var(--color-ink)">
        girth {formatSigned(section.girthGapMm, unit)}
        {unit}, {wordOf(state)}
      </text>
      <text x={centre(side)} y={FLOOR - 10} text-anchor="middle" font-size={15} fill="var(--color-ink)">
        width {formatSigned(section.widthGapMm, unit)}
        {unit}
      </text>
      <SideFlag {side} x={centre(side) + (side === 'left' ? -50 : 50)} y={FLOOR + 20} words="wearer’s {side}" />
    {/each}
  </svg>
  <figcaption class="soft text-sm">
    Line: the shoe, in the colour of its ball girth. Filled: the foot in its sock. Where the foot stands out of the line, leather holds it. How round both are
    is an estimate; widths and girths are those of the fit.
  </figcaption>
</figure>
