<script lang="ts">
  import { Chart, LinearScale, LineController, LineElement, PointElement, Tooltip } from 'chart.js';
  import { chartType, themeColour, withType } from '$lib/ui/kit/chart-colours';
  import { dayOf, type Conditions, type Foot } from '@chiave/core/measure';

  /** How much longer and fuller the foot is through the day than on waking, mm. */
  let { foot, conditions }: { foot: Foot; conditions: Conditions } = $props();
  Chart.register(LineController, LineElement, PointElement, LinearScale, Tooltip);
  const HOURS = Array.from({ length: 17 }, (_, i) => 6 + i);
  let canvas: HTMLCanvasElement;
  const day = $derived(dayOf(foot, { ...conditions, measuredAt: conditions.measuredAt || 'noon' }, HOURS));
  const over = (key: 'lengthMm' | 'girthMm') => day.map((d) => ({ x: d.hour, y: Math.round((d[key] - day[0][key]) * 100) / 100 }));

  $effect(() => {
    chartType();
    const chart = new Chart(canvas, {
      type: 'line',
      data: {
        datasets: [
          { label: 'ball girth', data: over('girthMm'), borderColor: themeColour('tight'), pointRadius: 0, borderWidth: 2 },
          { label: 'length', data: over('lengthMm'), borderColor: themeColour('brass'), pointRadius: 0, borderWidth: 2, borderDash: [6, 4] }
        ]
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: { type: 'linear', min: 6, max: 22, ticks: { stepSize: 4, callback: (v) => `${v}:00` } },
          y: { title: { display: true, text: 'mm over waking' } }
        }
      }
    });
    withType(chart);
    return () => chart.destroy();
  });
</script>

<p class="text-sm"><span class="text-tight">▬ ball girth</span> · <span class="text-brass">┅ length</span> through the day (estimate)</p>
<div
  class="h-36"
  role="img"
  aria-label="By four in the afternoon ball girth is {(day[10].girthMm - day[0].girthMm).toFixed(1)} mm and length {(
    day[10].lengthMm - day[0].lengthMm
  ).toFixed(1)} mm over waking"
>
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>
