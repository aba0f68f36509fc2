<script lang="ts">
  import type { SideDrawing } from '@chiave/core/heel';
  import type { Point } from '@chiave/core/shape';
  import SidePainted from './SidePainted.svelte';

  /** A foot on a heel, as small as a stamp. */
  let { drawing: d }: { drawing: SideDrawing } = $props();
  const WIDTH = 120;
  const HEIGHT = 84;
  /** So much of the leg is left out, mm. */
  const LEG_MM = 110;
  const long = $derived(Math.max(...d.upper.map((p) => p.x)));
  const high = $derived(Math.max(...d.foot.map((p) => p.y)) - d.groundY - LEG_MM);
  const scale = $derived(Math.min((WIDTH - 8) / (long + 12), (HEIGHT - 4) / high));
  const at = (p: Point): Point => ({ x: 4 + (p.x + 8) * scale, y: HEIGHT - 3 - (p.y - d.groundY) * scale });
</script>

<svg viewBox="0 0 {WIDTH} {HEIGHT}" class="w-full" aria-hidden="true">
  <SidePainted drawing={d} {at} {scale} />
  <line x1="0" x2={WIDTH} y1={HEIGHT - 2.4} y2={HEIGHT - 2.4} stroke="var(--color-ground)" stroke-width="1.4" />
</svg>
