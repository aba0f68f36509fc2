<script lang="ts">
  import { suspectsOf, SYMPTOM, SYMPTOMS, type FootFit, type SymptomId } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit } from '@chiave/core/measure';

  /** A trouble brought home: which zones of this fit it points to, before training is blamed. */
  let { feet, unit }: { feet: readonly FootFit[]; unit: LengthUnit } = $props();
  let id = $state<SymptomId | ''>('');
  const SHOWN = { shown: 'the fit shows it', possible: 'within the error', 'not-shown': 'the fit does not show it' } as const;
</script>

<section class="sheet mt-4" data-symptoms>
  <h2>Trouble brought home</h2>
  <label class="block max-w-md"
    ><span class="text-sm">In this pair</span><select class="field" bind:value={id}
      ><option value="">choose what hurts or shows</option>{#each SYMPTOMS as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</select
    ></label
  >
  {#if id !== ''}
    <div class="mt-2 grid gap-4 md:grid-cols-2">
      {#each feet as foot (foot.side)}
        {@const suspects = suspectsOf(id, foot)}
        <div>
          <h3 class={foot.side === 'left' ? 'side-L' : 'side-R'}>{foot.side === 'left' ? 'L left' : 'R right'}</h3>
          <ol>
            {#each suspects as s (`${s.zone}${s.then}`)}
              <li class="border-b border-line py-1 {s.shown === 'not-shown' ? 'soft' : ''}">
                <b>{s.name}</b> <span class="figures">{formatSigned(s.clearanceMm, unit)} {unit}</span>: {SHOWN[s.shown]}{s.shown === 'not-shown'
                  ? ''
                  : `, ${s.feel}. Try: ${s.then}`}.
              </li>
            {/each}
          </ol>
          {#if suspects.every((s) => s.shown === 'not-shown')}
            <p class="mt-1">Nothing in this fit explains it on this foot. Measure again, and look at how the pair is worn.</p>
          {/if}
        </div>
      {/each}
    </div>
    {#if SYMPTOM[id].caution}<p class="caution mt-2">{SYMPTOM[id].caution}</p>{/if}
    <p class="soft mt-1 text-sm">Which zone a trouble points to is common practice; the tool names no illness.</p>
  {/if}
</section>
