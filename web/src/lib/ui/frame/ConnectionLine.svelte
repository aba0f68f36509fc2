<script lang="ts">
  import { onMount } from 'svelte';
  import { format } from 'date-fns';
  import { invalidateAll } from '$app/navigation';
  import { page } from '$app/state';
  import { connection } from '$lib/send/connection.svelte';

  /** Says so while the shop's server does not answer, and what that means for what is entered. */
  onMount(() => {
    const look = (): void => void connection.look();
    for (const told of ['online', 'offline']) window.addEventListener(told, look);
    // The page itself may be one that was kept.
    if (navigator.serviceWorker?.controller) look();
    // A visit holds what was entered, and asks by itself where another device saved meanwhile.
    connection.onback = () => void (page.url.pathname.startsWith('/fittings/') || invalidateAll());
    return () => ['online', 'offline'].forEach((told) => window.removeEventListener(told, look));
  });
</script>

<!-- Said aloud when it comes; no place of its own among the states of a page. -->
<div aria-live="polite">
  {#if connection.awaySince !== null}
    <p class="away print:hidden" data-away>
      <strong>No answer from the shop’s server since {format(connection.awaySince, 'HH:mm')}.</strong>
      Go on measuring and fitting: what you enter stays on this device and is saved when it answers again.
    </p>
  {/if}
</div>

<style>
  .away {
    margin: 0;
    padding: 8px 16px;
    background: var(--color-brass-bright);
    color: var(--color-ink);
    text-align: center;
    line-height: 1.3;
  }
</style>
