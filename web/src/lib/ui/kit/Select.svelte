<script lang="ts" generics="T extends string | number">
  import type { Snippet } from 'svelte';
  import type { HTMLSelectAttributes } from 'svelte/elements';
  import Flowbite from 'flowbite-svelte/Select.svelte';
  import Labelled from './Labelled.svelte';

  /**
   * One of many, under its name.
   * @prop options what can be chosen; `children` holds options of another form (groups)
   * @prop empty the words for nothing chosen, whose value is ''
   */
  // prettier-ignore
  let {
    label, hideLabel, options = [], empty, error, value = $bindable(), onpick, children: groups, class: className, id, ...rest
  }: Omit<HTMLSelectAttributes, 'children' | 'value' | 'size' | 'class' | 'id'> & {
    label: string; hideLabel?: boolean; options?: readonly { id: T; name: string }[]; empty?: string; error?: string; value?: T | '' | null; class?: string; id?: string; onpick?: (id: T) => void; children?: Snippet;
  } = $props();
  // By its place: an option's id may be a number, which the element knows as a text.
  const pick = (e: Event & { currentTarget: HTMLSelectElement }) => onpick!(options[e.currentTarget.selectedIndex - (empty === undefined ? 0 : 1)].id);
</script>

<Labelled {label} {hideLabel} {error} {id} class={className}>
  {#snippet children(field, said)}
    <Flowbite
      {...rest as object}
      id={field}
      bind:value
      placeholder=""
      aria-invalid={error ? true : undefined}
      aria-describedby={said ?? rest['aria-describedby']}
      onchange={onpick ? pick : rest.onchange}
    >
      {#if empty !== undefined}<option value="">{empty}</option>{/if}
      {#each options as option (option.id)}<option value={option.id}>{option.name}</option>{/each}
      {@render groups?.()}
    </Flowbite>
  {/snippet}
</Labelled>
