<script lang="ts">
  import { suspectsOf, SYMPTOM, SYMPTOMS, type FootFit, type SymptomId } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit } from '@chiave/core/measure';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** A trouble brought home: which zones of this fit it points to, before training is blamed. */
  let { feet, unit }: { feet: readonly FootFit[]; unit: LengthUnit } = $props();
  let id = $state<SymptomId | ''>('');
  const SHOWN = { shown: 'the fit shows it', possible: 'within the error', 'not-shown': 'the fit does not show it' } as const;
</script>

<Sheet class="mt-4" heading="Trouble brought home" data-symptoms>
  <Select label="In this pair" class="max-w-md" bind:value={id}
    ><option value="">choose what hurts or shows</option>{#each SYMPTOMS as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</Select
  >
  {#if id !== ''}
    <div class="mt-2 grid gap-4 md:grid-cols-2">
      {#each feet as foot (foot.side)}
        {@const suspects = suspectsOf(id, foot)}
        <div>
          <h3><SideMark side={foot.side} word /></h3>
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
    {#if SYMPTOM[id].caution}<Notice class="mt-2" tone="caution">{SYMPTOM[id].caution}</Notice>{/if}
    <p class="soft mt-1 text-sm">Which zone a trouble points to is common practice; the tool names no illness.</p>
  {/if}
</Sheet>
