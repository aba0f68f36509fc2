<script lang="ts">
  import { cautionsOfWearer, ORDINARY_WEAR, PREFERENCES, SCHOOLS } from '@chiave/core/fit';
  import { POPULATIONS, SOCK, SOCKS, sockOf, WORN_TIMES } from '@chiave/core/measure';
  import { ageOf } from '$lib/fit-feet';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import { can } from '$lib/ui/kit/me';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import TimeField from './TimeField.svelte';
  import type { Desk } from './desk.svelte';
  import { FLAG_CHOICES } from './names';

  /** How the shoes of a fitting will be worn, which schools it goes by, and what is to be taken care of. */
  let { desk }: { desk: Desk } = $props();
  const f = $derived(desk.fitting);
  const cautions = $derived(cautionsOfWearer({ ...ORDINARY_WEAR, age: ageOf(f.customer) }, f.customer.flags));
  const WORN = [{ id: '', name: 'any time' }, ...WORN_TIMES];
</script>

<Sheet class="grid content-start gap-4" heading="How it will be worn">
  <Choice name="sock" legend="Sock" options={SOCKS} value={sockOf(f.sockMm)} onchange={(id) => desk.patch({ sockMm: SOCK[id].mm })} />
  <div class="grid grid-cols-2 gap-3">
    <NumberField label="Sock, one layer" unit="mm" value={f.sockMm} low={0} high={12} step={0.1} onchange={(v) => desk.patch({ sockMm: v ?? 0 })} />
    <NumberField label="Own insole or insert" unit="mm" value={f.insertMm} low={-12} high={20} step={0.5} onchange={(v) => desk.patch({ insertMm: v ?? 0 })} />
  </div>
  <div>
    <Choice name="worn" legend="Worn" options={WORN} value={WORN.find((w) => w.id === f.wornAt)?.id ?? null} onchange={(wornAt) => desk.patch({ wornAt })} />
    <TimeField
      label="or at a time"
      class="mt-2 max-w-60"
      placeholder="20:30"
      value={WORN.some((w) => w.id === f.wornAt) ? '' : f.wornAt}
      onchange={(wornAt) => desk.patch({ wornAt })}
    />
  </div>
  <Choice
    name="preference"
    legend="Likes it"
    options={PREFERENCES.map((id) => ({ id, name: id }))}
    value={f.preference}
    onchange={(preference) => desk.patch({ preference })}
  />
  {#each SCHOOLS as school (school.id)}
    <Choice
      name={school.id}
      legend={school.name}
      options={school.options}
      value={f[school.id]}
      onchange={(option: string) => desk.patch({ [school.id]: option })}
    />
    <p class="soft -mt-2 text-sm">{school.differ}</p>
  {/each}
  <Choice
    name="population"
    legend="What is not measured is filled from"
    options={POPULATIONS}
    value={f.population}
    onchange={(population) => desk.patch({ population })}
  />
  {#if can('health')}<Choices legend="To take care of" options={FLAG_CHOICES} chosen={f.customer.flags} onchange={(flags) => desk.patch({ flags })} />{/if}
  {#each cautions as caution, at (at)}<Notice tone="caution">{caution}</Notice>{/each}
</Sheet>
