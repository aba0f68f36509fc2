<script lang="ts">
  import BulkEdit from '$lib/ui/stock/BulkEdit.svelte';
  import StockGrid from '$lib/ui/stock/StockGrid.svelte';
  import { onDestroy } from 'svelte';
  import { listSource } from '$lib/stock-list/grid-order';
  import { itemSource, type ItemSource } from '$lib/ui/stock/item-source';
  import { ITEM_GRID } from '$lib/stock-list/stock-columns';
  import { STYLE_TABLE } from '$lib/ui/stock/style-columns';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  let { data } = $props();
  let view = $state<'styles' | 'items'>('styles');
  let picked = $state<string[]>([]);
  let search = $state('');
  let filters = $state<Record<string, string>>({});
  const styles = $derived(listSource(data.styles, STYLE_TABLE));
  let items = $state.raw<ItemSource | null>(null);
  $effect(() => {
    if (view !== 'items') return;
    const source = itemSource(data.styles);
    items = source;
    return () => source.stop();
  });
  onDestroy(() => items?.stop());
  const chosen = $derived(data.styles.filter((s) => picked.includes(s.id)));
</script>

<svelte:head><title>Stockroom · Chiave</title></svelte:head>
<h1 class="sr-only">Stockroom</h1>
<Sheet>
  <div class="mb-2 flex flex-wrap items-end gap-4">
    <Choice
      name="view"
      legend="Shown"
      hideLegend
      options={[
        { id: 'styles', name: 'styles' },
        { id: 'items', name: 'every size and width' }
      ]}
      bind:value={view}
    />
    <p class="soft text-sm">Small letters: m measured, f felt, c claimed, u unsure, – not seen.</p>
  </div>
  {#if view === 'styles'}
    <StockGrid name="Styles" source={styles} columns={STYLE_TABLE} pickable bind:picked bind:search bind:filters />
    {#if chosen.length > 0}<BulkEdit styles={chosen} ondone={() => (picked = [])} />{/if}
  {:else if items}
    <StockGrid name="Sizes and widths" source={items} columns={ITEM_GRID} bind:search bind:filters />
  {/if}
</Sheet>
