<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLTableAttributes } from 'svelte/elements';
  import Flowbite from 'flowbite-svelte/Table.svelte';
  import clsx from 'clsx';

  /** Rows to count in; wider than its place, it slides in it. @prop box classes of the box around it */
  let { children, box = '', class: className, ...rest }: Omit<HTMLTableAttributes, 'class'> & { children: Snippet; box?: string; class?: string } = $props();
</script>

<Flowbite {...rest as object} classes={{ div: box }} class={clsx('kit-table', className)}>{@render children()}</Flowbite>
