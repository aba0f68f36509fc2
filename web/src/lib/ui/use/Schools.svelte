<script lang="ts">
  import type { AnyUseId, Schools, UseDefinition } from '@chiave/core/use';
  import Select from '$lib/ui/kit/Select.svelte';

  /** On what those who know differ: the school is chosen, or both are weighed. */
  let { uses, schools, onchange }: { uses: readonly UseDefinition<AnyUseId>[]; schools: Schools; onchange: (schools: Schools) => void } = $props();
  const axes = $derived(uses.flatMap((u) => u.axes.map((a) => ({ use: u, axis: a }))));
  function choose(use: AnyUseId, axis: string, option: string): void {
    const { [axis]: _was, ...own } = schools[use] ?? {};
    onchange({ ...schools, [use]: option === '' ? own : { ...own, [axis]: option } });
  }
</script>

{#if axes.length > 0}
  <div>
    <p class="font-semibold">Where those who know differ</p>
    <div class="mt-1 grid grid-cols-[repeat(auto-fill,minmax(11rem,1fr))] gap-x-4 gap-y-2">
      {#each axes as { use, axis } (`${use.id} ${axis.id}`)}
        <Select
          label={axis.name}
          empty="weigh both"
          options={axis.options}
          value={schools[use.id]?.[axis.id] ?? ''}
          onchange={(e) => choose(use.id, axis.id, e.currentTarget.value)}
        />
      {/each}
    </div>
  </div>
{/if}
