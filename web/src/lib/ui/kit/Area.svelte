<script lang="ts">
  import type { HTMLTextareaAttributes } from 'svelte/elements';
  import Helper from 'flowbite-svelte/Helper.svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import Textarea from 'flowbite-svelte/Textarea.svelte';
  import clsx from 'clsx';
  import { AREA } from './theme';

  /** Several lines to type in, under their name. */
  // prettier-ignore
  let {
    label, hideLabel = false, error, figures = false, value = $bindable(), class: className, id, ...rest
  }: Omit<HTMLTextareaAttributes, 'children' | 'value' | 'class'> & {
    label: string; class?: string; error?: string; hideLabel?: boolean; figures?: boolean; value?: string;
  } = $props();
  const own = $props.id();
  const field = $derived(id ?? own);
</script>

<div class={clsx('min-w-0', className)}>
  <Label for={field} class={hideLabel ? 'sr-only' : 'mb-0.5 block'}>{label}</Label>
  <Textarea {...rest as object} id={field} bind:value class={clsx(AREA, figures && 'figures')} aria-invalid={error ? true : undefined} />
  {#if error}<Helper class="text-tight-word">{error}</Helper>{/if}
</div>
