<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import Input from 'flowbite-svelte/Input.svelte';
  import clsx from 'clsx';
  import Labelled from './Labelled.svelte';

  /**
   * One line to type in, under its name, with what is wrong with it.
   * @prop label its name; read out only where `hideLabel`
   * @prop hint how to fill it in
   * @prop error what is wrong and what to do
   * @prop figures figures: they stand under each other
   */
  // prettier-ignore
  let {
    label, hideLabel, hint, error, figures = false, inputClass = '', value = $bindable(), elementRef = $bindable(), class: className, id, ...rest
  }: Omit<HTMLInputAttributes, 'children' | 'value' | 'size' | 'class' | 'id'> & {
    label: string; hideLabel?: boolean; hint?: string; error?: string; figures?: boolean; inputClass?: string; value?: string; elementRef?: HTMLInputElement; class?: string; id?: string;
  } = $props();
</script>

<Labelled {label} {hideLabel} {hint} {error} {id} class={className}>
  {#snippet children(field, said)}
    <Input
      {...rest as object}
      id={field}
      bind:value
      bind:elementRef
      aria-invalid={error || rest['aria-invalid'] ? true : undefined}
      aria-describedby={said ?? rest['aria-describedby']}
      class={clsx(figures && 'figures', inputClass)}
    />
  {/snippet}
</Labelled>
