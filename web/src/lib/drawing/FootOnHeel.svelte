<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import { drawSide, type HeelFit, type Shoe } from '@chiave/core/fit';
  import { formatLength, SIDE_LETTER, type Foot, type LengthUnit } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { rangeWords, slides } from '$lib/range-words';
  import LyingRule from './LyingRule.svelte';
  import SidePainted from './SidePainted.svelte';

  /** One foot on this shoe's heel from its inner side, to scale over a brass rule, facing right: how high, how steep, how far it slides. */
  let { foot, shoe, heel = null, unit }: { foot: Foot; shoe: Shoe; heel?: HeelFit | null; unit: LengthUnit } = $props();

  const WIDTH = 790;
  const HEIGHT = 440;
  const BRASS = 34;
  const GROUND = HEIGHT - BRASS - 8;
  const LEFT = 84;
  const RIGHT = WIDTH - 16;
  /** The leg fades out: so much of it may stand above the sheet, mm. */
  const FADED_MM = 46;
  const ARC = 150;
  const side = $derived(foot.side);
  const laid = $derived(drawSide(foot, shoe));
  const d = $derived(laid.drawing);
  const top = $derived(Math.max(...d.foot.map((p) => p.y)) - d.groundY);
  const tip = $derived(Math.max(...d.upper.map((p) => p.x)));
  const scale = $derived(Math.min(2, GROUND / (top - FADED_MM), (WIDTH - LEFT - 150) / tip));
  const behind = $derived(LEFT + 22 * scale);
  const at = (p: Point): Point => ({ x: behind + p.x * scale, y: GROUND - (p.y - d.groundY) * scale });
  const view = $derived({ fromMm: -(behind - 16) / scale, toMm: (RIGHT - behind) / scale });
  const seat = $derived(at({ x: 0, y: shoe.heelHeightMm - shoe.platformMm }));
  const steep = $derived(heel?.poseDeg ?? laid.pose.pitchDeg);
  const pitchWords = $derived(
    heel ? `pitch ${heel.poseDeg.toFixed(0)}° (${heel.pitch.lowDeg.toFixed(0)}° to ${heel.pitch.centralDeg.toFixed(0)}°)` : `pitch ${steep.toFixed(0)}°`
  );
  const ankleWords = $derived(`the ankle points ${laid.pose.ankleDemandDeg.toFixed(0)}°`);
  const slid = $derived(heel !== null && slides(heel.slide, unit));
  const slideWords = $derived(heel === null ? '' : slid ? `slides ${formatLength(heel.slide.centreMm, unit)}` : 'does not slide forward');
  const between = $derived(heel !== null && slid ? `between ${rangeWords(heel.slide.lowMm, heel.slide.highMm, unit)}` : '');
  const lever = $derived([at(laid.pose.ball), at(laid.pose.pad)]);
  const arc = $derived.by(() => {
    const [ball, pad] = lever;
    const turn = Math.atan2(ball.y - pad.y, ball.x - pad.x);
    const end = { x: ball.x - ARC * Math.cos(turn), y: ball.y - ARC * Math.sin(turn) };
    return { end, path: `M${ball.x - ARC} ${ball.y}A${ARC} ${ARC} 0 0 1 ${end.x} ${end.y}` };
  });
  /** Words of the slide stand over the toes. */
  const slideY = $derived(Math.min(GROUND - 110, at({ x: tip, y: 70 }).y - 60));
</script>

<figure>
  <svg
    viewBox="0 0 {WIDTH} {HEIGHT}"
    role="img"
    aria-label="{side} foot from the side on this heel, to scale, drawn from its inner side: {pitchWords}, {ankleWords}. {slideWords} {between}"
    class="w-full"
  >
    <SidePainted drawing={d} {at} {scale} />
    <LyingRule left={16} top={GROUND} width={RIGHT - 16} {view} {unit} />

    {#if steep > 3}
      <g stroke="var(--color-brass-bright)" fill="none" stroke-width="2">
        <path d="M{lever[0].x} {lever[0].y}L{lever[1].x} {lever[1].y}" stroke="var(--color-light)" stroke-width="4" stroke-opacity="0.5" />
        <path d="M{lever[0].x} {lever[0].y}L{lever[1].x} {lever[1].y}" />
        <path d={arc.path} />
      </g>
      <circle cx={lever[0].x} cy={lever[0].y} r="4.5" fill="var(--color-light)" stroke="var(--color-brass)" stroke-width="2" />
      <text x={lever[0].x - ARC + 8} y={lever[0].y - 8} class="figures says clear" font-size="19">{steep.toFixed(0)}°</text>
    {/if}

    <g stroke="var(--color-brass-line)" stroke-width="1.8" fill="none">
      <path d="M52 {GROUND}V{seat.y}M42 {GROUND}H62" />
      <path d="M42 {seat.y}H62" />
      <path d="M62 {seat.y}H{seat.x - 6}" stroke-dasharray="5 4" />
    </g>
    <text x="16" y={seat.y - 10} font-size="22" class="figures says clear">{formatLength(shoe.heelHeightMm, unit)}</text>
    {#if shoe.platformMm > 0}
      <text x={RIGHT} y={GROUND - 8} text-anchor="end" font-size="16" class="figures soft clear">{formatLength(shoe.platformMm, unit)} under the ball</text>
    {/if}
    <text x={RIGHT} y="30" text-anchor="end" font-size="19" font-weight="650" fill={SIDE_COLOUR[side]}>{SIDE_LETTER[side]}</text>
    <text x={RIGHT} y="94" text-anchor="end" font-size="24" class="figures says clear">{pitchWords}</text>
    <text x={RIGHT} y="118" text-anchor="end" font-size="16" class="soft clear">{ankleWords}</text>
    <text x={RIGHT} y="140" text-anchor="end" font-size="16" class="figures soft clear">effective drop {formatLength(laid.pose.dropMm, unit)}</text>
    {#if heel}
      <text x={RIGHT} y={slideY} text-anchor="end" font-size={slid ? 24 : 16} class="figures clear {slid ? 'says' : 'soft'}">{slideWords}</text>
      {#if slid}
        <text x={RIGHT} y={slideY + 22} text-anchor="end" font-size="16" class="figures soft clear">{between}</text>
        <path d="M{RIGHT - 66} {slideY + 40}h52m-14 -8l14 8l-14 8" fill="none" stroke="var(--color-tight-word)" stroke-width="3.4" stroke-linejoin="round" />
      {/if}
    {/if}
  </svg>
</figure>

<style>
  .says {
    font-family: var(--font-serif);
    font-weight: 600;
    fill: var(--color-ink);
  }
  .soft {
    fill: var(--color-ink-soft);
  }
  .clear {
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
</style>
