<script lang="ts">
  import { ENGINE_VERSION } from '@chiave/core/fit';
  import type { SaidCard } from '$lib/api/said-schema';
  import { send } from '$lib/send/save.svelte';
  import SaidCardSheet from '$lib/ui/keep/SaidCardSheet.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** The answer of a chain of sums: from whom, to whom, and the card itself. */
  let { card, onshop }: { card: SaidCard; onshop: (shop: string) => void } = $props();
  let message = $state('');
  let kept = $state('');
  let askedBy = $state('');
  /** Keeps what is said here among the answers, to be said again. */
  async function keep(): Promise<void> {
    const body = { kind: 'size', askedBy: askedBy.trim(), about: card.title, card: $state.snapshot(card), engine: ENGINE_VERSION };
    const sent = await send('/api/v1/answers', 'POST', body);
    message = sent.ok ? '' : sent.detail;
    kept = sent.ok ? 'Kept among the answers.' : '';
  }
</script>

<section class="mt-4" aria-label="Answer card">
  <div class="flex flex-wrap items-end gap-2 print:hidden">
    <h2 class="mr-auto">Answer card</h2>
    <Field label="From" class="w-80" value={card.shop} maxlength={120} oninput={(e) => onshop(e.currentTarget.value)} />
    <Field label="Asked by" class="w-56" bind:value={askedBy} maxlength={120} />
    <Button onclick={keep}>Keep as said</Button>
  </div>
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
  {#if kept}<p role="status" class="mt-2 print:hidden">{kept} <a href="/answers">Answers to send</a></p>{/if}
  <SaidCardSheet {card} />
</section>
