<script lang="ts">
  /** One to four insides over each other, from above, from the side or cut across at the ball; true proportion, with a measuring cursor. */
  import { frontView, layOver, shiftTo, sideView, type ComparedShoe, type LaidAt } from '@chiave/core/compare';
  import { compileShoe, shoePolygon, taperStartMm, TOE_FAMILY } from '@chiave/core/last';
  import { SIDE_LETTER, trimNumber } from '@chiave/core/measure';
  import { compileFootShape, footPolygon, type FootPlan, type Point } from '@chiave/core/shape';
  import { closedPath, curveThrough, openPath } from './place';
  import { SHOE_LOOKS } from './shoe-looks';
  import type { ScaledPhoto } from './scaled-photo';

  // prettier-ignore
  let { shoes, view, at = 'heel', side = 'left', foot = null, shown = null, zoom = 1, photos = [], svg = $bindable() }: {
    shoes: readonly ComparedShoe[]; view: 'top' | 'side' | 'front'; at?: LaidAt; side?: 'left' | 'right';
    /** Laid into the first, with its toes' ends marked. */
    foot?: FootPlan | null;
    /** How strongly each is drawn, 0 to 1; all of them when left out. */
    shown?: readonly number[] | null; zoom?: number; photos?: readonly ScaledPhoto[]; svg?: SVGSVGElement;
  } = $props();

  const MARGIN = 12;
  /** From above, toes up: the inner side of a left shoe lies to the right. */
  const above = (p: Point): Point => ({ x: (side === 'left' ? 1 : -1) * p.y, y: -p.x });
  const upright = (p: Point): Point => ({ x: p.x, y: -p.y });
  const laid = $derived(layOver(shoes, at));
  const sides = $derived(shoes.map((s) => sideView(s)));
  const fronts = $derived(shoes.map((s) => frontView(s)));
  const shifts = $derived(shoes.map((s) => shiftTo(at, s.inside, shoes[0].inside)));
  const paths = $derived(
    shoes.map((_, i): { d: string; points: Point[] } => {
      if (view === 'top') {
        const points = laid[i].outline.map(above);
        return { d: closedPath(points), points };
      }
      const moved = (p: Point): Point => upright({ x: p.x + shifts[i], y: p.y });
      if (view === 'side') {
        const [bottom, top] = [sides[i].bottom.map(moved), sides[i].top.map(moved)];
        return {
          d: `${openPath(bottom)}M${top[0].x.toFixed(1)} ${top[0].y.toFixed(1)}${curveThrough(top)}M${top[0].x.toFixed(1)} ${top[0].y.toFixed(1)}L${bottom[0].x.toFixed(1)} ${bottom[0].y.toFixed(1)}`,
          points: [...bottom, ...top]
        };
      }
      const points = fronts[i].outline.map((p) => ({ x: (side === 'left' ? 1 : -1) * p.x, y: -p.y }));
      return { d: closedPath(points), points };
    })
  );
  const footPath = $derived(foot && view === 'top' ? footPolygon(compileFootShape(foot, 0)).map(above) : []);
  const box = $derived.by(() => {
    const all = [...paths.flatMap((p) => p.points), ...footPath];
    const [xs, ys] = [all.map((p) => p.x), all.map((p) => p.y)];
    const [x, y] = [Math.min(...xs) - MARGIN, Math.min(...ys) - MARGIN];
    return { x, y, w: Math.max(...xs) - x + MARGIN, h: Math.max(...ys) - y + MARGIN };
  });
  /** Zoomed about the front of the shoe, where most of what differs lies. */
  const seen = $derived.by(() => {
    const [w, h] = [box.w / zoom, box.h / zoom];
    const x = view === 'side' ? box.x + box.w - w : box.x + (box.w - w) / 2;
    const y = view === 'top' ? box.y : box.y + box.h - h;
    return { x, y, w, h };
  });
  const taperAt = (i: number): number => taperStartMm(shoes[i].inside) + shifts[i];
  /** Beside a traced line the curve of the toe it is named by, as it would be drawn without the tracing. */
  const familyPaths = $derived(
    shoes.map((shoe, i) =>
      view === 'top' && shoe.inside.outline
        ? closedPath(shoePolygon(compileShoe({ ...shoe.inside, outline: null }, shoe.girthShare)).map((p) => above({ x: p.x + laid[i].forwardMm, y: p.y })))
        : ''
    )
  );

  // The measuring cursor: where it stands, and from where it was pressed.
  let cursor = $state<Point | null>(null);
  let from = $state<Point | null>(null);
  function place(event: PointerEvent): Point {
    const p = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg!.getScreenCTM()!.inverse());
    return { x: p.x, y: p.y };
  }
  const said = $derived.by(() => {
    if (!cursor) return '';
    if (from) return `${trimNumber(Math.hypot(cursor.x - from.x, cursor.y - from.y))} mm`;
    if (view === 'top') return `${trimNumber(-cursor.y)} mm from the heel, ${trimNumber(Math.abs(cursor.x))} mm off the axis`;
    return `${trimNumber(Math.abs(cursor.x))} mm along, ${trimNumber(-cursor.y)} mm up`;
  });
