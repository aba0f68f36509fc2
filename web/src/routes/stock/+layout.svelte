<script lang="ts">
  import { page } from '$app/state';
  import Tabs from '$lib/ui/kit/Tabs.svelte';
  import UndoBar from '$lib/ui/stock/UndoBar.svelte';

  let { children } = $props();
  const PARTS = [
    { path: '/stock', name: 'Styles' },
    { path: '/stock/lasts', name: 'Lasts' },
    { path: '/stock/bench', name: 'Last bench' },
    { path: '/stock/matrix', name: 'Sizes that feel alike' },
    { path: '/stock/targets', name: 'Targets' },
    { path: '/stock/files', name: 'In and out' }
  ] as const;
  const current = (path: string) =>
    path === '/stock' ? page.url.pathname === path || page.url.pathname.startsWith('/stock/styles') : page.url.pathname.startsWith(path);
</script>

<Tabs label="Stockroom" parts={PARTS} {current} />
<UndoBar />
{@render children()}
