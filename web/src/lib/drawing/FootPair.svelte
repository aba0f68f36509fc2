<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import { EXTRA, formatFigure, isExtraId, MEASURE, SIDES, type Foot, type LengthUnit, type Side, type TakenId } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import type { SideBody } from '../api/foot-schema';
  import { smoothOpen } from './above/paths';
  import FootSkin from './above/FootSkin.svelte';
  import { fromAbove, fromSide, SAME_PLACE, sideHeights, type Place } from './foot-places';
  import { toScreen } from './place';
  import SideFlag from './SideFlag.svelte';
  import Tape from './Tape.svelte';

  /** Both feet from above and from their inner sides, drawn from the numbers, the tape where it lies now; every place leads to its field. */
  // prettier-ignore
  let {
    feet, taken, unit, active = null, onpick
  }: {
    feet: Partial<Record<Side, Foot>>; taken: Record<Side, SideBody['values']>; unit: LengthUnit; active?: { id: TakenId; side: Side } | null;
    onpick: (id: TakenId, side: Side) => void;
  } = $props();

  const WIDTH = 620;
  const HEEL_Y = 420;
  const FLOOR_Y = 604;
  const HEIGHT = 616;
  const CENTRE: Record<Side, number> = { left: 190, right: 430 };
  /** Where each foot's length is drawn beside it. */
  const EDGE: Record<Side, number> = { left: 42, right: WIDTH - 42 };

  const longest = $derived(Math.max(220, ...Object.values(feet).map((f) => f?.values.lengthMm.mm ?? 0)));
  const scale = $derived(Math.min((HEEL_Y - 44) / longest, 1.6));
  const sideScale = $derived(208 / longest);
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
      const from = side === 'left' ? 46 : WIDTH - 46;
      const onSide = (p: Point): Point => ({ x: from + dir * p.x * sideScale, y: FLOOR_Y - p.y * sideScale });
      return {
        side,
        foot,
        heights,
        place,
        outline: above.outline,
        places: above.places.map((p) => ({ ...p, points: p.points.map(place) })),
        skin: smoothOpen(profile.skin.map(onSide)),
        sidePlaces: profile.places.map((p) => ({ ...p, points: p.points.map(onSide) })),
        top: HEEL_Y - foot.values.lengthMm.mm * scale
      };
    })
  );
  const lit = (id: TakenId, side: Side): boolean => active?.side === side && (SAME_PLACE[active.id] ?? active.id) === id;
  const isFilledIn = (foot: Foot, id: TakenId): boolean => (isExtraId(id) ? false : foot.values[id].how === 'derived');
  const nameOf = (id: TakenId): string => (isExtraId(id) ? EXTRA[id].name : MEASURE[id].name);
  /** A tape is round the foot: seen from above its line bends a little towards the toes. */
  const BEND = 9;
  const across = ([a, b]: readonly Point[], bend: number): string =>
    `M${a.x.toFixed(1)} ${a.y.toFixed(1)}Q${((a.x + b.x) / 2).toFixed(1)} ${((a.y + b.y) / 2 - bend).toFixed(1)} ${b.x.toFixed(1)} ${b.y.toFixed(1)}`;
  const middle = ([a, b]: readonly Point[]): Point => ({ x: (a.x + b.x) / 2, y: (a.y + b.y) / 2 });
  /** Figures that stand on the foot: one a height, so that none lies on another. */
  const SHOWN: readonly TakenId[] = ['ballWidthMm', 'waistGirthMm', 'instepGirthMm', 'heelWidthMm'];
</script>

