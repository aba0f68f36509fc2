<script lang="ts">
  import { ENGINE_VERSION } from '@chiave/core/fit';
  import { ofSize } from '$lib/said-cards';
  import { send } from '$lib/send/save.svelte';
  import type { AnswerCard } from '$lib/api/size-schema';
  import { downloadPdf } from '$lib/ui/kit/download';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** The answer card: what is printed and sent. */
  let { card, onshop }: { card: AnswerCard; onshop: (shop: string) => void } = $props();
  let message = $state('');
  let kept = $state('');
  let askedBy = $state('');
  /** Keeps what is said here among the answers, to be said again. */
  async function keep(): Promise<void> {
    const sent = await send('/api/v1/answers', 'POST', {
      kind: 'size',
      askedBy: askedBy.trim(),
      about: card.title,
      card: ofSize($state.snapshot(card)),
      engine: ENGINE_VERSION
    });
    message = sent.ok ? '' : sent.detail;
    kept = sent.ok ? 'Kept among the answers.' : '';
  }
  const pdf = async (paper: string) => (message = await downloadPdf(`/api/v1/sizes/card?paper=${paper}`, card, 'answer-card.pdf'));
</script>

<section class="mt-4" aria-label="Answer card">
  <div class="mb-2 flex flex-wrap items-end gap-2 print:hidden">
    <h2 class="mr-auto">Answer card</h2>
    <Field label="From" class="w-80" value={card.shop} maxlength={120} oninput={(e) => onshop(e.currentTarget.value)} />
    <Field label="Asked by" class="w-56" bind:value={askedBy} maxlength={120} />
    <Button onclick={keep}>Keep as said</Button>
    <Button onclick={() => window.print()}>Print</Button>
    <Button onclick={() => pdf('a4')}>PDF, A4</Button>
    <Button onclick={() => pdf('letter')}>PDF, US Letter</Button>
  </div>
  {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
  {#if kept}<p role="status" class="mb-2 print:hidden">{kept} <a href="/answers">Answers to send</a></p>{/if}
  <article class="card">
    <header class="bg-ink px-6 py-3 text-sheet"><b class="text-2xl">Chiave</b><span class="ml-4 text-[#f0d9a6]">{card.shop}</span></header>
    <div class="grid gap-4 p-6 md:grid-cols-[minmax(0,1fr)_minmax(0,1.4fr)] print:grid-cols-1">
      <div>
        <p class="soft">{card.question}</p>
        <p class="figures my-1 text-6xl font-semibold">{card.answer}</p>
        <p class="text-brass">{card.scale}</p>
        <h3 class="mt-3">One step either way</h3>
        <ul>
          {#each card.neighbours as n, at (at)}<li>{n}</li>{/each}
        </ul>
      </div>
      <div>
        <h3>How it adds up</h3>
        <Table>
          <tbody>
            {#each card.lines as line, at (at)}<tr class="border-b border-line"
                ><td class="py-1">{line.what}</td><td class="figures px-2 whitespace-nowrap">{line.amount}</td><td class="soft text-sm">{line.source}</td></tr
              >{/each}
          </tbody>
        </Table>
        <h3 class="mt-3">With these reservations</h3>
        <ul class="list-disc pl-5">
          {#each card.reservations as r (r)}<li>{r}</li>{/each}
        </ul>
      </div>
    </div>
  </article>
</section>

<style>
  .card {
    overflow: hidden;
    border: 1px solid var(--color-line);
    border-radius: 10px;
    background: var(--color-sheet);
  }
</style>
