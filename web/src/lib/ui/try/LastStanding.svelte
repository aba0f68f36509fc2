<script lang="ts">
  import { expectedFirst, type Elimination } from '@chiave/core/chair';
  import { ZONE, type ZoneId } from '@chiave/core/fit';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Tried } from './tried.svelte';

  /** The last one standing: each duel with who went on and why the other lost, and who won against what the engine expected. */
  let { pairs, state }: { pairs: readonly Tried[]; state: Elimination } = $props();
  const byId = $derived(Object.fromEntries(pairs.map((p) => [p.row.id, p])));
  const nameOf = (id: number): string => byId[id]?.style?.name ?? byId[id]?.row.styleId ?? '';
  const chance = (id: number): number => byId[id]?.row.probability ?? 0;
  const favourite = $derived(expectedFirst(pairs.map((p) => p.row.id), chance)); // prettier-ignore
  const HIGH = 74;
  const BOX = 122;
  const GAP = 34;
  const width = $derived((state.of + 1) * (BOX + GAP));
  const BY = { shoe: '', foot: 'the same foot liked both: the likelier one went on', even: 'no difference: the likelier one went on' } as const;
  const short = (name: string): string => (name.length > 15 ? `${name.slice(0, 14)}…` : name);
  const zoneOptions = (tried: Tried): ZoneId[] => tried.zones;
  const said = $derived(
    state.duels
      .map((d) => (d.end ? `${nameOf(d.end.winner)} over ${nameOf(d.end.loser)}` : `${nameOf(d.a)} against ${nameOf(d.b)}, not decided`))
      .concat(state.winner === null ? [] : [`${nameOf(state.winner)} is the last one standing`])
      .join('; ')
  );
</script>

{#snippet box(x: number, y: number, id: number | null, out: boolean, lit: boolean)}
  <rect
    {x}
    {y}
    width={BOX}
    height="30"
    rx="7"
    fill={lit ? 'var(--color-brass-pale)' : 'var(--color-sheet)'}
    stroke={lit ? 'var(--color-brass-line)' : 'var(--color-line)'}
    stroke-width={lit ? 2 : 1.4}
    stroke-dasharray={id === null ? '4 4' : undefined}
  />
  <text
    x={x + BOX / 2}
    y={y + 20}
    text-anchor="middle"
    font-size="14"
    font-weight={lit ? 700 : 500}
    fill={out ? 'var(--color-ink-soft)' : 'var(--color-ink)'}
    text-decoration={out ? 'line-through' : undefined}>{id === null ? '?' : short(nameOf(id))}</text
  >
{/snippet}
<Sheet class="!py-3" aria-label="The last one standing">
  <div class="flex items-baseline gap-2">
    <h2 class="mr-auto">The last one standing</h2>
    <span class="soft figures">{state.winner === null ? `round ${Math.max(1, state.duels.length)} of ${state.of}` : 'decided'}</span>
  </div>
  <div class="overflow-x-auto">
    <svg viewBox="0 0 {width} {HIGH + 8}" {width} height={HIGH + 8} role="img" aria-label={said}>
      {#each state.duels as d, i (i)}
        {@const x = i * (BOX + GAP)}
        {#if i === 0}{@render box(x + 1, 4, d.a, d.end?.loser === d.a, d.end === null)}{/if}
        {@render box(x + 1, HIGH - 30, d.b, d.end?.loser === d.b, d.end === null)}
        <path
          d="M{x + BOX + 1} 19H{x + BOX + 17}V{HIGH - 15}H{x + BOX + 1}M{x + BOX + 17} 19H{x + BOX + GAP}"
          fill="none"
          stroke="var(--color-brass-line)"
          stroke-width="1.4"
        />
        {@render box(
          x + BOX + GAP + 1,
          4,
          d.end?.winner ?? null,
          i + 1 < state.duels.length && state.duels[i + 1].end?.loser === d.end?.winner,
          d.end !== null && (i + 1 === state.duels.length || state.duels[i + 1].end === null)
        )}
      {/each}
    </svg>
  </div>
  {#if state.next}
    <p class="leading-snug">
      {#if state.next.swapped}⇄ Each was felt on one foot only. <b>Swap sides once</b> before the winner counts.
      {:else}Next: <b>{nameOf(state.next.left)}</b> on the left, <b>{nameOf(state.next.right)}</b> on the right.{/if}
    </p>
  {/if}
  {#if state.winner !== null}
    <Notice class="mt-1" tone="note" role="status">
      <b>{nameOf(state.winner)}</b> won{favourite === state.winner ? ', as the engine expected.' : `; the engine expected ${nameOf(favourite!)}.`}
      {#if favourite !== state.winner}What was felt in both teaches: mark it on the feet.{/if}
    </Notice>
  {/if}
  {#each state.duels.filter((d) => d.end) as d (d.end!.loser)}
    {@const loser = byId[d.end!.loser]}
    {#if loser}
      <div class="mt-1 flex flex-wrap items-center gap-x-3">
        <span class="mr-auto leading-tight"
          >{nameOf(loser.row.id)} lost{#if BY[d.end!.by]}<span class="soft">; {BY[d.end!.by]}</span>{/if}</span
        >
        <Select
          label="Where {nameOf(loser.row.id)} lost"
          hideLabel
          class="w-44"
          value={loser.row.reason?.zone ?? ''}
          onchange={(e: Event & { currentTarget: HTMLSelectElement }) =>
            loser.lost({ code: 'other-won', ...(e.currentTarget.value ? { zone: e.currentTarget.value as ZoneId } : {}) })}
        >
          <option value="">nowhere in particular</option>
          {#each zoneOptions(loser) as zone (zone)}<option value={zone}>at {ZONE[zone].name}</option>{/each}
        </Select>
      </div>
    {/if}
  {/each}
</Sheet>
