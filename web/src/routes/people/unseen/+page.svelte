<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { can } from '$lib/ui/kit/me';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';

  let { data } = $props();
  let message = $state('');
  /** The one whose erasing is asked about once more. */
  let sure = $state<number | null>(null);
  async function years(value: number | null): Promise<void> {
    if (value === null) return;
    const sent = await send('/api/v1/settings/retention', 'PUT', { years: value });
    message = sent.ok ? '' : sent.detail;
    if (sent.ok) await invalidateAll();
  }
  async function erase(id: number): Promise<void> {
    const sent = await send(`/api/v1/customers/${id}`, 'DELETE');
    message = sent.ok ? '' : sent.detail;
    sure = null;
    if (sent.ok) await invalidateAll();
  }
</script>

<svelte:head><title>Not seen for long · Chiave</title></svelte:head>

<h1>Not seen for {data.years} years</h1>
<p class="says mt-1">
  {data.people.length === 0 ? 'Nobody.' : `${data.people.length} ${data.people.length === 1 ? 'person is' : 'people are'} proposed for erasing.`}
</p>
<p class="soft">No visit, and nothing noted of a pair of theirs. Erased, measures and what fitted stay without a name. Nobody is erased by itself.</p>
{#if can('shop')}
  <div class="mt-2 w-56"><NumberField label="Propose them after" unit="years" value={data.years} low={1} high={30} step={1} onchange={years} /></div>
{/if}
{#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
<ul class="mt-3">
  {#each data.people as p (p.id)}
    <li class="flex flex-wrap items-center gap-3 border-b border-line py-1.5" data-unseen={p.id}>
      <span class="mr-auto"
        ><a href="/people/{p.id}">{p.name}</a>
        <span class="soft"
          >· last seen {format(new Date(p.lastSeen), 'MMM yyyy')}, {p.fittings}
          {p.fittings === 1 ? 'visit' : 'visits'}, {p.pairs}
          {p.pairs === 1 ? 'pair' : 'pairs'}</span
        ></span
      >
      {#if sure === p.id}
        <Button kind="danger" onclick={() => erase(p.id)} aria-label="Erase {p.name} for good">Erase for good</Button>
        <Button onclick={() => (sure = null)}>Keep</Button>
      {:else}<Button onclick={() => (sure = p.id)} aria-label="Erase {p.name}">Erase</Button>{/if}
    </li>
  {/each}
</ul>
