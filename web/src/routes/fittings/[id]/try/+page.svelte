<script lang="ts">
  import { sizeText, type Style } from '@chiave/core/fit';
  import TryCard from '$lib/ui/try/TryCard.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import type { TryRow } from '$lib/api/rows';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

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
    <Notice>Nothing at the chair yet. Carry a pair here from <a href="/fittings/{desk.fitting.id}/pull">Pull</a>, or name one below.</Notice>
  {/each}
  <form class="sheet" onsubmit={add} novalidate>
    <h2>Another pair</h2>
    <div class="mt-1 grid items-start gap-3 sm:grid-cols-[2fr_1fr_1fr_auto]">
      <Select label="Style" bind:value={styleId}>
        <option value="">choose a style</option>
        {#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name}</option>{/each}
      </Select>
      <Field
        label="Size"
        figures
        bind:value={size}
        placeholder={chosen ? `${sizeText(chosen, chosen.from)} to ${sizeText(chosen, chosen.to)}` : ''}
        error={errorOf('size')}
      />
      <Field label="Width" figures bind:value={width} placeholder={chosen?.widths.join(', ') ?? ''} error={errorOf('width')} />
      <Button type="submit" class="mt-6" kind="primary" disabled={!chosen || size.trim() === ''}>Carry to the chair</Button>
    </div>
    {#if message}<Notice role="alert" class="mt-2" tone="caution">{message}</Notice>{/if}
  </form>
</div>
