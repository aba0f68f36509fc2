<script lang="ts">
  import type { SizeGrid } from '@chiave/core/fit';
  import { tightColour } from '$lib/drawing/tightness';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Neighbouring lengths by widths, each with its feel: one press opens it. */
  let { grid, size, width, href }: { grid: SizeGrid; size: number; width: string; href: (label: string, width: string) => string } = $props();
</script>

<div class="overflow-x-auto">
  <Table class="min-w-[40rem] table-fixed border-separate border-spacing-1">
    <caption class="sr-only">Neighbouring sizes and widths, each with its feel</caption>
    <thead>
      <tr
        ><th scope="col" class="w-24 text-left"><span class="sr-only">Width</span></th>{#each grid.sizes as label (label)}<th scope="col" class="figures"
            >{label}</th
          >{/each}</tr
      >
    </thead>
    <tbody>
      {#each grid.rows as row, i (grid.widths[i])}
        <tr>
          <th scope="row" class="figures pr-2 text-left">{grid.widths[i]}</th>
          {#each row as cell, at (at)}
            {@const here = Math.abs(cell.size - size) < 1e-6 && cell.width === width}
            <td class="p-0 align-top">
              <a
                href={href(cell.label, cell.width)}
                data-sveltekit-noscroll
                class="cell"
                class:here
                class:fits={cell.fits}
                aria-current={here ? 'true' : undefined}
                style="border-top-color:{tightColour(cell.tightness)}"
              >
                <b>{cell.fits ? cell.character : 'no'}</b>
                <span class="soft block text-sm">{cell.feel || 'right all round'}</span>
                <span class="soft block text-xs">{cell.onShelf > 0 ? `${cell.onShelf} on the shelf` : 'none here'}</span>
              </a>
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</div>

<style>
  .cell {
    display: block;
    min-height: 5.2rem;
    border: 1px dashed var(--color-line);
    border-top: 5px solid;
    border-radius: 6px;
    padding: 0.3rem 0.45rem;
    color: var(--color-ink);
    text-decoration: none;
    line-height: 1.2;
  }
  .cell.fits {
    border-style: solid;
    background: #fff;
  }
  .cell.here {
    outline: 3px solid var(--color-brass);
  }
</style>
