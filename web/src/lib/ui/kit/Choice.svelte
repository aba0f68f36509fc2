<script lang="ts" generics="T extends string">
  import type { Snippet } from 'svelte';
  import Radio from 'flowbite-svelte/Radio.svelte';

  /** One of a few, as touch-sized radio buttons. @prop onclear lets a second press on the chosen one take it back @prop picture what stands over each word */
  // prettier-ignore
  let {
    name, legend, options, value = $bindable(), onchange, onclear, picture, hideLegend = false
  }: {
    name: string; legend: string; options: readonly { id: T; name: string }[]; value: T | null; onchange?: (value: T) => void; onclear?: () => void; picture?: Snippet<[T]>;
    hideLegend?: boolean;
  } = $props();

  function pick(id: T): void {
    value = id;
    onchange?.(id);
  }
</script>

<fieldset>
  <legend class={hideLegend ? 'sr-only' : 'mb-1 font-semibold'}>{legend}</legend>
  <div class="flex flex-wrap gap-1.5">
    {#each options as option (option.id)}
      <Radio
        {name}
        group={value}
        value={option.id}
        classes={{ label: `chip ${value === option.id ? 'chosen' : ''} ${picture ? 'pictured' : ''}` }}
        onclick={() => {
          if (value === option.id) onclear?.();
        }}
        onchange={() => pick(option.id)}>{@render picture?.(option.id)}{option.name}</Radio
      >
    {/each}
  </div>
</fieldset>
