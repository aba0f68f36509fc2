<script lang="ts">
  import { archReadings, judgeFoot, judgePair, judgeSplay, POSTURE_SOURCE, postureScore, tellFinding, type Judgement, type Told } from '@chiave/core/foot';
  import { SIDES, type Foot, type Side } from '@chiave/core/measure';
  import type { SideBody } from '$lib/api/foot-schema';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { withMinus } from '$lib/true-minus';

  /** What the measures say of both feet: verdict, sum, source; italic where it rests on what was filled in. */
  let { feet, taken, group }: { feet: Partial<Record<Side, Foot>>; taken: Record<Side, SideBody>; group: 'women' | 'men' } = $props();

  type Line = Told & Pick<Judgement, 'id' | 'source' | 'derived'>;
  const told = ({ id, source, derived, finding }: Judgement): Line => ({ id, source, derived, ...tellFinding(finding) });

  function ofSide(side: Side): Line[] {
    const foot = feet[side];
    if (!foot) return [];
    const { values, posture, print } = taken[side];
    const mm = (id: 'archSeatedMm' | 'navicularSeatedMm' | 'navicularStandingMm') => values[id]?.mm;
    const arch = archReadings({
      ballLengthMm: values.ballLengthMm?.mm,
      archSeatedMm: mm('archSeatedMm'),
      navicularSeatedMm: mm('navicularSeatedMm'),
      navicularStandingMm: mm('navicularStandingMm'),
      print: print ? { midfootMm: print.midfootMm ?? undefined, heelMm: print.heelMm ?? undefined, forefootMm: print.forefootMm ?? undefined } : undefined
    }).map(({ index, band, sum }) => ({
      id: index.id,
      what: index.name,
      verdict: band.name,
      sum,
      source: `${index.setup}; ${index.source}`,
      derived: false
    }));
    const score = posture ? postureScore(posture) : null;
    const { ballWidthSeatedMm: seated, ballWidthMm: standing } = values;
    return [
      ...judgeFoot(foot, group).map(told),
      ...arch,
      ...(score
        ? [
            {
              id: 'posture',
              what: 'posture score',
              verdict: `${score.score}, ${score.band}`,
              sum: posture!.join(' + '),
              source: POSTURE_SOURCE,
              derived: false
            }
          ]
        : []),
      ...(seated && standing ? [told(judgeSplay(side, seated.mm, standing.mm))] : [])
    ];
  }
  const rows = $derived.by(() => {
    const [left, right] = [ofSide('left'), ofSide('right')];
    const ids = [...new Set([...left, ...right].map((j) => j.id))];
    return ids.map((id) => ({ id, left: left.find((j) => j.id === id), right: right.find((j) => j.id === id) }));
  });
  const pair = $derived(feet.left && feet.right ? judgePair(feet.left, feet.right).map(told) : []);
</script>

{#snippet cell(j: Line | undefined)}
  <td class="py-1 pr-3 align-top" class:italic={j?.derived}>
    {#if j}{j.verdict}<span class="soft figures block text-xs not-italic">{withMinus(j.sum)}</span>{:else}<span class="soft">not taken</span>{/if}
  </td>
{/snippet}

<Sheet heading="What the measures say">
  {#each pair as j (j.id)}<p><b>{j.what}</b>: {j.verdict}. <span class="soft figures text-sm">{withMinus(j.sum)}</span></p>{/each}
  <div class="overflow-x-auto">
    <Table class="mt-1" data-judged>
      <thead>
        <tr class="border-b border-ink text-left"
          ><th scope="col">of</th>{#each SIDES as side (side)}<th scope="col"><SideMark {side} word /></th>{/each}</tr
        >
      </thead>
      <tbody>
        {#each rows as row (row.id)}
          <tr class="border-b border-line" title={(row.left ?? row.right)?.source}>
            <th scope="row" class="py-1 pr-3 text-left align-top font-semibold"
              >{(row.left ?? row.right)?.what}<span class="soft block text-xs font-normal">{(row.left ?? row.right)?.source}</span></th
            >
            {@render cell(row.left)}
            {@render cell(row.right)}
          </tr>
        {/each}
      </tbody>
    </Table>
  </div>
  <p class="soft mt-1 text-sm">
    Italic rests on proportions, not on a reading. These indices grade a shape for choosing shoes; they are no diagnosis. Pain, numbness or a changing arch is
    for a clinician.
  </p>
</Sheet>
