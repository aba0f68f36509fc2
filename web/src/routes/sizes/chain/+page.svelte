<script lang="ts">
  import { PREFERENCES } from '@chiave/core/fit';
  import { SOCKS } from '@chiave/core/measure';
  import { PURPOSES } from '@chiave/core/size';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import AnswerCardSheet from '$lib/ui/sizes/AnswerCardSheet.svelte';
  import { ChainAsked, makingName } from '$lib/ui/sizes/chain-asked.svelte';
  import ChainSum from '$lib/ui/sizes/ChainSum.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';

  let { data } = $props();
  const book = $derived(shopBook());
  const asked = new ChainAsked(() => ({ styles: data.styles, habits: data.habits, book, unit: shown.unit }));
  const styles = $derived(data.styles.map((s) => ({ id: s.id, name: `${s.name}, ${s.maker.name} (${book.get(s.scale).short})` })));
  const ROUNDINGS = [
    { id: 'nearest', name: 'the nearer' },
    { id: 'up', name: 'the larger' },
    { id: 'down', name: 'the smaller' }
  ] as const;
</script>

<svelte:head><title>Chain of sums · Chiave</title></svelte:head>
<h1 class="sr-only">Chain of sums</h1>
<div class="grid gap-4 print:hidden lg:grid-cols-2">
  <Sheet class="grid content-start gap-3" heading="From what, into what">
    <Field label="A size or a foot" figures value={asked.text} oninput={(e) => asked.type(e.currentTarget.value)} />
    {#if asked.answer.problem}<Notice tone="caution" role="alert">{asked.answer.problem}</Notice>{/if}
    {#if asked.answer.meanings.length > 1}
      <div class="flex flex-wrap gap-1">
        {#each asked.answer.meanings as m (m.text + (m.scale ?? ''))}<Button pressed={asked.chosen === m} onclick={() => (asked.chosen = m)}>{m.text}</Button
          >{/each}
      </div>
    {/if}
    <Select label="Into a shoe of the stockroom" empty="none: into a scale only" options={styles} bind:value={asked.styleId} />
    {#if !asked.style}<Select label="Scale" options={book.all.filter((s) => !s.rule)} bind:value={asked.toScale} />{/if}
    {#if asked.makings.length > 0}
      <Select
        label="Which making of the last"
        empty="any: only reports that name none"
        options={asked.makings.map((m) => ({ id: makingName(m), name: makingName(m) }))}
        bind:value={asked.makingKey}
        aria-describedby="making-note"
      />
      <p id="making-note" class="soft text-sm">Reports of another variant or year do not count here: they speak of another inside.</p>
    {/if}
    <Choice
      name="purpose"
      legend="Purpose"
      options={PURPOSES}
      value={asked.purposeId}
      onchange={(v) => {
        asked.purposeId = v;
        asked.rounding = null;
      }}
    />
    {#if asked.style}<p class="soft text-sm">
        The inside of this last is known: toe room decides, and the trade’s plus-sizes are left out. The purpose only says which way to round.
      </p>{/if}
    <Choice
      name="rounding"
      legend="Between two sizes"
      options={ROUNDINGS}
      value={asked.rounding ?? asked.purpose.rounding}
      onchange={(v) => (asked.rounding = v)}
    />
    <Choice name="sock" legend="Sock" options={SOCKS} bind:value={asked.sockId} />
    <Choice name="taste" legend="Likes it" options={PREFERENCES.map((id) => ({ id, name: id }))} bind:value={asked.preference} />
  </Sheet>
  <ChainSum {asked} />
</div>

{#if asked.card}<AnswerCardSheet card={asked.card} onshop={(v) => (asked.shop = v)} />{/if}
