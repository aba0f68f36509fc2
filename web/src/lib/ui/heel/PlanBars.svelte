<script lang="ts">
  import { TERMS, type Plan } from '@chiave/core/heel';
  import { BarController, BarElement, CategoryScale, Chart, Legend, LinearScale, Tooltip } from 'chart.js';
  import { chartType, withType } from '$lib/ui/kit/chart-colours';

  /** What each plan costs, term by term, as stacked bars. */
  let { plans }: { plans: readonly { name: string; plan: Plan }[] } = $props();
  Chart.register(BarController, BarElement, CategoryScale, LinearScale, Legend, Tooltip);
  /** Terms under this are not drawn. */
  const LEAST = 0.05;
  /** Comfort in leather, risk in red, look in blue and green, changing in grey. */
  const COLOURS = {
    comfort: ['#6b4a2f', '#9a7048', '#c39a66', '#e0c79d'],
    risk: ['#8f2f12', '#b9532f', '#d98462', '#efb79d'],
    look: ['#1f4e6b', '#4a7d99', '#8fb3c4'],
    change: ['#8b8579']
  } as const;
  const colourOf = (index: number): string => {
    const { kind } = TERMS[index];
    const place = TERMS.slice(0, index).filter((t) => t.kind === kind).length;
    const row: readonly string[] = COLOURS[kind];
    return row[place % row.length];
  };
  const shown = $derived(TERMS.map((t, i) => ({ ...t, i })).filter(({ id }) => plans.some(({ plan }) => plan.terms[id] >= LEAST)));
  const words = $derived(
    plans
      .map(
        ({ name, plan }) =>
          `${name} ${plan.total.toFixed(1)}: ${shown
            .filter(({ id }) => plan.terms[id] >= LEAST)
            .map((t) => `${t.name} ${plan.terms[t.id].toFixed(1)}`)
            .join(', ')}`
      )
      .join('; ')
  );
  let canvas: HTMLCanvasElement;
  $effect(() => {
    chartType();
    const chart = new Chart(canvas, {
      type: 'bar',
      data: {
        labels: plans.map(({ name }) => name),
        datasets: shown.map((t) => ({
          label: t.name,
          data: plans.map(({ plan }) => Math.round(plan.terms[t.id] * 100) / 100),
          backgroundColor: colourOf(t.i),
          stack: 'cost'
        }))
      },
      options: {
        indexAxis: 'y',
        animation: false,
        maintainAspectRatio: false,
        plugins: { legend: { position: 'bottom' } },
        scales: { x: { stacked: true, title: { display: true, text: 'cost: less is better' } }, y: { stacked: true } }
      }
    });
    withType(chart);
    return () => chart.destroy();
  });
</script>

<div class="h-56" role="img" aria-label="What each plan costs. {words}"><canvas bind:this={canvas} aria-hidden="true"></canvas></div>
