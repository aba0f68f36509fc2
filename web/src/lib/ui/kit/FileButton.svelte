<script lang="ts">
  import type { Snippet } from 'svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import clsx from 'clsx';

  /** Chooses a file. It may be chosen again after it has been read. */
  // prettier-ignore
  let {
    accept, onfile, children, class: className, disabled = false
  }: { accept: string; onfile: (file: File) => void; children: Snippet; class?: string; disabled?: boolean } = $props();
</script>

<Label
  class={clsx(
    'inline-flex min-h-11 cursor-pointer items-center rounded-[9px] border border-edge bg-sheet px-3.5 py-1.5 focus-within:outline-3 focus-within:outline-brass-bright hover:bg-brass-pale',
    disabled && 'cursor-not-allowed opacity-50',
    className
  )}
  >{@render children()}<input
    type="file"
    {accept}
    {disabled}
    class="sr-only"
    onchange={(e) => {
      const file = e.currentTarget.files?.[0];
      e.currentTarget.value = '';
      if (file) onfile(file);
    }}
  /></Label
>
