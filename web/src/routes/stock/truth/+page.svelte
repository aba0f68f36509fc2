<script lang="ts">
  import { KIND, ZONE } from '@chiave/core/fit';
  import { corrected } from '@chiave/core/learn';
  import SaidAndCame from '$lib/drawing/SaidAndCame.svelte';
  import { truthWords } from '$lib/truth-words';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import TruthTable from '$lib/ui/learn/TruthTable.svelte';

  let { data } = $props();
  const all = $derived(data.truth.all);
  const percent = (p: number): string => String(Math.round(100 * p));
  const pairs = (n: number): string => (n === 1 ? 'One pair' : `${n} pairs`);
</script>

<svelte:head><title>Is it true · Chiave</title></svelte:head>
<h1 class="sr-only">Is it true?</h1>
{#if !all}
  <Empty>No pair has ended yet: once pairs are kept, left or come back, what was promised stands here against what happened.</Empty>
{:else}
  <p class="says mb-2 text-xl" data-truth={all.truth}>{truthWords(all)}</p>
  <div class="grid gap-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
    <Sheet heading="Told and come out">
      <SaidAndCame calibration={all} />
      <p class="soft mt-1">
        Each mark: pairs that were told about the same chance, with the interval that holds the truth 90 times in 100. On the broken line both agree.
      </p>
    </Sheet>
    <div class="grid content-start gap-3">
      <Sheet heading="By kind of shoe">
        <TruthTable what="Kind" things="Pairs" rows={data.truth.kinds.map(({ kind, calibration }) => ({ name: KIND[kind].name, calibration }))} />
      </Sheet>
      {#if data.truth.zones.length > 0}
        <Sheet heading="By zone">
          <TruthTable what="Zone" things="Words" rows={data.truth.zones.map(({ zone, calibration }) => ({ name: ZONE[zone].name, calibration }))} />
          <p class="soft mt-1 leading-snug">
            Each word for a zone, against the chance told beforehand that it lies within its limits. What is off here speaks of lasts or targets: <a
              href="/stock/learned">what try-ons teach</a
            >.
          </p>
        </Sheet>
      {/if}
      {#if data.truth.fitters.length > 0}
        <Sheet heading="By who noted it">
          <TruthTable what="Fitter" things="Pairs" rows={data.truth.fitters.map(({ fitter, calibration }) => ({ name: fitter, calibration }))} />
        </Sheet>
      {/if}
      <Sheet heading="How it is counted">
        <p class="mb-1 leading-snug">
          The chance that is told says that every zone of both feet lies within its limits. Whether a pair is kept is another thing: many are kept although a
          zone lies a little outside, so that the two need not agree to the pair.
        </p>
        <p class="leading-snug">
          A pair counts once a person and style, with the chance that was told before it was tried. It came out where it was kept, or toe room and ball were
          felt on both feet and nothing lay outside; it did not where a zone was felt too tight or too loose. {pairs(data.truth.untold)} ended without a word of the
          fit and
          {data.truth.untold === 1 ? 'does' : 'do'} not count.
        </p>
        <p class="soft mt-1 leading-snug">
          Mean distance of said and come {all.error.toFixed(3)}; true chances would show up to {all.errorByChance.toFixed(3)} by the toss of a coin. Brier {all.brier.toFixed(
            3
          )}. Level off by {Math.abs(all.levelZ).toFixed(1)} deviations, spread by {Math.abs(all.spreadZ).toFixed(1)}: from 2 on something is wrong.
          {#if all.correction}As this shop goes, a chance of 50 in 100 is kept about {percent(corrected(0.5, all.correction))} times; the order of shoes does not
            change by it.{/if}
        </p>
      </Sheet>
    </div>
  </div>
{/if}
