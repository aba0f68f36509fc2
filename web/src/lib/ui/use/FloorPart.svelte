<script lang="ts">
  import { UPPERS } from '@chiave/core/fit';
  import { USE_ATTRIBUTE } from '@chiave/core/attributes';
  import { DRAG, GRIP_BAND, POLES, QUESTION, TURN_GRIP, TURNS, twistNm, USE_FLOORS, type ChoiceQuestion } from '@chiave/core/use';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** Soles and uppers on floors and poles: what turns, what slips, what sticks, and what a turn asks of the knee. */
  let { bench }: { bench: UseBench } = $props();
  const floors = (QUESTION.floor as ChoiceQuestion).options;
  const soles = USE_ATTRIBUTE.sole.as === 'levels' ? USE_ATTRIBUTE.sole.levels : [];
  const kg = $derived(bench.weightKg ?? 60);
  const word = (mu: number): { words: string; tone: string } =>
    mu < TURNS.slips
      ? { words: 'slips', tone: 'text-loose-word' }
      : mu > TURNS.sticks
        ? { words: 'sticks', tone: 'text-tight-word' }
        : { words: 'turns', tone: '' };
  const poles = (QUESTION.pole as ChoiceQuestion).options;
  /** The chrome pole stands behind the floors. */
  const CHROME = USE_FLOORS.length;
</script>

<div class="mb-2 w-40">
  <NumberField label="Weight" unit="kg" value={bench.weightKg} low={20} high={250} step={1} placeholder="60 is taken" onchange={(n) => (bench.weightKg = n)} />
</div>
<Sheet heading="Turning on the ball">
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
          {#each USE_FLOORS as f, j (f)}
            {@const mu = TURN_GRIP[i][j]}
            <td class="figures"
              ><b class={word(mu).tone}>{word(mu).words}</b> {mu.toFixed(2)}<br /><span class="soft">{twistNm(mu, kg).toFixed(0)} N m</span></td
            >
          {/each}
        </tr>
      {/each}
    </tbody>
  </Table>
  <p class="soft mt-1">
    Estimates, within {Math.round(100 * GRIP_BAND)} in 100: under {TURNS.slips} it slips, over {TURNS.sticks} it sticks. Pull the shop’s own shoe over its own floor,
    2 kg inside, and keep the pull with the style as “Grip dry”: it takes the place of these.
  </p>
</Sheet>
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
          {#each USE_FLOORS as f, j (f)}<td class="figures">{DRAG[u.id][j].toFixed(2)}</td>{/each}
          {#each poles as p (p.id)}<td class="figures">{(DRAG[u.id][CHROME] * POLES[p.id as keyof typeof POLES]).toFixed(2)}</td>{/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
