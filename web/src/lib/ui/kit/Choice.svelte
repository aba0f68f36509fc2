<script lang="ts" generics="T extends string">
  import Radio from 'flowbite-svelte/Radio.svelte';

  /** One of a few, as touch-sized radio buttons; a second press on the chosen one clears it when `clearable`. */
  // prettier-ignore
  let {
    name, legend, options, value, onchange, clearable = false, hideLegend = false
  }: {
    name: string; legend: string; options: readonly { id: T; name: string }[]; value: T | null; onchange: (value: T | null) => void; clearable?: boolean; hideLegend?: boolean;
  } = $props();
</script>

<fieldset>
  <legend class={hideLegend ? 'sr-only' : 'mb-1 font-semibold'}>{legend}</legend>
  <div class="flex flex-wrap gap-1.5">
    {#each options as option (option.id)}
      <Radio
        {name}
        group={value}
        value={option.id}
        classes={{ label: value === option.id ? 'chip chosen' : 'chip' }}
        onclick={() => {
          if (clearable && value === option.id) onchange(null);
        }}
        onchange={() => onchange(option.id)}>{option.name}</Radio
      >
    {/each}
  </div>
</fieldset>
