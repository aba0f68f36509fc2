<script lang="ts">
  import { onMount, untrack, type Snippet } from 'svelte';
  import { beforeNavigate, goto, preloadCode } from '$app/navigation';
  import { page } from '$app/state';
  import { formatLength } from '@chiave/core/measure';
  import type { FittingRow } from '$lib/api/rows';
  import { Desk, setDesk } from './desk.svelte';
  import SaveLine from './SaveLine.svelte';
  import { STEPS } from './steps';
  import { warm } from '$lib/workers/fit-client';
  import { forWorker } from '$lib/workers/for-worker';
  import { shown } from '$lib/ui/frame/units.svelte';

  /** @prop stamp the stockroom's, which the fit engine fetches while the feet are measured */
  let { fitting, stamp, children }: { fitting: FittingRow; stamp: string; children: Snippet } = $props();
  // The frame is made anew for each fitting, so the first value is the right one.
  const desk = setDesk(new Desk(untrack(() => fitting)));
  const here = $derived(page.url.pathname.split('/')[3] ?? '');
  const current = $derived(here === 'shoe' ? 'pull' : here === 'trace' ? 'measure' : here);
  const lengths = $derived((['left', 'right'] as const).map((side) => ({ side, mm: desk.fitting.feet[side].values.lengthMm?.mm })));

  const PAUSE_MS = 800;
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
  });

  // Leaving the fitting waits for what is unsaved; its steps need not.
  beforeNavigate(({ to, cancel, willUnload }) => {
    const unsaved = [desk.asked, desk.feet].some((k) => k.state === 'typing' || k.state === 'saving');
    if (!unsaved || willUnload || !to || to.url.pathname.startsWith(`/fittings/${desk.fitting.id}/`)) return;
    cancel();
    void desk.settle().then(() => goto(to.url, { invalidateAll: true }));
  });
</script>

<div class="flex flex-wrap items-baseline gap-x-4 gap-y-1 print:hidden">
  <a href="/people/{desk.fitting.customer.id}" class="text-lg font-semibold">{desk.fitting.customer.name}</a>
  <span class="soft">{desk.fitting.purpose || 'purpose not asked yet'}</span>
  <span class="figures ml-auto">
    {#each lengths as { side, mm } (side)}
      <b class="ml-3 {side === 'left' ? 'side-L' : 'side-R'}">{side === 'left' ? 'L' : 'R'}</b>
      {mm === undefined ? 'not measured' : formatLength(mm, shown.unit)}
    {/each}
  </span>
</div>
<nav aria-label="Steps of the fitting" class="mt-2 print:hidden">
  <!-- Moving the focus away would have the whole new page laid out at once, before a frame of it is seen. -->
  <ol class="flex flex-wrap gap-1 border-b-2 border-ink" data-sveltekit-keepfocus>
    {#each STEPS as step, i (step.id)}
      <li>
        <a
          href="/fittings/{desk.fitting.id}/{step.id}"
          aria-current={current === step.id ? 'step' : undefined}
          title={step.hint}
          class="tab"
          class:current={current === step.id}
        >
          <span class="figures text-xs">{i + 1}</span>{step.name}
        </a>
      </li>
    {/each}
  </ol>
</nav>
<div class="mt-1 flex justify-end gap-4 print:hidden">
  {#if desk.restored}<p class="soft text-sm">What had been typed on this device before is back.</p>{/if}
  <SaveLine keepers={[desk.asked, desk.feet]} ontheirs={(keeper) => desk.takeTheirs(keeper)} />
</div>
<div class="pt-2">{@render children()}</div>
