<script lang="ts">
  import type { SizeGrid } from '@chiave/core/fit';
  import { withFractions } from '$lib/size-fractions';
  import { toneOf } from '$lib/drawing/tightness';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Neighbouring lengths by widths, each with its feel: one press opens it. */
  // prettier-ignore
  let { grid, size, width, href, brief = false }: {
    grid: SizeGrid; size: number; width: string; href: (label: string, width: string) => string;
    /** The nearest only, small enough to stand beside the drawing. */
    brief?: boolean;
  } = $props();
  const WORD = { tight: 'tight', even: 'no', loose: 'loose' } as const;
  const NEAR = { sizes: 2, widths: 1 } as const;
  /** Of a list the few around a place, moved in from its ends. */
  function around(count: number, at: number, reach: number): number[] {
    const from = Math.max(0, Math.min(at - reach, count - 1 - 2 * reach));
    return Array.from({ length: Math.min(count, 2 * reach + 1) }, (_, i) => from + i);
  }
  const at = $derived({
    size: grid.rows[0]?.findIndex((cell) => Math.abs(cell.size - size) < 1e-6) ?? 0,
    width: grid.widths.indexOf(width)
  });
  const columns = $derived(brief ? around(grid.sizes.length, at.size, NEAR.sizes) : grid.sizes.map((_, i) => i));
  const lines = $derived(brief ? around(grid.widths.length, at.width, NEAR.widths) : grid.widths.map((_, i) => i));
</script>

<div class="overflow-x-auto">
  <Table class="{brief ? '' : 'min-w-[40rem]'} table-fixed border-separate border-spacing-1">
    <caption class="sr-only">Neighbouring sizes and widths, each with its feel</caption>
    <thead>
      <tr
        ><th scope="col" class="{brief ? 'w-20' : 'w-24'} text-left"><span class="sr-only">Width</span></th>{#each columns as c (c)}<th
            scope="col"
            class="size figures">{withFractions(grid.sizes[c])}</th
          >{/each}</tr
      >
    </thead>
    <tbody>
      {#each lines as l (l)}
        <tr>
          <th scope="row" class="figures pr-2 text-left font-normal">{grid.widths[l]}</th>
          {#each columns as c (c)}
            {@const cell = grid.rows[l][c]}
            {@const here = Math.abs(cell.size - size) < 1e-6 && cell.width === width}
            <td class="p-0 align-top">
              <a
                href={href(cell.label, cell.width)}
                data-sveltekit-noscroll
                class="cell {toneOf(cell.tightness)}"
                class:brief
                class:here
                class:fits={cell.fits}
                aria-current={here ? 'true' : undefined}
              >
                {#if brief}
                  <b>{cell.fits ? 'fits' : WORD[toneOf(cell.tightness)]}</b>
                  <span class="block">{cell.onShelf} here</span>
                  <span class="sr-only">{cell.fits ? cell.character : 'no'}, {cell.feel || 'right all round'}</span>
                {:else}
                  <b>{cell.fits ? cell.character : 'no'}</b>
                  <span class="soft block">{cell.feel || 'right all round'}</span>
                  <span class="soft block">{cell.onShelf > 0 ? `${cell.onShelf} on the shelf` : 'none here'}</span>
                {/if}
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
    border: 1px solid var(--color-line);
    border-radius: 9px;
    padding: 0.3rem 0.45rem;
    color: var(--color-ink);
    text-decoration: none;
    line-height: 1.25;
  }
  .cell.brief {
    min-height: 3.1rem;
    text-align: center;
  }
  .tight {
    border-color: #e3b39b;
    background: var(--color-tight-tint);
  }
  .tight b {
    color: var(--color-tight-word);
  }
  .loose {
    border-color: #a9cbd6;
    background: var(--color-loose-tint);
  }
  .loose b {
    color: var(--color-loose-word);
  }
  .cell.fits {
    border-color: var(--color-edge);
    background: #fff;
  }
  .cell.fits b {
    color: var(--color-ink);
  }
  .cell.here {
    border-color: var(--color-brass);
    outline: 2px solid var(--color-brass);
  }
  .size {
    font-family: var(--font-serif);
    font-size: 1.0625rem;
    font-weight: 600;
    text-align: center;
  }
</style>
