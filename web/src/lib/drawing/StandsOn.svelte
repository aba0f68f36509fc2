<script lang="ts">
  import { ankleHigh, baseOf, keptBackAt, prints, SOLE_SHARES, standingTip, type HeelMade, type HeelReport } from '@chiave/core/heel';
  import { hullOf, type Point } from '@chiave/core/shape';
  import { closedPath } from './place';

  /** What a foot stands on, from above with the outer side below, and from behind: how far it may tip before it goes over. */
  let { made, report, lengthMm, weightKg }: { made: HeelMade; report: HeelReport; lengthMm: number; weightKg: number } = $props();
  const WIDTH = 360;
  const base = $derived(baseOf(made, lengthMm, weightKg));
  const on = $derived(prints(report.pose, base));
  const hull = $derived(hullOf([...on.tip, ...on.ball]));
  const scale = $derived(300 / (report.pose.ball.x + 0.14 * lengthMm));
  const above = (p: Point): Point => ({ x: 20 + p.x * scale, y: 66 + p.y * scale });
  const kept = $derived({ x: keptBackAt(report.pose), y: 0 });
  // From behind: the heel from its tip to the seat, and the ankle over it.
  const FLOOR = 330;
  const high = $derived(ankleHigh(report.pose, made.platformMm));
  const up = $derived(Math.min(1.3, 170 / high));
  const tip = $derived(standingTip(base).widthMm);
  const seat = $derived(SOLE_SHARES.seat * lengthMm);
  const seatY = $derived(FLOOR - Math.max(4, made.heelHeightMm) * up);
  const MIDDLE = 120;
  const side = (mm: number): [number, number] => [MIDDLE - (mm / 2) * up, MIDDLE + (mm / 2) * up];
  const waist = $derived(tip + 0.35 * (seat - tip));
  const deg = (n: number): string => `${n.toFixed(1)}°`;
</script>

<svg
  viewBox="0 0 {WIDTH} 350"
  class="w-full max-w-md"
  role="img"
  aria-label="Steadiness: {deg(report.stability.heelDeg)} on the heel alone, {deg(report.stability.standingDeg)} standing, {deg(
    report.stability.ballDeg
  )} on the ball; a comparison between shoes, no limit of safety"
>
  <path d={closedPath(hull.map(above))} fill="var(--color-row-tint)" stroke="var(--color-tight-word)" stroke-width="1.4" />
  <path d={closedPath(on.ball.map(above))} fill="#cbbfad" stroke="var(--color-ink)" stroke-width="1" />
  {#if on.tip.length > 0}<path d={closedPath(on.tip.map(above))} fill="#241d19" />{/if}
  <circle cx={above(kept).x} cy={above(kept).y} r="4" fill="var(--color-tight-word)" />
  <text x="20" y="13" class="note">from above, outer side below; dot: weight kept back</text>

  <line x1="10" x2={WIDTH - 10} y1={FLOOR} y2={FLOOR} stroke="var(--color-ground)" stroke-width="2" />
  <path
    d="M{side(tip)[0]} {FLOOR}C{side(tip)[0]} {FLOOR - 0.55 * (FLOOR - seatY)} {side(waist)[0]} {seatY + 14} {side(seat)[0]} {seatY}H{side(seat)[1]}C{side(
      waist
    )[1]} {seatY + 14} {side(tip)[1]} {FLOOR - 0.55 * (FLOOR - seatY)} {side(tip)[1]} {FLOOR}Z"
    fill="#41352d"
    stroke="var(--color-ink)"
  />
  <path
    d="M{side(seat)[0]} {seatY}C{side(seat * 1.12)[0]} {seatY - 30} {side(seat * 0.9)[0]} {FLOOR - high * up} {side(seat * 0.8)[0]} {FLOOR -
      high * up -
      16}H{side(seat * 0.8)[1]}C{side(seat * 0.9)[1]} {FLOOR - high * up} {side(seat * 1.12)[1]} {seatY - 30} {side(seat)[1]} {seatY}Z"
    fill="var(--color-leather-light)"
    stroke="var(--color-ink)"
    fill-opacity="0.85"
  />
  <path
    d="M{MIDDLE} {FLOOR}L{MIDDLE} {FLOOR - high * up}L{MIDDLE + Math.tan((report.stability.heelDeg * Math.PI) / 180) * high * up} {FLOOR}"
    fill="none"
    stroke="var(--color-light)"
    stroke-width="1.6"
    stroke-dasharray="4 3"
  />
  <circle cx={MIDDLE} cy={FLOOR - high * up} r="4.5" fill="#fff" stroke="var(--color-tight-word)" stroke-width="1.8" />
  <g class="figures" font-size="17">
    <text x="205" y={FLOOR - 104}><tspan font-weight="650">{deg(report.stability.heelDeg)}</tspan> on the heel alone</text>
    <text x="205" y={FLOOR - 76}><tspan font-weight="650">{deg(report.stability.standingDeg)}</tspan> standing</text>
    <text x="205" y={FLOOR - 48}><tspan font-weight="650">{deg(report.stability.ballDeg)}</tspan> on the ball</text>
    <text x="205" y={FLOOR - 16}>index <tspan font-weight="650">{deg(report.stability.indexDeg)}</tspan></text>
  </g>
</svg>

<style>
  text {
    fill: var(--color-ink);
  }
  .note {
    font-size: 14px;
    fill: var(--color-ink-soft);
  }
</style>
