<script lang="ts">
  import { ZONE_STATES, type ZoneState } from '@chiave/core/fit';
  import Radio from 'flowbite-svelte/Radio.svelte';
  import { wordOf } from '$lib/drawing/tightness';
  import FeltMark from './FeltMark.svelte';

  /** What was felt in one zone of one foot, on the signed scale tight to loose; a second press clears it. */
  let { name, label, value, onchange }: { name: string; label: string; value: ZoneState | undefined; onchange: (value: ZoneState | undefined) => void } =
    $props();
</script>

<fieldset>
  <legend class="sr-only">{label}</legend>
  <div class="scale">
    {#each ZONE_STATES as state (state)}
      <Radio
        custom
        {name}
        group={value}
        value={state}
        aria-label="{label}: {wordOf(state)}"
        classes={{ label: value === state ? 'sign chosen' : 'sign' }}
        class="sr-only"
        onclick={() => {
          if (value === state) onchange(undefined);
        }}
        onchange={() => onchange(state)}><FeltMark {state} size={32} /> <span>{wordOf(state)}</span></Radio
      >
    {/each}
  </div>
</fieldset>

<style>
  .scale {
    display: grid;
    gap: 0.25rem;
  }
  .scale :global(.sign) {
    display: flex;
    min-height: 46px;
    align-items: center;
    gap: 0.6rem;
    padding: 0 0.5rem;
    border: 1.5px solid transparent;
    border-radius: 9px;
    cursor: pointer;
  }
  .scale :global(.sign.chosen) {
    border-color: var(--color-brass-line);
    background: var(--color-brass-pale);
    font-weight: 650;
  }
  .scale :global(.sign:focus-within) {
    outline: 3px solid var(--color-brass-bright);
    outline-offset: 1px;
  }
</style>
