<script lang="ts">
  import { UPPERS } from '@chiave/core/fit';
  import { USE_ATTRIBUTE } from '@chiave/core/attributes';
  import { GRIP_BAND, QUESTION, TURNS, twistNm, type ChoiceQuestion, type Grip } from '@chiave/core/use';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import PullForm from './PullForm.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** Soles and uppers on floors and poles: what turns, what slips, what sticks, and what a turn asks of the knee; the shop's own pulls in place of ours. */
  let { bench }: { bench: UseBench } = $props();
  const floors = (QUESTION.floor as ChoiceQuestion).options;
  const soles = USE_ATTRIBUTE.sole.as === 'levels' ? USE_ATTRIBUTE.sole.levels : [];
  const USUAL_KG = 60;
  const kg = $derived(bench.weightKg ?? USUAL_KG);
  const word = (mu: number): { words: string; tone: string } =>
    mu < TURNS.slips
      ? { words: 'slips', tone: 'text-loose-word' }
      : mu > TURNS.sticks
        ? { words: 'sticks', tone: 'text-tight-word' }
        : { words: 'turns', tone: '' };
  const poles = (QUESTION.pole as ChoiceQuestion).options;
  const pulled = (n: number): string => (n === 1 ? 'own pull' : `${n} own pulls`);
</script>

{#snippet figure(grip: Grip)}
  {grip.mu.toFixed(2)}{#if grip.pulls > 0}<br /><span class="text-brass text-sm font-semibold" data-own-pull
      >{pulled(grip.pulls)}, {grip.low.toFixed(2)} to {grip.high.toFixed(2)}</span
    >{/if}
{/snippet}

<div class="grid gap-3 lg:grid-cols-[minmax(0,8fr)_minmax(0,4fr)]">
  <Sheet>
    <div class="flex flex-wrap items-end gap-3">
      <h2 class="says mr-auto text-xl">Turning on the ball</h2>
      <div class="w-40">
        <NumberField
          label="Weight"
          unit="kg"
          value={bench.weightKg}
          low={20}
          high={250}
          step={1}
          placeholder="{USUAL_KG} is taken"
          onchange={(n) => (bench.weightKg = n)}
        />
      </div>
    </div>
    <Table>
      <caption class="sr-only">Soles on floors: grip, what it does, and the twist on the knee</caption>
      <thead
        ><tr
          ><th scope="col">Sole</th>{#each floors as f (f.id)}<th scope="col">{f.name}</th>{/each}</tr
        ></thead
      >
      <tbody>
        {#each soles as sole, i (sole)}
          <tr>
            <th scope="row">{sole}</th>
            {#each floors as f, j (f.id)}
              {@const grip = bench.grips.sole[i][j]}
              <td class="figures"
                ><b class={word(grip.mu).tone}>{word(grip.mu).words}</b>
                {@render figure(grip)}<br /><span class="soft">{twistNm(grip.mu, kg).toFixed(0)} N m</span></td
              >
            {/each}
          </tr>
        {/each}
      </tbody>
    </Table>
    <p class="soft mt-1">
      Under {TURNS.slips} it slips, over {TURNS.sticks} it sticks; the twist is what a turn asks of the knee. Our estimates are within {Math.round(
        100 * GRIP_BAND
      )} in 100; a pull of the shop’s own takes their place, here and in every use that asks for this floor.
    </p>
  </Sheet>
  <PullForm {bench} />
</div>
<Sheet class="mt-3" heading="The upper on the floor and on the pole">
  <Table>
    <caption class="sr-only">Uppers drawn over floors and against poles</caption>
    <thead
      ><tr
        ><th scope="col">Upper</th>{#each floors as f (f.id)}<th scope="col">{f.name}</th>{/each}{#each poles as p (p.id)}<th scope="col">pole, {p.name}</th
          >{/each}</tr
      ></thead
    >
    <tbody>
      {#each UPPERS as u (u.id)}
        <tr>
          <th scope="row">{u.name}</th>
          {#each [...floors, ...poles] as s, j (s.id)}<td class="figures">{@render figure(bench.grips.upper[u.id][j])}</td>{/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
