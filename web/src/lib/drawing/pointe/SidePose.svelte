<script lang="ts">
  import type { PointeSide } from '@chiave/core/pointe';
  import type { Point } from '@chiave/core/shape';
  import { closedPath, openPath } from '../place';

  /** One pose of a foot in a pointe shoe, from its inner side. @prop at places millimetres on the sheet */
  let { drawing: d, at, scale, fadeY }: { drawing: PointeSide; at: (p: Point) => Point; scale: number; fadeY: number } = $props();
  const id = $props.id();
  const to = (line: readonly Point[]): Point[] => line.map(at);
</script>

<defs>
  <linearGradient id="leg-{id}" gradientUnits="userSpaceOnUse" x1="0" x2="0" y1={fadeY} y2={fadeY + 90}
    ><stop offset="0" stop-color="#fff" stop-opacity="0" /><stop offset="1" stop-color="#fff" /></linearGradient
  >
  <mask id="fade-{id}" maskUnits="userSpaceOnUse" x="-400" y="-400" width="2400" height="2000"
    ><rect x="-400" y={fadeY} width="2400" height="1600" fill="url(#leg-{id})" /></mask
  >
  <linearGradient id="satin-{id}" x1="0" x2="1"
    ><stop offset="0" stop-color="#e6b8a4" /><stop offset="0.45" stop-color="#f6dccf" /><stop offset="1" stop-color="#edc6b4" /></linearGradient
  >
  <clipPath id="skin-{id}"><path d={closedPath(to(d.skin))} /></clipPath>
</defs>
<g mask="url(#fade-{id})">
  <path d={closedPath(to(d.skin))} fill="var(--color-skin)" />
  <g clip-path="url(#skin-{id})" fill="none" stroke-linejoin="round">
    <path d={closedPath(to(d.skin))} stroke="var(--color-skin-shade)" stroke-opacity="0.16" stroke-width={22 * scale} />
    <path d={closedPath(to(d.skin))} stroke="var(--color-skin-shade)" stroke-opacity="0.16" stroke-width={10 * scale} />
  </g>
  <path d={closedPath(to(d.skin))} fill="none" stroke="#3d3027" stroke-width="1.4" />
</g>
{#each d.ribbons as line, i (i)}
  {#if i > 0}<path d={openPath(to(line))} fill="none" stroke="#a86a52" stroke-width={19 * scale + 1.6} />{/if}
  {#if i > 0}<path d={openPath(to(line))} fill="none" stroke="#e9bfae" stroke-width={19 * scale} />{/if}
{/each}
<path d={closedPath(to(d.satin))} fill="url(#satin-{id})" fill-opacity="0.88" stroke="#7a4631" stroke-width="1.4" stroke-linejoin="round" />
<path d={openPath(to(d.ribbons[0]))} fill="none" stroke="#a86a52" stroke-width={17 * scale + 1.6} />
<path d={openPath(to(d.ribbons[0]))} fill="none" stroke="#ecc6b6" stroke-width={17 * scale} />
<path d={closedPath(to(d.sole))} fill="#a3744b" stroke="#7a4631" stroke-width="0.6" />
<path d={closedPath(to(d.shank))} fill="#6b3d29" />
<path d={openPath(to(d.wing))} fill="none" stroke="#7a4631" stroke-width="1.1" stroke-dasharray="4 3" />
<path d={openPath(to(d.topline))} fill="none" stroke="#7a4631" stroke-width="1.6" />
<path
  d={openPath(to([d.joints.toeEnd, d.joints.toeJoint, d.joints.midfoot, d.joints.ankle, d.joints.shin]))}
  fill="none"
  stroke="var(--color-ink)"
  stroke-width="1.3"
/>
{#each [d.joints.toeEnd, d.joints.toeJoint, d.joints.midfoot, d.joints.ankle] as joint, i (i)}
  {@const p = at(joint)}
  <circle cx={p.x} cy={p.y} r={i === 3 ? 4.5 : 3} fill="#fff" stroke="var(--color-ink)" stroke-width="1.4" />
{/each}
