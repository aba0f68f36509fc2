<script lang="ts">
  /** Both feet along their traced lines, with the model's own line and the ends of the toes; left foot left, seen from above, toes up. */
  import { planOf } from '@chiave/core/fit';
  import { SIDE_LETTER, trimNumber, type Foot } from '@chiave/core/measure';
  import { compileFootShape, footPolygon, laidContour, readContour, type Point } from '@chiave/core/shape';
  import { closedPath } from '$lib/drawing/place';
  import { SIDE_COLOUR } from '$lib/drawing/sides';

  let { feet }: { feet: readonly Foot[] } = $props();

  const APART = 150;
  const TALL = 300;
  /** Seen from above with the toes up the inner side of a left foot lies to the right. */
  const placed = $derived(
    feet.flatMap((foot) => {
      if (!foot.contour) return [];
      const plan = planOf(foot);
      const shape = compileFootShape(plan, 0);
      const [middle, inward] = foot.side === 'left' ? [APART / 2, 1] : [APART * 1.5, -1];
      const at = ({ x, y }: Point): Point => ({ x: middle + inward * y, y: TALL - 12 - x });
      return [
        {
          side: foot.side,
          line: closedPath(laidContour(foot.contour, plan).map(at)),
          model: closedPath(footPolygon(compileFootShape({ ...plan, contour: undefined }, 0)).map(at)),
          tips: Array.from(shape.tip, (x, i) => at({ x, y: shape.centre[i] })),
          apart: readContour(foot.contour).apart,
          label: at({ x: 12, y: 0 }),
          lengthMm: plan.lengthMm
        }
      ];
    })
  );
</script>

{#if placed.length > 0}
  <figure class="mt-3">
    <svg viewBox="0 0 {2 * APART} {TALL}" class="max-h-[24rem] w-full" role="img" aria-label="Both feet along their traced lines; dotted the model’s own line">
      {#each placed as p (p.side)}
        <path d={p.model} fill="none" stroke={SIDE_COLOUR[p.side]} stroke-width="1.2" stroke-dasharray="1.5 3" vector-effect="non-scaling-stroke" />
        <path d={p.line} fill="none" stroke={SIDE_COLOUR[p.side]} stroke-width="2" vector-effect="non-scaling-stroke" stroke-linejoin="round" />
        {#each p.tips as tip, i (i)}
          <circle cx={tip.x} cy={tip.y} r="1.6" fill={p.apart ? SIDE_COLOUR[p.side] : 'none'} stroke={SIDE_COLOUR[p.side]} />
          <text x={tip.x} y={tip.y - 4} font-size="8" text-anchor="middle" fill={SIDE_COLOUR[p.side]}>{i + 1}</text>
        {/each}
        <text x={p.label.x} y={p.label.y} font-size="10" text-anchor="middle" fill={SIDE_COLOUR[p.side]}>{SIDE_LETTER[p.side]} {trimNumber(p.lengthMm)}</text>
      {/each}
    </svg>
    <figcaption class="soft text-sm">
      The line as the fit runs along it; dotted: the model’s, from the numbers alone.
      {#each placed as p (p.side)}
        {' '}{SIDE_LETTER[p.side]}: {p.apart ? 'five toes found.' : 'the toes are closed in the line, their places are the model’s.'}
      {/each}
    </figcaption>
  </figure>
{/if}
