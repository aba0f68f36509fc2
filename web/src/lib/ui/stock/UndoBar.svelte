<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  async function undo(): Promise<void> {
    const undone = await undoList.undo();
    if (undone?.after) await goto(undone.after, { invalidateAll: true });
    else if (undone) await invalidateAll();
  }
</script>

{#if undoList.last || undoList.message}
  <Notice class="mb-2 flex flex-wrap items-center gap-3" role="status">
    {#if undoList.message}<span>{undoList.message}</span>{/if}
    {#if undoList.last}
      <span>Changed: {undoList.last.what}.</span>
      <Button onclick={undo}>Undo</Button>
    {/if}
  </Notice>
{/if}
