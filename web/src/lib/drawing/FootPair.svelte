<script lang="ts">
  import { EXTRA, formatLength, isExtraId, MEASURE, type Foot, type LengthUnit, type Side, type TakenId } from '@chiave/core/measure';
  import type { SideBody } from '../api/foot-schema';
  import { fromAbove, fromSide, SAME_PLACE, sideHeights, type Place } from './foot-places';
  import { closedPath, curveThrough, toScreen } from './place';

  /** Both feet from above and from their inner sides, drawn from the numbers; every place leads to its field. */
  // prettier-ignore
  let {
    feet, taken, unit, active = null, onpick
  }: {
    feet: Partial<Record<Side, Foot>>; taken: Record<Side, SideBody['values']>; unit: LengthUnit; active?: { id: TakenId; side: Side } | null;
    onpick: (id: TakenId, side: Side) => void;
  } = $props();

  const WIDTH = 560;
  const HEEL_Y = 500;
  const FLOOR_Y = 706;
  const HEIGHT = 726;
  const CENTRE: Record<Side, number> = { left: 150, right: 410 };
  const SIDES = ['left', 'right'] as const;

  const longest = $derived(Math.max(220, ...Object.values(feet).map((f) => f?.values.lengthMm.mm ?? 0)));
  const scale = $derived(Math.min(446 / longest, 1.9));
  const sideScale = $derived(232 / longest);
  const drawn = $derived(
    SIDES.map((side) => {
      const foot = feet[side];
      if (!foot) return { side, foot: null };
      const above = fromAbove(foot);
      const heights = sideHeights(foot, taken[side]);
      const profile = fromSide(foot, heights);
      const place = toScreen(side, CENTRE[side], HEEL_Y, scale);
      // Both profiles look towards the middle of the sheet, as the feet's inner sides do.
      const dir = side === 'left' ? 1 : -1;
      const from = side === 'left' ? 24 : WIDTH - 24;
      const onSide = (p: { x: number; y: number }) => ({ x: from + dir * p.x * sideScale, y: FLOOR_Y - p.y * sideScale });
      const start = onSide(profile.top[0]);
      return {
        side,
        foot,
        heights,
        path: closedPath(above.outline.map(place)),
        places: above.places.map((p) => ({ ...p, points: p.points.map(place) })),
        profile: `M${start.x.toFixed(1)} ${start.y.toFixed(1)}${curveThrough(profile.top.map(onSide))}${curveThrough(profile.sole.map(onSide))}`,
        sidePlaces: profile.places.map((p) => ({ ...p, points: p.points.map(onSide) })),
        top: HEEL_Y - foot.values.lengthMm.mm * scale
      };
    })
  );
  const lit = (id: TakenId, side: Side): boolean => active?.side === side && (SAME_PLACE[active.id] ?? active.id) === id;
  const isFilledIn = (foot: Foot, id: TakenId): boolean => (isExtraId(id) ? false : foot.values[id].how === 'derived');
  const nameOf = (id: TakenId): string => (isExtraId(id) ? EXTRA[id].name : MEASURE[id].name);
</script>

