<script lang="ts">
  import Withheld from './Withheld.svelte';
  import { onMount, untrack, type Snippet } from 'svelte';
  import { afterNavigate, beforeNavigate, goto, preloadCode } from '$app/navigation';
  import { page } from '$app/state';
  import { formatLength } from '@chiave/core/measure';
  import type { FittingRow } from '$lib/api/rows';
  import { Desk, setDesk } from './desk.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Rings from './Rings.svelte';
  import SaveLine from './SaveLine.svelte';
  import { STEPS } from './steps';
  import { warm } from '$lib/workers/fit-client';
  import { KEPT_API, keepPages } from '$lib/send/kept-pages';
  import { forWorker } from '$lib/workers/for-worker';
  import { shown } from '$lib/ui/kit/units.svelte';

  /** @prop stamp the stockroom's, which the fit engine fetches while the feet are measured */
  let { fitting, stamp, children }: { fitting: FittingRow; stamp: string; children: Snippet } = $props();
  // The frame is made anew for each fitting, so the first value is the right one.
  const desk = setDesk(new Desk(untrack(() => fitting)));
  const here = $derived(page.url.pathname.split('/')[3] ?? '');
  const at = $derived(STEPS.findIndex((step) => step.id === here || step.pages?.includes(here)));
  const lengths = $derived((['left', 'right'] as const).map((side) => ({ side, mm: desk.fitting.feet[side].values.lengthMm?.mm })));

  /** Nothing to say but how it stands; a trouble takes the page's whole width. */
  const calm = $derived([desk.asked, desk.feet].every((k) => ['saved', 'saving', 'typing'].includes(k.state)));

  const PAUSE_MS = 800;
  /** How long somebody is at a fitting, and at one of its steps, before it is kept for minutes without the server. */
  const [NEAR_MS, STAY_MS] = [3000, 1500];
  let warmed = false;
  onMount(() => desk.restore());
  onMount(() => {
    // Again when what hangs on it has changed, and a hand has paused: what the feet come to is looked at before it is asked.
    $effect(() => {
      const now = $state.snapshot(forWorker(desk.fitting));
      const pause = setTimeout(() => warm(stamp, now), warmed ? PAUSE_MS : 0);
      warmed = true;
      return () => clearTimeout(pause);
    });
  });
  // A tablet has no pointer to rest on a step before it is touched.
  onMount(() => {
    const idle = window.requestIdleCallback ?? setTimeout;
    idle(() => STEPS.forEach((step) => void preloadCode(`/fittings/${desk.fitting.id}/${step.id}`)));
    // For minutes without the server: every step's data, as going from step to step asks for it, and all parts of the application.
    const near = setTimeout(() => keepPages([...KEPT_API, ...STEPS.map((step) => `/fittings/${desk.fitting.id}/${step.id}/__data.json?x-sveltekit-invalidated=001`)], true), NEAR_MS); // prettier-ignore
    return () => clearTimeout(near);
  });
  let staying: ReturnType<typeof setTimeout> | undefined;
  afterNavigate(() => {
    clearTimeout(staying);
    // The page itself, which was put together here and never asked for: reloaded without the server, it opens.
    staying = setTimeout(() => keepPages([page.url.pathname]), STAY_MS);
  });

  // Leaving the fitting waits for what is unsaved; its steps need not.
  beforeNavigate(({ to, cancel, willUnload }) => {
    const unsaved = [desk.asked, desk.feet].some((k) => k.state === 'typing' || k.state === 'saving');
    if (!unsaved || willUnload || !to || to.url.pathname.startsWith(`/fittings/${desk.fitting.id}/`)) return;
    cancel();
    void desk.settle().then(() => goto(to.url, { invalidateAll: true }));
  });
</script>

