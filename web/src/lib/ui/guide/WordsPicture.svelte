<script lang="ts">
  import { completeShoe, drawSide } from '@chiave/core/fit';
  import type { Foot } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { CUT } from '@chiave/core/heel';
  import { smoothOpen } from '$lib/drawing/above/paths';
  import { closedPath, openPath } from '$lib/drawing/place';
  import { WORDS } from './words';

  /** A foot in a shoe from the side, with the number of each word of the trade where it lies. */
  let { foot }: { foot: Foot } = $props();

  const WIDTH = 640;
  const HEIGHT = 380;
  const SCALE = 2;
  const LEFT = 78;
  const GROUND = 322;
  const R = 14;
  const shown = $derived(drawSide(foot, completeShoe({ kind: 'pump', insoleLengthMm: 251, toeShape: 'almond', heelHeightMm: 60 })));
  const d = $derived(shown.drawing);
  const at = (p: Point): Point => ({ x: LEFT + p.x * SCALE, y: GROUND - (p.y - d.groundY) * SCALE });
  const all = (points: readonly Point[]): Point[] => points.map(at);
  const skin = $derived(smoothOpen(all([...d.foot.slice(CUT.back), ...d.foot.slice(0, CUT.front + 1)])));
  const marks = $derived(
    WORDS.map((word, i) => {
      const points = word.at(shown).map(at);
      const [a, b] = [points[0], points[points.length - 1]];
      return { n: i + 1, points, x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 };
    })
  );
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="mx-auto w-full max-w-3xl"
  role="img"
  aria-label="A foot in a shoe from the side: each word’s number stands where it lies"
>
  <path d="M0 {GROUND}H{WIDTH}" stroke="var(--color-ground)" stroke-width="2" />
  {#if d.heel}<path d={closedPath(all(d.heel))} fill="var(--color-leather)" stroke="var(--color-ink)" />{/if}
  <path d={closedPath(all(d.sole))} fill="#1d1714" />
  <path d={skin} fill="var(--color-skin)" stroke="var(--color-ink)" stroke-width="1.4" />
  <path d={closedPath(all(d.upper))} fill="var(--color-leather-light)" fill-opacity="0.55" stroke="var(--color-ink)" stroke-width="1.4" />
  {#each marks as { n, points, x, y } (n)}
    {#if points.length > 1}<path d={openPath(points)} stroke="var(--color-brass)" stroke-width="2.2" fill="none" />
      {#each points as p, i (i)}<circle cx={p.x} cy={p.y} r="3.4" fill="var(--color-brass)" />{/each}{/if}
    <circle cx={x} cy={y} r={R} fill="var(--color-sheet)" stroke="var(--color-brass)" stroke-width="1.8" />
    <text {x} y={y + 5.5} text-anchor="middle" font-size="16" font-weight="650" class="figures" fill="var(--color-ink)">{n}</text>
  {/each}
</svg>
