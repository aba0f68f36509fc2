<script lang="ts">
  import { onMount } from 'svelte';
  import { HAND_PARTS, type Hand } from '@chiave/core/chair';
  import type { Hands } from '$lib/api/chair-schema';
  import { fitterName, Keeper } from '$lib/send/save.svelte';
  import SaveLine from '$lib/ui/fitting/SaveLine.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';

  /** A fitter’s own thumb, finger and nail, read once with a calliper or on a ruler: then “a finger” is a length. */
  let { hands = $bindable() }: { hands: Hands } = $props();
  const keeper = new Keeper('/api/v1/settings/hands', 'PUT');
  let name = $state('');
  onMount(() => (name = fitterName.get()));
  const hand = $derived<Hand>(hands[name.trim()] ?? {});
  function set(part: keyof Hand, mm: number | null): void {
    const own = { ...hand, [part]: mm ?? undefined };
    hands = { ...hands, [name.trim()]: own };
    keeper.later({ hands: $state.snapshot(hands) });
  }
</script>

<Fold heading="My hand: {HAND_PARTS.map((p) => `${p.name} ${hand[p.id] === undefined ? 'not measured' : `${hand[p.id]} mm`}`).join(', ')}">
  <div class="mt-1 grid grid-cols-2 items-end gap-2 sm:grid-cols-4">
    <Field label="Whose" bind:value={name} onchange={() => fitterName.set(name.trim())} />
    {#each name.trim() === '' ? [] : HAND_PARTS as part (part.id)}
      <NumberField
        label="{part.name[0].toUpperCase()}{part.name.slice(1)}"
        unit="mm"
        value={hand[part.id] ?? null}
        low={part.low}
        high={part.high}
        step={0.5}
        onchange={(mm) => set(part.id, mm)}
      />
    {/each}
  </div>
  <p class="soft mt-1">Across its widest place, lying flat. Half an inch, a thumbnail, a finger and a thumb are four lengths, and everybody’s are others.</p>
  <SaveLine keepers={[keeper]} ontheirs={(k) => k.drop()} />
</Fold>
