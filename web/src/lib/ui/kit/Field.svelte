<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import Helper from 'flowbite-svelte/Helper.svelte';
  import Input from 'flowbite-svelte/Input.svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import clsx from 'clsx';

  /**
   * One line to type in, under its name, with what is wrong with it.
   * @prop label its name; read out only where `hideLabel`
   * @prop hint how to fill it in
   * @prop error what is wrong and what to do
   * @prop figures figures: they stand under each other
   */
  // prettier-ignore
  let {
    label, hideLabel = false, hint = '', error, figures = false, inputClass = '', value = $bindable(), elementRef = $bindable(), class: className, id, ...rest
  }: Omit<HTMLInputAttributes, 'children' | 'value' | 'size' | 'class'> & {
    label: string; hideLabel?: boolean; hint?: string; error?: string; figures?: boolean; inputClass?: string; value?: string; elementRef?: HTMLInputElement; class?: string;
  } = $props();
  const own = $props.id();
  const field = $derived(id ?? own);
</script>

<div class={clsx('min-w-0', className)}>
  <Label for={field} class={hideLabel ? 'sr-only' : 'mb-0.5 block'}>{label}</Label>
  <Input
    {...rest as object}
    id={field}
    bind:value
    bind:elementRef
    aria-invalid={error || rest['aria-invalid'] ? true : undefined}
    aria-describedby={error || hint ? `${field}-said` : rest['aria-describedby']}
    class={clsx(figures && 'figures', inputClass)}
  />
  {#if error}<Helper id="{field}-said" class="text-tight-word">{error}</Helper>
  {:else if hint}<Helper id="{field}-said" class="text-ink-soft">{hint}</Helper>{/if}
</div>
