<script lang="ts">
  import type { Snippet } from 'svelte';
  import Helper from 'flowbite-svelte/Helper.svelte';
  import Label from 'flowbite-svelte/Label.svelte';
  import clsx from 'clsx';

  /** A control under its name, with what is wrong with it or how to fill it in. @prop children the control, which carries the id and is described by the other */
  // prettier-ignore
  let {
    label, hideLabel = false, hint = '', error = '', id, class: className, children
  }: {
    label: string; hideLabel?: boolean; hint?: string; error?: string; id?: string; class?: string; children: Snippet<[id: string, said: string | undefined]>;
  } = $props();
  const own = $props.id();
  const field = $derived(id ?? own);
  const told = $derived(error || hint);
</script>

<div class={clsx('min-w-0', className)}>
  <Label for={field} class={hideLabel ? 'sr-only' : 'mb-0.5 block'}>{label}</Label>
  {@render children(field, told ? `${field}-said` : undefined)}
  {#if told}<Helper id="{field}-said" class={error ? 'text-tight-word' : 'text-ink-soft'}>{told}</Helper>{/if}
</div>
