<script lang="ts">
  import { SIDE_LETTER, formatLength, LOADS, takenUnit, WAYS, type FootValue, type LengthUnit, type Side, type TakenId } from '@chiave/core/measure';
  import { format } from 'date-fns';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { disagreement, readEntry, secondOf, stepped, withUnit, type EntryKey } from '$lib/ui/fitting/entries';
  import { typeFast } from './quick-entry';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

  /** One measure of one foot: typed as people say it, echoed in another unit, questioned or refused in words. */
  // prettier-ignore
  let {
    desk, side, id, name, filled, unit, fast, onactive, onnext
  }: {
    desk: Desk; side: Side; id: TakenId; name: string; filled: FootValue | undefined; unit: LengthUnit;
    /** Fast entry: a complete figure moves on by itself. */
    fast: boolean; onactive: (id: TakenId, side: Side) => void; onnext: (id: TakenId, side: Side) => void;
  } = $props();

  const second = $derived(secondOf(id));
  const text = $derived(desk.entries[side][id] ?? '');
  /** Length of this foot: what the other measures are judged by. */
  const lengthMm = $derived(id === 'lengthMm' ? undefined : desk.fitting.feet[side].values.lengthMm?.mm);
  const read = $derived(readEntry(text, id, unit, lengthMm));
  const refused = $derived(read.findings.some((f) => f.level === 'refuse'));
  const stamp = $derived(desk.stamps[side][id]);
  const derivedFrom = $derived(read.mm === null && !refused && filled?.how === 'derived' ? filled : null);
  const echoUnit = $derived<LengthUnit>(unit === 'in' ? 'mm' : 'in');
  const own = $derived(takenUnit(id));
  const letter = $derived(SIDE_LETTER[side]);
  const noteId = $derived(`${id}-${side}-note`);
  let again = $state(false);
  let how = $state(false);
  const secondText = $derived(desk.entries[side][second] ?? '');
  const secondRead = $derived(readEntry(secondText, id, unit, lengthMm));
  const apart = $derived(disagreement(read.mm, secondRead.mm, id, stamp?.how ?? 'tape'));
  const value = $derived(desk.fitting.feet[side].values[id]);

  function type(key: EntryKey, next: string): void {
    if (fast && key === id && unit === 'mm') {
      if (typeFast(desk, side, id, next)) onnext(id, side);
      return;
    }
    desk.type(side, key, next, unit);
  }
  const step = (by: number): void => desk.type(side, id, stepped(text, filled?.mm, unit, by, id), unit);

  function onkeydown(event: KeyboardEvent): void {
    const way = event.key === 'ArrowUp' ? 1 : event.key === 'ArrowDown' ? -1 : 0;
    if (way !== 0) {
      event.preventDefault();
      step(way * (event.shiftKey ? 0.1 : 1));
    } else if (event.altKey && (event.key === 'Enter' || event.key.toLowerCase() === 'h')) {
      // The two small buttons under the field are not in the way of Tab; these keys are.
      event.preventDefault();
      if (event.key === 'Enter') again = !again;
      else how = !how;
    } else if (event.key === 'Enter') {
      event.preventDefault();
      onnext(id, side);
    }
  }
  function keepUnit(key: EntryKey): void {
    const now = desk.entries[side][key] ?? '';
    if (now.trim() !== '' && readEntry(now, id, unit, lengthMm).mm !== null) desk.entries[side][key] = withUnit(now, unit, id);
  }
</script>

