<script lang="ts" generics="R extends { id: string }">
  /**
   * A table of thousands of rows: searched, filtered, sorted, its columns chosen, rows picked; only the rows in view are in the page.
   */
  import type { SortingState } from '@tanstack/table-core';
  import { elementScroll, observeElementOffset, observeElementRect, Virtualizer, type VirtualItem } from '@tanstack/virtual-core';
  import { onMount, untrack } from 'svelte';
  import type { GridColumn } from '$lib/stock-list/grid-columns';
  import { textOf, type GridSource } from '$lib/stock-list/grid-order';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import TickBox from '$lib/ui/kit/TickBox.svelte';

  // prettier-ignore
  let { source, columns, name, picked = $bindable([]), pickable = false, search = $bindable(''), filters = $bindable({}) }: {
    source: GridSource<R>; columns: readonly GridColumn<R>[]; name: string; picked?: string[]; pickable?: boolean; search?: string;
    filters?: Record<string, string>;
  } = $props();

  const ROW_PX = 44;
  const OVERSCAN = 4;
  const key = $derived(`chiave-columns-${name}`);
  let sorting = $state.raw<SortingState>([]);
  let hidden = $state.raw<Record<string, boolean>>({});
  onMount(() => {
    const kept = localStorage.getItem(key);
    if (kept) hidden = JSON.parse(kept) as Record<string, boolean>;
  });
  const visible = (c: GridColumn<R>): boolean => (c.id in hidden ? !hidden[c.id] : c.usual);
  const shown = $derived(columns.filter(visible));

  /** Places of the rows found, in order; null for all of them as they are. */
  let order = $state.raw<Int32Array | null>(null);
  let choices = $state.raw<Readonly<Record<string, readonly string[]>>>({});
  const found = $derived(order ? order.length : source.count);
  const rowAt = (place: number): R | undefined => {
    const index = order ? order[place] : place;
    return index === undefined || index >= source.count ? undefined : source.at(index);
  };
  let asked = 0;
  $effect(() => {
    const own = ++asked;
    const query = { search, filters: { ...filters }, sorting };
    // An answer to an older question, or about other rows, is not shown.
    void source.find(query).then((answer) => {
      if (own === asked) order = answer;
    });
  });
  $effect(() => {
    const from = source;
    order = null;
    void from.choices().then((answer) => {
      if (from === source) choices = answer;
    });
  });

  let box = $state<HTMLDivElement>();
  let items = $state.raw<VirtualItem[]>([]);
  let height = $state(0);
  let virtual: Virtualizer<HTMLDivElement, HTMLDivElement> | undefined;
  onMount(() => {
    virtual = new Virtualizer<HTMLDivElement, HTMLDivElement>({
      count: untrack(() => found),
      getScrollElement: () => box ?? null,
      estimateSize: () => ROW_PX,
      overscan: OVERSCAN,
      scrollToFn: elementScroll,
      observeElementRect,
      observeElementOffset,
      onChange: (v) => {
        items = v.getVirtualItems();
        height = v.getTotalSize();
      }
    });
    const stop = virtual._didMount();
    virtual._willUpdate();
    return stop;
  });
  $effect(() => {
    const count = found;
    if (!virtual) return;
    virtual.setOptions({ ...virtual.options, count });
    virtual._willUpdate();
    items = virtual.getVirtualItems();
    height = virtual.getTotalSize();
  });

  const total = $derived(shown.reduce((sum, c) => sum + c.width, pickable ? 48 : 0));
  const grid = $derived(`${pickable ? '48px ' : ''}${shown.map((c) => `minmax(${c.width}px, ${c.width}fr)`).join(' ')}`);
  const sortedBy = (id: string): 'ascending' | 'descending' | 'none' => {
    const own = sorting.find((s) => s.id === id);
    return own ? (own.desc ? 'descending' : 'ascending') : 'none';
  };
  function sortBy(id: string): void {
    const now = sortedBy(id);
    sorting = now === 'none' ? [{ id, desc: false }] : now === 'ascending' ? [{ id, desc: true }] : [];
  }
  function hide(c: GridColumn<R>): void {
    hidden = { ...hidden, [c.id]: visible(c) };
    localStorage.setItem(key, JSON.stringify(hidden));
  }
  const pickedSet = $derived(new Set(picked));
  const foundIds = (): string[] => Array.from({ length: found }, (_, place) => rowAt(place)!.id);
  const allPicked = $derived(pickable && found > 0 && foundIds().every((id) => pickedSet.has(id)));
  function pick(id: string): void {
    picked = pickedSet.has(id) ? picked.filter((p) => p !== id) : [...picked, id];
  }
  function pickAll(): void {
    picked = allPicked ? [] : foundIds();
  }
