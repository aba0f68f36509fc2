<script lang="ts">
  import type { Snippet } from 'svelte';

  /** Nothing there yet: the dotted outline of what is missing, one sentence, the one action. */
  let { children, action }: { children: Snippet; action?: Snippet } = $props();
</script>

<div class="mt-2 flex flex-wrap items-center gap-3 rounded-[12px] border border-dashed border-edge px-4 py-3 text-ink-soft">
  <p class="mr-auto">{@render children()}</p>
  {@render action?.()}
</div>
