<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { HTMLInputAttributes } from 'svelte/elements';
  import Checkbox from 'flowbite-svelte/Checkbox.svelte';
  import clsx from 'clsx';

  /** Yes or no, as a chip to touch. */
  // prettier-ignore
  let {
    checked = $bindable(false), children, class: className, onchange, disabled, name
  }: { checked?: boolean; children: Snippet; class?: string; onchange?: HTMLInputAttributes['onchange']; disabled?: boolean; name?: string } = $props();
</script>

<Checkbox bind:checked {onchange} {disabled} {name} classes={{ div: clsx('chip', checked && 'chosen', className) }}>{@render children()}</Checkbox>
