<script lang="ts">
  import { SIDES, type Side } from '@chiave/core/measure';
  import { WATCHED, type Looks, type WatchedId } from '@chiave/core/use';
  import { looksOf } from '$lib/use-fitting';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import GaitFields from './GaitFields.svelte';

  /** Jogging, old soles and arch by side, kept with the fitting. */
  let { desk }: { desk: Desk } = $props();
  const use = $derived(desk.fitting.use);
  const set = (side: Side, looks: Looks): void =>
    desk.patch({ use: { ...$state.snapshot(use), looks: { ...$state.snapshot(use.looks), [side]: looks } } as typeof use });
  let watched = $state<WatchedId>('eye');
</script>

<Sheet heading="Walking and jogging, for the use">
  <p class="soft text-sm">Up and back barefoot, then a few steps at a jog; then the soles of the old pair. The foot that asks for more decides.</p>
  <Choice name="watched" legend="Watched" options={WATCHED} bind:value={watched} />
  <div class="mt-2 grid gap-4 md:grid-cols-2">
    {#each SIDES as side (side)}
      <GaitFields
        {side}
        looks={use.looks[side] ?? {}}
        all={looksOf(desk.fitting.feet[side], use.looks[side])}
        {watched}
        onlooks={(looks) => set(side, looks)}
      />
    {/each}
  </div>
</Sheet>
