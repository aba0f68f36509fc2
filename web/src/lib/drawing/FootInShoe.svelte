<script lang="ts">
  import type { FitDrawing, FootFit } from '@chiave/core/fit';
  import { formatLength, formatSigned, type LengthUnit } from '@chiave/core/measure';
  import { closedPath, openPath, toScreen } from './place';
  import { EDGE_CUTS, TIGHT_TO_LOOSE, placeAmong } from './tightness';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  // prettier-ignore
  let { drawings, feet, unit, asDrawn = false }: {
    drawings: { side: 'left' | 'right'; drawing: FitDrawing }[]; feet: FootFit[]; unit: LengthUnit;
    /** True where the drawing is of another state than the fit beside it: the room is then the drawing's own. */
    asDrawn?: boolean;
  } = $props();

  const WIDTH = 640;
  const HEEL_Y = 590;
  const longest = $derived(Math.max(...drawings.map((d) => d.drawing.insoleLengthMm)));
  const scale = $derived(Math.min(530 / longest, 2.1));
  const centre = (side: 'left' | 'right') => (side === 'left' ? 175 : 465);

  interface Run {
    path: string;
    colour: string;
  }
  /** The edge cut into runs of one colour. */
  function runs(points: FitDrawing['inner'], place: ReturnType<typeof toScreen>): Run[] {
    const out: Run[] = [];
    let from = 0;
    for (let i = 1; i <= points.length; i++) {
      const last = i === points.length;
      if (last || placeAmong(points[i].clearanceMm, EDGE_CUTS) !== placeAmong(points[from].clearanceMm, EDGE_CUTS)) {
        out.push({
          path: openPath(points.slice(from, last ? i : i + 1).map(place)),
          colour: TIGHT_TO_LOOSE[placeAmong(points[from].clearanceMm, EDGE_CUTS)].colour
        });
        from = i;
      }
    }
    return out;
  }

  /** The narrowest place of a side ahead of the waist. */
  const worst = (points: FitDrawing['inner']) => points.filter((p) => p.x > 0.5 * longest).reduce((a, p) => (p.clearanceMm < a.clearanceMm ? p : a));
  const signed = (mm: number) => (mm < -0.05 ? `touches, ${formatLength(-mm, unit)} over` : `gap ${formatLength(Math.max(0, mm), unit)}`);
  /** On a heel the foot shortens and may slide: what is drawn is the foot before that. */
  const onHeel = (side: string) => fitOf(side)?.heel != null;
  /** The place of the edge nearest to the pointer or finger, in words with its millimetres. */
  let pointed = $state<{ side: 'left' | 'right'; words: string; x: number; y: number } | null>(null);
  let svg = $state<SVGSVGElement>();
  /** Further than this from every edge nothing is meant, in units of the drawing. */
  const REACH = 40;
  function point(event: PointerEvent): void {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg!.getScreenCTM()!.inverse());
    let nearest = REACH;
    pointed = null;
    for (const { side, drawing } of drawings) {
      const place = toScreen(side, centre(side), HEEL_Y, scale);
      for (const [name, edge] of [
        ['inner', drawing.inner],
        ['outer', drawing.outer]
      ] as const) {
        for (const p of edge) {
          const { x, y } = place(p);
          const away = Math.hypot(x - at.x, y - at.y);
          if (away >= nearest) continue;
          nearest = away;
          pointed = { side, x, y, words: `${name} side, ${formatLength(p.x, unit)} from the heel: ${signed(p.clearanceMm)}` };
        }
      }
    }
  }
  const fitOf = (side: string) => feet.find((f) => f.side === side);
</script>

