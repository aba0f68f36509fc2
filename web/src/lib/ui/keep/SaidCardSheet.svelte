<script lang="ts">
  import type { SaidCard } from '$lib/api/said-schema';
  import { downloadPdf } from '$lib/ui/kit/download';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** A card as it is sent: on the screen, on paper, as PDF, or as text to copy. */
  let { card }: { card: SaidCard } = $props();
  let message = $state('');
  let copied = $state(false);
  const pdf = async (paper: string) => (message = await downloadPdf(`/api/v1/answers/card?paper=${paper}`, card, 'answer.pdf'));
  const asText = $derived(
    [
      card.title,
      card.question,
      [card.answer, card.under].filter(Boolean).join(': '),
      ...card.parts.flatMap((p) => ['', p.heading, ...p.lines.map((l) => `- ${l.text}${l.figure ? `: ${l.figure}` : ''}${l.source ? ` (${l.source})` : ''}`)]),
      ...(card.reservations.length > 0 ? ['', 'With these reservations', ...card.reservations.map((r) => `- ${r}`)] : []),
      '',
      card.shop
    ]
      .filter((line, i, all) => line !== '' || all[i - 1] !== '')
      .join('\n')
      .trim()
  );
  async function copy(): Promise<void> {
    try {
      await navigator.clipboard.writeText(asText);
      copied = true;
    } catch {
      message = 'The browser does not let this page copy: mark the card and copy it by hand.';
    }
  }
</script>

<article class="sheet mt-2 overflow-hidden !p-0" aria-label="Card: {card.title}">
  <div class="brass-rule" aria-hidden="true"></div>
  <div class="grid gap-3 p-5">
    <div class="flex flex-wrap items-baseline gap-x-4">
      <h3 class="says mr-auto text-2xl">{card.title}</h3>
      <span class="soft">{card.shop}</span>
    </div>
    {#if card.question}<p class="soft">{card.question}</p>{/if}
    {#if card.answer}<p class="figures font-serif text-5xl font-semibold">{card.answer}</p>{/if}
    {#if card.under}<p class="text-brass">{card.under}</p>{/if}
    {#each card.parts as p, at (at)}
      <div>
        <h4 class="font-semibold">{p.heading}</h4>
        {#each p.lines as l, i (i)}<p class="flex gap-4 border-b border-line py-0.5">
            <span class="mr-auto"
              >{l.text}{#if l.source}<span class="soft block">{l.source}</span>{/if}</span
            ><b class="figures whitespace-nowrap">{l.figure}</b>
          </p>{/each}
      </div>
    {/each}
    {#if card.reservations.length > 0}
      <div>
        <h4 class="font-semibold">With these reservations</h4>
        <ul class="list-disc pl-5">
          {#each card.reservations as r (r)}<li>{r}</li>{/each}
        </ul>
      </div>
    {/if}
    {#if card.gauge}<p class="soft">The gauge at true size is the second page of the PDF: print it at 100 %, and measure its check rulers first.</p>{/if}
    <p class="soft">Advice, not diagnosis; the foot in the shoe decides.</p>
  </div>
</article>
<div class="mt-2 flex flex-wrap gap-2 print:hidden">
  <Button onclick={copy}>{copied ? 'Copied' : 'Copy as text'}</Button>
  <Button onclick={() => window.print()}>Print</Button>
  <Button onclick={() => pdf('a4')}>PDF, A4</Button>
  <Button onclick={() => pdf('letter')}>PDF, US Letter</Button>
</div>
{#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
