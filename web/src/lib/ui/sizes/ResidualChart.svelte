<script lang="ts">
  import { BarController, BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
  import { chartType, themeColour, withType } from '$lib/ui/kit/chart-colours';
  import { HAND_ERROR_MM, type InsoleFit } from '@chiave/core/size';

  /** How far each measured insole stands off the fitted line. */
  let { fit }: { fit: InsoleFit } = $props();
  Chart.register(BarController, BarElement, CategoryScale, LinearScale, Tooltip);
  let canvas: HTMLCanvasElement;

  $effect(() => {
    chartType();
    const chart = new Chart(canvas, {
      type: 'bar',
      data: {
        labels: fit.rows.map((r) => String(r.row.size)),
        datasets: [
          {
            label: 'off the line, mm',
            data: fit.rows.map((r) => Math.round(r.residualMm * 100) / 100),
            backgroundColor: fit.rows.map((r) => (Math.abs(r.residualMm) > HAND_ERROR_MM * 1.2 ? themeColour('tight') : '#8b8579'))
          }
        ]
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        plugins: { tooltip: { callbacks: { title: (items) => `size ${items[0].label}` } } },
        scales: { x: { title: { display: true, text: 'size on the box' } }, y: { title: { display: true, text: 'mm over (+) or under (−) the line' } } }
      }
    });
    withType(chart);
    return () => chart.destroy();
  });
</script>

<div class="h-64" role="img" aria-label="Residuals by size, mm: {fit.rows.map((r) => `size ${r.row.size} ${r.residualMm.toFixed(1)}`).join(', ')}">
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>
