<script lang="ts">
  import Button from './Button.svelte';
  import Progress from './Progress.svelte';

  /** Work beside the page: how far it is, in a bar and in words, and a press that ends it. */
  let { running, oncancel }: { running: { done: number; what: string }; oncancel: () => void } = $props();
</script>

<div class="mt-3 flex items-center gap-3" role="status">
  <div class="flex-1"><Progress done={running.done} of={1} what={running.what} /></div>
  <span class="text-sm">{running.what} …</span>
  <Button onclick={oncancel}>Cancel</Button>
</div>
