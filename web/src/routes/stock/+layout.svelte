<script lang="ts">
  import { page } from '$app/state';
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

<nav aria-label="Stockroom" class="mb-3 print:hidden">
  <ol class="flex flex-wrap gap-1 border-b-2 border-ink">
    {#each PARTS as part (part.path)}
      <li><a href={part.path} class="tab" class:current={current(part.path)} aria-current={current(part.path) ? 'page' : undefined}>{part.name}</a></li>
    {/each}
  </ol>
</nav>
<UndoBar />
{@render children()}
