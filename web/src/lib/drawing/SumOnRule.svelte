<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import { scaleLinear } from 'd3-scale';
  import type { ZoneFit } from '@chiave/core/fit';
  import { formatLength, formatSigned, type LengthUnit, type Side } from '@chiave/core/measure';
  import LyingRule from './LyingRule.svelte';
  import { colourOf } from './tightness';
  import { withMinus } from '$lib/true-minus';

  /** The sum behind a clearance laid along a rule: the shoe, the foot under it, what is taken off, and what is left. */
  let { zone, side, unit }: { zone: ZoneFit; side: Side; unit: LengthUnit } = $props();
  const WIDTH = 420;
  const LEFT = 12;
  const head = $derived('shoeMm' in zone.because.head && 'footMm' in zone.because.head ? zone.because.head : null);
  const less = $derived(zone.because.less.filter((l) => Math.abs(l.mm) >= 0.05));
  /** The rule shows the end of both lengths only: from a little behind where the shorter ends. */
  const ends = $derived.by(() => {
    if (!head) return null;
    let at = head.footMm;
    const parts = [...less].map((l) => ({ ...l, from: at, to: (at += l.mm) }));
    const all = [head.shoeMm, head.footMm, at, ...parts.flatMap((p) => [p.from, p.to])];
    const span = Math.max(8, Math.max(...all) - Math.min(...all));
    return { parts, reachedMm: at, low: Math.min(...all) - 0.35 * span, high: Math.max(...all) + 0.25 * span };
  });
  const x = $derived(ends ? scaleLinear([ends.low, ends.high], [LEFT, WIDTH - LEFT]) : null);
  /** A name stands on its bar where that is long, else beside it on the side that has more room. */
  const LONG = 180;
  /** The shoe's bar is as long as its name, or the name stands behind its end. */
  const HOLDS_A_NAME = 130;
  const nameAt = (from: number, to: number) =>
    to - from > LONG
      ? { x: from + 6, anchor: 'start' as const }
      : from > WIDTH - to
        ? { x: from - 6, anchor: 'end' as const }
        : { x: to + 6, anchor: 'start' as const };
  const colour = $derived(SIDE_COLOUR[side]);
</script>

{#if head && ends && x}
  <svg
    viewBox="0 0 {WIDTH} {96 + 22 * ends.parts.length}"
    class="w-full max-w-2xl"
    role="img"
    aria-label="{zone.name}, {side}: {withMinus(zone.because.sentence)}"
  >
    <LyingRule left={LEFT} top={33} width={WIDTH - 2 * LEFT} view={{ fromMm: ends.low, toMm: ends.high }} {unit} />
    <rect x={LEFT} y="12" width={x(head.shoeMm) - LEFT} height="18" fill="var(--color-leather)" />
    {#if x(head.shoeMm) - LEFT > HOLDS_A_NAME}
      <text x={x(head.shoeMm) - 8} y="25" text-anchor="end" font-size="16" font-weight="650" fill="#fff">shoe {formatLength(head.shoeMm, unit)}</text>
    {:else}
      <text x={x(head.shoeMm) + 6} y="25" font-size="16" font-weight="650" class="name">shoe {formatLength(head.shoeMm, unit)}</text>
    {/if}
    <rect x={LEFT} y="70" width={x(head.footMm) - LEFT} height="16" fill={colour} />
    <text x={LEFT + 6} y="83" font-size="15" fill="#fff" font-weight="650">foot {formatLength(head.footMm, unit)}</text>
    {#each ends.parts as part, i (part.what)}
      <rect
        x={x(Math.min(part.from, part.to))}
        y={90 + 22 * i}
        width={Math.max(1.5, Math.abs(x(part.to) - x(part.from)))}
        height="14"
        fill={colour}
        fill-opacity="0.55"
      />
      {@const [from, to] = [x(Math.min(part.from, part.to)), x(Math.max(part.from, part.to))]}
      {@const at = nameAt(from, to)}
      <text x={at.x} y={102 + 22 * i} text-anchor={at.anchor} font-size="16" class="name">{part.what} {formatSigned(part.mm, unit)}</text>
    {/each}
    <rect
      x={x(Math.min(ends.reachedMm, head.shoeMm))}
      y="70"
      width={Math.abs(x(head.shoeMm) - x(ends.reachedMm))}
      height="16"
      fill={colourOf(zone.state)}
      fill-opacity="0.85"
    />
    <line x1={x(head.shoeMm)} x2={x(head.shoeMm)} y1="12" y2="88" stroke="var(--color-ink)" stroke-width="1.4" stroke-dasharray="5 4" />
  </svg>
{/if}

<style>
  .name {
    paint-order: stroke;
    stroke: var(--color-row-tint);
    stroke-width: 3px;
    stroke-linejoin: round;
  }
</style>
