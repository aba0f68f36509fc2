<script lang="ts">
  import { ENGINE_VERSION } from '@chiave/core/fit';
  import { invalidateAll } from '$app/navigation';
  import { ANSWER_KINDS, type SaidRow } from '$lib/api/said-schema';
  import { longDay } from '$lib/keep-words';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SaidCardSheet from './SaidCardSheet.svelte';

  /** Answers that were given: opened, said again with one press, or taken away. */
  let { answers, who = false }: { answers: readonly SaidRow[]; who?: boolean } = $props();
  let openId = $state<number | null>(null);
  let message = $state('');
  async function act(path: string, method: 'POST' | 'DELETE'): Promise<boolean> {
    const sent = await send(path, method);
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) await invalidateAll();
    return sent.ok;
  }
  async function again(row: SaidRow): Promise<void> {
    if (await act(`/api/v1/answers/${row.id}`, 'POST')) openId = row.id;
  }
</script>

{#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
<ul>
  {#each answers as row (row.id)}
    <li class="border-b border-line py-2 last:border-0" data-said={row.about}>
      <div class="flex flex-wrap items-center gap-x-3 gap-y-1 print:hidden">
        <span class="mr-auto min-w-0 flex-1 basis-64 leading-snug">
          <b>{row.card.title}{row.card.answer ? `: ${row.card.answer}` : ''}</b>
          <span class="soft block"
            >{#if who}{row.person || 'somebody'} ·
            {/if}{ANSWER_KINDS.find((k) => k.id === row.kind)?.name} · {longDay(row.saidAt.slice(0, 10))}, engine {row.engine}{row.engine === ENGINE_VERSION
              ? ''
              : ' (an older one: look before it is said again)'}{row.said > 1 ? ` · said ${row.said} times` : ''}</span
          >
        </span>
        <Button onclick={() => again(row)} aria-label="Say again: {row.card.title}">Say again</Button>
        <Button kind="text" onclick={() => (openId = openId === row.id ? null : row.id)} aria-expanded={openId === row.id} aria-label="Open: {row.card.title}"
          >{openId === row.id ? 'close' : 'open'}</Button
        >
        <Button kind="text" onclick={() => act(`/api/v1/answers/${row.id}`, 'DELETE')} aria-label="Take away: {row.card.title}">take away</Button>
      </div>
      {#if openId === row.id}<SaidCardSheet card={row.card} />{/if}
    </li>
  {:else}<li class="soft py-2">Nothing was said yet.</li>{/each}
</ul>
