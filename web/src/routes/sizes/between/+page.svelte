<script lang="ts">
  import { PREFERENCES, type Preference } from '@chiave/core/fit';
  import { formatLength, MEASURE, SIDES } from '@chiave/core/measure';
  import { SCALE } from '@chiave/core/size';
  import { capital } from '$lib/capital';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { withFractions } from '$lib/size-fractions';
  import { chance } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import KnownRowFields from '$lib/ui/learn/KnownRowFields.svelte';
  import LearnedSheet from '$lib/ui/learn/LearnedSheet.svelte';
  import SendSheet from '$lib/ui/learn/SendSheet.svelte';
  import TakeToFitting from '$lib/ui/learn/TakeToFitting.svelte';
  import { KnownShoes, TAPED } from '$lib/ui/learn/known-shoes.svelte';

  let { data } = $props();
  const known = new KnownShoes(() => ({ styles: data.styles, book: shopBook(), unit: shown.unit }));
  $effect(() => void known.learn(known.ask));
  let targetId = $state('');
  const target = $derived(known.styleOf(targetId));
  $effect(() => void known.planFor(known.ask, target));
  const there = $derived(known.plan?.there ?? []);
  const best = $derived(there[0]);
  const longer = $derived(known.learned && [...SIDES].sort((a, b) => known.learned!.feet[b].lengthMm.mm - known.learned!.feet[a].lengthMm.mm)[0]);
  const likes = PREFERENCES.map((id) => ({ id, name: id }));
</script>

<svelte:head><title>Between makers · Chiave</title></svelte:head>
<h1 class="sr-only">Between makers</h1>
<p class="says mb-1" aria-live="polite">
  {#if target && best}In {target.name} {best.fits ? 'take' : 'the nearest is'} {withFractions(best.size)} {best.width}: {chance(best.chance)}.
  {:else if longer}{capital(
      `the ${longer} foot is about ${formatLength(known.learned!.feet[longer].lengthMm.mm, shown.unit)}, give or take ${formatLength(known.learned!.feet[longer].lengthMm.sdMm, shown.unit)}.`
    )}
  {:else}What does somebody wear, and how does it feel?{/if}
</p>
<p class="soft mb-3">
  For people who only write, or come in what they wear: their shoes, and how each feels, say what their feet are and how surely. Through the inside of the shoe
  where the stockroom knows it, through the label where not. Every word is judged by all the others.
</p>

<div class="grid gap-4 lg:grid-cols-2">
  <div class="grid content-start gap-4">
    <Sheet heading="What is worn now">
      {#each known.rows as row, i (row.key)}
        <KnownRowFields {known} bind:row={known.rows[i]} n={i + 1} styles={data.styles} problem={known.read[i].problem} />
      {/each}
      <Button class="mt-2" onclick={() => known.add()}>Another shoe</Button>
    </Sheet>
    <Sheet class="grid gap-3" heading="By their own tape, if they have one">
      <div class="grid gap-3 sm:grid-cols-2">
        {#each SIDES as side (side)}
          <div class="grid gap-2">
            <SideMark {side} word />
            {#each TAPED as id (id)}
              <NumberField
                label="{capital(MEASURE[id].name)}, {side}"
                unit="mm"
                value={known.tape[side][id] ?? null}
                low={id === 'lengthMm' ? 80 : 80}
                high={id === 'lengthMm' ? 400 : 420}
                step={1}
                onchange={(mm) => (known.tape[side] = { ...known.tape[side], [id]: mm ?? undefined })}
              />
            {/each}
          </div>
        {/each}
      </div>
      <Choice name="likes" legend="They like shoes" options={likes} value={known.preference} onchange={(p: Preference) => (known.preference = p)} />
    </Sheet>
  </div>

  <div class="grid content-start gap-4">
    {#if known.learned}<LearnedSheet {known} />{/if}
    <Sheet heading="What in this one?">
      <Select label="The shoe asked about" hideLabel bind:value={targetId}>
        <option value="">choose a style</option>
        {#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name} ({SCALE[s.scale].short})</option>{/each}
      </Select>
      {#if target && best}
        <p class="mt-2">
          <span class="figures text-4xl font-semibold" data-there>{withFractions(best.size)} {best.width}</span>
          <span class="text-brass">{SCALE[target.scale].name}, last {target.last.name} ({target.last.evidence.mark})</span>
        </p>
        <p class="soft">Chance that every zone of both feet lies within its limits, over all that is not known of them.</p>
        <Table class="mt-2">
          <tbody>
            {#each there as s (s.size + s.width)}
              <tr class="border-b border-line"
                ><th scope="row" class="figures py-1 text-left">{withFractions(s.size)} {s.width}</th><td class="figures"
                  >{Math.round(s.chance * 100)} of 100</td
                ><td>{s.fits ? 'fits' : 'does not fit'}</td><td class="soft text-sm">{s.feel}</td></tr
              >
            {/each}
          </tbody>
        </Table>
        <Notice class="mt-3" tone="caution">
          A size told in writing is a place to start. A tape of length and ball girth mostly tells more than a second pair in the post: ask for them first.
        </Notice>
      {:else if target && known.plan}<Notice class="mt-2">{target.name} is not made in a size near this foot.</Notice>{/if}
    </Sheet>
    {#if target && known.plan}<SendSheet plan={known.plan} styles={[target]} />{/if}
    {#if known.learned}<TakeToFitting {known} people={data.people} />{/if}
  </div>
</div>
