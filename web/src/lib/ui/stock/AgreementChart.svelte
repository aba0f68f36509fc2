<script lang="ts">
  /** Differences of two instruments against their mean: a mark a foot, the bias, and the limits between which the next one lies. */
  import { Chart, LinearScale, LineElement, PointElement, ScatterController, Tooltip } from 'chart.js';
  import type { AgreementRow } from '$lib/api/instrument-schema';
  import { chartType, themeColour, withType } from '$lib/ui/kit/chart-colours';

  let { row, words }: { row: AgreementRow; words: string } = $props();
  Chart.register(ScatterController, LineElement, LinearScale, PointElement, Tooltip);
  let canvas: HTMLCanvasElement;
  const signed = (mm: number): string => `${mm > 0 ? '+' : mm < 0 ? '−' : ''}${Math.abs(mm).toFixed(1)}`;

  $effect(() => {
    chartType();
    const { pairs, agreement } = row;
    const xs = pairs.map((p) => p.mean);
    const [from, to] = [Math.min(...xs) - 3, Math.max(...xs) + 3];
    const level = (mm: number, colour: string, dash: number[]) => ({
      data: [
        { x: from, y: mm },
        { x: to, y: mm }
      ],
      showLine: true,
      pointRadius: 0,
      borderColor: colour,
      borderWidth: 2,
      borderDash: dash
    });
    const dashed = agreement.says === 'limits' ? [] : [7, 5];
    const limits = agreement.says === 'points' ? [] : agreement.limits.map((mm) => level(mm, themeColour('ink-soft'), dashed));
    const bias = agreement.says === 'points' ? [] : [level(agreement.biasMm, themeColour('brass'), dashed)];
    const chart = new Chart(canvas, {
      type: 'scatter',
      data: {
        datasets: [
          { data: pairs.map((p) => ({ x: p.mean, y: p.d })), backgroundColor: themeColour('side-left'), pointRadius: 5 },
          level(0, themeColour('line'), []),
          ...bias,
          ...limits
        ]
      },
      options: {
        animation: false,
        maintainAspectRatio: false,
        plugins: { legend: { display: false }, tooltip: { filter: (item) => item.datasetIndex === 0, callbacks: { label: (item) => `${signed(item.parsed.y!)} mm, ${pairs[item.dataIndex].by || 'nobody named'}` } } }, // prettier-ignore
        scales: {
          x: { title: { display: true, text: 'mean of both, mm' }, min: Math.floor(from), max: Math.ceil(to) },
          y: { title: { display: true, text: 'first less second, mm' } }
        }
      }
    });
    withType(chart);
    return () => chart.destroy();
  });
</script>

<div class="h-80" role="img" aria-label="{words}, each foot: {row.pairs.map((p) => signed(p.d)).join(', ')} mm">
  <canvas bind:this={canvas} aria-hidden="true"></canvas>
</div>
