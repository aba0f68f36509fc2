<script lang="ts">
  import { formatLength } from '@chiave/core/measure';
  import type { PeoplePage } from '$lib/api/rows';
  import type { Comparable } from '$lib/compare-shoes';
  import { SHOE_LOOKS } from '$lib/drawing/shoe-looks';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';
  import { MOST_SLOTS, slotFor, type LastBench } from './last-bench.svelte';
  import { SIDE_CHOICES } from '$lib/ui/kit/side-choices';

  /** Which shoes are laid over each other, at what, and whose foot is in them. */
  let { bench, all, people }: { bench: LastBench; all: readonly Comparable[]; people: PeoplePage } = $props();
  const badFoot = $derived(bench.typedFoot !== null && !bench.typedFoot.ok);
</script>

<Sheet class="!py-3 print:hidden lg:col-start-2">
  <div class="grid gap-2">
    {#each bench.slots as slot, i (i)}
      {@const c = bench.byKey[slot.key]}
      <div class="grid grid-cols-[2rem_minmax(0,1fr)_4.5rem_7.5rem_auto] items-end gap-1">
        <b class="self-center text-xl" style:color={SHOE_LOOKS[i].ink}>{SHOE_LOOKS[i].letter}</b>
        <Select label="Shoe {SHOE_LOOKS[i].letter}" hideLabel value={slot.key} onchange={(e) => (bench.slots[i] = slotFor(bench.byKey[e.currentTarget.value]))}>
          <optgroup label="Lasts"
            >{#each all.filter((a) => a.style === null) as a (a.key)}<option value={a.key}>{a.name}</option>{/each}</optgroup
          >
          <optgroup label="Styles"
            >{#each all.filter((a) => a.style !== null) as a (a.key)}<option value={a.key}>{a.name}</option>{/each}</optgroup
          >
        </Select>
        <Field
          label="Size of {SHOE_LOOKS[i].letter}"
          hideLabel
          figures
          bind:value={slot.size}
          disabled={bench.by === 'foot' || (bench.by === 'label' && i > 0)}
        />
        <Select label="Width of {SHOE_LOOKS[i].letter}" hideLabel bind:value={slot.width}
          ><option value="">{c?.last.base.width ?? ''}</option>{#each (c?.letters ?? []).filter((l) => l !== c?.last.base.width) as l, at (at)}<option value={l}
              >{l}</option
            >{/each}</Select
        >
        <Button
          kind="text"
          disabled={bench.slots.length < 2}
          onclick={() => (bench.slots = bench.slots.filter((_, k) => k !== i))}
          aria-label="Take {SHOE_LOOKS[i].letter} away">away</Button
        >
      </div>
    {/each}
    {#if bench.slots.length < MOST_SLOTS}<Button onclick={() => (bench.slots = [...bench.slots, slotFor(all[0])])}>Another shoe</Button>{/if}
  </div>
  <div class="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
    <Choice
      name="by"
      legend="Compared at"
      options={[
        { id: 'foot', name: 'the same foot' },
        { id: 'label', name: 'the same number' },
        { id: 'sizes', name: 'chosen sizes' }
      ]}
      bind:value={bench.by}
    />
    {#if bench.by === 'foot'}
      <Field
        label="Foot"
        figures
        class="w-32"
        bind:value={bench.footText}
        placeholder={formatLength(bench.footMm, shown.unit)}
        error={badFoot ? 'Not a length: write it as 245, 24.5 cm or 9 5/8 in.' : undefined}
      />
    {/if}
    <Choice
      name="at"
      legend="Laid at the"
      options={[
        { id: 'heel', name: 'heel' },
        { id: 'ball', name: 'ball' }
      ]}
      bind:value={bench.at}
    />
    <Choice name="side" legend="Side, of all" options={SIDE_CHOICES} bind:value={bench.side} />
    <div class="w-52"><PersonFinder label="Whose foot is in it" first={people} chosen={bench.person} onchoose={(who) => bench.open(who)} /></div>
  </div>
  {#if bench.laid.problem}<Notice class="mt-2" tone="caution" role="alert">{bench.laid.problem}.</Notice>{/if}
  {#if bench.message}<Notice class="mt-2" tone="caution" role="alert">{bench.message}</Notice>{/if}
</Sheet>
