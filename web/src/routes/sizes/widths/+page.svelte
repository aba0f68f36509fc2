<script lang="ts">
  import { FITS_AS, type FitsAs } from '@chiave/core/measure';
  import FootLetter from '$lib/ui/sizes/FootLetter.svelte';
  import SisterSizes from '$lib/ui/sizes/SisterSizes.svelte';
  import TwoMakers from '$lib/ui/sizes/TwoMakers.svelte';

  let { data } = $props();
  let group = $state<FitsAs>(FITS_AS[0]);
</script>

<svelte:head><title>Widths · Chiave</title></svelte:head>
<h1 class="sr-only">Widths</h1>
<div class="grid gap-4 lg:grid-cols-2">
  <FootLetter {group} ongroup={(next) => (group = next)} />
  <SisterSizes {group} />
</div>
<TwoMakers styles={data.styles} />
