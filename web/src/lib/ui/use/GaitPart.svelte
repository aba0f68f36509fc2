<script lang="ts">
  import { SIDES } from '@chiave/core/measure';
  import { firstPair, readsGait, suitWords, USES, wantedWords, WATCHED, type UseId, type WatchedId } from '@chiave/core/use';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Suits } from '$lib/workers/messages';
  import GaitFields from './GaitFields.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** Both feet as they roll and land, what each school asks for, and the shelf in the order of each. */
  let { bench }: { bench: UseBench } = $props();
  /** Uses in which a foot lands over and over, and that go by how. */
  const gaitUses = USES.filter((u) => u.load !== null && readsGait(u));
  const use = $derived(gaitUses.find((u) => u.id === bench.use) ?? gaitUses[0]);
  const axis = $derived(use.axes[0]);
  let watched = $state<WatchedId>('eye');
  let byOption = $state.raw<Record<string, Suits>>({});
  $effect(() => {
    void bench.setting;
    if (bench.use !== use.id) bench.use = use.id;
    else
      void bench
        .byOptions(
          axis.id,
          axis.options.map((o) => o.id),
          use.madeFor
        )
        .then((s) => s && (byOption = s));
  });
  const MOST = 4;
</script>

<div class="mb-2 flex flex-wrap gap-3">
  <Select label="For" options={gaitUses} value={use.id} onpick={(id: UseId) => (bench.use = id)} />
  <Choice name="gait-watched" legend="Watched" options={WATCHED} bind:value={watched} />
</div>
<div class="grid gap-3 lg:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
  <div class="grid content-start gap-3 md:max-lg:grid-cols-2">
    {#each SIDES as side (side)}
      <Sheet
        ><GaitFields
          {side}
          looks={bench.looks[side] ?? {}}
          all={bench.allLooks(side)}
          {watched}
          onlooks={(looks) => (bench.looks = { ...bench.looks, [side]: looks })}
        /></Sheet
      >
    {/each}
  </div>
  <div class="order-first lg:order-none">
    <h2 class="says text-xl">{axis.name}: {axis.options.length} schools</h2>
    <div class="mt-1 grid gap-3 md:max-lg:grid-cols-3">
      {#each axis.options as o (o.id)}
        {@const suits = byOption[o.id]}
        {@const wants = firstPair(use.id, bench.setting, { ...bench.schools, [use.id]: { ...bench.schools[use.id], [axis.id]: o.id } }).wanted.filter((w) =>
          use.rules.some((r) => r.reads === w.reads && r.school?.[1] === o.id)
        )}
        <Sheet heading={o.name} data-school={o.id}>
          <p class="leading-snug">{wants.length > 0 ? wants.map((w) => wantedWords(w)).join('; ') : 'nothing of its own for these feet'}</p>
          {#if suits}
            <ol class="mt-1 grid gap-0.5">
              {#each suits.order.slice(0, MOST) as id (id)}<li>
                  <a href="/stock/styles/{id}">{bench.nameOf(id)}</a> <span class="soft">{suitWords(suits.suits[id])}</span>
                </li>{/each}
            </ol>
          {/if}
        </Sheet>
      {/each}
    </div>
  </div>
</div>
<p class="soft mt-2">Both schools are weighed until one is chosen. {use.notes.map((n) => n.why).join('; ')}.</p>
