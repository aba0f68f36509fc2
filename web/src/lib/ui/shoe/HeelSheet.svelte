<script lang="ts">
  import type { FootFit, Shoe } from '@chiave/core/fit';
  import { pitchOf } from '@chiave/core/heel';
  import type { Foot } from '@chiave/core/measure';
  import HeelSide from '$lib/drawing/HeelSide.svelte';
  import { aboutWords, slides } from '$lib/range-words';
  import { REACH_WORDS } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** Both feet from the side, on this heel. */
  let { feet, fits, shoe, drop }: { feet: readonly Foot[]; fits: readonly FootFit[]; shoe: Shoe; drop: number } = $props();
  const sides = $derived(
    feet.map((foot) => ({
      foot,
      pitch: pitchOf(Math.max(0, drop), foot.values.lengthMm.mm),
      heel: fits.find((x) => x.side === foot.side)?.heel ?? null
    }))
  );
</script>

<Sheet class="mt-4" heading="From the side, on this heel">
  <div class="grid gap-4 md:grid-cols-2">
    {#each sides as { foot, pitch, heel } (foot.side)}
      <div>
        <HeelSide
          lengthMm={foot.values.lengthMm.mm}
          toeHeightMm={foot.values.toeHeightMm.mm}
          heelHeightMm={shoe.heelHeightMm}
          platformMm={shoe.platformMm}
          {pitch}
          {heel}
          unit={shown.unit}
          side={foot.side}
        />
        {#if heel}
          <p class="text-sm">
            <SideMark side={foot.side} />
            {REACH_WORDS[heel.reach]}{foot.ankleReachDeg === null ? '' : ` (${foot.ankleReachDeg}° measured)`}. {slides(heel.slide, shown.unit)
              ? `Slides forward ${aboutWords(heel.slide, shown.unit)}, which leaves ${aboutWords(heel.toeRoomAfter, shown.unit)} of toe room`
              : `Does not slide forward; ${aboutWords(heel.toeRoomAfter, shown.unit)} of toe room`}.
          </p>
        {/if}
      </div>
    {/each}
  </div>
  <p class="soft text-sm">
    Effective drop is heel height less what is under the ball. Two figures of pitch: lever from the back of the heel, and from the wedged seat. Slide and pitch
    are this project’s estimates.
  </p>
</Sheet>
