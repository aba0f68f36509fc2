<script lang="ts" generics="T extends string | number">
  import type { Snippet } from 'svelte';
  import type { HTMLSelectAttributes } from 'svelte/elements';
  import Helper from 'flowbite-svelte/Helper.svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import Flowbite from 'flowbite-svelte/Select.svelte';
  import clsx from 'clsx';

  /**
   * One of many, under its name.
   * @prop options what can be chosen; `children` holds options of another form (groups)
   * @prop empty the words for nothing chosen, whose value is ''
   */
  // prettier-ignore
  let {
    label, hideLabel = false, options = [], empty, error, value = $bindable(), onpick, children, class: className, id, ...rest
  }: Omit<HTMLSelectAttributes, 'children' | 'value' | 'size' | 'class'> & {
    label: string; hideLabel?: boolean; options?: readonly { id: T; name: string }[]; empty?: string; error?: string; value?: T | '' | null; class?: string; onpick?: (id: T) => void; children?: Snippet;
  } = $props();
  // By its place: an option's id may be a number, which the element knows as a text.
  const pick = (e: Event & { currentTarget: HTMLSelectElement }) => onpick!(options[e.currentTarget.selectedIndex - (empty === undefined ? 0 : 1)].id);
  const own = $props.id();
  const field = $derived(id ?? own);
</script>

<div class={clsx('min-w-0', className)}>
  <Label for={field} class={hideLabel ? 'sr-only' : 'mb-0.5 block'}>{label}</Label>
  <Flowbite {...rest as object} id={field} bind:value placeholder="" aria-invalid={error ? true : undefined} onchange={onpick ? pick : rest.onchange}>
    {#if empty !== undefined}<option value="">{empty}</option>{/if}
    {#each options as option (option.id)}<option value={option.id}>{option.name}</option>{/each}
    {@render children?.()}
  </Flowbite>
  {#if error}<Helper class="text-tight-word">{error}</Helper>{/if}
</div>
