<script lang="ts">
  import { page } from '$app/state';
  import Tabs from '$lib/ui/kit/Tabs.svelte';
  import UndoBar from '$lib/ui/stock/UndoBar.svelte';

  let { children } = $props();
  const PARTS = [
    { path: '/stock', name: 'Styles' },
    { path: '/stock/lasts', name: 'Lasts' },
    { path: '/stock/targets', name: 'Targets' },
    { path: '/stock/proposals', name: 'Proposals' },
    { path: '/stock/learned', name: 'What try-ons teach' },
    { path: '/stock/truth', name: 'Is it true?' },
    { path: '/stock/instruments', name: 'Instruments' },
    { path: '/stock/files', name: 'In and out' }
  ] as const;
  const BENCHES = [
    { path: '/stock/bench', name: 'Last bench' },
    { path: '/stock/heel', name: 'Heel bench' },
    { path: '/stock/toes', name: 'Toe shapes' },
    { path: '/stock/pointe', name: 'Pointe bench' },
    { path: '/stock/use', name: 'Uses' },
    { path: '/stock/occasion', name: 'Occasion' },
    { path: '/stock/matrix', name: 'Sizes that feel alike' }
  ] as const;
  const atBench = $derived(BENCHES.some(({ path }) => page.url.pathname.startsWith(path)));
  const current = (path: string) =>
    path === '/stock' ? page.url.pathname === path || page.url.pathname.startsWith('/stock/styles') : page.url.pathname.startsWith(path);
</script>

<Tabs label={atBench ? 'Benches' : 'Stockroom'} parts={atBench ? BENCHES : PARTS} {current} />
<UndoBar />
{@render children()}
