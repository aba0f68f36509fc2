<script lang="ts">
  import { FLAG, KIND } from '@chiave/core/fit';
  import { deviceOn, favourites, suitWords, USE, USES, WEAR_LOOKS, WHOM, type UseId, type WearLookId } from '@chiave/core/use';
  import { capital } from '$lib/capital';
  import { withFractions } from '$lib/size-fractions';
  import { smallLength } from '$lib/small-length';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import type { Suits } from '$lib/workers/messages';
  import { leanWords } from '$lib/lean-words';
  import type { UseBench } from './use-bench.svelte';

  /** Somebody's own pairs for what they do in them, and a page with four favourites to hand to a clinician. */
  let { bench }: { bench: UseBench } = $props();
  let chosen = $state.raw<UseId[] | null>(null);
  const uses = $derived(chosen ?? [bench.use]);
  let judged = $state.raw<{ use: UseId; suits: Suits }[]>([]);
  $effect(() => {
    void [bench.setting, bench.own];
    void bench.closet(uses).then((all) => all && (judged = all));
  });
  const withDevice = $derived(bench.setting.person.flags.some((f) => FLAG[f].device));
  const best = $derived(
    favourites(
      bench.own.flatMap((own) => {
        const suit = judged[0]?.suits.suits[own.styleId];
        const kind = bench.kindOf(own.styleId);
        return suit && kind ? [{ ...own, kind, suit }] : [];
      })
    )
  );
  const stand = (dropMm: number) => deviceOn(dropMm, bench.setting.person, bench.answers);
  const pairs = (n: number): string => (n === 1 ? 'one pair' : `${n} pairs`);
  let returnDay = $state('');
</script>

{#if !bench.person}<Empty>Choose whose closet it is.</Empty>
{:else if bench.own.length === 0}<Empty
    >No pair of {bench.person.name} was kept yet: pairs stand here once a try is kept or <a href="/people/{bench.person.id}/pairs">one is added</a>.</Empty
  >
{:else}
  <div class="print:hidden">
    <Choices legend="Judged for" options={USES} chosen={uses} onchange={(all: UseId[]) => (chosen = all)} />
    <Sheet class="mt-3" heading="{capital(pairs(bench.own.length))} of {bench.person.name}, in the state they are in">
      <Table>
        <caption class="sr-only">Own pairs, and how each suits the uses</caption>
        <thead
          ><tr
            ><th scope="col">Pair</th><th scope="col">Looks</th><th scope="col">Worn</th>{#each judged as { use } (use)}<th scope="col">{USE[use].name}</th
              >{/each}</tr
          ></thead
        >
        <tbody>
          {#each bench.own as own (own.id)}
            {@const kind = bench.kindOf(own.styleId)}
            <tr>
              <th scope="row"
                ><a href="/stock/styles/{own.styleId}">{bench.nameOf(own.styleId)}</a>
                {withFractions(own.size)}
                {own.width}{#if kind}<br /><span class="soft font-normal">{KIND[kind].name}</span>{/if}</th
              >
              <td
                ><Select
                  hideLabel
                  label="How worn {bench.nameOf(own.styleId)} looks"
                  options={WEAR_LOOKS}
                  value={own.worn.looks}
                  onpick={(looks: WearLookId) => bench.wear(own.id, looks)}
                /></td
              >
              <td class="figures">{own.worn.hours} h</td>
              {#each judged as { use, suits } (use)}
                {@const suit = suits.suits[own.styleId]}
                <td class={suit?.class === 'suits' ? 'font-semibold' : ''}>{suit ? suitWords(suit) : 'gone from the stockroom'}</td>
              {/each}
            </tr>
          {/each}
        </tbody>
      </Table>
      <p class="soft mt-1">
        A worn pair is judged as it is: firmer foam, less tread, a sock shaft that has gone soft. What the wear does is our estimate; hours are noted with <a
          href="/people/{bench.person.id}/pairs">their pairs</a
        >.
      </p>
    </Sheet>
  </div>
  <Sheet class="mt-3">
    <h2 class="says text-xl">
      To show {withDevice ? WHOM.orthotist : WHOM.clinician}: {pairs(best.length)} of {bench.person.name} for {USE[uses[0] ?? bench.use].name}
    </h2>
    <ol class="mt-2 grid gap-2" aria-label="Favourites, best first">
      {#each best as p (p.styleId)}
        <li class="leading-snug">
          <b>{bench.nameOf(p.styleId)} {withFractions(p.size)} {p.width}</b>, {KIND[p.kind].name}: {suitWords(p.suit)}.
          {#if withDevice}
            {@const s = stand(judged[0].suits.suits[p.styleId].dropMm)}
            Drop {smallLength(s.dropMm, shown.unit)}; {leanWords(s)}; {s.insideMm > 0 ? `wedge ${smallLength(s.insideMm, shown.unit)}` : 'no wedge'}.
          {/if}
        </li>
      {/each}
    </ol>
    <div class="mt-2 flex flex-wrap items-end gap-3">
      <Field label="To be returned by" type="date" bind:value={returnDay} />
      <span class="print:hidden"><Button onclick={() => window.print()}>Print the page</Button></span>
    </div>
    <p class="soft mt-1">
      {capital(WHOM[withDevice ? 'orthotist' : 'clinician'])} decides. Walk in them with the therapist before the return day. Nothing here diagnoses.
    </p>
  </Sheet>
{/if}
