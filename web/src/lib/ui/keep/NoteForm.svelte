<script lang="ts">
  import { CHECKS, LIFE_EVENT, LIFE_EVENTS, WEAR_UNIT, WEAR_UNITS, type CheckId, type LifeEventId, type WearUnitId } from '@chiave/core/keep';
  import { untrack } from 'svelte';
  import type { PairRow } from '$lib/api/keep-schema';
  import { lifeWords, tapOf } from '$lib/keep-words';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import type { PersonKeep } from './person-keep.svelte';

  /** Anything that happened to a pair: worn, tipped, resoled, looked over, sold. What was typed stays until it is kept. */
  let { keep, pair, today }: { keep: PersonKeep; pair: PairRow; today: string } = $props();
  const tap = untrack(() => tapOf(pair));
  let what = $state<LifeEventId>('worn');
  let on = $state(untrack(() => today));
  let amount = $state<number | null>(tap.amount);
  let unit = $state<WearUnitId>(tap.unit);
  let cost = $state<number | null>(null);
  let note = $state('');
  let checks = $state<Partial<Record<CheckId, number>>>({});
  const kind = $derived(LIFE_EVENT[what]);
  const MARKS = [5, 4, 3, 2, 1].map((n) => ({ id: String(n), name: String(n) }));
  /** What a class or a performance counts as. */
  const reckoned = $derived.by(() => {
    const { one, hours } = WEAR_UNIT[unit];
    return hours === null || hours === 1 ? '' : `One ${one} counts as ${String(hours)} h: our estimate. Note hours where you know them.`;
  });
  const wrong = (path: string): string | undefined => keep.errors.find((e) => e.path === path)?.message;
  async function save(): Promise<void> {
    const event = {
      on,
      what,
      note,
      ...(kind.wears ? { amount: amount ?? undefined, unit } : {}),
      ...(kind.costs && cost !== null ? { cost } : {}),
      ...(kind.checks && Object.keys(checks).length > 0 ? { checks: $state.snapshot(checks) } : {})
    };
    if (await keep.note(pair, event, lifeWords({ id: 0, by: '', ...event }))) [note, cost, checks] = ['', null, {}];
  }
</script>

<div class="mt-2 grid gap-2 border-t border-line pt-2" data-note>
  <div class="flex flex-wrap items-end gap-2">
    <Select label="What happened" options={LIFE_EVENTS} value={what} onpick={(id: LifeEventId) => (what = id)} />
    <Field label="On" type="date" class="w-44" bind:value={on} error={wrong('on')} />
    {#if kind.wears}
      <div class="w-28"><NumberField label="How much" unit="" value={amount} low={0.1} high={2000} step={1} onchange={(v) => (amount = v)} /></div>
      <Select label="In" options={WEAR_UNITS} value={unit} onpick={(id: WearUnitId) => (unit = id)} />
    {/if}
    {#if kind.costs}<div class="w-28"><NumberField label="Cost" unit="" value={cost} low={0} high={100000} step={1} onchange={(v) => (cost = v)} /></div>{/if}
    <Field label="Note" class="min-w-40 flex-1" maxlength={300} bind:value={note} />
    <Button disabled={keep.busy} onclick={save}>Note it</Button>
  </div>
  {#if kind.wears && reckoned}<p class="soft">{reckoned}</p>{/if}
  {#if kind.checks}
    <p class="soft">5 as new, 1 gone; leave out what was not looked at.</p>
    <div class="grid gap-2 md:grid-cols-2">
      {#each CHECKS as c (c.id)}
        <Choice
          name="check-{pair.id}-{c.id}"
          legend="{c.name}: 5 {c.five}, 1 {c.one}"
          options={MARKS}
          value={checks[c.id] === undefined ? null : String(checks[c.id])}
          onchange={(m: string) => (checks = { ...checks, [c.id]: Number(m) })}
        />
      {/each}
    </div>
  {/if}
</div>