</script>

<svg
  bind:this={svg}
  viewBox="{seen.x} {seen.y} {seen.w} {seen.h}"
  class="w-full touch-none border border-line bg-white {view === 'top' ? 'max-h-[80vh]' : 'max-h-[34vh]'}"
  role="img"
  aria-label="{shoes.map((s) => s.name).join(' over ')} {view === 'top'
    ? 'from above'
    : view === 'side'
      ? 'from the inner side'
      : 'cut across at the ball'}, {side} shoe"
  onpointermove={(e) => (cursor = place(e))}
  onpointerdown={(e) => (from = cursor = place(e))}
  onpointerup={() => (from = null)}
  onpointerleave={() => {
    cursor = null;
    from = null;
  }}
>
  {#if view === 'top'}
    {#each photos as photo (photo.href)}
      <image href={photo.href} width={photo.width} height={photo.height} opacity={photo.opacity} transform="matrix({photo.matrix.join(' ')})" />
    {/each}
    <line x1="0" y1={box.y} x2="0" y2={box.y + box.h} stroke="#d9cfbd" stroke-width="0.4" stroke-dasharray="3 2" />
  {/if}
  {#if view === 'side'}<line x1={box.x} y1="0" x2={box.x + box.w} y2="0" stroke="#d9cfbd" stroke-width="0.5" />{/if}
  {#if footPath.length > 0}
    <path d={closedPath(footPath)} fill="rgba(138,127,115,0.16)" stroke="#5f554b" stroke-width="0.6" stroke-dasharray="2 1.4" />
    {#if foot}
      <line x1={box.x} y1={-foot.lengthMm} x2={box.x + box.w} y2={-foot.lengthMm} stroke="#5f554b" stroke-width="0.35" />
      <text x={box.x + 2} y={-foot.lengthMm - 1.5} font-size="5.5" fill="#5f554b">toes end</text>
    {/if}
  {/if}
  {#each paths as { d }, i (i)}
    {@const look = SHOE_LOOKS[i]}
    <path
      {d}
      fill="none"
      stroke={look.ink}
      stroke-width="1.8"
      stroke-dasharray={look.dash}
      stroke-linejoin="round"
      vector-effect="non-scaling-stroke"
      opacity={shown?.[i] ?? 1}
    />
    {#if familyPaths[i]}
      <path
        d={familyPaths[i]}
        fill="none"
        stroke={look.ink}
        stroke-width="1"
        stroke-dasharray="1.5 4"
        vector-effect="non-scaling-stroke"
        opacity={shown?.[i] ?? 1}
      />
    {/if}
    {#if view === 'top'}
      {@const way = i % 2 === 0 ? -1 : 1}
      {@const y = -taperAt(i)}
      <g opacity={shown?.[i] ?? 1}>
        <line x1="0" y1={y} x2={way * 14} y2={y} stroke={look.ink} stroke-width="1.4" stroke-dasharray={look.dash} vector-effect="non-scaling-stroke" />
        <text x={way * 16} y={y + 2 + (i > 1 ? 7 : 0)} font-size="5.5" fill={look.ink} text-anchor={way < 0 ? 'end' : 'start'}>{look.letter} taper</text>
      </g>
    {/if}
  {/each}
  {#if from && cursor}<line x1={from.x} y1={from.y} x2={cursor.x} y2={cursor.y} stroke="#2a2420" stroke-width="0.6" />{/if}
  {#if cursor}<circle cx={cursor.x} cy={cursor.y} r="1" fill="none" stroke="#2a2420" stroke-width="0.4" />{/if}
  {#if view === 'top'}<text x={box.x + 2} y={box.y + box.h - 3} font-size={6} fill="#5f554b">{SIDE_LETTER[side]}, seen from above</text>{/if}
</svg>
<p class="figures soft min-h-6 text-sm">{said || 'Point to read, press and drag to measure.'}</p>
{#if view === 'top'}
  {#each shoes as { inside }, i (i)}
    {#if inside.outline}<p class="soft text-sm">
        {shoes.length > 1 ? `${SHOE_LOOKS[i].letter}: as` : 'As'} traced, ± {trimNumber(inside.outline.sdMm)} mm; dotted: the {TOE_FAMILY[inside.family].name} toe’s
        own curve.
      </p>{/if}
  {/each}
{/if}
{#if view === 'side'}
  {#each sides as s, i (i)}<p class="soft text-sm">
      {shoes.length > 1 ? `${SHOE_LOOKS[i].letter}: n` : 'N'}ot measured, drawn as is usual (estimate): {s.assumed.join(', ')}.
    </p>{/each}
{:else if view === 'front'}<p class="soft text-sm">The section’s shape is an estimate; its width and girth are the last’s.</p>{/if}
