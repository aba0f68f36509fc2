<script lang="ts">
  import type { NextMeasure } from '@chiave/core/fit';
  import { formatLength } from '@chiave/core/measure';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  /** The one measurement that would tell most whether the pair fits, and by how much; the others behind it. */
  let { next, footHref, lastHref }: { next: NextMeasure[]; footHref: string; lastHref: string } = $props();
  const percent = (share: number): number => Math.round(100 * share);
  const words = (m: NextMeasure): string =>
    `known to ± ${formatLength(m.fromSdMm, 'mm')} now, ± ${formatLength(m.toSdMm, 'mm')} then; if it comes out as expected the chance ${m.chanceThen >= m.chanceNow ? 'rises' : 'falls'} by ${Math.abs(percent(m.chanceThen) - percent(m.chanceNow))} in 100`;
</script>

{#if next.length > 0}
  {@const best = next[0]}
  <Sheet class="mt-2" data-next-measure aria-label="What to measure next">
    <p>
      What would tell most: <a href={best.what === 'foot' ? footHref : lastHref} class="font-semibold"
        >measure {best.what === 'foot' ? 'the ' : ''}{best.name}</a
      >
      <span class="soft"
        >settles {percent(best.settles)} of 100 parts of the doubt: {words(best)}. What a tape, a gauge or a stick comes to is an estimate.</span
      >
    </p>
    {#if next.length > 1}
      <details>
        <summary class="soft min-h-8 content-center">and what would tell less</summary>
        <ul>
          {#each next.slice(1, 5) as m (m.what + m.id)}
            <li>
              <a href={m.what === 'foot' ? footHref : lastHref}>{m.what === 'foot' ? 'the ' : ''}{m.name}</a>
              <span class="soft">{percent(m.settles)} of 100: {words(m)}.</span>
            </li>
          {/each}
        </ul>
      </details>
    {/if}
  </Sheet>
{/if}
