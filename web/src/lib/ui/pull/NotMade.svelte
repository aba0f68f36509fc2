<script lang="ts">
  import type { Unranked } from '@chiave/core/fit';
  import Fold from '$lib/ui/kit/Fold.svelte';

  /** Styles that are not made in a size for these feet, and why. */
  let { unranked }: { unranked: readonly Unranked[] } = $props();
</script>

{#if unranked.length > 0}
  <Fold class="mt-3" sheet={false} heading="Not made in a size for these feet: {unranked.length}">
    <ul>
      {#each unranked as u (u.styleId)}<li>{u.name}: <span class="soft">{u.why}</span></li>{/each}
    </ul>
  </Fold>
{/if}
