<script lang="ts">
  import { formatLength, type FootValue, type LengthUnit, type MeasureId, type Side } from '@chiave/core/measure';
  import type { Desk } from './desk.svelte';
  import { readEntry, stepped, withUnit } from './entries';

  /** One measure of one foot: typed as people say it, echoed in another unit, questioned or refused in words. */
  // prettier-ignore
  let {
    desk, side, id, name, filled, unit, onactive
  }: {
    desk: Desk; side: Side; id: MeasureId; name: string; filled: FootValue | undefined; unit: LengthUnit; onactive: (id: MeasureId) => void;
  } = $props();

  const text = $derived(desk.entries[side][id] ?? '');
  const read = $derived(readEntry(desk.entries, side, id, unit));
  const refused = $derived(read.findings.some((f) => f.level === 'refuse'));
  const derivedFrom = $derived(read.mm === null && !refused && filled?.how === 'derived' ? filled : null);
  const echoUnit = $derived<LengthUnit>(unit === 'in' ? 'mm' : 'in');
  const letter = $derived(side === 'left' ? 'L' : 'R');
  const noteId = $derived(`${id}-${side}-note`);

  const type = (next: string): void => desk.type(side, id, next, unit);
  const step = (byMm: number): void => type(stepped(text, filled?.mm, unit, byMm));

  function onkeydown(event: KeyboardEvent): void {
    const way = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (way === 0) return;
    event.preventDefault();
    step(way * (event.shiftKey ? 0.1 : 1));
  }
</script>

<div class="cell">
  <div class="flex items-stretch gap-1">
    <b class="w-5 self-center text-center {side === 'left' ? 'side-L' : 'side-R'}" aria-hidden="true">{letter}</b>
    <button type="button" class="step" tabindex="-1" aria-label="{name}, {side}, 1 mm less" onclick={() => step(-1)}>−</button>
    <input
      class="field figures min-w-0 flex-1"
      class:derived={derivedFrom !== null}
      inputmode="text"
      autocomplete="off"
      aria-label="{name}, {side} foot"
      aria-invalid={refused}
      aria-describedby={noteId}
      placeholder={derivedFrom ? `≈ ${formatLength(Math.round(derivedFrom.mm), unit)}` : ''}
      value={text}
      oninput={(e) => type(e.currentTarget.value)}
      onfocus={() => onactive(id)}
      onblur={() => {
        if (text.trim() !== '' && !refused) desk.entries[side][id] = withUnit(text, unit);
      }}
      {onkeydown}
    />
    <button type="button" class="step" tabindex="-1" aria-label="{name}, {side}, 1 mm more" onclick={() => step(1)}>+</button>
  </div>
  <div id={noteId} class="ml-6 text-sm">
    {#if read.mm !== null}<span class="soft figures">= {formatLength(read.mm, unit)} · {formatLength(read.mm, echoUnit)}</span>
    {:else if derivedFrom}<span class="soft">filled in: {derivedFrom.because}, ± {Math.round(derivedFrom.sdMm)} mm</span>{/if}
    {#each read.findings as finding (finding.message)}
      <p class={finding.level === 'refuse' ? 'caution' : 'notice'} role="alert">
        {finding.message}
        {#if finding.offer}
          <button type="button" class="ml-1 min-h-11 underline" onclick={() => type(finding.offer!.text)}>Take {finding.offer.text}</button>
        {/if}
      </p>
    {/each}
  </div>
</div>

<style>
  .step {
    min-width: 44px;
    min-height: 44px;
    border: 1px solid #8d8172;
    border-radius: 6px;
    background: var(--color-sheet);
    font-size: 1.25rem;
    line-height: 1;
  }
  .cell {
    min-width: 0;
  }
</style>
