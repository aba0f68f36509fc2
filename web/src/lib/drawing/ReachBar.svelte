<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import type { Side } from '@chiave/core/measure';
  import { SIDE_LETTER } from '@chiave/core/measure';

  /** What one ankle reaches, in comfort, near its limit and beyond, with what this heel asks of it. */
  // prettier-ignore
  let { side, reachDeg, comfortDeg, asksDeg }: {
    side: Side; asksDeg: number;
    /** None where it was not measured. */
    reachDeg: number | null; comfortDeg: number | null;
  } = $props();

  const WIDTH = 400;
  const TOP = 24;
  const HIGH = 18;
  const LEFT = 34;
  const most = $derived(Math.max(asksDeg * 1.15, (reachDeg ?? 50) * 1.25));
  const x = (deg: number): number => LEFT + (deg / most) * (WIDTH - LEFT);
  const degrees = (deg: number): string => `${deg.toFixed(0)}°`;
  const words = $derived(
    reachDeg === null || comfortDeg === null
      ? `${side} ankle: its reach is not measured; this heel asks ${degrees(asksDeg)}`
      : `${side} ankle: in comfort to ${degrees(comfortDeg)}, reaches ${degrees(reachDeg)}; this heel asks ${degrees(asksDeg)}`
  );
  /** Words under the marker stay on the sheet. */
  const wordsX = $derived(Math.min(WIDTH - 62, Math.max(LEFT + 62, x(asksDeg))));
</script>

<svg viewBox="0 0 {WIDTH} 72" class="w-full" role="img" aria-label={words}>
  <text x="0" y={TOP + 15} font-size="16" font-weight="700" fill={SIDE_COLOUR[side]}>{SIDE_LETTER[side]}</text>
  {#if reachDeg === null || comfortDeg === null}
    <rect x={LEFT} y={TOP} width={WIDTH - LEFT} height={HIGH} fill="none" stroke="var(--color-edge)" stroke-dasharray="5 4" />
    <text x={LEFT} y="16" font-size="15" class="soft">reach not measured</text>
  {:else}
    <rect x={LEFT} y={TOP} width={x(comfortDeg) - LEFT} height={HIGH} fill="var(--color-band)" />
    <rect x={x(comfortDeg)} y={TOP} width={x(reachDeg) - x(comfortDeg)} height={HIGH} fill="var(--color-tight-soft)" fill-opacity="0.62" />
    <rect x={x(reachDeg)} y={TOP} width={WIDTH - x(reachDeg)} height={HIGH} fill="var(--color-tight)" />
    {#each [comfortDeg, reachDeg] as deg (deg)}<path d="M{x(deg)} {TOP - 3}v{HIGH + 6}" stroke="var(--color-ink)" stroke-width="1.4" />{/each}
    <text x={LEFT} y="16" font-size="15" class="soft">in comfort</text>
    <text x={(x(comfortDeg) + x(reachDeg)) / 2} y="16" text-anchor="middle" font-size="15" class="soft">limit</text>
    <text x={WIDTH} y="16" text-anchor="end" font-size="15" class="soft">out of reach</text>
  {/if}
  <rect x={x(asksDeg) - 8} y={TOP - 5} width="16" height={HIGH + 10} rx="3" fill="none" stroke="var(--color-ink)" stroke-width="2.4" />
  <text x={wordsX} y={TOP + HIGH + 24} text-anchor="middle" font-size="16" font-weight="650" class="figures" fill="var(--color-ink)"
    >this heel {degrees(asksDeg)}</text
  >
  {#if reachDeg !== null && Math.abs(x(reachDeg) - wordsX) > 110}
    <text x={x(reachDeg)} y={TOP + HIGH + 24} text-anchor="middle" font-size="15" class="figures soft">reach {degrees(reachDeg)}</text>
  {/if}
</svg>

<style>
  .soft {
    fill: var(--color-ink-soft);
  }
</style>
