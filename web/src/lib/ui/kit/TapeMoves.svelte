<script lang="ts" generics="Id extends string">
  import type { Tapes } from '$lib/scan/tapes.svelte';
  import Button from './Button.svelte';

  /** Presses that move the tape that is looked at, and how to look. */
  let { tapes, nameOf }: { tapes: Tapes<Id>; nameOf: (id: Id) => string } = $props();
  const girth = $derived(tapes.girth);
</script>

{#if girth}
  <div class="flex flex-wrap items-center gap-1" role="group" aria-label="Move the tape of the {nameOf(girth)}">
    <b class="mr-1">{nameOf(girth)}</b>
    <Button onclick={() => tapes.step(girth, -1, false)} aria-label="1 mm back">− 1 mm</Button>
    <Button onclick={() => tapes.step(girth, 1, false)} aria-label="1 mm forward">+ 1 mm</Button>
    <Button onclick={() => tapes.step(girth, -1, true)} aria-label="lean it back by a degree">lean −</Button>
    <Button onclick={() => tapes.step(girth, 1, true)} aria-label="lean it forward by a degree">lean +</Button>
    {#if tapes.moved[girth]}<Button kind="text" onclick={() => tapes.restore(girth)}>where the trade lays it</Button>{/if}
  </div>
{/if}
<p class="soft text-sm">
  {girth ? 'Or drag the tape along.' : 'Drag to turn, pinch or wheel to come nearer. Press a value to see where it was taken; a girth can be moved.'} The grid is
  in centimetres.
</p>
