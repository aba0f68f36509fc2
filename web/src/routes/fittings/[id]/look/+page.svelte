<script lang="ts">
  import { SIDES } from '@chiave/core/measure';
  import { readsGait, USE } from '@chiave/core/use';
  import GaitLook from '$lib/ui/use/GaitLook.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import LookPicture from '$lib/ui/fitting/LookPicture.svelte';
  import { LOOKS } from '$lib/ui/fitting/looks';
  import Area from '$lib/ui/kit/Area.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  const desk = getDesk();
  /** Looked at where a chosen use goes by it. */
  const gaitMatters = $derived(desk.fitting.use.uses.some((id) => readsGait(USE[id])));
  const looked = $derived(desk.fitting.looked);
  function set(key: string, value: string | null): void {
    const next = { ...looked };
    if (value) next[key] = value;
    else delete next[key];
    desk.patch({ looked: next });
  }
</script>

<svelte:head><title>Look · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Look</h1>
<p class="soft mb-3">
  Shoes off, standing, then a few steps. What is not looked at stays unknown. What is seen here is kept with the visit; what changes the sums is entered in
  Measure.
</p>
<div class="grid gap-3 lg:grid-cols-2">
  {#each LOOKS as look (look.id)}
    <Sheet>
      <h2>{look.name}</h2>
      <p class="soft text-sm">{look.hint}</p>
      <div class="grid gap-x-4 sm:grid-cols-2 lg:grid-cols-1">
        {#each SIDES as side (side)}
          {@const key = `${look.id}-${side}`}
          <div class="mt-2 flex items-start gap-2">
            <SideMark {side} />
            <Choice
              name={key}
              legend="{look.name}, {side} foot"
              hideLegend
              options={look.choices}
              value={looked[key] ?? null}
              onchange={(v) => set(key, v)}
              onclear={() => set(key, null)}
            >
              {#snippet picture(id)}<LookPicture shows={look.choices.find((c) => c.id === id)!.shows} {side} />{/snippet}
            </Choice>
          </div>
        {/each}
      </div>
      {#each look.advice.filter((a) => [looked[`${look.id}-left`], looked[`${look.id}-right`]].includes(a.when)) as advice (advice.when)}
        <Notice class="mt-2">{advice.text}</Notice>
      {/each}
    </Sheet>
  {/each}
  {#if gaitMatters}<GaitLook {desk} />{/if}
  <Sheet heading="Note">
    <Area
      label="Note of the visit"
      hideLabel
      rows={4}
      maxlength={4000}
      value={desk.fitting.note}
      oninput={(e) => desk.patch({ note: e.currentTarget.value })}
      placeholder="anything else seen"
    />
  </Sheet>
</div>
