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

<style>
  .chip {
    display: inline-flex;
    align-items: center;
    gap: 0.4rem;
    min-height: 44px;
    padding: 0.25rem 0.7rem;
    border: 1px solid #8d8172;
    border-radius: 6px;
    background: #fff;
    cursor: pointer;
  }
  .chip.chosen {
    border-color: var(--color-brass);
    box-shadow: inset 0 0 0 1px var(--color-brass);
    background: #fbf3df;
    font-weight: 600;
  }
  .chip:focus-within {
    outline: 3px solid var(--color-brass-bright);
    outline-offset: 1px;
  }
  input {
    accent-color: var(--color-brass);
  }
</style>
