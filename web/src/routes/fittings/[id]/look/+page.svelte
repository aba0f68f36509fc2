<script lang="ts">
  import Choice from '$lib/ui/kit/Choice.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { LOOKS } from '$lib/ui/fitting/looks';
  import Area from '$lib/ui/kit/Area.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  const desk = getDesk();
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
      <div class="mt-2 grid gap-3 sm:grid-cols-2">
        {#each ['left', 'right'] as const as side (side)}
          {@const key = `${look.id}-${side}`}
          <div>
            <p class="font-semibold {side === 'left' ? 'side-L' : 'side-R'}">{side === 'left' ? 'L left' : 'R right'}</p>
            <Choice
              name={key}
              legend="{look.name}, {side} foot"
              hideLegend
              options={look.choices}
              value={looked[key] ?? null}
              clearable
              onchange={(v) => set(key, v)}
            />
          </div>
        {/each}
      </div>
      {#each look.advice.filter((a) => [looked[`${look.id}-left`], looked[`${look.id}-right`]].includes(a.when)) as advice (advice.when)}
        <Notice class="mt-2">{advice.text}</Notice>
      {/each}
    </Sheet>
  {/each}
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