</script>

<div class="flex flex-wrap items-end gap-2">
  <Field label="Search" class="w-60" type="search" bind:value={search} placeholder="any words" />
  {#each columns.filter((c) => c.choices) as column (column.id)}
    <Select label={column.name} class="w-40" value={filters[column.id] ?? ''} onchange={(e) => (filters = { ...filters, [column.id]: e.currentTarget.value })}
      ><option value="">all</option>{#each choices[column.id] ?? [] as v (v)}<option value={v}>{v}</option>{/each}</Select
    >
  {/each}
  <details class="relative">
    <summary class="min-h-11 content-center rounded-[9px] border border-edge bg-sheet px-3">Columns</summary>
    <div class="absolute z-20 grid w-64 gap-1 rounded border border-line bg-white p-2 shadow">
      {#each columns as c (c.id)}
        <Check checked={visible(c)} onchange={() => hide(c)}>{c.name}</Check>
      {/each}
    </div>
  </details>
</div>
<p class="soft mt-1 text-sm" role="status">{found === source.count ? `${source.count} rows` : `${found} of ${source.count} rows`}</p>
<div
  bind:this={box}
  class="mt-1 h-[62vh] overflow-auto border border-line bg-white"
  role="grid"
  tabindex="0"
  aria-label={name}
  aria-rowcount={found + 1}
  data-grid={name}
>
  <div style:min-width="{total}px">
    <div role="row" aria-rowindex={1} class="sticky top-0 z-10 grid border-b-2 border-ink bg-[#f4ead6]" style:grid-template-columns={grid}>
      {#if pickable}<span role="columnheader" class="flex items-center justify-center"
          ><TickBox label="Pick every row shown" checked={allPicked} onchange={pickAll} /></span
        >{/if}
      {#each shown as c (c.id)}
        <span role="columnheader" aria-sort={sortedBy(c.id)} class="min-w-0">
          <Button kind="text" class="w-full justify-start truncate text-left font-semibold no-underline" onclick={() => sortBy(c.id)}
            >{c.name}{sortedBy(c.id) === 'ascending' ? ' ↑' : sortedBy(c.id) === 'descending' ? ' ↓' : ''}</Button
          >
        </span>
      {/each}
    </div>
    <div class="relative" style:height="{height}px">
      <!-- A ring of rows: what leaves at one end is used again at the other, and what stays is not touched. -->
      {#each items as item (item.index % items.length)}
        {@const row = rowAt(item.index)}
        {#if row}
          <div
            role="row"
            aria-rowindex={item.index + 2}
            aria-selected={pickedSet.has(row.id)}
            class="absolute right-0 left-0 grid items-center border-b border-line [contain:strict] {pickedSet.has(row.id) ? 'bg-[#fbf1dc]' : ''}"
            style:grid-template-columns={grid}
            style:height="{ROW_PX}px"
            style:transform="translateY({item.start}px)"
          >
            {#if pickable}<span role="gridcell" class="flex items-center justify-center"
                ><TickBox label="Pick {textOf(columns[0], row)}" checked={pickedSet.has(row.id)} onchange={() => pick(row.id)} /></span
              >{/if}
            {#each shown as c (c.id)}
              {@const mark = c.mark?.(row)}
              <span role="gridcell" class="truncate px-2 {c.figures ? 'figures' : ''}" title={mark?.title}
                >{#if c.draw}<svg viewBox={c.box} class="h-10 w-full" role="img" aria-label={textOf(c, row)}
                    ><path d={c.draw(row)} fill="#f4e6c6" stroke="var(--color-ink)" stroke-width="4" stroke-linejoin="round" /></svg
                  >{:else if c.link}<a href={c.link(row)}>{textOf(c, row)}</a>{:else}{textOf(c, row)}{/if}{#if mark}<sup class="soft ml-0.5">{mark.letter}</sup
                  >{/if}</span
              >
            {/each}
          </div>
        {/if}
      {/each}
    </div>
  </div>
</div>
