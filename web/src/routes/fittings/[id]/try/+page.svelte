<script lang="ts">
  import { sizeText, type Style } from '@chiave/core/fit';
  import TryCard from '$lib/ui/TryCard.svelte';
  import { getDesk } from '$lib/ui/desk.svelte';
  import { send, type SaveError } from '$lib/ui/save.svelte';
  import type { TryRow } from '$lib/server/shop/fittings';

  let { data } = $props();
  const desk = getDesk();
  const styleOf = (id: string): Style | undefined => data.styles.find((s) => s.id === id);
  let styleId = $state('');
  let size = $state('');
  let width = $state('');
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  const chosen = $derived(styleOf(styleId));
  const errorOf = (path: string) => errors.find((e) => e.path === path)?.message;

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    await desk.settle();
    const sent = await send<{ tried: TryRow }>(`/api/v1/fittings/${desk.fitting.id}/tries`, 'POST', {
      styleId,
      size,
      width: width || (chosen?.widths[0] ?? '')
    });
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok || sent.errors.some((e) => ['size', 'width'].includes(e.path)) ? '' : sent.detail;
    if (sent.ok) {
      desk.addTry(sent.value.tried);
      size = '';
    }
  }
</script>

<svelte:head><title>Try · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Try</h1>
<div class="mb-3 flex flex-wrap gap-x-6 gap-y-1">
  <p class="soft">
    Both shoes of a pair, standing, then walking. One candidate on each foot: which feels as if there were no shoe? The winner stays, the next one goes on the
    other foot; swap sides once, to be fair.
  </p>
  <p class="figures text-sm">−− too tight &nbsp; − snug &nbsp; 0 right &nbsp; + roomy &nbsp; ++ too loose</p>
</div>

<div class="grid gap-4">
  {#each desk.fitting.tries as row (`${row.id} ${desk.readings}`)}
    <TryCard {desk} {row} style={styleOf(row.styleId)} />
  {:else}
    <p class="notice">Nothing at the chair yet. Carry a pair here from <a href="/fittings/{desk.fitting.id}/pull">Pull</a>, or name one below.</p>
  {/each}
  <form class="sheet" onsubmit={add} novalidate>
    <h2>Another pair</h2>
    <div class="mt-1 grid items-start gap-3 sm:grid-cols-[2fr_1fr_1fr_auto]">
      <label class="block"
        ><span class="font-semibold">Style</span>
        <select class="field" bind:value={styleId}>
          <option value="">choose a style</option>
          {#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name}</option>{/each}
        </select>
      </label>
      <label class="block"
        ><span class="font-semibold">Size</span>
        <input
          class="field figures"
          bind:value={size}
          aria-invalid={!!errorOf('size')}
          placeholder={chosen ? `${sizeText(chosen, chosen.from)} to ${sizeText(chosen, chosen.to)}` : ''}
        />
        {#if errorOf('size')}<span class="text-tight" role="alert">{errorOf('size')}</span>{/if}
      </label>
      <label class="block"
        ><span class="font-semibold">Width</span>
        <input class="field figures" bind:value={width} aria-invalid={!!errorOf('width')} placeholder={chosen?.widths.join(', ') ?? ''} />
        {#if errorOf('width')}<span class="text-tight" role="alert">{errorOf('width')}</span>{/if}
      </label>
      <button
        type="submit"
        class="mt-6 min-h-11 rounded border-2 border-brass bg-white px-3 font-semibold disabled:opacity-60"
        disabled={!chosen || size.trim() === ''}>Carry to the chair</button
      >
    </div>
    {#if message}<p role="alert" class="caution mt-2">{message}</p>{/if}
  </form>
</div>
