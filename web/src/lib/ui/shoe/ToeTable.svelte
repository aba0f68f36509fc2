<script lang="ts">
  import { stateOf, type FitDrawing, type FootFit } from '@chiave/core/fit';
  import { SIDE_LETTER, formatSigned, SIDES, type LengthUnit, type Side } from '@chiave/core/measure';
  import { colourOf, wordOf } from '$lib/drawing/tightness';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Toe by toe: how far each could still go forward on the flat, and how high the box stands over it, as the feet are drawn. */
  let { drawings, feet, unit }: { drawings: { side: Side; drawing: FitDrawing }[]; feet: FootFit[]; unit: LengthUnit } = $props();
  const columns = $derived(
    SIDES.flatMap((side) => {
      const drawn = drawings.find((d) => d.side === side);
      const depth = feet.find((f) => f.side === side)?.zones.find((z) => z.zone === 'toe-box-depth');
      return drawn && depth ? [{ side, drawing: drawn.drawing, target: depth.target }] : [];
    })
  );
</script>

<Table class="mt-2" data-toes>
  <caption class="soft text-left">Toe by toe, {unit}: forward on the flat until it touches, and above it</caption>
  <thead>
    <tr class="border-b border-ink text-left"
      ><th scope="col"><span class="sr-only">toe</span></th>{#each columns as { side } (side)}<th scope="col" class={side === 'left' ? 'side-L' : 'side-R'}
          >{SIDE_LETTER[side]} forward</th
        ><th scope="col" class={side === 'left' ? 'side-L' : 'side-R'}>{SIDE_LETTER[side]} above</th>{/each}</tr
    >
  </thead>
  <tbody>
    {#each columns[0]?.drawing.toes ?? [] as { name }, i (name)}
      <tr class="border-b border-line">
        <th scope="row" class="py-1 text-left font-normal">{name}</th>
        {#each columns as { side, drawing, target } (side)}
          {@const toe = drawing.toes[i]}
          {@const state = stateOf(toe.depthMm, target)}
          <td class="figures {drawing.firstToe === i ? 'font-bold' : ''}">{formatSigned(toe.roomMm, unit)}{drawing.firstToe === i ? ' first' : ''}</td>
          <td
            ><span class="mr-1 inline-block h-2.5 w-2.5 rounded-sm" style="background:{colourOf(state)}" aria-hidden="true"></span><span class="figures"
              >{formatSigned(toe.depthMm, unit)}</span
            > <span class="soft">{wordOf(state)}</span></td
          >
        {/each}
      </tr>
    {/each}
  </tbody>
</Table>
<p class="soft text-sm">
  Heights between big and little toe are taken to fall evenly (estimate). A hammer toe of which nobody said which it is, is taken off every toe.
</p>
