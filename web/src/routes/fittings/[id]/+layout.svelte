<script lang="ts">
  import { page } from '$app/state';
  import { formatLength } from '@chiave/core/measure';
  import { STEPS } from '$lib/ui/steps';
  import { shown } from '$lib/ui/units.svelte';

  let { data, children } = $props();
  const here = $derived(page.url.pathname.split('/')[3] ?? '');
  const current = $derived(here === 'shoe' ? 'pull' : here);
  const lengths = $derived((['left', 'right'] as const).map((side) => ({ side, mm: data.fitting.feet[side].values.lengthMm?.mm })));
</script>

<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1 print:hidden">
  <a href="/people/{data.fitting.customer.id}" class="text-lg font-semibold">{data.fitting.customer.name}</a>
  <span class="soft">{data.fitting.purpose || 'purpose not asked yet'}</span>
  <span class="figures ml-auto">
    {#each lengths as { side, mm } (side)}
      <b class="ml-3 {side === 'left' ? 'side-L' : 'side-R'}">{side === 'left' ? 'L' : 'R'}</b> {mm === undefined ? 'not measured' : formatLength(mm, shown.unit)}
    {/each}
  </span>
</div>
<nav aria-label="Steps of the fitting" class="mt-2 print:hidden">
  <ol class="flex flex-wrap gap-1 border-b-2 border-ink">
    {#each STEPS as step, i (step.id)}
      <li>
        <a href="/fittings/{data.fitting.id}/{step.id}" aria-current={current === step.id ? 'step' : undefined} title={step.hint} class="step" class:current={current === step.id}>
          <span class="figures text-xs">{i + 1}</span>{step.name}
        </a>
      </li>
    {/each}
  </ol>
</nav>
<div class="pt-4">{@render children()}</div>

<style>
  .step {
    display: inline-flex;
    align-items: center;
    gap: 0.4rem;
    min-height: 44px;
    padding: 0 0.95rem;
    border-radius: 6px 6px 0 0;
    color: var(--color-ink);
    text-decoration: none;
  }
  .step:hover {
    background: #eee3cc;
  }
  .step.current {
    background: var(--color-ink);
    color: var(--color-sheet);
    font-weight: 650;
  }
</style>
