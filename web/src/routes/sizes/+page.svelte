<script lang="ts">
  import { untrack } from 'svelte';
  import { capital } from '$lib/capital';
  import { schoolOf } from '@chiave/core/size';
  import { page } from '$app/state';
  import { formatLength, trimNumber } from '@chiave/core/measure';
  import RuleBench from '$lib/drawing/RuleBench.svelte';
  import { clampView, RULE_LIMITS, zoomed } from '$lib/drawing/rule-view';
  import { Keeper } from '$lib/send/save.svelte';
  import SaveLine from '$lib/ui/fitting/SaveLine.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { RuleAsked } from '$lib/ui/sizes/rule-bench.svelte';
  import RuleReadings from '$lib/ui/sizes/RuleReadings.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import StripList from '$lib/ui/sizes/StripList.svelte';

  let { data } = $props();
  const book = $derived(shopBook());
  const rule = untrack(() => new RuleAsked(() => ({ book: shopBook(), unit: shown.unit }), page.url.searchParams, data.strips));
  const keeper = new Keeper('/api/v1/settings/strips', 'PUT');
  let snapId = $state<string | null>(null);
  const snap = $derived(book.find(snapId ?? '') ?? null);

  function lay(strips: string[]): void {
    rule.strips = strips;
    keeper.later({ strips });
  }
</script>

<svelte:head><title>Sizes · Chiave</title></svelte:head>
<h1 class="sr-only">The size rule</h1>

<div class="flex flex-wrap items-start gap-3">
  <Field
    label="A size or a length"
    figures
    class="w-64"
    value={rule.text}
    oninput={(e) => rule.type(e.currentTarget.value)}
    placeholder="us w 6.5 · 39 eu · 24.3 cm"
    autocomplete="off"
    aria-describedby="rule-answer"
  />
  <div class="min-h-14 min-w-64 flex-1 self-center">
    <div id="rule-answer" aria-live="polite">
      {#if rule.answer.meanings.length > 1 && !rule.chosen}
        <p class="inline">That may mean:</p>
        {#each rule.answer.meanings as m (m.text + m.scale)}
          <Button class="mr-1 mb-1" onclick={() => rule.choose(m)}>{m.text} <span class="soft figures">{formatLength(m.footMm, shown.unit)}</span></Button>
        {/each}
      {:else if rule.meaning}
        {@const { meaning } = rule}
        <p class="says">
          {meaning.text} is a foot of <span class="figures">{formatLength(meaning.footMm, shown.unit)}</span>{#if meaning.lowMm < meaning.highMm}<span
              class="soft">, from <span class="figures">{formatLength(meaning.lowMm, shown.unit)} to {formatLength(meaning.highMm, shown.unit)}</span></span
            >{/if}{#if meaning.school && book.get(meaning.scale!).schools.length > 1}<span class="soft"
              >{' '}({schoolOf(book.get(meaning.scale!), meaning.school).name})</span
            >{/if}.
        </p>
      {/if}
      {#if rule.answer.problem}<Notice tone="caution" role="alert">{rule.answer.problem}</Notice>{/if}
    </div>
    {#if !rule.meaning && rule.answer.meanings.length === 0 && !rule.answer.problem}
      <p class="says">{capital(rule.now.name)}, <span class="figures">{formatLength(rule.now.mm, shown.unit)}</span>, {rule.takes}.</p>
    {/if}
  </div>
  <div class="flex gap-2 self-end" role="group" aria-label="Zoom">
    <Button aria-label="Further" onclick={() => (rule.view = zoomed(rule.view, 1.43, rule.now.mm))}>−</Button>
    <Button aria-label="Closer" onclick={() => (rule.view = zoomed(rule.view, 0.7, rule.now.mm))}>+</Button>
    <Button onclick={() => rule.toTheMarks()}>To the marks</Button>
  </div>
</div>

<section class="mt-3" aria-label="The rule">
  <RuleBench
    marks={rule.marks}
    active={rule.active}
    scales={rule.scales}
    view={rule.view}
    unit={shown.unit}
    {snap}
    onmark={(id, mm) => rule.move(id, mm)}
    onactive={(id) => (rule.active = id)}
    onview={(next) => (rule.view = next)}
  />
</section>
<div class="mt-2 flex flex-wrap items-end gap-3">
  <Select label="Snap to" bind:value={snapId}>
    <option value={null}>0.1 mm</option>
    {#each rule.scales as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
  </Select>
  <Button onclick={() => (rule.view = clampView(RULE_LIMITS))}>All feet</Button>
  <p class="soft min-w-72 flex-1">
    Drag a mark, or its keys: arrows by a step, Shift by 0.1 mm, Page up and down by 10, plus and minus to zoom. Drag the rule to slide it, wheel or two fingers
    to zoom. A box is what its size stands for; brass between rows is where schools put one and the same size.
  </p>
</div>

<div class="mt-3 grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <RuleReadings {rule} {book} />
  <div class="grid content-start gap-4">
    <Sheet heading="Where schools disagree here">
      <ul class="mt-1 grid gap-2">
        {#each rule.readings.disagreements as d (d.scale)}
          <li>
            <b>{book.get(d.scale).name}</b>: {trimNumber(d.spreadSizes, 2)} sizes, <span class="figures">{trimNumber(d.spreadMm)} mm</span>.
            <span class="soft">{d.why}.</span>
          </li>
        {:else}<li class="soft">Nowhere: every scale here has one rule.</li>{/each}
      </ul>
    </Sheet>
    <Sheet>
      <div class="flex items-baseline gap-3">
        <h2 class="mr-auto">Strips</h2>
        <SaveLine keepers={[keeper]} />
      </div>
      <p class="soft mb-2 text-sm">Kept for the shop.</p>
      <StripList strips={rule.strips} known={book.all} onchange={lay} />
    </Sheet>
  </div>
</div>
