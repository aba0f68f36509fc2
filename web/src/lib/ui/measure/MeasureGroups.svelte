<script lang="ts">
  import { MEASURE, OPEN_GROUPS, SIDES, type Foot, type LengthUnit, type MeasureId, type Side } from '@chiave/core/measure';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import type { MeasureOrder } from './measure-order.svelte';
  import MeasureCell from './MeasureCell.svelte';

  /** Every measure of both feet, in the groups and the order in which this shop takes them. */
  let { desk, order, feet, unit, fast }: { desk: Desk; order: MeasureOrder; feet: Partial<Record<Side, Foot>>; unit: LengthUnit; fast: boolean } = $props();
</script>

{#each order.groups as group, g (group.id)}
  <div class="relative mt-2 border-t border-line pt-1">
    <Button class="absolute right-0" aria-label="{group.name} earlier" disabled={g === 0} onclick={() => order.move(group.id, -1)}>↑</Button>
    <details open={OPEN_GROUPS.includes(group.id)}>
      <summary class="mr-12 flex min-h-11 items-center gap-2">
        <b class="text-brass">{group.name}</b><span class="soft mr-auto text-sm">{group.hint}</span>
      </summary>
      <div class="grid gap-y-2">
        {#each group.measures as measure (measure.id)}
          <div class="row">
            <div>
              <p class="font-semibold">{measure.name}</p>
              <p class="soft text-sm">{measure.hint}</p>
            </div>
            {#each SIDES as side (side)}
              <MeasureCell
                {desk}
                {side}
                id={measure.id}
                name={measure.name}
                filled={measure.id in MEASURE ? feet[side]?.values[measure.id as MeasureId] : undefined}
                {unit}
                fast={fast && unit === 'mm'}
                onactive={(id, s) => order.look(id, s)}
                onnext={(id, s) => order.next(id, s)}
              />
            {/each}
          </div>
        {/each}
      </div>
    </details>
  </div>
{/each}

<style>
  .row {
    display: grid;
    grid-template-columns: minmax(6.5rem, 0.8fr) minmax(0, 1.25fr) minmax(0, 1.25fr);
    gap: 0.6rem;
    align-items: start;
  }
</style>
