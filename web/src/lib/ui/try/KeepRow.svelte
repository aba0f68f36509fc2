<script lang="ts">
  import { untrack } from 'svelte';
  import { KIND, VERDICT_WORDS, ZONE, zoneSetFor, type Style, type ZoneId } from '@chiave/core/fit';
  import { withFractions } from '$lib/size-fractions';
  import SmallPair from '$lib/drawing/SmallPair.svelte';
  import { smallTried } from './lay-tried';
  import { wordOf } from '$lib/drawing/tightness';
  import type { TryRow } from '$lib/api/rows';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { LEFT, OUTCOMES, RETURNED } from '$lib/api/outcomes';
  import LeaveOut from './LeaveOut.svelte';
  import WhyLeft from './WhyLeft.svelte';
  import { Keeper } from '$lib/send/save.svelte';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import SaveLine from '$lib/ui/fitting/SaveLine.svelte';
  import Area from '$lib/ui/kit/Area.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** What became of one pair, and why. */
  let { desk, row, style, name }: { desk: Desk; row: TryRow; style: Style | undefined; name: string } = $props();
  const drawn = $derived(smallTried(desk.fitting, row, style));
  const zones = $derived(style ? zoneSetFor(KIND[style.kind]).ids.filter((id) => ZONE[id].felt) : []);
  const keeper = new Keeper(
    untrack(() => `/api/v1/tries/${row.id}`),
    'PATCH',
    untrack(() => `keep-${row.id}`)
  );
  keeper.version = untrack(() => row.version);
  keeper.onsaved = () => (row.version = keeper.version ?? row.version);
  const felt = $derived(
    (['left', 'right'] as const).flatMap((side) =>
      Object.entries(row.felt[side]).map(([zone, state]) => ({ side, text: `${ZONE[zone as ZoneId]?.name ?? zone} ${wordOf(state)}` }))
    )
  );
  /** Why it was left out on this page, or put back; undefined while neither. */
  let excludedWhy: string | null | undefined;
  function leaveOut(why: string | null, excluded: TryRow['excluded']): void {
    row.excluded = excluded;
    excludedWhy = why;
    keeper.later(kept());
  }
  const kept = () => ({ outcome: row.outcome, why: row.why, reason: $state.snapshot(row.reason), ...(excludedWhy === undefined ? {} : { excludedWhy }) });
  function set(part: Partial<Pick<TryRow, 'outcome' | 'why' | 'reason'>>): void {
    Object.assign(row, part);
    keeper.later(kept());
  }
</script>

<Sheet class="grid content-start gap-2" data-keep={row.styleId}>
  <div class="flex flex-wrap items-baseline gap-3">
    <h2 class="mr-auto">
      {name} <span class="figures">{withFractions(row.size)} {row.width}</span> <span class="text-base font-normal"><PutWords put={row.put} /></span>
    </h2>
    <SaveLine keepers={[keeper]} ontheirs={(k) => desk.takeTheirs(k)} />
  </div>
  <div class="flex items-center gap-4">
    {#if drawn}<div class="w-36 shrink-0"><SmallPair feet={drawn} /></div>{/if}
    <div class="grid gap-1">
      <p class="soft">The engine (version {row.engine}) said: {row.said || `${VERDICT_WORDS[row.verdict]}.`}</p>
      <p>
        Felt:
        {#each felt as item, i (i)}<span class="mr-2"><SideMark side={item.side} /> {item.text}</span>{:else}<span class="soft">nothing noted</span>{/each}
      </p>
    </div>
  </div>
  <Choice name="outcome-{row.id}" legend="Outcome" hideLegend options={OUTCOMES} value={row.outcome} onchange={(v) => set({ outcome: v })} />
  {#if row.outcome === LEFT || row.outcome === RETURNED}<WhyLeft
      name={String(row.id)}
      reason={row.reason}
      {zones}
      onchange={(reason) => set({ reason })}
    />{/if}
  <Area
    label="Why"
    rows={2}
    maxlength={2000}
    value={row.why}
    oninput={(e) => set({ why: e.currentTarget.value })}
    placeholder="what decided it, what was put in, what to watch"
  />
  {#if felt.length > 0}<LeaveOut {row} onchange={leaveOut} />{/if}
</Sheet>
