<script lang="ts">
  import type { FootFit, Shoe } from '@chiave/core/fit';
  import type { Foot } from '@chiave/core/measure';
  import FootOnHeel from '$lib/drawing/FootOnHeel.svelte';
  import { aboutWords, slides } from '$lib/range-words';
  import { REACH_WORDS } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** Both feet from the side, on this heel. */
  let { feet, fits, shoe, benchHref }: { feet: readonly Foot[]; fits: readonly FootFit[]; shoe: Shoe; benchHref: string } = $props();
  const sides = $derived(
    feet.map((foot) => ({
      foot,
      heel: fits.find((x) => x.side === foot.side)?.heel ?? null
    }))
  );
</script>

<Sheet aria-label="From the side, on this heel">
  <div class="grid gap-4 md:grid-cols-2">
    {#each sides as { foot, heel } (foot.side)}
      <div>
        {#if heel}
          <p class="min-h-12">
            <SideMark side={foot.side} />
            {REACH_WORDS[heel.reach]}{foot.ankleReachDeg === null ? '' : ` (${foot.ankleReachDeg}° measured)`}. {slides(heel.slide, shown.unit)
              ? `Slides forward ${aboutWords(heel.slide, shown.unit)}, which leaves ${aboutWords(heel.toeRoomAfter, shown.unit)} of toe room`
              : `Does not slide forward; ${aboutWords(heel.toeRoomAfter, shown.unit)} of toe room`}.
          </p>
        {/if}
        <FootOnHeel {foot} {shoe} {heel} unit={shown.unit} />
      </div>
    {/each}
  </div>
  <p class="soft text-sm">
    <a href={benchHref}>Other heights, tips and grounds on these feet: the heel bench.</a>
    Both feet face right, drawn from the inner side and to scale; the heel’s shape is what is usual for the kind. Effective drop is heel height less what is under
    the ball. Pitch: lever from the back of the heel, and from the wedged seat; midfoot and toe joint take part of it, so the ankle points less. Slide and pitch are
    this project’s estimates.
  </p>
</Sheet>
