<script lang="ts">
  /** Cumulated sums of how two instruments differ from what was accepted of them, person by person, and the lines beyond which it is called out. */
  import { CategoryScale, Chart, LinearScale, LineController, LineElement, PointElement } from 'chart.js';
  import type { AgreementRow } from '$lib/api/instrument-schema';
  import { chartType, themeColour, withType } from '$lib/ui/kit/chart-colours';

  let { drift, words }: { drift: AgreementRow['drift']; words: string } = $props();
  Chart.register(CategoryScale, LineController, LineElement, LinearScale, PointElement);
  let canvas: HTMLCanvasElement;

  $effect(() => {
    chartType();
    const { sums, foundAt, callsAt } = drift;
    const level = (at: number) => ({ data: sums.map(() => at), pointRadius: 0, borderColor: themeColour('ink-soft'), borderWidth: 2, borderDash: [7, 5] });
    const chart = new Chart(canvas, {
      type: 'line',
      data: {
        labels: sums.map((_, i) => String(i + 1)),
        datasets: [
          {
            data: sums,
            borderColor: themeColour('side-left'),
            borderWidth: 2,
            pointRadius: sums.map((_, i) => (i === foundAt ? 7 : 3)),
            pointBackgroundColor: sums.map((_, i) => themeColour(i === foundAt ? 'tight' : 'side-left'))
          },
          level(callsAt),
          level(-callsAt)
        ]
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        plugins: { legend: { display: false }, tooltip: { enabled: false } },
        scales: { x: { title: { display: true, text: 'persons, one after the other' } }, y: { title: { display: true, text: 'sum, deviations' } } }
      }
    });
    withType(chart);
    return () => chart.destroy();
  });
</script>

<div class="h-56" role="img" aria-label="Cumulated sums, {words}: {drift.sums.map((s) => s.toFixed(1)).join(', ')}; called out beyond {drift.callsAt}">
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>
