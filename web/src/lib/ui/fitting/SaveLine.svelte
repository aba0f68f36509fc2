<script lang="ts">
  import { format } from 'date-fns';
  import { connection } from '$lib/send/connection.svelte';
  import type { Keeper, SaveState } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';

  let { keepers, ontheirs }: { keepers: readonly Keeper[]; ontheirs?: (keeper: Keeper) => void } = $props();

  /** The worst state speaks. */
  const ORDER: readonly SaveState[] = ['conflict', 'refused', 'waiting', 'saving', 'typing', 'saved'];
  const keeper = $derived([...keepers].sort((p, q) => ORDER.indexOf(p.state) - ORDER.indexOf(q.state))[0]);
  const at = $derived(keepers.reduce<number | null>((last, k) => (k.at && (!last || k.at > last) ? k.at : last), null));
</script>

<p role="status" class="text-sm" data-save={keeper.state}>
  {#if keeper.state === 'conflict'}
    <span class="caution block">
      {keeper.message}
      <Button class="ml-1" kind="text" onclick={() => keeper.overwrite(Number(keeper.errors[0]?.message))}>Keep mine</Button>
      {#if ontheirs}<Button class="ml-2" kind="text" onclick={() => ontheirs(keeper)}>Take theirs</Button>{/if}
    </span>
  {:else if keeper.state === 'waiting'}
    {#if connection.awaySince === null}
      <span class="caution block">Not saved yet. {keeper.message} It is tried again every few seconds.</span>
    {:else}
      <!-- The line over the page says why. -->
      <span class="soft">not saved yet, waits on this device</span>
    {/if}
  {:else if keeper.state === 'refused'}
    <span class="caution block">Not saved: {keeper.message}</span>
  {:else if keeper.state === 'typing' || keeper.state === 'saving'}
    <span class="soft">saving …</span>
  {:else if at}
    <span class="soft">saved {format(at, 'HH:mm:ss')}</span>
  {:else}
    <span class="soft">everything is saved</span>
  {/if}
</p>
