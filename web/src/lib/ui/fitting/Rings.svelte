<script lang="ts">
  import { CHAIR_STEP, rings } from '@chiave/core/chair';
  import { clock } from '$lib/ui/kit/clock';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import { send } from '$lib/send/save.svelte';
  import type { Desk } from './desk.svelte';

  /** What timers of this visit ring for, on whichever step it stands: what to ask now. */
  let { desk }: { desk: Desk } = $props();
  const running = $derived(desk.fitting.tries.some((t) => t.chair.timers.some((x) => !x.answered)));
  const ringing = $derived(
    running ? desk.fitting.tries.flatMap((row) => row.chair.timers.filter((t) => rings(t, clock.now)).map((timer) => ({ row, timer }))) : []
  );
  let message = $state('');
  async function answered({ row, timer }: (typeof ringing)[number]): Promise<void> {
    const timers = $state.snapshot(row.chair.timers).map((t) => (t.step === timer.step ? { ...t, answered: true } : t));
    const sent = await send<{ version: number }>(`/api/v1/tries/${row.id}`, 'PATCH', { chair: { ...$state.snapshot(row.chair), timers } });
    message = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    row.chair.timers = timers;
    row.version = sent.value.version;
  }
</script>

{#each ringing as r (`${r.row.id} ${r.timer.step}`)}
  <Notice class="mt-2 flex flex-wrap items-center gap-3" tone="caution" role="alert" data-rings={r.timer.step}>
    <span class="mr-auto"><b>{CHAIR_STEP[r.timer.step].name}: time is over.</b> {CHAIR_STEP[r.timer.step].ask}</span>
    <Button href="/fittings/{desk.fitting.id}/try">To the feet</Button>
    <Button onclick={() => answered(r)}>Asked</Button>
  </Notice>
{/each}
{#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
