<script lang="ts">
  import { page } from '$app/state';

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

<nav aria-label="Sizes" class="mb-3 print:hidden">
  <ol class="flex flex-wrap gap-1 border-b-2 border-ink">
    {#each PARTS as part (part.path)}
      <li>
        <a href={part.path} class="tab" class:current={page.url.pathname === part.path} aria-current={page.url.pathname === part.path ? 'page' : undefined}
          >{part.name}</a
        >
      </li>
    {/each}
  </ol>
</nav>
{@render children()}
