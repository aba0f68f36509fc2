<script lang="ts">
  import { ZONE, type ZoneId } from '@chiave/core/fit';
  import { formatSigned, SIDES, type Side } from '@chiave/core/measure';
  import { zonePlace } from '$lib/drawing/above/call-outs';
  import { edgeRuns } from '$lib/drawing/above/edge-runs';
  import FootSkin from '$lib/drawing/above/FootSkin.svelte';
  import Leather from '$lib/drawing/above/Leather.svelte';
  import { toScreen } from '$lib/drawing/place';
  import SideFlag from '$lib/drawing/SideFlag.svelte';
  import { wordOf } from '$lib/drawing/tightness';
  import Button from '$lib/ui/kit/Button.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import FeltMark from './FeltMark.svelte';
  import FeltScale from './FeltScale.svelte';
  import type { Tried } from './tried.svelte';

  /** Two feet, each in the shoe it wears now, with a mark at every place that can be felt: one is chosen, and answered beside. @prop at the place that is chosen */
  let { on, at = $bindable({ side: 'left', zone: 'toe-room' }) }: { on: Record<Side, Tried>; at?: { side: Side; zone: ZoneId } } = $props();

  const WIDTH = 690;
  const HEIGHT = 566;
  const HEEL_Y = 496;
  const TOP = 34;
  const CENTRE: Record<Side, number> = { left: 236, right: 504 };
  /** How far a mark stands outside the foot's edge, and beyond the shoe's tip. */
  const BESIDE = 34;
  const OVER_TIP = 6;
  /** A place nearer to an edge than this is marked outside of it. */
  const AT_EDGE = 0.5;
  /** Behind this a mark stands at the heel's back, and its name beside it. */
  const AT_HEEL = 0.1;

  const laid = $derived(SIDES.flatMap((side) => (on[side].drawing(side) ? [{ side, tried: on[side], drawing: on[side].drawing(side)! }] : [])));
  const longest = $derived(Math.max(...laid.flatMap(({ drawing }) => drawing.shoe.outside.map((p) => p.x))));
  const scale = $derived(Math.min(1.9, (HEEL_Y - TOP - 24) / longest));
  const feet = $derived(
    laid.map(({ side, tried, drawing }) => {
      const place = toScreen(side, CENTRE[side], HEEL_Y, scale);
      const inward = side === 'left' ? 1 : -1;
      const tip = Math.max(...drawing.shoe.outside.map((p) => p.x));
      return {
        side,
        tried,
        drawing,
        place,
        runs: edgeRuns(drawing, tried.expects(side, 'toe-room')?.state, place),
        marks: tried.zones.map((zone) => {
          const p = place(zonePlace(drawing, zone));
          const where = ZONE[zone].place;
          if (where === 'first-toe')
            return { zone, x: place({ x: tip, y: 0 }).x + 12 * inward, y: place({ x: tip, y: 0 }).y - OVER_TIP, name: 'none' as const };
          const { along, across } = where;
          if (Math.abs(across) < AT_EDGE)
            return { zone, x: p.x, y: along < AT_HEEL ? p.y + 8 : p.y, name: along < AT_HEEL ? ('aside' as const) : ('under' as const) };
          return { zone, x: p.x + Math.sign(across) * inward * BESIDE, y: p.y, name: across < 0 ? ('out' as const) : ('in' as const) };
        })
      };
    })
  );
  const chosen = $derived(on[at.side].zones.includes(at.zone) ? at : { side: at.side, zone: on[at.side].zones[0] });
  const expected = $derived(on[chosen.side].expects(chosen.side, chosen.zone));
  const felt = $derived(on[chosen.side].felt(chosen.side, chosen.zone));
  const labelOf = (side: Side, zone: ZoneId) => `${ZONE[zone].name}, ${side} foot`;
  const markLabel = (side: Side, zone: ZoneId) => {
    const state = on[side].felt(side, zone);
    return `${labelOf(side, zone)}: ${state ? wordOf(state) : 'not asked'}`;
  };
</script>

