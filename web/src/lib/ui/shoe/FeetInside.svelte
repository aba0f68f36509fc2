<script lang="ts">
  import { LATER_HOURS } from '@chiave/core/fit';
  import BallSection from '$lib/drawing/BallSection.svelte';
  import FootInShoe from '$lib/drawing/FootInShoe.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Laid } from '$lib/workers/messages';
  import type { OpenedPair } from './opened-pair.svelte';
  import ToeTable from './ToeTable.svelte';

  /** Both feet in the shoe, drawn as it will be worn, bare, or after hours of wear. @prop sock whether a sock was asked for */
  let { pair, seen, sock }: { pair: OpenedPair; seen: Laid; sock: boolean } = $props();
</script>

<Sheet class="lg:sticky lg:top-2 lg:self-start" aria-label="Foot in the shoe">
  <div class="flex flex-wrap gap-4">
    <Choice
      name="drawn-when"
      legend="Drawn"
      hideLegend
      options={[
        { id: 'now', name: 'now' },
        { id: 'later', name: `after ${LATER_HOURS} hours` }
      ]}
      value={pair.drawnWhen}
      onchange={(v) => (pair.drawnWhen = v ?? 'now')}
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
        value={pair.drawnSock}
        onchange={(v) => (pair.drawnSock = v ?? 'worn')}
      />
    {/if}
  </div>
  <FootInShoe drawings={pair.drawings} feet={seen.fit.feet} unit={shown.unit} asDrawn={pair.drawnSock === 'bare' || pair.drawnWhen === 'later'} />
  <BallSection sections={seen.drawings} feet={seen.fit.feet} unit={shown.unit} />
  <ToeTable drawings={pair.drawings} feet={seen.fit.feet} unit={shown.unit} />
</Sheet>