{#snippet choose<T extends string>(what: string, rows: readonly { id: T; name: string }[], value: T, onpick: (id: T) => void)}
  <Select label="{name}, {side}: {what}" hideLabel {value} options={rows} {onpick} />
{/snippet}

<div class="cell">
  <div class="flex items-stretch gap-1">
    <b class="w-5 self-center text-center {side === 'left' ? 'side-L' : 'side-R'}" aria-hidden="true">{letter}</b>
    <Button class="min-w-11 px-1 text-xl" tabindex={-1} aria-label="{name}, {side}, 1 {own.name} less" onclick={() => step(-1)}>−</Button>
    <Field
      label="{name}, {side} foot"
      hideLabel
      class="min-w-0 flex-1"
      figures
      inputClass={derivedFrom ? 'border-dashed bg-transparent' : ''}
      data-field="{id}-{side}"
      inputmode={fast ? 'none' : 'text'}
      autocomplete="off"
      aria-invalid={refused}
      aria-describedby={noteId}
      placeholder={derivedFrom ? `≈ ${formatLength(Math.round(derivedFrom.mm), unit)}` : ''}
      value={text}
      oninput={(e) => type(id, e.currentTarget.value)}
      onfocus={(e) => {
        onactive(id, side);
        if (fast) e.currentTarget.select();
      }}
      onblur={() => keepUnit(id)}
      {onkeydown}
    />
    <Button class="min-w-11 px-1 text-xl" tabindex={-1} aria-label="{name}, {side}, 1 {own.name} more" onclick={() => step(1)}>+</Button>
  </div>
  {#if again || secondText !== ''}
    <div class="mt-1 ml-6 flex items-center gap-1 text-sm">
      <span aria-hidden="true">again</span>
      <Field
        class="min-w-0 flex-1"
        figures
        autocomplete="off"
        label="{name}, {side} foot, second reading"
        hideLabel
        aria-invalid={secondRead.findings.some((f) => f.level === 'refuse')}
        value={secondText}
        oninput={(e) => type(second, e.currentTarget.value)}
        onfocus={() => onactive(id, side)}
        onblur={() => keepUnit(second)}
      />
    </div>
  {/if}
  <div id={noteId} class="ml-6 text-sm">
    {#if read.mm !== null}
      {#if !own.isLength}<span class="soft figures">= {Number(read.mm.toFixed(1))}{own.behind}</span>
      {:else}<span class="soft figures"
          >= {formatLength(value?.readings.length ? value.mm : read.mm, unit)} · {formatLength(value?.readings.length ? value.mm : read.mm, echoUnit)}{value
            ?.readings.length
            ? `, mean of two, ± ${value.sdMm?.toFixed(1)}`
            : ''}</span
        >{/if}
      <span class="whitespace-nowrap"
        ><Button kind="text" class="min-h-6 px-1 py-0" tabindex={-1} aria-label="{name}, {side}: read again" onclick={() => (again = !again)}>again</Button>
        <Button
          kind="text"
          class="min-h-6 px-1 py-0"
          tabindex={-1}
          aria-expanded={how}
          aria-label="{name}, {side}: how it was taken"
          onclick={() => (how = !how)}>how</Button
        ></span
      >
    {:else if derivedFrom}<span class="soft">filled in: {derivedFrom.because}, ± {Math.round(derivedFrom.sdMm)} mm</span>{/if}
    {#if how && stamp}
      <div class="grid gap-1 border-l-2 border-line pl-2">
        {@render choose('taken by', WAYS, stamp.how, (how) => desk.stamp(side, id, { how }))}
        {@render choose('weight on the foot', LOADS, stamp.under, (under) => desk.stamp(side, id, { under }))}
        <span class="soft"
          >{stamp.at ? format(new Date(stamp.at), 'd MMM yyyy, HH:mm') : 'when is not known'}{stamp.by ? `, ${stamp.by}` : ''}{stamp.sockMm > 0
            ? `, in a sock of ${stamp.sockMm} mm`
            : ''}</span
        >
      </div>
    {/if}
    {#if apart}<Notice role="alert">{apart}</Notice>{/if}
    {#each [...read.findings, ...secondRead.findings] as finding, at (at)}
      <p class={finding.level === 'refuse' ? 'caution' : 'notice'} role="alert">
        {finding.message}
        {#if finding.offer}
          <Button class="ml-1" kind="text" onclick={() => desk.type(side, id, finding.offer!.text, unit)}>Take {finding.offer.text}</Button>
        {/if}
      </p>
    {/each}
  </div>
</div>

<style>
  .cell {
    min-width: 0;
  }
</style>