{#snippet mark(place: Place, foot: Foot, side: Side)}
  {@const [a, b] = place.points}
  {@const here = lit(place.id, side)}
  {@const missing = isExtraId(place.id) ? !taken[side][place.id] : false}
  <!-- Pointer only: the fields themselves are the keyboard's way. -->
  <g role="presentation" class="cursor-pointer" data-place="{place.id}-{side}" onclick={() => onpick(place.id, side)}>
    <title>{nameOf(place.id)}, {side}</title>
    {#if b}
      <line x1={a.x} y1={a.y} x2={b.x} y2={b.y} stroke="transparent" stroke-width="16" />
      <line
        x1={a.x}
        y1={a.y}
        x2={b.x}
        y2={b.y}
        stroke={here ? 'var(--color-tight)' : 'var(--color-brass)'}
        stroke-width={here ? 4 : 1.3}
        stroke-opacity={here ? 1 : missing ? 0.35 : 0.85}
        stroke-dasharray={isFilledIn(foot, place.id) || missing ? '4 4' : undefined}
      />
    {:else}
      <circle cx={a.x} cy={a.y} r="13" fill="transparent" />
      <circle
        cx={a.x}
        cy={a.y}
        r={here ? 7 : 3.5}
        fill={here ? 'var(--color-tight)' : 'var(--color-brass)'}
        fill-opacity={here ? 1 : missing || isFilledIn(foot, place.id) ? 0.4 : 1}
      />
    {/if}
  </g>
{/snippet}

{#snippet figure(x: number, y: number, id: 'ballWidthMm' | 'heelWidthMm', foot: Foot)}
  <text
    {x}
    {y}
    text-anchor="middle"
    font-size={14}
    class="figures halo"
    font-style={isFilledIn(foot, id) ? 'italic' : undefined}
    fill="var(--color-ink)"
    pointer-events="none">{formatLength(foot.values[id].mm, unit)}</text
  >
{/snippet}

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  role="img"
  aria-label="Both feet from above and from their inner sides, drawn from the numbers; the wearer's left foot on the left"
  class="w-full"
>
  {#each drawn as d (d.side)}
    {@const colour = d.side === 'left' ? 'var(--color-side-left)' : 'var(--color-side-right)'}
    <text x={CENTRE[d.side]} y={HEEL_Y + 30} text-anchor="middle" font-size={20} font-weight="700" fill={colour}>{d.side === 'left' ? 'L' : 'R'} {d.side}</text>
    {#if d.foot}
      {@const foot = d.foot}
      {@const edge = d.side === 'left' ? 22 : WIDTH - 22}
      <path d={d.path} fill="#f1e2cf" stroke={colour} stroke-width="2" />
      <g role="presentation" class="cursor-pointer" onclick={() => onpick('lengthMm', d.side)}>
        <line x1={edge} y1={d.top} x2={edge} y2={HEEL_Y} stroke="var(--color-ink)" stroke-width={lit('lengthMm', d.side) ? 4 : 1.2} />
        <line x1={edge - 6} y1={d.top} x2={edge + 6} y2={d.top} stroke="var(--color-ink)" />
        <line x1={edge - 6} y1={HEEL_Y} x2={edge + 6} y2={HEEL_Y} stroke="var(--color-ink)" />
        <text
          x={edge}
          y={d.top - 10}
          text-anchor={d.side === 'left' ? 'start' : 'end'}
          dx={d.side === 'left' ? -14 : 14}
          font-size={16}
          class="figures"
          fill="var(--color-ink)">{formatLength(foot.values.lengthMm.mm, unit)}</text
        >
      </g>
      {#each d.places as place (place.id)}{@render mark(place, foot, d.side)}{/each}
      {@const [inner, outer] = d.places[0].points}
      {@render figure(CENTRE[d.side], (inner.y + outer.y) / 2 - 8, 'ballWidthMm', foot)}
      {@render figure(CENTRE[d.side], d.places.find((p) => p.id === 'heelWidthMm')!.points[0].y - 8, 'heelWidthMm', foot)}

      <line x1={d.side === 'left' ? 12 : 292} y1={FLOOR_Y} x2={d.side === 'left' ? 268 : WIDTH - 12} y2={FLOOR_Y} stroke="var(--color-line)" />
      <path
        d={d.profile}
        fill="#f1e2cf"
        stroke={colour}
        stroke-width="1.8"
        stroke-dasharray={d.heights.derived.dorsum && d.heights.derived.toe ? '5 4' : undefined}
      />
      {#each d.sidePlaces as place (place.id)}{@render mark(place, foot, d.side)}{/each}
    {:else}
      <rect x={CENTRE[d.side] - 66} y="110" width="132" height="340" rx="60" fill="none" stroke="var(--color-line)" stroke-dasharray="6 6" />
      <text x={CENTRE[d.side]} y="290" text-anchor="middle" font-size={15} fill="var(--color-ink-soft)">length first</text>
    {/if}
  {/each}
</svg>
