<script lang="ts">
  import { nameOfTaken } from '@chiave/core/measure';
  import { inwardOf } from '@chiave/core/scan';
  import InSpace from '$lib/ui/kit/InSpace.svelte';
  import TapeMoves from '$lib/ui/kit/TapeMoves.svelte';
  import type { ScanViewId } from '$lib/scan/views';
  import type { ScannedFoot } from './scanned-foot.svelte';

  /**
   * A scanned foot in space with the tapes that were laid round it.
   * @prop look where it is looked at from; another one, even from the same place, turns it there again
   */
  let { scanned, look }: { scanned: ScannedFoot; look: { from: ScanViewId } } = $props();
  const tapes = $derived(scanned.tapes);
  const shown = $derived.by(() => {
    const { foot } = scanned;
    return foot && { points: foot.points, triangles: foot.triangles, lengthMm: foot.lengthMm, inward: inwardOf(foot.side) };
  });
  const label = $derived(
    `The scanned ${scanned.foot?.side ?? ''} foot in space, with a tape for each girth${tapes.chosen ? `; ${nameOfTaken(tapes.chosen)} stands out` : ''}`
  );
</script>

<figure>
  <InSpace
    {shown}
    values={tapes.values}
    chosen={tapes.chosen}
    {look}
    {label}
    ondrag={(byMm) => void tapes.drag(byMm)}
    without="the values beside stay, and planes can be moved by their keys."
  />
  <figcaption><TapeMoves {tapes} nameOf={nameOfTaken} /></figcaption>
</figure>
