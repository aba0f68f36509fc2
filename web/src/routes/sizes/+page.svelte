<script lang="ts">
  import { untrack } from 'svelte';
  import { page } from '$app/state';
  import { formatLength, trimNumber } from '@chiave/core/measure';
  import { convertFoot, convertLabel, readQuick, type AnyScale, type Meaning } from '@chiave/core/size';
  import RuleBench, { type Mark } from '$lib/drawing/RuleBench.svelte';
  import { clampView, RULE_LIMITS, viewAround, zoomed } from '$lib/drawing/rule-view';
  import { Keeper } from '$lib/send/save.svelte';
  import SaveLine from '$lib/ui/fitting/SaveLine.svelte';
  import StripList from '$lib/ui/sizes/StripList.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { shown } from '$lib/ui/frame/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  let { data } = $props();
  const book = $derived(shopBook());
  let strips = $state<string[]>(untrack(() => [...data.strips]));
  // A maker's scale that was taken away leaves no strip behind.
  const scales = $derived(strips.map((id) => book.find(id)).filter((s): s is AnyScale => s !== undefined));
  const laid = $derived(scales.map((s) => s.id));
  const keeper = new Keeper('/api/v1/settings/strips', 'PUT');
  let snapId = $state<string | null>(null);
  const snap = $derived(book.find(snapId ?? '') ?? null);

  const asked = untrack(() => page.url.searchParams.get('q') ?? '');
  const given = (name: string) => {
    const mm = Number(untrack(() => page.url.searchParams.get(name)));
    return mm >= RULE_LIMITS.fromMm && mm <= RULE_LIMITS.toMm ? mm : null;
  };
  let text = $state(asked);
  let left = $state(given('left'));
  let right = $state(given('right'));
  const answer = $derived(readQuick(text, shown.unit, null, book));
  let chosen = $state<Meaning | null>(null);
  const meaning = $derived(chosen ?? (answer.meanings.length === 1 ? answer.meanings[0] : null));
  /** Where the typed mark stands; a text of several meanings moves nothing until one is chosen. */
  let typedMm = $state(
    untrack(() => {
      const { meanings } = readQuick(asked, shown.unit, null, shopBook());
      return meanings.length === 1 ? meanings[0].footMm : 240;
    })
  );

  const marks = $derived<Mark[]>([
    ...(left === null ? [] : [{ id: 'left', letter: 'L', name: 'left foot', mm: left, colour: 'var(--color-side-left)', dash: '' }]),
    ...(right === null ? [] : [{ id: 'right', letter: 'R', name: 'right foot', mm: right, colour: 'var(--color-side-right)', dash: '8 4' }]),
    ...(left === null || text !== ''
      ? [{ id: 'typed', letter: 'S', name: meaning ? 'size or length typed' : 'free mark', mm: typedMm, colour: '#7a4d06', dash: '2 3' }]
      : [])
  ]);
  let active = $state(untrack(() => (left === null || asked ? 'typed' : 'left')));
  let view = $state(untrack(() => viewAround([left, right, left === null || asked ? typedMm : null].filter((mm): mm is number => mm !== null))));

  const now = $derived(marks.find((m) => m.id === active) ?? marks[0]);
  const readings = $derived(
    meaning?.kind === 'label' && now.id === 'typed' && Math.abs(now.mm - meaning.footMm) < 1e-6
      ? convertLabel({ scale: meaning.scale!, size: meaning.size!, school: meaning.school }, meaning.into ? [meaning.into] : laid, book)
      : convertFoot({ lengthMm: now.mm }, laid, book)
  );

  /** A typed label answers with no further key. */
  function type(value: string): void {
    text = value;
    chosen = null;
    const { meanings } = readQuick(value, shown.unit, null, book);
    if (meanings.length === 1) place(meanings[0]);
  }
  function place(one: Meaning): void {
    typedMm = one.footMm;
    active = 'typed';
    if (one.footMm < view.fromMm + 4 || one.footMm > view.toMm - 4) view = viewAround([one.footMm], view.toMm - view.fromMm);
  }
  function move(id: string, mm: number): void {
    const kept = Math.min(RULE_LIMITS.toMm, Math.max(RULE_LIMITS.fromMm, mm));
    if (id === 'left') left = kept;
    else if (id === 'right') right = kept;
    else {
      typedMm = kept;
      chosen = null;
    }
  }
  function lay(next: string[]): void {
    strips = next;
    keeper.later({ strips: next });
  }
  const both = () => (view = viewAround(marks.map((m) => m.mm)));
