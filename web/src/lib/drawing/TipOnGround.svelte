<script lang="ts">
  import { tipOutline, type Tip } from '@chiave/core/heel';
  import type { Point } from '@chiave/core/shape';
  import { closedPath } from './place';

  /** A heel's tip from below, to scale, with the cap over it. */
  let { tip, cap = null, label }: { tip: Tip; cap?: Tip | null; label: string } = $props();
  const SCALE = 1.5;
  const [WIDTH, HEIGHT] = [96, 84];
  const at = (p: Point): Point => ({ x: WIDTH / 2 + p.x * SCALE, y: HEIGHT / 2 - p.y * SCALE });
  const outline = (of: Tip): string => closedPath(tipOutline(of, -of.lengthMm / 2).map(at));
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" class="mx-auto block h-20 w-24" role="img" aria-label={label}>
  {#if cap}<path d={outline(cap)} fill="var(--color-brass-pale)" stroke="var(--color-brass)" stroke-width="1.6" />{/if}
  <path d={outline(tip)} fill="#241d19" />
</svg>
