<script lang="ts">
  import { MM_PER, type LengthUnit } from '@chiave/core/measure';

  /** A brass rule that stands upright from a heel line, to scale: millimetres, centimetres or inches with quarters. */
  // prettier-ignore
  let { x, y, scale, lengthMm, unit, width = 56 }: {
    /** Its middle, and where its nought lies on the sheet. */
    x: number; y: number;
    /** Pixels to a millimetre, and how far it reaches. */
    scale: number; lengthMm: number; unit: LengthUnit; width?: number;
  } = $props();
  const id = $props.id();
  /** Millimetres between ticks, ticks to a longer one and to a figure; what stands at a figure. */
  const GRADUATION: Readonly<Record<LengthUnit, { tick: number; longer: number; figure: number; show: (mm: number) => string }>> = {
    mm: { tick: 4, longer: 5, figure: 5, show: (mm) => String(Math.round(mm)) },
    cm: { tick: 5, longer: 2, figure: 4, show: (mm) => String(Math.round(mm / 10)) },
    in: { tick: MM_PER.in / 4, longer: 2, figure: 4, show: (mm) => String(Math.round(mm / MM_PER.in)) }
  };
  const g = $derived(GRADUATION[unit]);
  const ticks = $derived(Array.from({ length: Math.floor(lengthMm / g.tick) + 1 }, (_, i) => ({ i, mm: i * g.tick, at: y - i * g.tick * scale })));
  const left = $derived(x - width / 2);
</script>

<g aria-hidden="true">
  <defs>
    <linearGradient id="brass-{id}"
      ><stop offset="0" stop-color="var(--color-rule-light)" /><stop offset="0.5" stop-color="var(--color-rule)" /><stop
        offset="1"
        stop-color="#e9cc85"
      /></linearGradient
    >
  </defs>
  <rect x={left} y={y - lengthMm * scale - 8} {width} height={lengthMm * scale + 18} rx="4" fill="url(#brass-{id})" stroke="var(--color-rule-edge)" />
  <text {x} y={y + 6} text-anchor="middle" font-size="14" font-weight="600" fill="var(--color-rule-ink)">{unit}</text>
  {#each ticks as { i, at, mm } (i)}
    {@const long = i % g.figure === 0 ? 13 : i % g.longer === 0 ? 9 : 5}
    <path
      d="M{left + 1} {at}h{long}M{left + width - 1} {at}h{-long}"
      stroke="var(--color-rule-ink)"
      stroke-width={i % g.figure === 0 ? 1.2 : 0.8}
      fill="none"
    />
    {#if i % g.figure === 0 && i > 0}
      <text {x} y={at + 5} text-anchor="middle" font-size="14" font-weight="600" fill="var(--color-rule-ink)" class="figures">{g.show(mm)}</text>
    {/if}
  {/each}
</g>