<figure>
  <svg
    bind:this={svg}
    onpointermove={point}
    onpointerdown={point}
    onpointerleave={() => (pointed = null)}
    viewBox="0 0 {WIDTH} 660"
    role="img"
    aria-label="Both feet in their shoes from above, to scale; the wearer's left on the left"
    class="w-full"
  >
    <text x={WIDTH / 2} y="16" text-anchor="middle" font-size={14} fill="var(--color-ink-soft)">from above, to scale · your left on the left</text>
    {#each drawings as { side, drawing } (side)}
      {@const place = toScreen(side, centre(side), HEEL_Y, scale)}
      {@const colour = side === 'left' ? 'var(--color-side-left)' : 'var(--color-side-right)'}
      {@const toe = drawing.toes[drawing.firstToe]}
      {@const toeAt = place(toe)}
      {@const room = asDrawn ? toe.roomMm : (fitOf(side)?.usableRoomMm ?? 0)}
      <path d={closedPath(drawing.silhouette.map(place))} fill="#fff" stroke="var(--color-ink)" stroke-width="2" />
      <path d={closedPath(drawing.insole.map(place))} fill="none" stroke="var(--color-ink-soft)" stroke-width="1" stroke-dasharray="3 4" />
      <path d={closedPath(drawing.foot.map(place))} fill="#f1e2cf" fill-opacity="0.85" stroke="#c9b497" stroke-width="1" />
      {#each [...runs(drawing.inner, place), ...runs(drawing.outer, place)] as run, i (i)}
        <path d={run.path} fill="none" stroke={run.colour} stroke-width="4.5" stroke-linecap="round" />
      {/each}
      <line
        x1={place({ x: drawing.flexLineMm, y: 46 }).x}
        y1={place({ x: drawing.flexLineMm, y: 46 }).y}
        x2={place({ x: drawing.flexLineMm * 0.876, y: -54 }).x}
        y2={place({ x: drawing.flexLineMm * 0.876, y: -54 }).y}
        stroke="var(--color-brass-bright)"
        stroke-width="1.5"
        stroke-dasharray="8 5"
      />
      <line x1={toeAt.x} y1={toeAt.y} x2={toeAt.x} y2={toeAt.y - Math.max(2, room * scale)} stroke="var(--color-ink)" stroke-width="2" marker-end="url(#tip)" />
      {#each [worst(drawing.inner), worst(drawing.outer)] as point, i (i)}
        {@const p = place(point)}
        <circle cx={p.x} cy={p.y} r="5" fill="none" stroke="var(--color-ink)" stroke-width="2" />
        {@const inward = (i === 0) === (side === 'left')}
        <text
          x={inward ? Math.min(p.x + 12, WIDTH - 4) : Math.max(p.x - 12, 4)}
          y={p.y + 4 + (i === 0 ? -2 : 14)}
          text-anchor={inward ? 'start' : 'end'}
          font-size="12.5"
          fill="var(--color-ink)"
        >
          {formatSigned(point.clearanceMm, unit)}
          {unit}
        </text>
      {/each}
      <text
        x={centre(side)}
        y={place({ x: drawing.insoleLengthMm, y: 0 }).y - 12}
        text-anchor="middle"
        font-size="13.5"
        font-weight="600"
        fill="var(--color-ink)"
      >
        {toe.name}: {room >= 0 ? `${formatLength(room, unit)} to go${onHeel(side) ? ', flat' : ''}` : `pressed ${formatLength(-room, unit)}`}
      </text>
      <text x={centre(side)} y={HEEL_Y + 40} text-anchor="middle" font-size={22} font-weight="700" fill={colour}>{side === 'left' ? 'L' : 'R'} {side}</text>
      <title>{side}: inner side {signed(worst(drawing.inner).clearanceMm)}, outer side {signed(worst(drawing.outer).clearanceMm)}</title>
    {/each}
    {#if pointed}<circle cx={pointed.x} cy={pointed.y} r="6" fill="var(--color-brass-bright)" stroke="var(--color-ink)" stroke-width="1.5" />{/if}
    <defs>
      <marker id="tip" viewBox="0 0 8 8" refX="4" refY="4" markerWidth="6" markerHeight="6" orient="auto"
        ><path d="M0 0 L8 4 L0 8 Z" fill="var(--color-ink)" /></marker
      >
    </defs>
  </svg>
  <p class="figures min-h-6 text-sm" role="status" data-pointed>
    {#if pointed}<SideMark side={pointed.side} />
      {pointed.words}{:else}<span class="soft">Point to the edge of a foot, or tap it, for its millimetres.</span>{/if}
  </p>
  <figcaption class="mt-1 text-sm soft">
    <ul class="flex flex-wrap gap-x-4 gap-y-1" aria-label="Colours of the edge">
      {#each TIGHT_TO_LOOSE as s (s.id)}
        <li class="flex items-center gap-1.5"><span class="inline-block h-2 w-6 rounded" style="background:{s.colour}"></span>{s.word}</li>
      {/each}
    </ul>
    <p class="mt-1">
      Solid line: inside at the height where the foot is widest. Short dashes: the insole. Brass: where the shoe bends. Rings: narrowest place on either side.
    </p>
  </figcaption>
</figure>
