<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  /**
   * Sheets seen straight with the line read on them, toes up; the line is corrected by dragging its points, or by the arrows.
   */
  import type { Side } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { gestures, type Gestures } from './gestures';
  import type { LaidPicture } from '$lib/tracing/laid-picture';

  // prettier-ignore
  let { line, pictures, axis, side, onmove }: {
    /** mm, y down. */
    line: readonly Point[];
    pictures: readonly LaidPicture[];
    axis: readonly [Point, Point] | null;
    side: Side;
    onmove: (line: Point[]) => void;
  } = $props();

  /** Places along the line that can be dragged. */
  const HANDLES = 36;
  const MARGIN_MM = 10;
  const box = $derived.by(() => {
    const all = [...line, ...pictures.flatMap((p) => p.corners)];
    const [xs, ys] = [all.map((p) => p.x), all.map((p) => p.y)];
    const more = pictures.length > 0 ? 0 : MARGIN_MM;
    const [x, y] = [Math.min(...xs) - more, Math.min(...ys) - more];
    return { x, y, w: Math.max(...xs) - x + more, h: Math.max(...ys) - y + more };
  });
  const handles = $derived(line.length < HANDLES ? [] : Array.from({ length: HANDLES }, (_, i) => Math.round((i * line.length) / HANDLES)));
  /** Number of the point that is dragged. */
  let dragging = NaN;
  let stage = $state<SVGGElement>();
  /** Toes up, however the sheet lay. */
  const upside = $derived(axis !== null && axis[1].y > axis[0].y);

  /** A handle takes its neighbourhood along, less and less towards the next handles. */
  function moveTo(index: number, to: Point): void {
    const from = line[index];
    const reach = line.length / HANDLES;
    onmove(
      line.map((p, i) => {
        const apart = Math.min(Math.abs(i - index), line.length - Math.abs(i - index)) / reach;
        if (apart >= 1) return p;
        const share = 0.5 + 0.5 * Math.cos(Math.PI * apart);
        return { x: p.x + share * (to.x - from.x), y: p.y + share * (to.y - from.y) };
      })
    );
  }
  const drags = (): Gestures => ({
    ondrag: ({ first, last, at, target }) => {
      if (first) dragging = Number(target.getAttribute('data-at') ?? NaN);
      if (!Number.isNaN(dragging) && stage) moveTo(dragging, new DOMPoint(at.x, at.y).matrixTransform(stage.getScreenCTM()!.inverse()));
      if (last) dragging = NaN;
    }
  });
  function nudge(event: KeyboardEvent, index: number): void {
    const step = { ArrowLeft: [-0.5, 0], ArrowRight: [0.5, 0], ArrowUp: [0, -0.5], ArrowDown: [0, 0.5] }[event.key];
    if (!step) return;
    event.preventDefault();
    const sign = upside ? -1 : 1;
    moveTo(index, { x: line[index].x + sign * step[0], y: line[index].y + sign * step[1] });
  }
</script>

<svg
  use:gestures={drags}
  viewBox="{box.x} {box.y} {box.w} {box.h}"
  class="mt-3 max-h-[80vh] w-full touch-none border border-line bg-white"
  role="group"
  aria-label="The sheet seen straight, with the line that was read"
>
  <g bind:this={stage} transform={upside ? `rotate(180 ${box.x + box.w / 2} ${box.y + box.h / 2})` : undefined}>
    {#each pictures as p (p.href)}<image
        href={p.href}
        x="0"
        y="0"
        width={p.widthMm}
        height={p.heightMm}
        preserveAspectRatio="none"
        transform="matrix({p.matrix.join(' ')})"
      />{/each}
    <path
      d="{line.map((p, i) => `${i ? 'L' : 'M'}${p.x.toFixed(2)} ${p.y.toFixed(2)}`).join('')}Z"
      fill="rgba(200,151,58,0.14)"
      stroke="#a8451a"
      stroke-width="0.5"
    />
    {#if axis}
      <line x1={axis[0].x} y1={axis[0].y} x2={axis[1].x} y2={axis[1].y} stroke={SIDE_COLOUR[side]} stroke-width="0.6" stroke-dasharray="4 2" />
    {/if}
    {#each handles as index (index)}
      <circle
        cx={line[index].x}
        cy={line[index].y}
        r="2.2"
        fill="#fffdf8"
        stroke="#a8451a"
        stroke-width="0.7"
        class="cursor-move"
        role="button"
        tabindex="0"
        aria-label="Point {index} of the line; arrows move it by half a millimetre"
        data-at={index}
        onkeydown={(e) => nudge(e, index)}
      />
    {/each}
  </g>
</svg>
<p class="soft text-sm">Drag a point where the line was not followed; the figures follow at once.</p>
