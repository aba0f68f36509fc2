<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { fieldWords, type Difference } from '$lib/differences';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { can } from '$lib/ui/kit/me';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  let { data } = $props();
  let message = $state('');
  let busy = $state(false);
  const waiting = $derived(data.proposals.filter((p) => p.answer === ''));
  const answered = $derived(data.proposals.filter((p) => p.answer !== ''));
  const said = (value: unknown): string =>
    value === undefined || value === null || value === '' ? 'nothing' : typeof value === 'boolean' ? (value ? 'yes' : 'no') : String(value);
  /** By how much a figure would move. */
  const by = ({ was, will }: Difference): string =>
    typeof was === 'number' && typeof will === 'number' ? `${will > was ? '+' : '−'}${Number(Math.abs(will - was).toFixed(3))}` : '';
  const when = (at: string): string => format(new Date(at), 'd MMM yyyy, HH:mm');
  async function answer(id: number, accept: boolean): Promise<void> {
    busy = true;
    const sent = await send(`/api/v1/proposals/${id}`, 'POST', { accept });
    busy = false;
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) await invalidateAll();
  }
</script>

<svelte:head><title>Proposals · Chiave</title></svelte:head>

<h1>Proposed changes to lasts and targets</h1>
<p class="says mt-1">{waiting.length === 0 ? 'Nothing waits.' : waiting.length === 1 ? 'One waits for an owner.' : `${waiting.length} wait for an owner.`}</p>
{#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
<ul class="mt-3 grid gap-3">
  {#each waiting as p (p.id)}
    <li class="sheet" data-proposal={p.id}>
      <div class="flex flex-wrap items-start gap-2">
        <p class="mr-auto"><b>{p.what}</b> <span class="soft">· {p.by}, {when(p.createdAt)} · {p.path.replace('/api/v1/', '')}</span></p>
        {#if can('shop')}
          <Button kind="primary" disabled={busy} onclick={() => answer(p.id, true)}>Take it over</Button>
          <Button disabled={busy} onclick={() => answer(p.id, false)}>Leave it</Button>
        {/if}
      </div>
      {#if p.changes.length === 0}
        <p class="soft mt-2">It stands there like this already.</p>
      {:else}
        <Table class="figures mt-2">
          <thead><tr><th scope="col">field</th><th scope="col">now</th><th scope="col">would be</th></tr></thead>
          <tbody>
            {#each p.changes as change (change.at.join('/'))}
              <tr class="border-t border-line align-top">
                <th scope="row" class="pr-4 font-normal">{change.at.map(fieldWords).join(' › ')}</th>
                <td class="pr-4">{said(change.was)}</td>
                <td
                  ><b>{said(change.will)}</b>{#if by(change)}
                    <span class="soft ml-1">({by(change)})</span>{/if}</td
                >
              </tr>
            {/each}
          </tbody>
        </Table>
      {/if}
    </li>
  {/each}
</ul>
{#if answered.length > 0}
  <h2 class="mt-4">Answered</h2>
  <ul>
    {#each answered as p (p.id)}
      <li class="border-b border-line py-1">
        {p.what} <span class="soft">· {p.by} · {p.answer === 'taken' ? 'taken over' : 'left'} by {p.answeredBy}, {p.answeredAt ? when(p.answeredAt) : ''}</span>
      </li>
    {/each}
  </ul>
{/if}
