<script lang="ts">
  import type { ShoeAbove } from '@chiave/core/last';
  import type { Snippet } from 'svelte';
  import { closedPath } from '../place';
  import type { OnSheet } from './paths';

  /** A shoe from above with whatever stands in it: wall, lining, what stands inside, the upper over it and the opening. */
  let { shoe, place, small = false, children }: { shoe: ShoeAbove; place: OnSheet; small?: boolean; children?: Snippet } = $props();
  const outside = $derived(closedPath(shoe.outside.map(place)));
  const inside = $derived(closedPath(shoe.inside.map(place)));
  const opening = $derived(closedPath(shoe.opening.map(place)));
</script>

<path
  d={outside}
  fill="var(--color-leather)"
  stroke="var(--color-ink)"
  stroke-width={small ? 0.6 : 1}
  stroke-linejoin="round"
  class="wall morphs"
  style="d:path('{outside}')"
/>
<path d={inside} fill="var(--color-lining)" class="lining morphs" style="d:path('{inside}')" />
{@render children?.()}
<path d="{inside}{opening}" fill="#2a2420" fill-opacity="0.12" fill-rule="evenodd" class="upper morphs" style="d:path('{inside}{opening}')" />
<path d={opening} fill="none" stroke="var(--color-leather-light)" stroke-width={small ? 0.8 : 1.4} class="morphs" style="d:path('{opening}')" />

<style>
  @media print, (forced-colors: active) {
    .wall,
    .lining,
    .upper {
      fill: none;
    }
    .wall {
      stroke-width: 1.6;
    }
  }
</style>
