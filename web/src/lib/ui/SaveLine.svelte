<script lang="ts">
  import { format } from 'date-fns';
  import type { Keeper } from './save.svelte';

  let { keeper }: { keeper: Keeper } = $props();
</script>

<p role="status" class="text-sm" data-save={keeper.state}>
  {#if keeper.state === 'waiting'}
    <span class="caution block">Not saved yet. {keeper.message} It is tried again every few seconds.</span>
  {:else if keeper.state === 'refused'}
    <span class="caution block">Not saved: {keeper.message}</span>
  {:else if keeper.state === 'typing' || keeper.state === 'saving'}
    <span class="soft">saving …</span>
  {:else if keeper.at}
    <span class="soft">saved {format(keeper.at, 'HH:mm:ss')}</span>
  {:else}
    <span class="soft">everything is saved</span>
  {/if}
</p>
