<script lang="ts">
  import { nameOfTaken, formatLength, takenUnit, trimNumber, type TakenId } from '@chiave/core/measure';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import type { ScannedFoot } from './scanned-foot.svelte';

  /** What a scan says of a foot, each value with its own error; pressed, it is shown where it was taken. */
  let { scanned }: { scanned: ScannedFoot } = $props();
  const values = $derived(Object.entries(scanned.values) as [TakenId, NonNullable<(typeof scanned.values)[TakenId]>][]);
  const told = (id: TakenId, mm: number): string => (takenUnit(id).isLength ? formatLength(Math.round(mm * 10) / 10, shown.unit) : trimNumber(mm));
</script>

<ul class="mt-2 grid grid-cols-2 gap-1.5" data-scanned>
  {#each values as [id, value] (id)}
    {@const own = scanned.tapes.chosen === id}
    <li data-measure={id}>
      <Button class="h-full w-full" pressed={own} disabled={value.line.length === 0} onclick={() => (scanned.tapes.chosen = own ? null : id)}>
        <span class="w-full text-left">
          <span class="block text-sm">{nameOfTaken(id)}{scanned.tapes.moved[id] ? ', moved' : ''}</span>
          <b class="figures">{told(id, value.mm)}</b> <span class="soft text-sm">± {trimNumber(Math.round(value.sdMm * 10) / 10)}</span>
        </span>
      </Button>
    </li>
  {/each}
</ul>
