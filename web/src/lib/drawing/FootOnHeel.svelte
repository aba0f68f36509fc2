<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import { drawSide, type HeelFit, type Shoe } from '@chiave/core/fit';
  import { SIDE_LETTER, formatLength, type Foot, type LengthUnit } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { rangeWords, slides } from '$lib/range-words';
  import SidePainted from './SidePainted.svelte';
  import { openPath } from './place';

  /** One foot on this shoe's heel from its inner side, to scale, both feet facing right: what turns, how high, how steep. */
  let { foot, shoe, heel = null, unit }: { foot: Foot; shoe: Shoe; heel?: HeelFit | null; unit: LengthUnit } = $props();

  const WIDTH = 560;
  const HEIGHT = 372;
  const LEFT = 92;
  const GROUND = 330;
  const side = $derived(foot.side);
  const laid = $derived(drawSide(foot, shoe));
  const d = $derived(laid.drawing);
  const top = $derived(Math.max(...d.foot.map((p) => p.y)));
  const scale = $derived(Math.min(1.45, (GROUND - 16) / (top - d.groundY), (WIDTH - LEFT - 24) / (Math.max(...d.upper.map((p) => p.x)) + 24)));
  const at = (p: Point): Point => ({ x: LEFT + 24 * scale + p.x * scale, y: GROUND - (p.y - d.groundY) * scale });
  const all = (points: readonly Point[]): Point[] => points.map(at);
  const joints = $derived(all(d.bones));
  const colour = $derived(SIDE_COLOUR[side]);
  const seat = $derived(at({ x: 0, y: shoe.heelHeightMm - shoe.platformMm }).y);
  const pitchWords = $derived(
    `pitch ${heel ? `${heel.poseDeg.toFixed(0)}° (${heel.pitch.lowDeg.toFixed(0)}° to ${heel.pitch.centralDeg.toFixed(0)}°)` : `${laid.pose.pitchDeg.toFixed(0)}°`}`
  );
  const ankleWords = $derived(`the ankle points ${laid.pose.ankleDemandDeg.toFixed(0)}°`);
  const slideWords = $derived(
    heel ? (slides(heel.slide, unit) ? `slides ${rangeWords(heel.slide.lowMm, heel.slide.highMm, unit)}` : 'does not slide forward') : ''
  );
</script>

<figure>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    role="img"
    aria-label="{side} foot from the side on this heel, to scale, drawn from its inner side: {pitchWords}, {ankleWords}. {slideWords}"
    class="w-full"
  >
    <line x1="16" x2={WIDTH - 12} y1={GROUND + 0.8} y2={GROUND + 0.8} stroke="var(--color-ground)" stroke-width="2" />
    <SidePainted drawing={d} {at} {scale} />
    <path d={openPath(joints)} fill="none" stroke="var(--color-light)" stroke-opacity="0.85" stroke-width="1.4" stroke-dasharray="5 4" />
    {#each joints.slice(1, -1) as j, i (i)}<circle cx={j.x} cy={j.y} r="4" fill="var(--color-light)" stroke="var(--color-ink)" stroke-width="1.4" />{/each}

    <g stroke="var(--color-brass-line)" stroke-width="1.6" fill="none">
      <path d="M40 {GROUND}V{seat}M32 {seat}H{at({ x: 0, y: 0 }).x - 6}" />
      <path d="M32 {GROUND}H48" />
    </g>
    <text x="8" y={seat - 8} font-size="17" font-weight="650" class="figures clear">{formatLength(shoe.heelHeightMm, unit)}</text>
    {#if shoe.platformMm > 0}
      <text x={at({ x: laid.pose.ball.x, y: 0 }).x - 20} y={GROUND + 20} font-size="16" fill="var(--color-ink-soft)" class="figures"
        >{formatLength(shoe.platformMm, unit)} under the ball</text
      >
    {/if}
    <text x={WIDTH - 8} y="28" text-anchor="end" font-size="19" font-weight="650" fill={colour}>{SIDE_LETTER[side]}</text>
    <text x={WIDTH - 8} y="52" text-anchor="end" font-size="17" font-weight="650" class="clear">{pitchWords}</text>
    <text x={WIDTH - 8} y="74" text-anchor="end" font-size="16" fill="var(--color-ink-soft)" class="clear">{ankleWords}</text>
    <text x={WIDTH - 8} y="96" text-anchor="end" font-size="16" fill="var(--color-ink-soft)" class="clear"
      >effective drop {formatLength(laid.pose.dropMm, unit)}</text
    >
    <text x={WIDTH - 8} y="118" text-anchor="end" font-size="16" fill="var(--color-ink-soft)" class="clear">{slideWords}</text>
    <g transform="translate({WIDTH - 12 - 50 * scale} {HEIGHT - 14})">
      <path d="M0 -5V0H{50 * scale}V-5" fill="none" stroke="var(--color-brass-line)" stroke-width="1.4" />
      <text x={25 * scale} y="-5" text-anchor="middle" font-size="14" fill="var(--color-ink-soft)">{formatLength(50, unit)}</text>
    </g>
  </svg>
</figure>

<style>
  .clear {
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
</style>
