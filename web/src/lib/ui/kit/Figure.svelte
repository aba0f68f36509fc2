<script lang="ts">
  /** One figure with its unit, under its name. */
  let { label, value, unit = '', big = false }: { label: string; value: string; unit?: string; big?: boolean } = $props();
</script>

<div>
  <span class="text-sm text-ink-soft">{label}</span>
  <b class="figures block {big ? 'font-serif text-4xl leading-none font-semibold' : 'text-xl'}"
    >{value}{#if unit}<span class="ml-1 text-base font-normal">{unit}</span>{/if}</b
  >
</div>
