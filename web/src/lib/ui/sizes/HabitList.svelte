<script lang="ts">
  import { signedNumber, trimNumber } from '@chiave/core/measure';
  import { EVIDENCE_KINDS, HABIT_PRIOR_SD, makingsOf, reportsFor, weighHabit, type Making } from '@chiave/core/size';
  import type { HabitRow } from '$lib/api/rows';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';

  /** How lasts run, each making by itself: a wide variant or another year's factory is another inside. */
  let { lasts, habits, onremove }: { lasts: readonly { id: string; name: string }[]; habits: readonly HabitRow[]; onremove: (id: number) => void } = $props();
  const byMaking = $derived(
    lasts.flatMap((last) => {
      const own = habits.filter((h) => h.lastId === last.id);
      return makingsOf(own).map((making) => ({ last, making, reports: reportsFor(own, making) }));
    })
  );
  const wordsOf = (m: Making) => [m.variant, m.madeYear].filter(Boolean).join(', ');
</script>

{#each byMaking as { last, making, reports } (last.id + wordsOf(making))}
  {@const weighed = weighHabit(reports)}
  <div class="mt-3 border-t border-line pt-2" data-making="{last.id} {wordsOf(making)}">
    <h3>
      {last.name}{wordsOf(making) ? `, ${wordsOf(making)}` : ''}:
      <span class="figures">{signedNumber(weighed.offsetSizes, 2)} ± {trimNumber(weighed.sdSizes, 2)}</span> sizes
    </h3>
    <ul class="text-sm">
      {#each reports as r, i (r.id)}
        <li class="flex items-center gap-2">
          <span class="mr-auto"
            ><span class="figures">{Math.round(weighed.weights[i].share * 100)} of 100</span>: {EVIDENCE_KINDS.find((k) => k.id === r.evidence)?.name},
            <b class="figures">{signedNumber(r.offsetSizes, 2)}</b>{r.variant ? `, ${r.variant}` : ''}{r.madeYear ? `, ${r.madeYear}` : ''}
            <span class="soft">{r.note}</span></span
          ><Button kind="text" onclick={() => onremove(r.id)}>remove</Button>
        </li>
      {/each}
      <li class="soft"><span class="figures">{Math.round(weighed.priorShare * 100)} of 100</span>: that it runs true, give or take {HABIT_PRIOR_SD}</li>
    </ul>
    {#each weighed.conflicts as conflict (conflict)}<Notice tone="caution">Conflict: {conflict}. Both stand; look again.</Notice>{/each}
  </div>
{:else}<p class="soft mt-3">No report kept yet.</p>{/each}
