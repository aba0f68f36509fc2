<script lang="ts" generics="T extends string">
  import Check from './Check.svelte';

  /** Any of several, as touch-sized check boxes. */
  // prettier-ignore
  let {
    legend, options, chosen, onchange
  }: { legend: string; options: readonly { id: T; name: string }[]; chosen: readonly T[]; onchange: (chosen: T[]) => void } = $props();
  const toggle = (id: T): void => onchange(chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id]);
</script>

<fieldset>
  <legend class="mb-1 font-semibold">{legend}</legend>
  <div class="flex flex-wrap gap-1.5">
    {#each options as option (option.id)}
      <Check checked={chosen.includes(option.id)} onchange={() => toggle(option.id)}>{option.name}</Check>
    {/each}
  </div>
</fieldset>
