<script lang="ts">
  import { invalidate } from '$app/navigation';
  import type { PairPutIn } from '@chiave/core/fit';
  import { writePut } from '$lib/put-text';
  import type { Desk } from './desk.svelte';
  import { send } from '$lib/send/save.svelte';
  import type { TryRow } from '$lib/api/rows';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** Carries a pair to the chair, with what is put in: it stands in Try from then on. @prop primary the one dark action of its page */
  let {
    desk,
    styleId,
    size,
    width,
    put = {},
    primary = false
  }: { desk: Desk; styleId: string; size: string; width: string; put?: PairPutIn; primary?: boolean } = $props();
  const carried = $derived(desk.fitting.tries.some((t) => t.styleId === styleId && t.size === size && t.width === width && writePut(t.put) === writePut(put)));
  let busy = $state(false);
  let message = $state('');

  async function carry(): Promise<void> {
    busy = true;
    message = '';
    // The server judges with the feet it has: what is typed goes there first.
    await desk.settle();
    const sent = await send<{ tried: TryRow }>(`/api/v1/fittings/${desk.fitting.id}/tries`, 'POST', { styleId, size, width, put });
    if (sent.ok) {
      desk.addTry(sent.value.tried);
      void invalidate('app:fitting');
    } else message = sent.detail;
    busy = false;
  }
</script>

{#if carried}
  <a href="/fittings/{desk.fitting.id}/try" class="inline-flex min-h-11 items-center px-3">at the chair</a>
{:else}
  <Button kind={primary ? 'primary' : 'plain'} disabled={busy} onclick={carry}>Carry to the chair</Button>
{/if}
{#if message}<Notice role="alert" class="w-full" tone="caution">{message}</Notice>{/if}
