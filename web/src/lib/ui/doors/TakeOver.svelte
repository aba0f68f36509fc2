<script lang="ts">
  import { forgetPages } from '$lib/send/kept-pages';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  /** A tablet that stays for the shop day changes hands: a name, a PIN. */
  let { hands, own }: { hands: readonly { id: number; name: string }[]; own: number } = $props();
  let chosen = $state<number | null>(null);
  let pin = $state('');
  let message = $state('');
  const others = $derived(hands.filter((h) => h.id !== own));
  async function take(): Promise<void> {
    const sent = await send('/api/v1/hand', 'POST', { accountId: chosen, pin });
    pin = '';
    if (sent.ok) {
      // Pages kept for minutes without a network were those of somebody who may see more, or less.
      await forgetPages();
      location.assign('/');
    } else message = sent.detail;
  }
</script>

<Sheet class="mt-3" aria-label="Change hands">
  <h2>Change hands</h2>
  <div class="flex flex-wrap items-end gap-2">
    {#each others as hand (hand.id)}
      <Button pressed={chosen === hand.id} onclick={() => (chosen = hand.id)}>{hand.name}</Button>
    {:else}<p class="soft">Nobody else has a PIN yet.</p>{/each}
    {#if chosen !== null}
      <Field label="Their PIN" type="password" inputmode="numeric" class="w-36" autocomplete="off" maxlength={8} bind:value={pin} />
      <Button kind="primary" disabled={pin.length < 4} onclick={take}>Take over</Button>
    {/if}
  </div>
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
</Sheet>