</script>

<svelte:head><title>Sizes · Chiave</title></svelte:head>
<h1 class="sr-only">The size rule</h1>

<div class="flex flex-wrap items-end gap-3">
  <Field
    label="A size or a length"
    figures
    class="min-w-72 flex-1"
    value={text}
    oninput={(e) => type(e.currentTarget.value)}
    placeholder="us w 6.5 · 39 eu · uk 5 e · 24.3 cm · 9 1/2 in"
    autocomplete="off"
    aria-describedby="rule-answer"
  />
  <Select label="Snap to" bind:value={snapId}>
    <option value={null}>0.1 mm</option>
    {#each scales as s (s.id)}<option value={s.id}>{s.name}</option>{/each}
  </Select>
  <div class="flex gap-1" role="group" aria-label="Zoom">
    <Button aria-label="Closer" onclick={() => (view = zoomed(view, 0.7, now.mm))}>+</Button>
    <Button aria-label="Further" onclick={() => (view = zoomed(view, 1.43, now.mm))}>−</Button>
    <Button onclick={both}>To the marks</Button>
    <Button onclick={() => (view = clampView(RULE_LIMITS))}>All feet</Button>
  </div>
</div>
<div id="rule-answer" aria-live="polite" class="mt-1 min-h-7">
  {#if answer.meanings.length > 1 && !chosen}
    <p class="inline">That may mean:</p>
    {#each answer.meanings as m (m.text + m.scale)}
      <Button
        class="mr-1 mb-1"
        onclick={() => {
          chosen = m;
          place(m);
        }}>{m.text} <span class="soft figures text-sm">{formatLength(m.footMm, shown.unit)}</span></Button
      >
    {/each}
  {:else if meaning}
    <p>
      <b>{meaning.text}</b> is a foot of <b class="figures">{formatLength(meaning.footMm, shown.unit)}</b>{#if meaning.lowMm < meaning.highMm}, from <span
          class="figures">{formatLength(meaning.lowMm, shown.unit)} to {formatLength(meaning.highMm, shown.unit)}</span
        >{/if}{#if meaning.school && book.get(meaning.scale!).schools.length > 1}<span class="soft">, school {meaning.school}</span>{/if}.
    </p>
  {/if}
  {#if answer.problem}<Notice tone="caution" role="alert">{answer.problem}</Notice>{/if}
</div>

<Sheet class="mt-2 !p-3" aria-label="The rule">
  <RuleBench {marks} {active} {scales} {view} unit={shown.unit} {snap} onmark={move} onactive={(id) => (active = id)} onview={(next) => (view = next)} />
</Sheet>
<p class="soft mt-1 text-sm">
  Drag a mark, or its keys: arrows by a step, Shift by 0.1 mm, Page up and down by 10, plus and minus to zoom. Drag the rule to slide it, wheel or two fingers
  to zoom. The tinted box is the interval the label stands for; brass between rows is where schools put one and the same size. At the right what {now.name} reads,
  with what is left over.
</p>

<div class="mt-3 grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <Sheet>
    <h2>{now.name}, <span class="figures">{formatLength(now.mm, shown.unit)}</span>: every school</h2>
    <Table class="mt-1" data-readings>
      <tbody>
        {#each readings.readings.filter((r) => !r.outsideRange) as r (r.scale + r.school)}
          <tr class="border-b border-line">
            <th scope="row" class="py-1 pr-2 text-left font-semibold">{book.get(r.scale).name}</th>
            <td class="soft pr-2 text-sm">{r.school === 'standard' ? '' : r.school}</td>
            <td><b class="figures">{r.size}{r.wider ? ' wider' : ''}</b></td>
            <td class="soft figures text-sm"
              >{Math.abs(r.remainderMm) < 0.05 ? 'exact' : `${r.remainderMm > 0 ? '+' : '−'}${trimNumber(Math.abs(r.remainderMm))} mm`}</td
            >
            <td class="soft text-sm">{r.byLength && r.exact === null ? `by its length ${r.byLength.size}; ` : ''}{r.source}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
  </Sheet>
  <div class="grid content-start gap-4">
    <Sheet heading="Where schools disagree here">
      <ul class="mt-1 grid gap-2">
        {#each readings.disagreements as d (d.scale)}
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
      <StripList {strips} known={book.all} onchange={lay} />
    </Sheet>
  </div>
</div>
