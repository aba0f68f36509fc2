<script lang="ts" generics="T extends string">
  /** Any of several, as touch-sized check boxes. */
  let {
    legend,
    options,
    chosen,
    onchange
  }: { legend: string; options: readonly { id: T; name: string }[]; chosen: readonly T[]; onchange: (chosen: T[]) => void } = $props();
  const toggle = (id: T): void => onchange(chosen.includes(id) ? chosen.filter((c) => c !== id) : [...chosen, id]);
</script>

<fieldset>
  <legend class="mb-1 font-semibold">{legend}</legend>
  <div class="flex flex-wrap gap-1.5">
    {#each options as option (option.id)}
      <label class="chip" class:chosen={chosen.includes(option.id)}>
        <input type="checkbox" checked={chosen.includes(option.id)} onchange={() => toggle(option.id)} />
        <span>{option.name}</span>
      </label>
    {/each}
  </div>
</fieldset>
