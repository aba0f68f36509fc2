<script lang="ts">
  import { USE, USES, usesOver, type UseId } from '@chiave/core/use';
  import Check from '$lib/ui/kit/Check.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import type { BySuit } from '$lib/ui/pull/by-suit.svelte';
  import Schools from './Schools.svelte';

  /** Over the list: the use, the first three that differ in one thing, the schools and who moves by them. */
  let { desk, use, suits, nameOf }: { desk: Desk; use: UseId; suits: BySuit; nameOf: (styleId: string) => string } = $props();
  const lying = $derived(usesOver(use, desk.fitting.customer).filter((u) => u.over !== 'everybody'));
  const schools = $derived(desk.fitting.use.schools);
  /** Uses that were chosen, in the order of the list: the one judged is chosen here. */
  const uses = $derived(USES.filter((u) => desk.fitting.use.uses.includes(u.id)));
  const change = (part: Partial<typeof desk.fitting.use>): void => desk.patch({ use: { ...$state.snapshot(desk.fitting.use), ...part } as never });
  const goBy = (id: UseId): void => change({ uses: [id, ...desk.fitting.use.uses.filter((u) => u !== id)] });
</script>

<div class="sheet mt-3 px-3 py-2" data-use={use}>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-1">
    <h2 class="says text-xl">For {USE[use].name}{lying.length > 0 ? `, ${lying.map((u) => u.name).join(', ')}` : ''}</h2>
    {#if uses.length > 1}<Choice hideLegend name="pull-use" legend="Judged for" options={uses} value={use} onchange={goBy} />{/if}
    <span class="ml-auto"><Check bind:checked={suits.wanted}>what suits first</Check></span>
  </div>
  {#if suits.now.three.length > 0}
    <ol class="mt-1 flex flex-wrap gap-x-5 gap-y-1" aria-label="The first three, each different in one thing">
      {#each suits.now.three as t, i (t.styleId)}
        <li>
          <b>{nameOf(t.styleId)}</b><span class="soft"
            >{t.but ? `, as ${nameOf(suits.now.three[0].styleId)} but ${t.but}` : i === 0 ? ' stands first' : ''}</span
          >
        </li>
      {/each}
    </ol>
  {/if}
  {#if suits.moved}<p class="mt-1" role="status">{suits.moved}</p>{/if}
  <div class="-mb-2">
    <Fold heading="Schools, and who moves by them" sheet={false}>
      <Schools uses={[USE[use], ...lying]} {schools} onchange={(next) => change({ schools: next })} />
    </Fold>
  </div>
</div>
