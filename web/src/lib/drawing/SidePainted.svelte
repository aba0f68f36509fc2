<script lang="ts">
  import { CUT, type SideDrawing } from '@chiave/core/heel';
  import type { Point } from '@chiave/core/shape';
  import { smooth, smoothOpen } from './above/paths';
  import { closedPath, openPath } from './place';

  /** A foot on a heel in its shoe, seen from the side: leather, skin that shows through it, and the leg that fades out. */
  // prettier-ignore
  let { drawing: d, at, scale, plain = false }: {
    drawing: SideDrawing; at: (p: Point) => Point; scale: number;
    /** Pale and without light: one of a row that is not looked at. */
    plain?: boolean;
  } = $props();

  const id = $props.id();
  const FADES_MM = 60;
  const all = (points: readonly Point[]): Point[] => points.map(at);
  // The leg is open above: smooth round the foot, straight across the cut.
  const skin = $derived(smoothOpen(all([...d.foot.slice(CUT.back), ...d.foot.slice(0, CUT.front + 1)])));
  const cutY = $derived(at(d.cut[0]).y);
  const box = $derived.by(() => {
    const points = all(d.foot);
    const [xs, ys] = [points.map((p) => p.x), points.map((p) => p.y)];
    return { x: Math.min(...xs) - 20, y: Math.min(...ys) - 4, width: Math.max(...xs) - Math.min(...xs) + 40, height: Math.max(...ys) - Math.min(...ys) + 40 };
  });
</script>

<defs>
  <linearGradient id="fade-{id}" gradientUnits="userSpaceOnUse" x1="0" x2="0" y1={cutY} y2={cutY + FADES_MM * scale}>
    <stop offset="0" stop-color="#fff" stop-opacity="0" /><stop offset="1" stop-color="#fff" />
  </linearGradient>
  <mask id="leg-{id}" maskUnits="userSpaceOnUse" x={box.x} y={box.y} width={box.width} height={box.height}>
    <rect x={box.x} y={box.y} width={box.width} height={box.height} fill="url(#fade-{id})" />
  </mask>
  <linearGradient id="skin-{id}"
    ><stop offset="0" stop-color="#ecd3b0" /><stop offset="0.35" stop-color="#f8e8cf" /><stop offset="1" stop-color="#efd8b6" /></linearGradient
  >
  <linearGradient id="leather-{id}" x1="0" y1="0" x2="0.25" y2="1"
    ><stop offset="0" stop-color="#6d5a4d" /><stop offset="0.5" stop-color="var(--color-leather-light)" /><stop
      offset="1"
      stop-color="#2f2621"
    /></linearGradient
  >
  <linearGradient id="heel-{id}"
    ><stop offset="0" stop-color="#57473c" /><stop offset="0.45" stop-color="#41352d" /><stop offset="1" stop-color="#241d19" /></linearGradient
  >
  <clipPath id="in-{id}"><path d="{skin}Z" /></clipPath>
  {#if !plain}<filter id="soft-{id}" x="-20%" y="-20%" width="140%" height="140%"><feGaussianBlur stdDeviation={(4 * scale).toFixed(2)} /></filter>{/if}
</defs>
<g opacity={plain ? 0.5 : 1}>
  {#if d.heel}<path d={closedPath(all(d.heel))} fill="url(#heel-{id})" stroke="var(--color-ink)" stroke-width="0.8" stroke-linejoin="round" />{/if}
  {#if d.platform}<path d={closedPath(all(d.platform))} fill="url(#heel-{id})" stroke="var(--color-ink)" stroke-width="0.8" stroke-linejoin="round" />{/if}
  <path d={closedPath(all(d.sole))} fill="#1d1714" />
  {#if d.tip}<path d={closedPath(all(d.tip))} fill="#120e0c" />{/if}
  <g mask="url(#leg-{id})">
    <path d="{skin}Z" fill="url(#skin-{id})" />
    {#if !plain}
      <g clip-path="url(#in-{id})" fill="none" filter="url(#soft-{id})">
        <path d={skin} stroke="var(--color-skin-shade)" stroke-opacity="0.45" stroke-width={12 * scale} />
        <path
          d={smoothOpen(all(d.ankle.map((p) => ({ x: p.x, y: p.y - 8 }))))}
          stroke="var(--color-skin-shade)"
          stroke-opacity="0.5"
          stroke-width={14 * scale}
        />
        <path d={smoothOpen(all(d.ankle))} stroke="#fff8ea" stroke-opacity="0.8" stroke-width={9 * scale} />
      </g>
    {/if}
    <path d={skin} fill="none" stroke="var(--color-ink)" stroke-opacity="0.7" stroke-width={plain ? 1 : 1.4} />
    <path d={smoothOpen(all(d.ankle))} fill="none" stroke="#a97c4e" stroke-width="1.2" />
  </g>
  <path
    d={closedPath(all(d.upper))}
    fill="url(#leather-{id})"
    fill-opacity={plain ? 0.35 : 0.9}
    stroke="var(--color-ink)"
    stroke-width="1"
    stroke-linejoin="round"
    class="upper"
  />
  {#if !plain}
    <g clip-path="url(#in-{id})"><path d={skin} fill="none" stroke="#f3dfc0" stroke-opacity="0.7" stroke-width="1.2" stroke-dasharray="1 4" class="inside" /></g
    >
    <path
      d={openPath(all(d.topline))}
      fill="none"
      stroke="#c9a36a"
      stroke-opacity="0.8"
      stroke-width="1"
      stroke-dasharray="2 2.5"
      transform="translate(0 2.5)"
    />
  {/if}
  {#if d.strap}<path d={smooth(all(d.strap))} fill="var(--color-leather-light)" stroke="var(--color-ink)" stroke-width="0.9" />{/if}
  {#each d.laces as lace, i (i)}<path d={openPath(all(lace))} stroke="#e7d8bd" stroke-width="2" stroke-linecap="round" />{/each}
</g>
