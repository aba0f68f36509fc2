<script lang="ts">
  import { inHundred } from '$lib/ui/fitting/names';

  /** The chance that every zone lies within its limits as twenty ticks: so many of a hundred such pairs. */
  let { probability }: { probability: number } = $props();
  const TICKS = 20;
  const full = $derived(Math.round(probability * TICKS));
</script>

<div class="flex items-center gap-3" title="from the errors of measuring, of the last and of making">
  <svg viewBox="0 0 184 26" width="150" height="22" aria-hidden="true">
    {#each { length: TICKS } as _, i (i)}
      <rect x={i * 9.2} y={i % 5 === 4 ? 2 : 6} width="5.4" height={i % 5 === 4 ? 20 : 16} rx="1" fill={i < full ? 'var(--color-ink)' : 'var(--color-line)'} />
    {/each}
    <line x1="0" x2="184" y1="24" y2="24" stroke="var(--color-edge)" />
  </svg>
  <p class="leading-tight"><b class="block">{inHundred(probability)}</b> <span class="soft">every zone within its limits</span></p>
</div>
