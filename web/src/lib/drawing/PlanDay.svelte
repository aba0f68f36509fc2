<script lang="ts">
  import BrassFill from './BrassFill.svelte';
  import { poseOn, pumpLook, sideDrawing, type HeelMade, type Plan, type PoseFoot, type Segment } from '@chiave/core/heel';
  import type { Point } from '@chiave/core/shape';
  import SidePainted from './SidePainted.svelte';

  /** The parts of a day along a brass rule of hours, the pair worn standing over each. */
  let {
    plan,
    segments,
    foot,
    pairOf
  }: { plan: Plan; segments: readonly Segment[]; foot: PoseFoot; pairOf: (id: string) => { name: string; made: HeelMade } | undefined } = $props();
  const id = $props.id();
  let width = $state(1200);
  const GROUND = 150;
  const HEIGHT = 226;
  const LEAST_PX = 120;
  const total = $derived(segments.reduce((sum, s) => sum + s.minutes, 0));
  /** Short parts get room for their words: what is over is taken off the long ones. */
  const widths = $derived.by(() => {
    const free = Math.max(0, width - LEAST_PX * segments.length);
    return segments.map((s) => Math.min(LEAST_PX, width / segments.length) + (free * s.minutes) / total);
  });
  const lefts = $derived(widths.map((_, i) => widths.slice(0, i).reduce((a, b) => a + b, 0)));
  const drawn = $derived(
    plan.pairs.map((pairId) => {
      const pair = pairOf(pairId);
      if (!pair) return null;
      const { made } = pair;
      return { pair, drawing: sideDrawing(poseOn(foot, Math.max(0, made.heelHeightMm - made.platformMm)), pumpLook(made, foot)) };
    })
  );
  const SCALE = 0.4;
  const hours = (minutes: number): string =>
    minutes < 60 ? `${minutes} min` : `${Math.floor(minutes / 60)} h${minutes % 60 === 0 ? '' : ` ${Math.round(minutes % 60)}`}`;
  const words = $derived(segments.map((s, i) => `${s.name || `part ${i + 1}`}, ${hours(s.minutes)}: ${drawn[plan.worn[i]]?.pair.name ?? ''}`).join('; '));
  const placed =
    (left: number, groundY: number) =>
    (p: Point): Point => ({ x: left + p.x * SCALE, y: GROUND - (p.y - groundY) * SCALE });
</script>

<div bind:clientWidth={width}>
  <svg viewBox="0 0 {width} {HEIGHT}" {width} height={HEIGHT} class="block" role="img" aria-label="The day: {words}">
    <defs>
      <BrassFill id="brass-{id}" />
    </defs>
    {#each segments as _, i (i)}
      {@const on = drawn[plan.worn[i]]}
      {@const middle = lefts[i] + widths[i] / 2}
      <rect x={lefts[i] + 1} y="2" width={widths[i] - 2} height={GROUND - 2} rx="6" fill="var(--color-row-tint)" opacity={i % 2 === 0 ? 0.9 : 0.45} />
      {#if on}<SidePainted drawing={on.drawing} at={placed(middle - 0.5 * foot.lengthMm * SCALE, on.drawing.groundY)} scale={SCALE} />{/if}
    {/each}
    <line x1="0" x2={width} y1={GROUND} y2={GROUND} stroke="var(--color-ground)" stroke-width="2" />
    <rect x="0.5" y={GROUND + 6} width={width - 1} height="68" rx="4" fill="url(#brass-{id})" stroke="var(--color-rule-edge)" />
    {#each segments as s, i (i)}
      {#if i > 0}<path d="M{lefts[i]} {GROUND + 6}v68" stroke="var(--color-rule-ink)" stroke-opacity="0.5" />{/if}
      <text x={lefts[i] + 10} y={GROUND + 28} class="name">{s.name || `part ${i + 1}`}</text>
      <text x={lefts[i] + 10} y={GROUND + 47} class="small">{drawn[plan.worn[i]]?.pair.name}</text>
      <text x={lefts[i] + 10} y={GROUND + 66} class="small figures">{hours(s.minutes)}</text>
    {/each}
    {#each plan.worn as w, i (i)}
      {#if i > 0 && w !== plan.worn[i - 1]}
        <path d="M{lefts[i]} 8V{GROUND}" stroke="var(--color-tight-word)" stroke-width="1.8" stroke-dasharray="5 4" />
        <text x={lefts[i] + 6} y="22" class="change">change</text>
      {/if}
    {/each}
  </svg>
</div>

<style>
  .name {
    font-size: 17px;
    font-weight: 650;
    fill: var(--color-rule-ink);
  }
  .small {
    font-size: 15px;
    fill: var(--color-rule-ink);
  }
  .change {
    font-size: 15px;
    font-weight: 650;
    fill: var(--color-tight-word);
  }
</style>
