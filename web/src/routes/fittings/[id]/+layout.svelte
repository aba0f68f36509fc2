<script lang="ts">
  import FittingFrame from '$lib/ui/fitting/FittingFrame.svelte';

  let { data, children } = $props();
</script>

{#key data.fitting.id}
  <FittingFrame fitting={data.fitting} stamp={data.stamp} {children} />
{/key}
