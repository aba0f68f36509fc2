<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLDetailsAttributes } from 'svelte/elements';
  import clsx from 'clsx';

  /**
   * What is opened when it is wanted. The browser's own element, which finds in it and works before any script: the library's has neither.
   * @prop heading its line; `head` where the line is more than words
   */
  // prettier-ignore
  let {
    heading = '', head, sheet = true, open = $bindable(false), children, class: className, ...rest
  }: HTMLDetailsAttributes & { heading?: string; head?: Snippet; sheet?: boolean; open?: boolean; children: Snippet; class?: string } = $props();
</script>

<details {...rest} bind:open class={clsx(sheet && 'sheet', className)}>
  <summary class="min-h-11 content-center"
    >{#if head}{@render head()}{:else}<b>{heading}</b>{/if}</summary
  >
  {@render children()}
</details>
