<script lang="ts" generics="Id extends string">
  import { goto } from '$app/navigation';

  /** Sections of one page as a bar: the present one dark, a finding beside a name; keys 1 to 9 go there. */
  let { label, parts, current }: { label: string; parts: readonly { id: Id; name: string; href: string; finding?: string }[]; current: Id } = $props();
  const STAY = { noScroll: true, keepFocus: true } as const;

  function onkeydown(event: KeyboardEvent): void {
    const typing = event.target instanceof HTMLElement && event.target.closest('input, select, textarea, [contenteditable]');
    const part = /^[1-9]$/.test(event.key) ? parts[Number(event.key) - 1] : undefined;
    if (!part || typing || event.altKey || event.ctrlKey || event.metaKey) return;
    event.preventDefault();
    void goto(part.href, STAY);
  }
</script>

<svelte:window {onkeydown} />

<nav aria-label={label} class="bar">
  <ol>
    {#each parts as part (part.id)}
      <li>
        <a
          href={part.href}
          class="tab"
          class:current={part.id === current}
          data-sveltekit-noscroll
          data-sveltekit-keepfocus
          aria-current={part.id === current ? 'page' : undefined}
          >{part.name}{#if part.finding}{' '}<span class="finding">{part.finding}</span>{/if}</a
        >
      </li>
    {/each}
  </ol>
</nav>

<style>
  .bar {
    border-bottom: 2px solid var(--color-ink);
    overflow-x: auto;
  }
  ol {
    display: flex;
  }
  .tab {
    min-height: 46px;
    white-space: nowrap;
  }
  .finding {
    color: var(--color-brass);
    font-size: 1rem;
    font-weight: 650;
  }
  [aria-current] .finding {
    color: #f0d9a6;
  }
  @media print {
    .bar {
      display: none;
    }
  }
</style>
