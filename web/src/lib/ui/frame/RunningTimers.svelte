<script lang="ts">
  import { CHAIR_STEP, left, type ChairTimer } from '@chiave/core/chair';
  import { clock } from '$lib/ui/kit/clock';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  /** Steps of all visits that take their time: which run, which have rung. */
  let { timers }: { timers: readonly { fittingId: number; person: string; style: string; timer: ChairTimer }[] } = $props();
  const sorted = $derived([...timers].map((t) => ({ ...t, rest: left(t.timer, clock.now) })).sort((a, b) => a.rest - b.rest));
  const words = (s: number): string => {
    const minutes = Math.ceil(Math.abs(s) / 60);
    const long = minutes >= 120 ? `${Math.round(minutes / 60)} hours` : minutes === 1 ? 'one minute' : `${minutes} minutes`;
    return s <= 0 ? `rang ${long} ago` : `${long} left`;
  };
</script>

<Sheet heading="Running" class="!py-2" data-running>
  <ul>
    {#each sorted as t (`${t.fittingId} ${t.style} ${t.timer.step}`)}
      <li class="flex items-baseline gap-3 border-b border-line py-1 last:border-0">
        <a href="/fittings/{t.fittingId}/try" class="font-semibold whitespace-nowrap">{t.person}</a>
        <span class="soft mr-auto min-w-0 truncate">{t.style} · {CHAIR_STEP[t.timer.step].name}</span>
        <b class="whitespace-nowrap {t.rest <= 0 ? 'text-tight-word' : ''}">{t.timer.since === null ? 'paused' : words(t.rest)}</b>
      </li>
    {/each}
  </ul>
</Sheet>
