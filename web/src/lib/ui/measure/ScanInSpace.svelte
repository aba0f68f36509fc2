<script lang="ts">
  import { nameOfTaken } from '@chiave/core/measure';
  /**
   * A scanned foot in space with the tapes that were laid round it: turned by touch, the chosen tape dragged along its plane.
   * @prop look where it is looked at from; another one, even from the same place, turns it there again
   */
  import { inwardOf } from '@chiave/core/scan';
  import Button from '$lib/ui/kit/Button.svelte';
  import InSpace from '$lib/ui/kit/InSpace.svelte';
  import type { ScanViewId } from '$lib/scan/views';
  import type { ScannedFoot } from './scanned-foot.svelte';

  let { scanned, look }: { scanned: ScannedFoot; look: { from: ScanViewId } } = $props();
  /** Millimetres a finger went since the tape was last laid anew: it is laid as often as the worker can. */
  let waiting = 0;
  let laying = false;
  async function drag(byMm: number): Promise<void> {
    waiting += byMm;
    if (laying || !scanned.chosen) return;
    laying = true;
    while (waiting !== 0 && scanned.chosen) {
      const by = waiting;
      waiting = 0;
      await scanned.move(scanned.chosen, { byMm: by });
    }
    laying = false;
  }

  /** The girth that is chosen, if it is one. */
  const girth = $derived(scanned.chosen && scanned.values[scanned.chosen]?.plane ? scanned.chosen : null);

  const shown = $derived.by(() => {
    const { foot } = scanned;
    return foot && { points: foot.points, triangles: foot.triangles, lengthMm: foot.lengthMm, inward: inwardOf(foot.side) };
  });
  const label = $derived(
    `The scanned ${scanned.foot?.side ?? ''} foot in space, with a tape for each girth${scanned.chosen ? `; ${nameOfTaken(scanned.chosen)} stands out` : ''}`
  );
</script>

<figure>
  <InSpace
    {shown}
    values={scanned.values}
    chosen={scanned.chosen}
    {look}
    {label}
    ondrag={(byMm) => void drag(byMm)}
    without="the values beside stay, and planes can be moved by their keys."
  />
  <figcaption>
    {#if girth}
      <div class="flex flex-wrap items-center gap-1" role="group" aria-label="Move the tape of the {nameOfTaken(girth)}">
        <b class="mr-1">{nameOfTaken(girth)}</b>
        <Button onclick={() => scanned.step(girth, -1, false)} aria-label="1 mm back">− 1 mm</Button>
        <Button onclick={() => scanned.step(girth, 1, false)} aria-label="1 mm forward">+ 1 mm</Button>
        <Button onclick={() => scanned.step(girth, -1, true)} aria-label="lean it back by a degree">lean −</Button>
        <Button onclick={() => scanned.step(girth, 1, true)} aria-label="lean it forward by a degree">lean +</Button>
        {#if scanned.moved[girth]}<Button kind="text" onclick={() => scanned.restore(girth)}>where the trade lays it</Button>{/if}
      </div>
    {/if}
    <p class="soft text-sm">
      {girth ? 'Or drag the tape along.' : 'Drag to turn, pinch or wheel to come nearer. Press a value to see where it was taken; a girth can be moved.'} The grid
      is in centimetres.
    </p>
  </figcaption>
</figure>
