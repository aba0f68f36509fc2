<script lang="ts">
  import { capital } from '$lib/capital';
  import { SHOP_NAME } from '$lib/shop-name';
  import { withFractions } from '$lib/size-fractions';
  import Button from '$lib/ui/kit/Button.svelte';

  /** A care card to take home: what to do, and what must not be done, by material and make. */
  let { data } = $props();
</script>

<svelte:head><title>Care of {data.pair.name} · Chiave</title></svelte:head>
<p class="mb-2 print:hidden"><a href="/people/{data.customer.id}/pairs">Pairs of {data.customer.name}</a></p>
<article class="sheet mx-auto max-w-2xl" data-care>
  <div class="brass-rule" aria-hidden="true"></div>
  <h1 class="mt-2">{data.pair.name} <span class="figures">{withFractions(data.pair.size)} {data.pair.width}</span></h1>
  <p class="soft">{capital(data.title)} · {data.customer.name}</p>
  <h2 class="mt-4">Do</h2>
  <ul class="list-disc pl-6 text-lg leading-relaxed">
    {#each data.care.does as line (line)}<li>{line}</li>{/each}
  </ul>
  <h2 class="mt-4">Never</h2>
  <ul class="list-none pl-0 text-lg leading-relaxed">
    {#each data.care.never as line (line)}<li class="flex gap-2">
        <svg viewBox="0 0 20 20" class="mt-1.5 h-5 w-5 shrink-0" aria-hidden="true"
          ><path d="M4 4 L16 16 M16 4 L4 16" stroke="var(--color-tight)" stroke-width="3" /></svg
        >{line}
      </li>{/each}
  </ul>
  <p class="soft mt-4">By common practice; what the maker writes on the box stands above it. {SHOP_NAME}.</p>
</article>
<p class="mt-3 text-center print:hidden"><Button kind="primary" onclick={() => window.print()}>Print the card</Button></p>
