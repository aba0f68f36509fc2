<script lang="ts">
  import { drawFit, fitOnce, footAsWorn, ORDINARY_WEAR, targetsFor, ZONE_AT, zoneState } from '@chiave/core/fit';
  import { smallPair } from '$lib/drawing/above/small-pair';
  import FootOnHeel from '$lib/drawing/FootOnHeel.svelte';
  import { ODD_CASES, oddPair } from '$lib/drawing/odd-feet';
  import SmallPair from '$lib/drawing/SmallPair.svelte';

  const drawn = ODD_CASES.map((odd) => {
    const { foot, shoe } = oddPair(odd);
    const worn = footAsWorn(foot, ORDINARY_WEAR);
    const drawing = drawFit(worn, shoe, ORDINARY_WEAR);
    const room = zoneState('toe-room', fitOnce(worn.dims, shoe, ORDINARY_WEAR).zone[ZONE_AT['toe-room']], targetsFor(shoe, ORDINARY_WEAR));
    const both = (['left', 'right'] as const).map((side) => ({ side, drawing }));
    return { name: odd.name, foot, shoe, feet: smallPair(both, { left: room, right: room }) };
  });
</script>

<svelte:head><title>Drawings</title></svelte:head>
<h1>Thirty odd feet and shoes</h1>
<div class="mt-3 grid grid-cols-4 gap-3 xl:grid-cols-6">
  {#each drawn as { name, foot, shoe, feet } (name)}
    <figure class="sheet !p-2">
      <SmallPair {feet} />
      <FootOnHeel {foot} {shoe} unit="mm" />
      <figcaption>{name}</figcaption>
    </figure>
  {/each}
</div>
