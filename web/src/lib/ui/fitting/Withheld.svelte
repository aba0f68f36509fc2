<script lang="ts">
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** There are health notes that whoever works here may not see: no answer counts them in. */
  let { customer }: { customer: { withheld: boolean } } = $props();
</script>

{#if customer.withheld}
  <Notice class="my-3" tone="caution"
    >Health notes are kept of this person that you may not read, and nothing here counts them in: fit with a fitter beside you.</Notice
  >
{/if}
