<script lang="ts">
  import { PLATFORM_SHAPE, type PointeReport } from '@chiave/core/pointe';
  import type { Side } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { closedPath } from '../place';

  /** The platform from below, the foot's top up: which toes bear, with how much; dashed what truly stands. */
  let { side, report }: { side: Side; report: PointeReport } = $props();
  const [WIDTH, HEIGHT, SCALE] = [250, 116, 1.6];
  const sign = $derived(side === 'left' ? 1 : -1);
  const { platform } = $derived(report.box);
  const shape = $derived(PLATFORM_SHAPE[platform.shape]);
  const MIDDLE = { x: WIDTH / 2, y: 34 };
  const outline = (by: number): Point[] =>
    Array.from({ length: 72 }, (_, i) => {
      const a = (i * Math.PI) / 36;
      const [c, s] = [Math.cos(a), Math.sin(a)];
      const r = (x: number): number => Math.sign(x) * Math.abs(x) ** (2 / shape.power);
      return { x: MIDDLE.x + r(c) * by * (platform.widthMm / 2) * SCALE, y: MIDDLE.y + r(s) * by * (platform.depthMm / 2) * SCALE };
    });
  const toes = $derived(
    report.inBox.hold.toes.map((toe, i) => ({
      i,
      x: MIDDLE.x + sign * report.inBox.tips.across[i] * SCALE,
      r: report.inBox.foot.toes[i].r * 0.78 * SCALE,
      newtons: toe.newtons,
      knuckled: toe.knuckled
    }))
  );
  const most = $derived(Math.max(1, ...toes.map((t) => t.newtons)));
  const centre = $derived(MIDDLE.x + sign * report.inBox.tips.centreMm * SCALE);
  const words = $derived(
    toes
      .filter((t) => t.newtons > 3)
      .map((t) => `toe ${t.i + 1} ${Math.round(t.newtons)} N${t.knuckled ? ', bends up' : ''}`)
      .join(', ') || 'no toe bears'
  );
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" class="block w-full" role="img" aria-label="Platform from below: {words}">
  <path d={closedPath(outline(1))} fill="#f3d8cb" stroke="#7a4631" stroke-width="1.5" />
  <path d={closedPath(outline(shape.stands))} fill="none" stroke="#7a4631" stroke-dasharray="4 3" />
  {#each [...toes].reverse() as toe (toe.i)}
    <circle
      cx={toe.x}
      cy={MIDDLE.y}
      r={toe.r}
      fill={toe.newtons > 3 ? '#e4a887' : 'none'}
      fill-opacity={0.35 + 0.6 * (toe.newtons / most)}
      stroke="#3d3027"
      stroke-width="1"
      stroke-dasharray={toe.newtons > 3 ? '' : '3 3'}
    />
    {#if toe.newtons > 3}
      <rect x={toe.x - 8} y="70" width="16" height={Math.max(1, (26 * toe.newtons) / most)} fill="var(--color-brass-bright)" />
    {/if}
    <text x={toe.x} y={toe.newtons > 3 ? 70 + Math.max(1, (26 * toe.newtons) / most) + 15 : 84} text-anchor="middle" class="figures"
      >{toe.newtons > 3 ? Math.round(toe.newtons) : ''}</text
    >
  {/each}
  <path d="M10 70H{WIDTH - 10}" stroke="var(--color-edge)" />
  <path d="M{centre - 5} {MIDDLE.y}h10M{centre} {MIDDLE.y - 5}v10" stroke="var(--color-brass)" stroke-width="1.8" />
</svg>

<style>
  text {
    font-size: 15px;
    font-weight: 650;
    fill: var(--color-ink);
  }
</style>
