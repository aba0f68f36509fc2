<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { ADULT_AT, PURPOSES, type PurposeId } from '$lib/api/consent';
  import type { CustomerRow } from '$lib/api/rows';
  import { send } from '$lib/send/save.svelte';
  import { clock } from '$lib/ui/kit/clock';
  import Button from '$lib/ui/kit/Button.svelte';
  import { can } from '$lib/ui/kit/me';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** What somebody agreed to, purpose by purpose, and taking it back with one press more. */
  let { customer }: { customer: CustomerRow } = $props();
  let message = $state('');
  let sure = $state<PurposeId | null>(null);
  const child = $derived(customer.born !== null && new Date(clock.now).getFullYear() - customer.born < ADULT_AT);
  async function answer(purpose: PurposeId, agreed: boolean): Promise<void> {
    const sent = await send(`/api/v1/customers/${customer.id}/consents`, 'PUT', { purpose, agreed });
    message = sent.ok ? '' : sent.detail;
    sure = null;
    if (sent.ok) await invalidateAll();
  }
</script>

<section class="mt-3 border-t border-line pt-3" aria-label="Agreed to">
  <h3>Agreed to</h3>
  {#if child && !customer.guardian}
    <Notice class="my-1" tone="caution">A child: somebody agrees for them. Write who, above.</Notice>
  {/if}
  {#if message}<Notice class="my-1" tone="caution" role="alert">{message}</Notice>{/if}
  <ul>
    {#each PURPOSES as purpose (purpose.id)}
      {@const said = customer.consents[purpose.id]}
      <li class="flex flex-wrap items-center gap-3 border-b border-line py-1" data-purpose={purpose.id}>
        <span class="mr-auto"
          ><b>{purpose.name}</b> <span class="soft">{purpose.words}</span><br />
          <span class={said?.agreed === false ? 'text-tight-word' : 'soft'}
            >{said === null ? 'not asked yet' : `${said.agreed ? 'agreed' : 'taken back'} on ${format(new Date(said.at), 'd MMM yyyy')}`}{said?.agreed &&
            child &&
            customer.guardian
              ? ` by ${customer.guardian}`
              : ''}</span
          ></span
        >
        {#if can('fit')}
          {#if said?.agreed && sure === purpose.id}
            <span class="soft">{purpose.back}</span>
            <Button kind="danger" onclick={() => answer(purpose.id, false)} aria-label="Take back {purpose.name}, for good">Take it back</Button>
            <Button onclick={() => (sure = null)}>Leave it</Button>
          {:else if said?.agreed}<Button onclick={() => (sure = purpose.id)} aria-label="{purpose.name}: take back">Take back</Button>
          {:else}<Button onclick={() => answer(purpose.id, true)} aria-label="{purpose.name}: agreed">Agreed</Button>{/if}
        {/if}
      </li>
    {/each}
  </ul>
</section>
