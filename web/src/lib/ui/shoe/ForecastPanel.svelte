<script lang="ts">
  import { Chart, Filler, LineController, LineElement, LogarithmicScale, LinearScale, PointElement, Tooltip } from 'chart.js';
  import {
    feetAt,
    forecast,
    FORECAST_HOURS,
    LATER_HOURS,
    UPPER,
    sockPutIn as hasSock,
    ZONE,
    ZONES,
    type PairPutIn,
    type Shoe,
    type Wear,
    type WornFoot,
    type ZoneId
  } from '@chiave/core/fit';
  import { formatLength, signedNumber, SOCKS, trimNumber } from '@chiave/core/measure';
  import { chartType, themeColour, withType } from '$lib/ui/kit/chart-colours';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** What becomes of this pair over its hours of wear, both feet, with the limits of the zone looked at. */
  let { feet, shoe, wear, put = {} }: { feet: readonly WornFoot[]; shoe: Shoe; wear: Wear; put?: PairPutIn } = $props();
  Chart.register(Filler, LineController, LineElement, PointElement, LogarithmicScale, LinearScale, Tooltip);
  let zone = $state<ZoneId>(ZONES.find((z) => z.moulds)!.id);
  let washes = $state(0);
  let canvas = $state<HTMLCanvasElement>();
  /** Another sock than was asked for; where a sock is among what is put in, that one is worn. */
  let sockMm = $state<number | null>(null);
  const sockPutIn = $derived(hasSock(put));
  const worn = $derived(sockMm === null || sockPutIn ? wear : { ...wear, sockMm });
  const seen = $derived(forecast(feet, shoe, worn, washes, put));
  /** Smallest and largest foot of the day. */
  const day = $derived((['waking', 'afternoon'] as const).map((end) => forecast(feetAt(feet, worn, end), shoe, worn, washes, put).points));
  const later = $derived(seen.points.find((p) => p.hours === LATER_HOURS)!);
  /** Nought cannot stand on a scale of powers: the shop is drawn at half an hour. */
  const at = (hours: number): number => Math.max(0.5, hours);
  const line = (i: number, points = seen.points) => points.map((p) => ({ x: at(p.hours), y: Math.round(p.zones[i][zone]! * 100) / 100 }));
  const limit = (y: number) => [
    { x: 0.5, y },
    { x: FORECAST_HOURS.at(-1)!, y }
  ];

  $effect(() => {
    if (!canvas) return;
    const t = seen.targets[zone]!;
    chartType();
    const chart = new Chart(canvas, {
      type: 'line',
      data: {
        datasets: [
          // The band of a day: from the line on waking to the next, by four in the afternoon.
          ...seen.sides.flatMap((side, i) =>
            day.map((points, end) => ({
              label: `${side} through the day`,
              data: line(i, points),
              borderWidth: 0,
              pointRadius: 0,
              fill: end === 0 ? '+1' : false,
              backgroundColor: `${themeColour(side === 'left' ? 'side-left' : 'side-right')}2e`
            }))
          ),
          ...seen.sides.map((side, i) => ({
            label: side,
            data: line(i),
            borderColor: themeColour(side === 'left' ? 'side-left' : 'side-right'),
            borderDash: side === 'left' ? [] : [7, 4],
            borderWidth: 2.5,
            pointRadius: 2
          })),
          { label: 'too tight below', data: limit(t.a), borderColor: themeColour('tight'), borderWidth: 1, pointRadius: 0, borderDash: [2, 3] },
          { label: 'too loose above', data: limit(t.d), borderColor: themeColour('loose'), borderWidth: 1, pointRadius: 0, borderDash: [2, 3] }
        ]
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: {
            type: 'logarithmic',
            min: 0.5,
            max: FORECAST_HOURS.at(-1),
            title: { display: true, text: 'hours of wear' },
            ticks: { callback: (v) => (v === 0.5 ? 'shop' : [1, 2, 5, 10, 20, 40, 100, 200].includes(Number(v)) ? String(v) : '') }
          },
          y: { title: { display: true, text: `${ZONE[zone].name}, mm of room` } }
        }
      }
    });
    withType(chart);
    return () => chart.destroy();
  });
