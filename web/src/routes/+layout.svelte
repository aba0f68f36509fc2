<script lang="ts">
  import '../app.css';
  import { onMount } from 'svelte';
  import { page } from '$app/state';
  import ThemeProvider from 'flowbite-svelte/ThemeProvider.svelte';
  import ConnectionLine from '$lib/ui/frame/ConnectionLine.svelte';
  import QuickBox from '$lib/ui/frame/QuickBox.svelte';
  import Shortcuts from '$lib/ui/frame/Shortcuts.svelte';
  import WhoIsHere from '$lib/ui/frame/WhoIsHere.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import { KIT_THEME } from '$lib/ui/kit/theme';
  import { UNITS, shown } from '$lib/ui/kit/units.svelte';

  let { children } = $props();
  const under =
    (...starts: string[]) =>
    (path: string) =>
      starts.some((start) => path.startsWith(start));
  /** Benches stand among the stockroom's pages but are gone to by themselves. */
  const bench = under('/stock/bench', '/stock/heel', '/stock/occasion', '/stock/pointe', '/stock/use', '/stock/toes', '/stock/matrix');
  const stock = under('/stock');
  const NAV = [
    { href: '/', name: 'Today', here: (path: string) => path === '/' },
    { href: '/people', name: 'People', here: under('/people', '/fittings') },
    { href: '/keeping', name: 'Keeping', here: under('/keeping', '/answers') },
    { href: '/sizes', name: 'Rule', here: under('/sizes') },
    { href: '/stock/bench', name: 'Benches', here: bench },
    { href: '/stock', name: 'Stockroom', here: (path: string) => stock(path) && !bench(path) }
  ];
  onMount(() => {
    shown.restore();
    // From here on the page answers to keys and touch; tests wait for it.
    document.documentElement.dataset.ready = '';
  });
</script>

<svelte:head><title>Chiave</title></svelte:head>

<ThemeProvider theme={KIT_THEME}>
  <a href="#main" class="sr-only focus:not-sr-only">To the content</a>
  <header class="bg-ink text-sheet print:hidden">
    <div class="mx-auto flex min-h-14 max-w-[1280px] flex-wrap items-center gap-x-2 gap-y-1 px-4 lg:gap-x-3">
      <a href="/" class="flex items-center gap-2 font-serif text-2xl font-semibold !text-sheet no-underline"
        ><img src="/mark.svg" alt="" class="h-8 w-8" /><span class="max-lg:sr-only">Chiave</span></a
      >
      {#if page.data.me}<nav aria-label="Main" class="flex">
          {#each NAV as link (link.href)}
            <a href={link.href} class="main-link" aria-current={link.here(page.url.pathname) ? 'page' : undefined}>{link.name}</a>
          {/each}
        </nav>{/if}
      <div class="ml-auto">
        {#if page.data.me && page.url.pathname !== '/'}<QuickBox />{/if}
      </div>
      <div class="units" role="group" aria-label="Unit shown">
        {#each UNITS as unit (unit)}
          <Button
            class="min-w-11 rounded-none border-0 px-2 {shown.unit === unit ? 'bg-brass-bright' : 'bg-transparent text-sheet hover:text-ink'}"
            pressed={shown.unit === unit}
            onclick={() => shown.show(unit)}>{unit}</Button
          >
        {/each}
      </div>
      <!-- A tablet has no keys to be told of, and no room for it: the guide is reached by one's own name there. -->
      <div class="max-lg:hidden"><Shortcuts /></div>
      {#if page.data.me}<WhoIsHere me={page.data.me} />{/if}
    </div>
    <div class="brass-rule" aria-hidden="true"></div>
  </header>
  <ConnectionLine />
  <main id="main" class="mx-auto max-w-[1280px] px-4 py-4">{@render children()}</main>
</ThemeProvider>

<style>
  .main-link {
    display: inline-flex;
    align-items: center;
    min-height: 56px;
    padding: 4px 0.65rem 0;
    border-bottom: 4px solid transparent;
    color: #f0e3c6;
    text-decoration: none;
  }
  @media (max-width: 1023px) {
    .main-link {
      padding-inline: 0.42rem;
    }
  }
  .main-link:hover {
    color: var(--color-sheet);
  }
  .main-link[aria-current] {
    border-color: var(--color-brass-bright);
    color: var(--color-sheet);
    font-weight: 650;
  }
  .units {
    display: flex;
    overflow: hidden;
    border: 1px solid var(--color-edge);
    border-radius: 9px;
  }
</style>
