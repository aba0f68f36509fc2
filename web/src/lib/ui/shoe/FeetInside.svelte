<script lang="ts">
  import { LATER_HOURS } from '@chiave/core/fit';
  import type { Side } from '@chiave/core/measure';
  import FeetInShoe from '$lib/drawing/FeetInShoe.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Laid } from '$lib/workers/messages';
  import type { OpenedPair } from './opened-pair.svelte';

  /** Both feet in the shoe, drawn as it will be worn, bare, or after hours of wear. @prop sock whether a sock was asked for */
  let { pair, seen, sock }: { pair: OpenedPair; seen: Laid; sock: boolean } = $props();
  const lengths = $derived(Object.fromEntries(pair.worn.map(({ foot }) => [foot.side, foot.values.lengthMm.mm])) as Record<Side, number>);
</script>

<Sheet class="!p-2" aria-label="Foot in the shoe">
  <FeetInShoe drawings={pair.drawings} feet={seen.fit.feet} {lengths} unit={shown.unit} asDrawn={pair.drawnSock === 'bare' || pair.drawnWhen === 'later'} />
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1 px-2">
    <Choice
      name="drawn-when"
      legend="Drawn"
      hideLegend
      options={[
        { id: 'now', name: 'now' },
        { id: 'later', name: `after ${LATER_HOURS} hours` }
      ]}
      bind:value={pair.drawnWhen}
    />
    {#if sock}
      <Choice
        name="drawn-sock"
        legend="Sock"
        hideLegend
        options={[
          { id: 'worn', name: 'in its sock' },
          { id: 'bare', name: 'bare' }
        ]}
        bind:value={pair.drawnSock}
      />
    {/if}
  </div>
</Sheet>
