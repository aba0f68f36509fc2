<script lang="ts">
  import { hourOf } from '@chiave/core/measure';
  import Field from '$lib/ui/kit/Field.svelte';

  /** A time of day: what is typed stays until it is one. @prop onchange gets a time that can be read, or '' when it is emptied */
  let {
    label,
    value,
    onchange,
    placeholder,
    class: className
  }: { label: string; value: string; onchange: (time: string) => void; placeholder: string; class?: string } = $props();
  let typed = $state('');
  const bad = $derived(typed.trim() !== '' && hourOf(typed.trim()) === null);
</script>

<Field
  {label}
  figures
  class={className}
  {placeholder}
  value={bad ? typed : value}
  oninput={(e) => {
    typed = e.currentTarget.value;
    if (!bad) onchange(typed.trim());
  }}
  error={bad ? 'Write the time as HH:MM.' : undefined}
/>
