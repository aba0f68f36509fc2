<script lang="ts">
  import Field from './Field.svelte';

  /**
   * A day under its name, or none yet.
   * @prop onpick the day as 2027-04-11; null where it was cleared
   */
  // prettier-ignore
  let { label, value, error, onpick, class: className = 'w-44' }: {
    label: string; value: string | null; error?: string; onpick: (day: string | null) => void; class?: string;
  } = $props();
</script>

<Field
  {label}
  type="date"
  class={className}
  value={value ?? ''}
  onchange={(e) => onpick(e.currentTarget.value === '' ? null : e.currentTarget.value)}
  {error}
/>
