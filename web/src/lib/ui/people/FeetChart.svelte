<script lang="ts">
  import { Chart, LinearScale, LineController, LineElement, PointElement, ScatterController, TimeScale, Tooltip } from 'chart.js';
  import 'chartjs-adapter-date-fns';
  import type { DatedReading } from '@chiave/core/foot';
  import { momentOf } from '$lib/feet-history';
  import { chartType, withType } from '$lib/ui/kit/chart-colours';

  /** Readings over the years with bars of two deviations, and the line through them where it stands for a change. */
  // prettier-ignore
  let { label, sets }: {
    label: string; sets: readonly { name: string; colour: string; points: readonly DatedReading[]; line: readonly { year: number; mm: number }[] | null }[];
  } = $props();
  Chart.register(ScatterController, LineController, LineElement, PointElement, LinearScale, TimeScale, Tooltip);
  /** Room before the first reading and behind the last. */
  const MARGIN_YEARS = 0.3;
  /** Left and right of one day stand so far beside each other, years. */
  const ASIDE = 0.012;
  const beside = (year: number, n: number) => momentOf(year + (n === 0 ? -ASIDE : ASIDE));
  let canvas: HTMLCanvasElement;

  const bars = {
    id: 'bars',
    afterDatasetsDraw(chart: Chart): void {
      const { ctx, scales } = chart;
      sets.forEach((set, n) => {
        if (!chart.isDatasetVisible(n * 2)) return;
        ctx.save();
        ctx.strokeStyle = set.colour;
        ctx.lineWidth = 2.4;
        ctx.globalAlpha = 0.6;
        ctx.setLineDash(n === 0 ? [] : [5, 4]);
        for (const p of set.points) {
          const x = scales.x.getPixelForValue(beside(p.year, n));
          ctx.beginPath();
          ctx.moveTo(x, scales.y.getPixelForValue(p.mm - 2 * p.sdMm));
          ctx.lineTo(x, scales.y.getPixelForValue(p.mm + 2 * p.sdMm));
          ctx.stroke();
        }
        ctx.restore();
      });
    }
  };
  $effect(() => {
    chartType();
    const all = sets.flatMap((s) => s.points);
    const years = all.map((p) => p.year);
    const low = Math.min(...all.map((p) => p.mm - 2 * p.sdMm));
    const high = Math.max(...all.map((p) => p.mm + 2 * p.sdMm));
    const chart = new Chart(canvas, {
      type: 'scatter',
      data: {
        datasets: sets.flatMap((s, n) => [
          {
            label: s.name,
            data: s.points.map((p) => ({ x: beside(p.year, n), y: p.mm })),
            backgroundColor: s.colour,
            // Told apart by shape and place besides the hue.
            pointStyle: n === 0 ? ('circle' as const) : ('rect' as const),
            pointRadius: 6
          },
          {
            label: `${s.name}, line`,
            type: 'line' as const,
            data: (s.line ?? []).map((p) => ({ x: momentOf(p.year), y: p.mm })),
            borderColor: s.colour,
            borderWidth: 1.5,
            pointRadius: 0
          }
        ])
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        scales: {
          x: {
            type: 'time',
            min: momentOf(Math.min(...years) - MARGIN_YEARS),
            max: momentOf(Math.max(...years) + MARGIN_YEARS),
            time: { minUnit: 'month', tooltipFormat: 'd MMM yyyy', displayFormats: { month: 'MMM yyyy', quarter: 'MMM yyyy', year: 'yyyy' } },
            grid: { display: false },
            ticks: { maxTicksLimit: 8, maxRotation: 0 }
          },
          y: { min: Math.floor(low - 1), max: Math.ceil(high + 1), ticks: { maxTicksLimit: 5 }, title: { display: true, text: 'mm' } }
        }
      },
      plugins: [bars]
    });
    withType(chart);
    return () => chart.destroy();
  });
</script>

<div
  class="h-72"
  role="img"
  aria-label="{label}: {sets.map((s) => `${s.name} ${s.points.map((p) => `${p.year.toFixed(1)}: ${p.mm.toFixed(1)} mm`).join(', ')}`).join('; ')}"
>
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>
