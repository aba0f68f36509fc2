<script lang="ts">
  import type { PointeFront } from '@chiave/core/pointe';
  import type { Side } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import { closedPath, openPath } from '../place';
  import { WALL_COLOURS } from './wall-colours';

  /** A foot in its box from in front, on pointe; walls by how hard they press. @prop sinkMm drawn as a gap under the brass mark */
  interface Props {
    side: Side;
    front: PointeFront;
    width: number;
    height: number;
    scale: number;
    words?: string;
    small?: boolean;
  }
  let { side, front, width, height, scale, words, small = false }: Props = $props();
  const id = $props.id();
  const sign = $derived(side === 'left' ? 1 : -1);
  const floor = $derived(height - (small ? 8 : 14));
  const at = (p: Point): Point => ({ x: width / 2 + sign * p.x * scale, y: floor - (p.y + front.platform.thick) * scale });
  const to = (line: readonly Point[]): Point[] => line.map(at);
  const flatThroat = $derived(at({ x: 0, y: front.flatThroatT }));
</script>

<svg viewBox="0 0 {width} {height}" class="block w-full" role={words ? 'img' : undefined} aria-label={words} aria-hidden={words ? undefined : 'true'}>
  <defs>
    <linearGradient id="up-{id}" gradientUnits="userSpaceOnUse" x1="0" x2="0" y1={at({ x: 0, y: 170 }).y} y2={at({ x: 0, y: 110 }).y}
      ><stop offset="0" stop-color="#fff" stop-opacity="0" /><stop offset="1" stop-color="#fff" /></linearGradient
    >
    <mask id="leg-{id}" maskUnits="userSpaceOnUse" x="0" y="0" {width} {height}><rect x="0" y="0" {width} {height} fill="url(#up-{id})" /></mask>
    <linearGradient id="satin-{id}" x1="0" x2="1"
      ><stop offset="0" stop-color="#dfae99" /><stop offset="0.5" stop-color="#f8e3d8" /><stop offset="1" stop-color="#dfae99" /></linearGradient
    >
    <clipPath id="foot-{id}"><path d={closedPath(to(front.foot))} /></clipPath>
    <pattern id="filler-{id}" width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
      ><path d="M0 0V5" stroke="#a97a22" stroke-width="1.6" /></pattern
    >
  </defs>
  <g mask="url(#leg-{id})">
    <path d={closedPath(to(front.foot))} fill="var(--color-skin)" />
    <g clip-path="url(#foot-{id})"
      ><path d={closedPath(to(front.foot))} fill="none" stroke="var(--color-skin-shade)" stroke-opacity="0.2" stroke-width={14 * scale} /></g
    >
    <path d={closedPath(to(front.foot))} fill="none" stroke="#3d3027" stroke-width={small ? 1 : 1.3} />
  </g>
  {#each front.toes as toe, i (i)}
    <path d={openPath(to(toe.outline))} fill="var(--color-skin)" stroke="#3d3027" stroke-width={small ? 0.8 : 1.2} />
    <path d={closedPath(to(toe.nail))} fill="var(--color-nail)" stroke="var(--color-nail-edge)" stroke-width="0.7" />
    {#if toe.fillerMm > 0}
      {@const p = at({ x: toe.outline[Math.floor(toe.outline.length / 2)].x, y: Math.max(0, toe.gapMm) })}
      <rect x={p.x - 7 * scale} y={p.y} width={14 * scale} height={Math.max(2, toe.fillerMm * scale)} fill="url(#filler-{id})" stroke="#a97a22" />
    {/if}
  {/each}
  <path d={closedPath(to(front.box))} fill="url(#satin-{id})" fill-opacity="0.42" stroke="#7a4631" stroke-width={small ? 1 : 1.5} stroke-linejoin="round" />
  <path d={openPath(to(front.throat))} fill="none" stroke="#7a4631" stroke-width={small ? 1.4 : 2.4} />
  {#each front.walls as wall, i (i)}
    <path d={openPath(to([wall.from, wall.to]))} stroke={WALL_COLOURS[wall.band]} stroke-width={(small ? 3.4 : 3) * scale + (small ? 1 : 0)} />
  {/each}
  {#if !small}
    <path d="M{flatThroat.x - 18} {flatThroat.y}h36" stroke="var(--color-brass-line)" stroke-width="2.6" />
  {/if}
  <rect
    x={width / 2 - front.platform.half * scale}
    y={floor - front.platform.thick * scale}
    width={2 * front.platform.half * scale}
    height={front.platform.thick * scale}
    rx="2"
    fill="#d9a58e"
    stroke="#7a4631"
  />
  <path d="M0 {floor}H{width}" stroke="var(--color-ground)" stroke-width={small ? 2 : 3} />
</svg>
