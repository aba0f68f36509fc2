<script lang="ts">
  import { VERDICT_WORDS, VERDICTS, type Listed } from '@chiave/core/fit';
  import Button from '$lib/ui/kit/Button.svelte';
  import Progress from '$lib/ui/kit/Progress.svelte';
  import type { Ranking } from './ranking.svelte';

  /** How far a ranking is, or what it came to. */
  let { ranking, found }: { ranking: Ranking; found: readonly Listed[] } = $props();
  const counts = $derived(VERDICTS.map((verdict) => ({ verdict, n: found.filter((c) => c.verdict === verdict).length })).filter((c) => c.n > 0));
  const MANY = { fits: 'fit', 'fits-with-help': 'fit with help', 'does-not-fit': 'do not fit' } as const;
  const took = $derived(
    ranking.tookMs === null ? '' : ranking.beforehand ? ' beforehand' : ` in ${ranking.tookMs < 100 ? 'less than 0.1' : (ranking.tookMs / 1000).toFixed(1)} s`
  );
</script>

<div class="min-w-64 flex-1" aria-live="polite">
  {#if ranking.running}
    <div class="flex items-center gap-3">
      <div class="flex-1"><Progress done={ranking.progress.done} of={ranking.progress.of} what="Ranking the stockroom" /></div>
      <span class="figures text-sm">{ranking.progress.done} of {ranking.progress.of}{ranking.topStands ? '; the first 100 stand' : ''}</span>
      <Button onclick={() => ranking.cancel()}>Cancel</Button>
    </div>
  {:else if ranking.asked}
    <p class="leading-tight">
      <b class="font-serif text-2xl font-semibold"
        >{#each counts as c, i (c.verdict)}{i > 0 ? ', ' : ''}{c.n} {c.n === 1 ? VERDICT_WORDS[c.verdict] : MANY[c.verdict]}{/each}</b
      >
      <span class="soft ml-2"
        >{ranking.considered} sizes and widths fitted{took}{ranking.tookMs === null && ranking.progress.done < ranking.progress.of ? ' · stopped' : ''}</span
      >
    </p>
  {/if}
</div>
