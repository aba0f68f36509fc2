<script lang="ts">
  import { asFarAsSeen, classWords, type Suit } from '@chiave/core/use';
  import type { SuitTold } from '$lib/workers/messages';
  import { capital } from '$lib/capital';

  /** On a card: whether the shoe suits the use, what decides it, and what to look at before the sale. */
  let { suit, told, use }: { suit: Suit; told?: SuitTold; use: string } = $props();
  const LOOKS = 3;
  const s = $derived(told?.sentences);
  const decides = $derived(s && (s.forbidden[0] ?? (suit.class === 'suits' ? s.for[0] : (s.against[0] ?? s.for[0]))));
</script>

<p data-suit={suit.class}>
  <b class={suit.class === 'suits' ? '' : 'text-tight-word'}>{capital(classWords(suit.class))}</b>
  <span class="soft">for {use}{asFarAsSeen(suit) ? ', as far as seen' : ''}</span>
</p>
{#if decides}<p class="leading-snug">{decides}</p>{/if}
{#if s && s.look.length > 0 && suit.class !== 'not-for-this'}
  <details>
    <summary class="cursor-pointer">Look at before the sale</summary>
    <ul class="grid gap-1 pt-1">
      {#each s.look.slice(0, LOOKS) as line, i (i)}<li class="soft leading-snug">{line}</li>{/each}
    </ul>
  </details>
{/if}
