<script lang="ts">
  import { Chart, LinearScale, LineController, LineElement, PointElement, ScatterController, TimeScale, Tooltip } from 'chart.js';
  import 'chartjs-adapter-date-fns';
  import type { DatedReading } from '@chiave/core/foot';
  import { momentOf } from '$lib/feet-history';

  /** Readings over the years with bars of two deviations, and the line through them where it stands for a change. */
  // prettier-ignore
  let { label, sets }: {
    label: string; sets: readonly { name: string; colour: string; points: readonly DatedReading[]; line: readonly { year: number; mm: number }[] | null }[];
  } = $props();
  Chart.register(ScatterController, LineController, LineElement, PointElement, LinearScale, TimeScale, Tooltip);
  /** Room before the first reading and behind the last. */
  const MARGIN_YEARS = 0.3;
  let canvas: HTMLCanvasElement;

  const bars = {
    id: 'bars',
    afterDatasetsDraw(chart: Chart): void {
      const { ctx, scales } = chart;
      sets.forEach((set, n) => {
        if (!chart.isDatasetVisible(n * 2)) return;
        ctx.save();
        ctx.strokeStyle = set.colour;
        ctx.globalAlpha = 0.6;
        for (const p of set.points) {
          const x = scales.x.getPixelForValue(momentOf(p.year)) + (n === 0 ? -2 : 2);
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
    const all = sets.flatMap((s) => s.points);
    const years = all.map((p) => p.year);
    const low = Math.min(...all.map((p) => p.mm - 2 * p.sdMm));
    const high = Math.max(...all.map((p) => p.mm + 2 * p.sdMm));
    const chart = new Chart(canvas, {
      type: 'scatter',
      data: {
        datasets: sets.flatMap((s) => [
          { label: s.name, data: s.points.map((p) => ({ x: momentOf(p.year), y: p.mm })), backgroundColor: s.colour, pointRadius: 4 },
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
            ticks: { maxTicksLimit: 8 }
          },
          y: { min: Math.floor(low - 1), max: Math.ceil(high + 1), title: { display: true, text: 'mm' } }
        }
      },
      plugins: [bars]
    });
    return () => chart.destroy();
  });
</script>

<div
  class="h-52"
  role="img"
  aria-label="{label}: {sets.map((s) => `${s.name} ${s.points.map((p) => `${p.year.toFixed(1)}: ${p.mm.toFixed(1)} mm`).join(', ')}`).join('; ')}"
>
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>
