<script lang="ts">
  /** Parts of a bench as tabs that are links. */
  let { label, parts, current }: { label: string; parts: readonly { path: string; name: string }[]; current: (path: string) => boolean } = $props();
</script>

<nav aria-label={label} class="mb-3 print:hidden">
  <ol class="flex flex-wrap gap-1 border-b-2 border-ink">
    {#each parts as part (part.path)}
      <li><a href={part.path} class="tab" class:current={current(part.path)} aria-current={current(part.path) ? 'page' : undefined}>{part.name}</a></li>
    {/each}
  </ol>
</nav>