</script>

<Sheet class="mt-4" data-forecast>
  <h2>After hours of wear <span class="soft text-base font-normal"><PutWords {put} /></span></h2>
  <div class="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
    <div>
      <div class="flex flex-wrap items-end gap-3">
        <Select label="Shown" class="w-48" bind:value={zone}
          >{#each seen.zones as z (z)}<option value={z}>{ZONE[z].name}</option>{/each}</Select
        >
        {#if UPPER[shoe.upper].shrinks}
          <Select label="Washed hot" class="w-44" bind:value={washes}
            >{#each [0, 1, 2, 3] as n (n)}<option value={n}>{n === 0 ? 'never' : `${n} ${n === 1 ? 'time' : 'times'}`}</option>{/each}</Select
          >
        {/if}
        {#if !sockPutIn}
          <Select label="Sock" class="w-56" bind:value={sockMm}
            ><option value={null}>as asked ({formatLength(wear.sockMm, 'mm')})</option>{#each SOCKS as s (s.id)}<option value={s.mm}>{s.name}</option
              >{/each}</Select
          >
        {/if}
        <p class="text-sm">
          <span class="side-L">▬ L</span> · <span class="side-R">┅ R</span> · shaded: from waking to four in the afternoon · dotted: the limits
        </p>
      </div>
      <div
        class="mt-2 h-56"
        role="img"
        aria-label="{ZONE[zone].name} over hours of wear: {seen.sides
          .map(
            (s, i) =>
              `${s} ${signedNumber(seen.points[0].zones[i][zone]!)} mm in the shop, ${signedNumber(later.zones[i][zone]!)} mm after ${LATER_HOURS} hours`
          )
          .join('; ')}"
      >
        <canvas bind:this={canvas} aria-hidden="true"></canvas>
      </div>
    </div>
    <div class="grid content-start gap-2">
      <p><b>One school.</b> {seen.now}</p>
      <p><b>The other.</b> {seen.mould}</p>
      <p class="soft text-sm">
        In wear {UPPER[shoe.upper].name} gives {seen.growsMm < 0.05
          ? 'nothing'
          : `${trimNumber(seen.growsMm)} mm of girth yet, most of it by hour ${Math.round(3 * seen.growHours)}`}; length never changes (estimates). The first
        school rules for sport, for the toes and for pain; the second for the girth of leather, within its growth. Swelling, heat and a long day take what the
        shop showed: look again after a walk of 15 to 20 minutes, narrow toes after some hours at home.
        {#if UPPER[shoe.upper].shrinks}It never grows, and shrinks with heat and hot water.{/if}
      </p>
      <Table>
        <thead
          ><tr class="border-b border-ink text-left"
            ><th scope="col">hours</th>{#each seen.sides as s (s)}<th scope="col"><SideMark side={s} /> mm</th>{/each}<th scope="col">fits</th><th scope="col"
              >on waking</th
            ><th scope="col">by four</th></tr
          ></thead
        >
        <tbody>
          {#each seen.points.filter((p) => [0, 8, 40, 120, 350].includes(p.hours)) as p (p.hours)}
            <tr class="border-b border-line"
              ><th scope="row" class="figures text-left">{p.hours === 0 ? 'shop' : p.hours}</th>{#each p.zones as z, i (i)}<td class="figures"
                  >{signedNumber(z[zone]!)}</td
                >{/each}<td>{p.fits ? 'yes' : 'no'}</td>{#each day as points, end (end)}<td>{points.find((q) => q.hours === p.hours)!.fits ? 'yes' : 'no'}</td
                >{/each}</tr
            >
          {/each}
        </tbody>
      </Table>
    </div>
  </div>
</Sheet>
