<script lang="ts">
  import { page } from '$app/state';
  import Tabs from '$lib/ui/kit/Tabs.svelte';

  let { children } = $props();
  const PARTS = [
    { path: '/sizes', name: 'The rule' },
    { path: '/sizes/widths', name: 'Widths' },
    { path: '/sizes/chain', name: 'Chain of sums' },
    { path: '/sizes/between', name: 'Between makers' },
    { path: '/sizes/insoles', name: 'Insoles and habits' },
    { path: '/sizes/makers', name: 'Makers’ scales' },
    { path: '/sizes/many', name: 'Many at once' },
    { path: '/sizes/charts', name: 'Charts and gauge' }
  ] as const;
</script>

<Tabs label="Sizes" parts={PARTS} current={(path) => page.url.pathname === path} />
{@render children()}
