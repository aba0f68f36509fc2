<script lang="ts">
  import type { Snippet } from 'svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import clsx from 'clsx';

  /** Chooses a file. @prop primary the one dark action of its page. It may be chosen again after it has been read. */
  // prettier-ignore
  let {
    accept, onfile, children, class: className, primary = false, disabled = false
  }: { accept: string; onfile: (file: File) => void; children: Snippet; class?: string; primary?: boolean; disabled?: boolean } = $props();
</script>

<Label
  class={clsx(
    'inline-flex min-h-11 cursor-pointer items-center rounded-[9px] px-3.5 py-1.5 focus-within:outline-3 focus-within:outline-brass-bright',
    primary ? 'border-b-[3px] border-brass-bright bg-ink font-semibold text-sheet hover:bg-[#40372f]' : 'border border-edge bg-sheet hover:bg-brass-pale',
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
