<script lang="ts">
  import { goto } from '$app/navigation';
  import { SIDES } from '@chiave/core/measure';
  import type { PeoplePage } from '$lib/api/rows';
  import { send } from '$lib/send/save.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';
  import type { KnownShoes } from './known-shoes.svelte';

  /** Takes the estimate into a new visit of somebody: every measure marked as coming from the shoes they wear. */
  let { known, people }: { known: KnownShoes; people: PeoplePage } = $props();
  let who = $state.raw<{ id: number; name: string } | null>(null);
  let message = $state('');
  let busy = $state(false);
  const round = (mm: number): number => Math.round(10 * mm) / 10;
  async function take(): Promise<void> {
    const { feet } = known;
    if (!who || !feet) return;
    busy = true;
    const opened = await send<{ id: number }>(`/api/v1/customers/${who.id}/fittings`, 'POST');
    const body = Object.fromEntries(
      SIDES.map((side) => [side, Object.fromEntries(Object.entries(feet[side].values).map(([id, v]) => [id, { mm: round(v.mm), sdMm: round(v.sdMm!), how: 'worn' }]))]) // prettier-ignore
    );
    const saved = opened.ok ? await send(`/api/v1/fittings/${opened.value.id}/feet`, 'PUT', body) : opened;
    // What they wear is theirs: it stands there for the next letter.
    if (saved.ok) await send(`/api/v1/customers/${who.id}/known`, 'PUT', { shoes: $state.snapshot(known.kept) });
    busy = false;
    if (opened.ok && saved.ok) await goto(`/fittings/${opened.value.id}/measure`);
    else message = saved.ok ? '' : saved.detail;
  }
</script>

<Sheet heading="Into a fitting">
  <div class="flex flex-wrap items-end gap-3">
    <div class="w-64"><PersonFinder anybody label="Of whom" first={people} chosen={who} onchoose={(w) => (who = w)} /></div>
    <Button kind="primary" disabled={!who || busy} onclick={take}>Take these feet</Button>
  </div>
  <p class="soft mt-1">A new visit begins with them, each value marked “from the shoes worn” with its doubt. What is measured later takes its place.</p>
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
</Sheet>
