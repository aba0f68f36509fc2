<script lang="ts">
  import Label from 'flowbite-svelte/Label.svelte';
  import Range from 'flowbite-svelte/Range.svelte';
  import clsx from 'clsx';

  /** A value between two ends, where how it looks matters more than its figure. */
  // prettier-ignore
  let {
    label, value = $bindable(), low, high, step, oninput, disabled = false, class: className
  }: {
    label: string; value?: number; low: number; high: number; step: number; oninput?: (value: number) => void; disabled?: boolean; class?: string;
  } = $props();
  const id = $props.id();
</script>

<div class={clsx('min-w-0', className)}>
  <Label for={id} class="mb-0.5 block">{label}</Label>
  <Range {id} min={low} max={high} {step} {disabled} bind:value={() => value ?? low, (v) => ((value = v), oninput?.(v))} class="h-11 !bg-transparent" />
</div>
