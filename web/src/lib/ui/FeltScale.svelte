<script lang="ts">
  import { ZONE_STATES, type ZoneState } from '@chiave/core/fit';
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
      <label class="sign figures" class:chosen={value === state} style="--hue:{wordFor(state).colour}" title={wordFor(state).word}>
        <input
          class="sr-only"
          type="radio"
          {name}
          checked={value === state}
          aria-label="{label}: {wordFor(state).word}"
          onclick={() => {
            if (value === state) onchange(undefined);
          }}
          onchange={() => onchange(state)}
        />
        <span aria-hidden="true">{SIGNS[state]}</span>
      </label>
    {/each}
  </div>
</fieldset>

<style>
  .sign {
    display: inline-flex;
    min-width: 44px;
    min-height: 44px;
    align-items: center;
    justify-content: center;
    border: 1px solid #8d8172;
    border-bottom: 5px solid var(--hue);
    border-radius: 5px;
    background: #fff;
    cursor: pointer;
  }
  .sign.chosen {
    background: var(--color-ink);
    color: var(--color-sheet);
    font-weight: 700;
  }
  .sign:focus-within {
    outline: 3px solid var(--color-brass-bright);
    outline-offset: 1px;
  }
</style>
