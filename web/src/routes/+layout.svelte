<script lang="ts">
  import '../app.css';
  import { onMount } from 'svelte';
  import ThemeProvider from 'flowbite-svelte/ThemeProvider.svelte';
  import { KIT_THEME } from '$lib/ui/kit/theme';
  import QuickBox from '$lib/ui/frame/QuickBox.svelte';
  import Shortcuts from '$lib/ui/frame/Shortcuts.svelte';
  import { UNITS, shown } from '$lib/ui/frame/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';

  let { children } = $props();
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
    <div class="mx-auto flex max-w-[1280px] flex-wrap items-center gap-x-5 gap-y-1 px-4 py-1.5">
      <a href="/" class="flex items-center gap-2 font-serif text-2xl font-semibold !text-sheet no-underline"
        ><img src="/mark.svg" alt="" class="h-8 w-8" />Chiave</a
      >
      <nav aria-label="Main" class="flex gap-4">
        {#each [{ href: '/', name: 'People' }, { href: '/sizes', name: 'Sizes' }, { href: '/stock', name: 'Stockroom' }, { href: '/api/v1/docs', name: 'API' }] as link (link.href)}
          <a href={link.href} class="inline-flex min-h-11 items-center !text-[#f0d9a6]">{link.name}</a>
        {/each}
      </nav>
      <div class="ml-auto"><QuickBox /></div>
      <div class="flex items-center gap-1" role="group" aria-label="Unit shown">
        {#each UNITS as unit (unit)}
          <Button
            class="min-w-11 border-0 px-2 {shown.unit === unit ? 'text-ink' : 'bg-transparent text-sheet hover:text-ink'}"
            pressed={shown.unit === unit}
            onclick={() => shown.show(unit)}>{unit}</Button
          >
        {/each}
        <Shortcuts />
      </div>
    </div>
    <div class="brass-rule" aria-hidden="true"></div>
  </header>
  <main id="main" class="mx-auto max-w-[1280px] px-4 py-4">{@render children()}</main>
</ThemeProvider>