{#snippet mark(place: Place, foot: Foot, side: Side, bend: number)}
  {@const here = lit(place.id, side)}
  {@const missing = isExtraId(place.id) ? !taken[side][place.id] : false}
  {@const unsure = isFilledIn(foot, place.id) || missing}
  <!-- Pointer only: the fields themselves are the keyboard's way. -->
  <g role="presentation" class="cursor-pointer" data-place="{place.id}-{side}" onclick={() => onpick(place.id, side)}>
    <title>{nameOf(place.id)}, {side}</title>
    {#if place.points[1]}
      <path d={across(place.points, bend)} stroke="transparent" stroke-width="18" fill="none" />
      {#if here}<Tape d={across(place.points, bend)} />
      {:else}<path
          d={across(place.points, bend)}
          fill="none"
          stroke="var(--color-brass-line)"
          stroke-width={unsure ? 1.2 : 2}
          stroke-opacity={missing ? 0.45 : 1}
          stroke-dasharray={unsure ? '5 4' : undefined}
        />{/if}
    {:else}
      {@const [a] = place.points}
      <circle cx={a.x} cy={a.y} r="13" fill="transparent" />
      <circle
        cx={a.x}
        cy={a.y}
        r={here ? 7 : 4}
        fill={unsure && !here ? 'var(--color-sheet)' : 'var(--color-brass-bright)'}
        stroke={here ? 'var(--color-ink)' : 'var(--color-brass-line)'}
        stroke-width={here ? 2.4 : 1.2}
        stroke-dasharray={unsure && !here ? '2 2' : undefined}
      />
    {/if}
  </g>
{/snippet}

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  role="img"
  aria-label="Both feet from above and from their inner sides, drawn from the numbers; the wearer's left foot on the left"
  class="w-full"
>
  {#each drawn as d (d.side)}
    {@const out = d.side === 'left' ? -1 : 1}
    {@const colour = SIDE_COLOUR[d.side]}
    <SideFlag side={d.side} x={CENTRE[d.side] + out * 50} y={HEEL_Y + 10} words="wearer’s {d.side}" />
    {#if d.foot}
      {@const foot = d.foot}
      {@const x = EDGE[d.side]}
      {@const here = lit('lengthMm', d.side)}
      <FootSkin foot={d.outline} place={d.place} {scale} pale={active !== null && active.side !== d.side} />
      <g role="presentation" class="cursor-pointer" onclick={() => onpick('lengthMm', d.side)}>
        <path
          d="M{x - 8} {d.top}h16M{x} {d.top}V{HEEL_Y}M{x - 8} {HEEL_Y}h16"
          fill="none"
          stroke={colour}
          stroke-width={here ? 4 : 2.2}
          stroke-dasharray={d.side === 'left' ? undefined : '8 5'}
        />
        <text {x} y={d.top - 10} text-anchor="middle" font-size="25" font-weight="600" class="figures says"
          >{formatFigure(foot.values.lengthMm.mm, unit)}<tspan font-size="16" font-weight="400"> {unit}</tspan></text
        >
      </g>
      {#each d.places as place (place.id)}{@render mark(place, foot, d.side, place.round ? BEND : 0)}{/each}
      {#each d.places.filter((p) => SHOWN.includes(p.id) && p.points[1]) as place (place.id)}
        {@const m = middle(place.points)}
        {#if !isExtraId(place.id)}
          <text
            x={m.x}
            y={m.y - (lit(place.id, d.side) ? 18 : 9)}
            text-anchor="middle"
            font-size="16"
            font-weight="650"
            class="figures clear"
            font-style={isFilledIn(foot, place.id) ? 'italic' : undefined}
            pointer-events="none"
            >{isFilledIn(foot, place.id) ? '~' : ''}{formatFigure(
              isFilledIn(foot, place.id) ? Math.round(foot.values[place.id].mm) : foot.values[place.id].mm,
              unit
            )}</text
          >
        {/if}
      {/each}

      <line
        x1={d.side === 'left' ? 30 : WIDTH / 2 + 12}
        y1={FLOOR_Y}
        x2={d.side === 'left' ? WIDTH / 2 - 12 : WIDTH - 30}
        y2={FLOOR_Y}
        stroke="var(--color-ground)"
        stroke-width="1.6"
      />
      <path
        d={d.skin}
        fill="var(--color-skin)"
        stroke="var(--color-ink)"
        stroke-opacity="0.75"
        stroke-width="1.5"
        stroke-dasharray={d.heights.derived.dorsum && d.heights.derived.toe ? '5 4' : undefined}
      />
      {#each d.sidePlaces as place (place.id)}{@render mark(place, foot, d.side, 0)}{/each}
    {:else}
      <rect x={CENTRE[d.side] - 66} y="70" width="132" height="330" rx="62" fill="none" stroke="var(--color-edge)" stroke-dasharray="2 6" stroke-width="1.6" />
      <text x={CENTRE[d.side]} y="240" text-anchor="middle" font-size="17" fill="var(--color-ink-soft)">length first</text>
    {/if}
  {/each}
</svg>

<style>
  .says {
    font-family: var(--font-serif);
  }
  .clear {
    paint-order: stroke;
    stroke: #f9ecd6;
    stroke-width: 4px;
    stroke-linejoin: round;
  }
</style>
