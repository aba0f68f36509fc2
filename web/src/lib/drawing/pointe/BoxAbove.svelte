<script lang="ts">
  import { pointePlan, type PointeReport } from '@chiave/core/pointe';
  import { formatFigure, type LengthUnit, type Side } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { smallLength } from '../../small-length';
  import { closedPath, openPath } from '../place';

  /** A foot laid flat in its shoe from above, heel on the left, and two sections across: dashed as it stands, filled as the box holds it. */
  let { side, unit, report }: { side: Side; unit: LengthUnit; report: PointeReport } = $props();
  const [WIDTH, HEIGHT, SCALE] = [900, 250, 2.1];
  const plan = $derived(pointePlan(report.inBox));
  const box = $derived(report.box);
  /** A left foot has its inner side down, a right one up, as one looks down on them. */
  const sign = $derived(side === 'right' ? -1 : 1);
  const MIDDLE = 122;
  const at = (p: Point): Point => ({ x: 26 + (box.insideLengthMm - p.x) * SCALE, y: MIDDLE + sign * p.y * SCALE });
  const to = (line: readonly Point[]): Point[] => line.map(at);
  const acrossAt = (i: number, p: Point): Point => ({ x: 770 + p.x * 1.45, y: 84 + i * 124 - p.y * 1.45 });
  const tips = $derived(report.inBox.tips);
  const round = (mm: number): string => formatFigure(Math.round(mm), unit);
  const NAMES = ['across the joints', 'across the toes'] as const;
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="block w-full"
  role="img"
  aria-label="{side} foot laid flat in the shoe, from above: toes must close {smallLength(Math.max(0, tips.crowdMm), unit)}; box at the joints {Math.round(
    box.jointWidthMm
  )} wide, {round(box.jointGirthMm)} round"
>
  <path d={closedPath(to(plan.outside))} fill="#f0cdbb" stroke="#7a4631" stroke-width="1.4" />
  <path d={closedPath(to(plan.inside))} fill="#fbeee5" stroke="#7a4631" stroke-opacity="0.5" />
  <path d={closedPath(to(plan.standing))} fill="var(--color-tight-soft)" fill-opacity="0.35" stroke="none" />
  <path d={closedPath(to(plan.pressed))} fill="var(--color-skin)" stroke="#3d3027" stroke-width="1.4" stroke-linejoin="round" />
  <path d={closedPath(to(plan.standing))} fill="none" stroke="#3d3027" stroke-width="1.1" stroke-dasharray="5 4" />
  {#each plan.fillers as f, i (i)}
    {@const [a, b] = [at({ x: f.t, y: f.y - f.wide / 2 }), at({ x: f.t + f.long, y: f.y + f.wide / 2 })]}
    <rect x={Math.min(a.x, b.x)} y={Math.min(a.y, b.y)} width={Math.abs(a.x - b.x)} height={Math.abs(a.y - b.y)} fill="#f4e6c6" stroke="#a97a22" />
  {/each}
  <path d={openPath(to(plan.throat))} fill="none" stroke="#7a4631" stroke-width="2" />
  <g class="figures">
    <text x={at({ x: 0, y: 0 }).x + 14} y={MIDDLE - 4} class="call">platform</text>
    <text x={at({ x: 0, y: 0 }).x + 14} y={MIDDLE + 15} class="call">{round(box.platform.widthMm)} × {round(box.platform.depthMm)}</text>
    <text x={at({ x: 0.3 * box.insideLengthMm, y: 0 }).x} y="16" text-anchor="middle" class="call"
      >joints: box {round(box.jointWidthMm)} wide, {round(box.jointGirthMm)} round; foot pressed {Math.round(report.inBox.foot.of.pressedGirthMm)}</text
    >
    <text x="26" y={HEIGHT - 6} class="soft"
      >inside {round(box.insideLengthMm)}, foot {round(report.inBox.foot.lengthMm)}; dashed: standing, tinted: what must close; all in {unit}</text
    >
  </g>
  {#each plan.sections as s, i (i)}
    <path d={closedPath(s.box.map((p) => acrossAt(i, p)))} fill="#fbeee5" stroke="#7a4631" stroke-width="3" />
    <path d={closedPath(s.pressed.map((p) => acrossAt(i, p)))} fill="var(--color-skin)" stroke="#3d3027" />
    <path d={closedPath(s.standing.map((p) => acrossAt(i, p)))} fill="none" stroke="#3d3027" stroke-dasharray="4 3" />
    <text x="770" y={104 + i * 124} text-anchor="middle" class="figures">{NAMES[i]}: {round(s.boxMm.width)} × {round(s.boxMm.height)}</text>
  {/each}
</svg>

<style>
  text {
    font-size: 15px;
    fill: var(--color-ink);
  }
  .call {
    font-weight: 650;
    fill: var(--color-brass);
  }
  .soft {
    fill: var(--color-ink-soft);
  }
</style>
