<script lang="ts">
  import { ZONE_STATES, type ZoneState } from '@chiave/core/fit';
  import Radio from 'flowbite-svelte/Radio.svelte';
  import { TIGHT_TO_LOOSE } from '$lib/drawing/tightness';

  /** What was felt in one zone of one foot, on the signed scale tight to loose; a second press clears it. */
  let { name, label, value, onchange }: { name: string; label: string; value: ZoneState | undefined; onchange: (value: ZoneState | undefined) => void } =
    $props();
  const SIGNS: Readonly<Record<ZoneState, string>> = { 'too-tight': '−−', snug: '−', right: '0', roomy: '+', 'too-loose': '++' };
  const wordFor = (state: ZoneState) => TIGHT_TO_LOOSE.find((s) => s.id === state)!;
</script>

<fieldset>
  <legend class="sr-only">{label}</legend>
  <div class="flex gap-0.5">
    {#each ZONE_STATES as state (state)}
      <div style="--hue:{wordFor(state).colour}" title={wordFor(state).word}>
        <Radio
          custom
          {name}
          group={value}
          value={state}
          aria-label="{label}: {wordFor(state).word}"
          classes={{ label: value === state ? 'sign chosen' : 'sign' }}
          class="sr-only"
          onclick={() => {
            if (value === state) onchange(undefined);
          }}
          onchange={() => onchange(state)}><span aria-hidden="true">{SIGNS[state]}</span></Radio
        >
      </div>
    {/each}
  </div>
</fieldset>

<style>
  div :global(.sign) {
    display: inline-flex;
    min-width: 44px;
    min-height: 44px;
    align-items: center;
    justify-content: center;
    border: 1px solid var(--color-edge);
    border-bottom: 5px solid var(--hue);
    border-radius: 9px;
    background: var(--color-sheet);
    cursor: pointer;
  }
  div :global(.sign.chosen) {
    background: var(--color-ink);
    color: var(--color-sheet);
    font-weight: 700;
  }
  div :global(.sign:focus-within) {
    outline: 3px solid var(--color-brass-bright);
    outline-offset: 1px;
  }
</style>