<div class="bar print:hidden">
  <div class="min-w-0">
    <a href="/people/{desk.fitting.customer.id}" class="name">{desk.fitting.customer.name}</a>
    <span class="soft block truncate">{desk.fitting.purpose || 'purpose not asked yet'}</span>
  </div>
  <nav aria-label="Steps of the fitting">
    <!-- Moving the focus away would have the whole new page laid out at once, before a frame of it is seen. -->
    <ol class="steps" data-sveltekit-keepfocus>
      {#each STEPS as step, i (step.id)}
        <li class:done={i < at}>
          <a href="/fittings/{desk.fitting.id}/{step.id}" aria-current={i === at ? 'step' : undefined} title="{step.hint} (Alt {i + 1})">{step.name}</a>
        </li>
      {/each}
    </ol>
  </nav>
  <div class="text-right leading-tight whitespace-nowrap">
    <p class="figures flex flex-wrap justify-end gap-x-3">
      {#each lengths as { side, mm } (side)}
        <span class="font-semibold {side === 'left' ? 'side-L' : 'side-R'}"
          ><SideMark {side} /> {mm === undefined ? 'not measured' : formatLength(mm, shown.unit)}</span
        >
      {/each}
    </p>
    {#if calm}{@render save()}{/if}
  </div>
</div>
{#snippet save()}<SaveLine keepers={[desk.asked, desk.feet]} ontheirs={(keeper) => desk.takeTheirs(keeper)} />{/snippet}
{#if desk.restored}<p class="soft mt-1 text-right text-sm print:hidden">What had been typed on this device before is back.</p>{/if}
{#if !calm}<div class="mt-1 print:hidden">{@render save()}</div>{/if}
<div class="print:hidden"><Rings {desk} /></div>
<div class="pt-3"><Withheld customer={desk.fitting.customer} />{@render children()}</div>

<style>
  .bar {
    display: grid;
    grid-template-columns: minmax(9rem, 1fr) auto minmax(8rem, 1fr);
    align-items: center;
    gap: 0.25rem 1rem;
    min-height: 58px;
    margin-top: -0.5rem;
    border-bottom: 1px solid var(--color-line);
  }
  .name {
    font-family: var(--font-serif);
    font-size: 1.3rem;
    font-weight: 600;
    color: var(--color-ink);
    text-decoration: none;
  }
  .name:hover {
    text-decoration: underline;
  }
  /* The steps lie on a rule: what is done is filled, the carriage stands on the present one. */
  .steps {
    display: flex;
  }
  .steps li {
    position: relative;
    min-width: 5.6rem;
  }
  .steps li::before {
    content: '';
    position: absolute;
    right: 0;
    bottom: 6px;
    left: 0;
    height: 3px;
    background: repeating-linear-gradient(90deg, transparent 0 15px, #c3a25a 15px 16px), linear-gradient(#ddd0b4, #ddd0b4);
    background-size:
      auto 3px,
      auto 1px;
    background-position: 0 1px;
    background-repeat: repeat-x;
  }
  .steps li.done::before {
    background: var(--color-brass-line);
  }
  .steps li::after {
    content: '';
    position: absolute;
    bottom: 3px;
    left: calc(50% - 4.5px);
    width: 9px;
    height: 9px;
    border: 1.5px solid var(--color-brass-line);
    border-radius: 50%;
    background: var(--color-sheet);
  }
  .steps li:has([aria-current])::after {
    display: none;
  }
  .steps li.done::after {
    background: var(--color-brass-line);
  }
  .steps a {
    position: relative;
    z-index: 1;
    display: flex;
    justify-content: center;
    align-items: center;
    min-height: 44px;
    margin: 0 2px 12px;
    border-radius: 9px;
    color: var(--color-ink);
    text-decoration: none;
  }
  .steps a:hover {
    background: #eee3cc;
  }
  .steps a[aria-current] {
    background: var(--color-ink);
    color: var(--color-sheet);
    font-weight: 650;
  }
  .steps a[aria-current]::after {
    content: '';
    position: absolute;
    bottom: -8px;
    left: calc(50% - 8px);
    border: 8px solid transparent;
    border-top-color: var(--color-ink);
    border-bottom: 0;
  }
  @media (max-width: 1000px) {
    .bar {
      grid-template-columns: 1fr auto;
    }
    .bar nav {
      grid-row: 2;
      grid-column: 1 / -1;
    }
    .steps li {
      flex: 1;
      min-width: 0;
    }
  }
</style>
