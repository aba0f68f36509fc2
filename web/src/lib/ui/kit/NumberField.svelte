<script lang="ts">
  import { parseMixedNumber } from '@chiave/core/measure';
  import Field from './Field.svelte';

  /** A number with its unit: typed with comma or point, told when it is out of range, kept as typed. */
  // prettier-ignore
  let {
    label, unit, value, low, high, step, onchange, hideLabel = false, placeholder = ''
  }: {
    label: string; unit: string; value: number | null; low: number; high: number; step: number; onchange: (value: number | null) => void; hideLabel?: boolean; placeholder?: string;
  } = $props();

  let typed = $state<string | null>(null);
  const parsed = $derived(typed === null || typed.trim() === '' ? null : parseMixedNumber(typed.replace(/\s*(mm|°)$/, '')));
  const bad = $derived(typed !== null && typed.trim() !== '' && (parsed === null || parsed < low || parsed > high));

  function take(text: string): void {
    typed = text;
    if (text.trim() === '') onchange(null);
    else if (parsed !== null && parsed >= low && parsed <= high) onchange(parsed);
  }
  function nudge(event: KeyboardEvent): void {
    const way = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (way === 0) return;
    event.preventDefault();
    const next = Math.min(high, Math.max(low, Math.round(((value ?? 0) + way * step) * 100) / 100));
    typed = null;
    onchange(next);
  }
</script>

<Field
  label={unit === '' ? label : `${label}, ${unit}`}
  {hideLabel}
  {placeholder}
  figures
  inputmode="decimal"
  bind:value={() => typed ?? (value === null ? '' : String(value)), take}
  onblur={() => {
    if (!bad) typed = null;
  }}
  onkeydown={nudge}
  error={!bad ? undefined : parsed === null ? `“${typed}” is not a number.` : `From ${low} to ${high}${unit === '' ? '' : ` ${unit}`}.`}
/>
