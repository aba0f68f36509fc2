<script lang="ts">
  import { formatLength, MEASURE_GROUPS, signedNumber, takenUnit, trimNumber, type LengthUnit, type Side, type TakenId } from '@chiave/core/measure';
  import type { FeetBody } from '$lib/api/foot-schema';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /**
   * One measure at a time under the thumb: what is taken now and how, its figure large, the other foot and the last time beside it, and keys
   * for figures; the right foot may be told from the left.
   */
  // prettier-ignore
  let { desk, active, earlier, unit, onkey }: {
    desk: Desk; active: { id: TakenId; side: Side }; earlier: FeetBody | null; unit: LengthUnit; onkey: (key: string) => void;
  } = $props();
  /** Four in a row: figures, and what tells the right foot from the left. */
  const KEYS = ['7', '8', '9', '⌫', '4', '5', '6', '+', '1', '2', '3', '-', '0', '=', 'next'] as const;
  const NAMES: Readonly<Record<string, string>> = {
    '=': 'same as left',
    '+': 'more than left',
    '-': 'less than left',
    '⌫': 'take back a figure',
    next: 'next field'
  };
  const SHOWN: Readonly<Record<string, string>> = { '-': '−', '=': '= left', next: 'next' };
  const WIDE = 'next';

  const measure = $derived(MEASURE_GROUPS.flatMap((g) => g.measures).find((m) => m.id === active.id)!);
  const text = $derived(desk.entries[active.side][active.id] ?? '');
  const own = $derived(takenUnit(active.id));
  const told = (value: number): string => (own.isLength ? formatLength(value, unit) : `${trimNumber(value)}${own.behind}`);
  /** What stands in the field; a figure in the measure's own unit without it, since that is as large as the page. */
  const figure = $derived(new RegExp(`^([\\d.,]+) ?(${own.behind.trim()})?$`).exec(text)?.[1] ?? null);
  const other = $derived<Side>(active.side === 'left' ? 'right' : 'left');
  const mm = $derived(desk.fitting.feet[active.side].values[active.id]?.mm);
  const otherMm = $derived(desk.fitting.feet[other].values[active.id]?.mm);
  const lastMm = $derived(earlier?.[active.side].values[active.id]?.mm);
</script>

<Sheet class="grid grid-cols-[minmax(0,1fr)_minmax(0,1.15fr)] gap-3 !p-3" role="group" aria-label="Keypad">
  <div class="grid min-w-0 content-start gap-1">
    <h3 class="name"><SideMark side={active.side} /> {measure.name}</h3>
    <p class="soft leading-tight">{measure.hint}</p>
    <p class="value" aria-live="polite">
      <span class="figures">{figure ?? (text || '–')}</span>
      {#if text === '' || figure}<span class="unit">{own.behind}</span>{/if}
    </p>
    {#if otherMm !== undefined}
      <p>
        <SideMark side={other} /> <b class="figures">{told(otherMm)}</b>
        {#if mm !== undefined}<span class="soft">· {signedNumber(mm - otherMm)}{own.behind} here</span>{/if}
      </p>
    {/if}
    {#if lastMm !== undefined}<p class="soft figures">last time {told(lastMm)}</p>{/if}
  </div>
  <div class="grid grid-cols-4 gap-1.5">
    {#each KEYS as key (key)}
      <Button
        class="min-h-13 px-1 {key === WIDE ? 'col-span-2' : 'text-xl'} {/\d/.test(key) ? 'font-semibold' : 'bg-[#f3ead6]'}"
        kind={key === WIDE ? 'primary' : 'plain'}
        aria-label={NAMES[key] ?? key}
        onmousedown={(e) => e.preventDefault()}
        onclick={() => onkey(key)}>{SHOWN[key] ?? key}</Button
      >
    {/each}
  </div>
</Sheet>

<style>
  .name {
    font-family: var(--font-serif);
    font-size: 1.4rem;
    font-weight: 600;
    line-height: 1.15;
  }
  .value {
    margin-block: 0.2rem;
    padding: 0.1rem 0.8rem;
    border: 2px solid var(--color-brass);
    border-radius: 9px;
    background: #fff;
    font-family: var(--font-serif);
    font-size: 2.6rem;
    font-weight: 600;
    line-height: 1.25;
  }
  .unit {
    font-family: var(--font-sans);
    font-size: 1.2rem;
    font-weight: 400;
  }
</style>
