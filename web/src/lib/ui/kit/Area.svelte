<script lang="ts">
  import type { HTMLTextareaAttributes } from 'svelte/elements';
  import Textarea from 'flowbite-svelte/Textarea.svelte';
  import clsx from 'clsx';
  import Labelled from './Labelled.svelte';
  import { AREA } from './theme';

  /** Several lines to type in, under their name. */
  // prettier-ignore
  let {
    label, hideLabel, error, figures = false, value = $bindable(), class: className, id, ...rest
  }: Omit<HTMLTextareaAttributes, 'children' | 'value' | 'class' | 'id'> & {
    label: string; class?: string; error?: string; hideLabel?: boolean; figures?: boolean; value?: string; id?: string;
  } = $props();
</script>

<Labelled {label} {hideLabel} {error} {id} class={className}>
  {#snippet children(field, said)}
    <Textarea
      {...rest as object}
      id={field}
      bind:value
      class={clsx(AREA, figures && 'figures')}
      aria-invalid={error ? true : undefined}
      aria-describedby={said ?? rest['aria-describedby']}
    />
  {/snippet}
</Labelled>