<div class="grid gap-3 sm:grid-cols-[minmax(0,1fr)_11rem]">
  {#if feet.length > 0}
    <div class="relative mx-auto w-full" style="max-width:{WIDTH}px; aspect-ratio:{WIDTH}/{HEIGHT}">
      <svg
        viewBox="0 0 {WIDTH} {HEIGHT}"
        class="absolute inset-0 h-full w-full"
        role="img"
        aria-label="Both feet in what they wear now, from above; the wearer's left on the left"
      >
        {#each feet as { side, drawing, place, runs, marks } (side)}
          <Leather shoe={drawing.shoe} {place}><FootSkin foot={drawing.foot} {place} {scale} /></Leather>
          {#each runs as run, i (i)}
            <path d={run.path} fill="none" stroke="#fffaf0" stroke-width="8.4" stroke-linecap="round" />
            <path d={run.path} fill="none" stroke={run.colour} stroke-width="6" stroke-linecap="round" />
          {/each}
          <SideFlag {side} x={CENTRE[side] + (side === 'left' ? -58 : 58)} y={HEIGHT - 26} words="wearer’s {side}" />
          {#each marks as m (m.zone)}
            {#if m.name === 'under'}<text x={m.x} y={m.y + 37} text-anchor="middle" font-size="16" class="clear">{ZONE[m.zone].name}</text>
            {:else if side === 'left' && m.name === 'aside'}<text
                x={(CENTRE.left + CENTRE.right) / 2}
                y={m.y + 5}
                text-anchor="middle"
                font-size="16"
                class="clear">{ZONE[m.zone].name}</text
              >
            {:else if side === 'left' && m.name === 'out'}<text x={m.x - 27} y={m.y + 5} text-anchor="end" font-size="16" class="clear"
                >{ZONE[m.zone].name}</text
              >
            {:else if side === 'left' && m.name === 'in'}<text
                x={(CENTRE.left + CENTRE.right) / 2}
                y={m.y + 5}
                text-anchor="middle"
                font-size="16"
                class="clear">{ZONE[m.zone].name}</text
              >
            {/if}
          {/each}
        {/each}
      </svg>
      {#each feet as { side, tried, marks } (side)}
        {#each marks as m (m.zone)}
          {@const here = chosen.side === side && chosen.zone === m.zone}
          <Button
            kind="text"
            class="absolute -mt-6 -ml-6 grid h-12 w-12 place-items-center rounded-full !p-0 {here ? 'ring-3 ring-brass-bright' : ''}"
            style="left:{(100 * m.x) / WIDTH}%; top:{(100 * m.y) / HEIGHT}%"
            pressed={here}
            aria-label={markLabel(side, m.zone)}
            onclick={() => (at = { side, zone: m.zone })}><FeltMark state={tried.felt(side, m.zone)} /></Button
          >
        {/each}
      {/each}
    </div>
  {:else}
    <!-- Where a foot is not measured or a style is gone nothing can be drawn; what is felt can be told all the same. -->
    <div class="grid grid-cols-2 gap-x-6 self-start">
      {#each SIDES as side (side)}
        <div class="grid gap-1">
          <p><SideMark {side} word /></p>
          {#each on[side].zones as zone (zone)}
            <Button
              class="justify-start gap-2 px-2"
              pressed={chosen.side === side && chosen.zone === zone}
              aria-label={markLabel(side, zone)}
              onclick={() => (at = { side, zone })}><FeltMark state={on[side].felt(side, zone)} size={30} /> {ZONE[zone].name}</Button
            >
          {/each}
        </div>
      {/each}
    </div>
  {/if}
  <div class="sheet float self-center !p-2.5">
    <h3 class="mb-1 leading-tight"><SideMark side={chosen.side} /> {ZONE[chosen.zone].name}</h3>
    <FeltScale
      name="felt-{on[chosen.side].row.id}-{chosen.zone}-{chosen.side}"
      label={labelOf(chosen.side, chosen.zone)}
      value={felt}
      onchange={(state) => on[chosen.side].feel(chosen.side, chosen.zone, state)}
    />
    <p class="soft mt-1 leading-tight" data-expected>
      {#if expected}expected <span class="figures">{formatSigned(expected.mm, shown.unit)} {shown.unit}</span>: {wordOf(expected.state)}
      {:else}nothing is known of it here{/if}
    </p>
  </div>
</div>

<style>
  .clear {
    fill: var(--color-ink-soft);
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
</style>
