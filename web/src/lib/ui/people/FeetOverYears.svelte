<script lang="ts">
  import { format, formatDistanceToNow } from 'date-fns';
  import { remeasureWords, trendWords } from '@chiave/core/foot';
  import { formatLength, MEASURE } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { capital } from '$lib/capital';
  import { FOLLOWED, nextCheck, seriesOf, type FollowedFitting, type FollowedId, type RoomLeft } from '$lib/feet-history';
  import type { PairRow } from '$lib/api/keep-schema';
  import type { CustomerRow } from '$lib/api/rows';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { themeColour } from '$lib/ui/kit/chart-colours';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import FeetChart from './FeetChart.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Check from '$lib/ui/kit/Check.svelte';

  // prettier-ignore
  let { customer, fittings, room, now }: {
    customer: CustomerRow; fittings: readonly FollowedFitting[]; room: readonly (RoomLeft & { pair: PairRow })[]; now: string;
  } = $props();
  let id = $state<FollowedId>('lengthMm');
  let apart = $state(false);
  const series = $derived(seriesOf(fittings, id));
  const check = $derived(nextCheck(customer, fittings, now));
  const sets = $derived(
    apart
      ? [{ name: 'left less right', colour: themeColour('brass'), points: series.apart, line: null }]
      : (['left', 'right'] as const).map((side) => {
          const { points, trend } = series.sides[side];
          const ends = points.length > 1 ? [points[0].year, points.at(-1)!.year] : [];
          return { name: side, colour: themeColour(`side-${side}`), points, line: trend?.real ? ends.map((year) => ({ year, mm: trend.at(year).mm })) : null };
        })
  );
  /** What the chart comes to, as its heading. */
  const finding = $derived.by(() => {
    const trends = (['left', 'right'] as const).map((side) => ({ side, trend: series.sides[side].trend }));
    const real = trends.filter(({ trend }) => trend?.real);
    const name = capital(MEASURE[id].name);
    if (trends.every(({ trend }) => !trend)) return 'Feet over the years';
    if (real.length === 0) return `${name}: no change beyond the error of the hand`;
    return `${name}: ${real.map(({ side, trend }) => `${side} ${trendWords(trend!)}`).join('; ')}`;
  });
  const enough = $derived(sets.some((s) => s.points.length > 1));
</script>

<Sheet aria-label="Feet over the years">
  <h2 class="finding">{finding}</h2>
  <p class:caution={check.overdue} data-next-check>
    {#if check.due}
      <b>{check.overdue ? 'Measure again now' : `Measure again by ${format(new Date(check.due), 'MMMM yyyy')}`}</b>{check.overdue
        ? `: it was due ${formatDistanceToNow(new Date(check.due), { addSuffix: true })}.`
        : '.'}
    {:else}<b>Not measured yet.</b>{/if}
    {remeasureWords(check)}
    {#if check.growsMmPerYear > 0}<span>Feet of this age grow about {check.growsMmPerYear} mm a year.</span>{/if}
    <span class="soft text-sm">({check.source})</span>
  </p>
  <div class="mt-2 flex flex-wrap items-end gap-4">
    <Choice name="followed" legend="Measure" options={FOLLOWED.map((m) => ({ id: m, name: MEASURE[m].name }))} bind:value={id} />
    <Check bind:checked={apart}>left against right</Check>
  </div>
  {#if enough}
    <FeetChart label={MEASURE[id].name} {sets} />
    {#if !apart}
      <ul>
        {#each ['left', 'right'] as const as side (side)}
          {@const trend = series.sides[side].trend}
          {#if trend}<li><SideMark {side} word />: {trendWords(trend)}.</li>{/if}
        {/each}
      </ul>
    {/if}
    <p class="soft text-sm">Bars are two deviations of the reading either way: what lies within them is no change. A line is drawn only where there is one.</p>
  {:else}<p class="soft">Two visits with this measure make a curve.</p>{/if}
  {#if room.length > 0}
    <h3 class="mt-3">Room left in the pairs in use</h3>
    <ul>
      {#each room as { pair, roomMm, months } (pair.id)}
        <li class:text-tight={months === 0}>
          <b>{pair.body.name}</b> <span class="figures">{withFractions(pair.body.size)} {pair.body.width}: {formatLength(roomMm, shown.unit)}</span> before the
          toes{months === 0 ? ', too little for a growing foot' : months ? `, enough for about ${months} ${months === 1 ? 'month' : 'months'}` : ''}
        </li>
      {/each}
    </ul>
  {/if}
</Sheet>

<style>
  .finding {
    font-family: var(--font-serif);
    font-size: 1.5rem;
    font-weight: 600;
    line-height: 1.2;
  }
</style>
