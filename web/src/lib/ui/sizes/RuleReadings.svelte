<script lang="ts">
  import { formatLength } from '@chiave/core/measure';
  import { remainderWords, type ScaleBook } from '@chiave/core/size';
  import { withFractions } from '$lib/size-fractions';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import type { RuleAsked } from './rule-bench.svelte';

  /** What the mark looked at reads in every scale, by every school. */
  let { rule, book }: { rule: RuleAsked; book: ScaleBook } = $props();
</script>

<Sheet>
  <h2>{rule.now.name}, <span class="figures">{formatLength(rule.now.mm, shown.unit)}</span>: every school</h2>
  <Table class="mt-1" data-readings>
    <tbody>
      {#each rule.readings.readings.filter((r) => !r.outsideRange) as r (r.scale + r.school)}
        <tr class="border-b border-line">
          <th scope="row" class="py-1 pr-2 text-left font-semibold">{book.get(r.scale).name}</th>
          <td class="soft pr-2 text-sm">{r.school === 'standard' ? '' : r.school}</td>
          <td><b class="figures">{withFractions(r.size)}{r.wider ? ' wider' : ''}</b></td>
          <td class="soft figures text-sm">{remainderWords(r.remainderMm)}</td>
          <td class="soft text-sm">{r.byLength && r.exact === null ? `by its length ${r.byLength.size}; ` : ''}{r.source}</td>
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
