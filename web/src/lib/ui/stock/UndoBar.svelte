<script lang="ts">
  import { goto, invalidateAll } from '$app/navigation';
  import { undoList } from './undo.svelte';

  async function undo(): Promise<void> {
    const undone = await undoList.undo();
    if (undone?.after) await goto(undone.after, { invalidateAll: true });
    else if (undone) await invalidateAll();
  }
</script>

{#if undoList.last || undoList.message}
  <div class="notice mb-2 flex flex-wrap items-center gap-3" role="status">
    {#if undoList.message}<span>{undoList.message}</span>{/if}
    {#if undoList.last}
      <span>Changed: {undoList.last.what}.</span>
      <button type="button" class="min-h-11 rounded border border-line bg-white px-3" onclick={undo}>Undo</button>
    {/if}
  </div>
{/if}
