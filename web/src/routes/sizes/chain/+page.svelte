<script lang="ts">
  import { claimedFootMm, shoeOf } from '@chiave/core/fit';
  import { SOCKS, trimNumber } from '@chiave/core/measure';
  import {
    addChain,
    HABIT_PRIOR_SD,
    lengthStep,
    makingsOf,
    PURPOSES,
    readQuick,
    reportsFor,
    weighHabit,
    type ChainInput,
    type ChainLineId,
    type HabitReport,
    type Making,
    type Meaning,
    type Rounding
  } from '@chiave/core/size';
  import AnswerCardSheet from '$lib/ui/sizes/AnswerCardSheet.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import { cardOf } from '$lib/ui/sizes/answer-card';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { shown } from '$lib/ui/frame/units.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import TickBox from '$lib/ui/kit/TickBox.svelte';

  let { data } = $props();
  let text = $state('us w 6.5');
  let chosen = $state<Meaning | null>(null);
  let styleId = $state('');
  let toScale = $state('eu');
  let purposeId = $state('everyday');
  let sockId = $state<(typeof SOCKS)[number]['id']>('none');
  let preference = $state<'snug' | 'regular' | 'generous'>('regular');
  let rounding = $state<Rounding | null>(null);
  let off = $state<ChainLineId[]>([]);
  let shop = $state('The shoe room, lyric theatre, Porto Levanna');

  const book = $derived(shopBook());
  const answer = $derived(readQuick(text, shown.unit, null, book));
  const meaning = $derived(chosen ?? (answer.meanings.length === 1 ? answer.meanings[0] : null));
  const style = $derived(data.styles.find((s) => s.id === styleId) ?? null);
  const purpose = $derived(PURPOSES.find((p) => p.id === purposeId)!);
  const target = $derived(style ? style.scale : toScale);

  /** Reports kept of this last, and the making of it that is asked about. */
  const kept = $derived(style ? data.habits.filter((h) => h.lastId === style.last.id) : []);
  const makings = $derived(makingsOf(kept).filter((m) => m.variant !== '' || m.madeYear !== null));
  let makingKey = $state('');
  const making = $derived<Making>(makings.find((m) => keyOf(m) === makingKey) ?? { variant: '', madeYear: null });
  const keyOf = (m: Making) => [m.variant, m.madeYear].filter(Boolean).join(', ');
  /** What is known of the last: its inside, where measured, and the reports kept of it. */
  const habit = $derived.by(() => {
    if (!style) return null;
    const reports: HabitReport[] = reportsFor(kept, making);
    const size = style.last.base.size;
    const inside = shoeOf(style, size, style.last.base.width).inside.madeForFootMm - claimedFootMm(style, size);
    const own: HabitReport = {
      evidence: style.last.evidence.mark === 'measured' ? 'measured' : 'chart',
      offsetSizes: inside / book.get(style.scale).schools[0].unitMm,
      note: style.last.evidence.note
    };
    return weighHabit([own, ...reports]);
  });

  const input = $derived<ChainInput | null>(
    meaning === null
      ? null
      : {
          from:
            meaning.kind === 'foot'
              ? { kind: 'foot', lengthMm: meaning.footMm, sdMm: 1.5 }
              : { kind: 'label', scale: meaning.scale!, size: meaning.size!, school: meaning.school },
          to: { scale: target, school: style?.school, step: style?.step ?? lengthStep(book.get(target)), rounding: rounding ?? purpose.rounding },
          habit: habit
            ? {
                sizes: habit.offsetSizes,
                sdSizes: habit.sdSizes,
                source: `${style!.last.name}: ${habit.weights.length} ${habit.weights.length === 1 ? 'report' : 'reports'}, weighed`
              }
            : null,
          // Where the inside is known the plus-sizes of the trade must not come on top.
          purpose: style ? null : { name: purpose.name, sizes: purpose.sizes },
          sockMm: SOCKS.find((s) => s.id === sockId)!.mm,
          insertMm: 0,
          preference,
          off
        }
  );
  const end = $derived(input ? addChain(input, book) : null);
  const card = $derived(
    end && meaning ? cardOf(end, meaning.text, style ? `${style.name}, ${style.maker.name}` : book.get(target).name, book.get(target).name, shop) : null
  );
  const toggle = (id: ChainLineId) => (off = off.includes(id) ? off.filter((o) => o !== id) : [...off, id]);
  const signed = (n: number, digits = 1) => `${n > 0 ? '+' : n < 0 ? '−' : ''}${trimNumber(Math.abs(n), digits)}`;
</script>

<svelte:head><title>Chain of sums · Chiave</title></svelte:head>
<h1 class="sr-only">Chain of sums</h1>
<div class="grid gap-4 print:hidden lg:grid-cols-2">
  <Sheet class="grid content-start gap-3" heading="From what, into what">
    <Field
      label="A size or a foot"
      figures
      value={text}
      oninput={(e) => {
        text = e.currentTarget.value;
        chosen = null;
      }}
    />
    {#if answer.problem}<Notice tone="caution" role="alert">{answer.problem}</Notice>{/if}
    {#if answer.meanings.length > 1}
      <div class="flex flex-wrap gap-1">
        {#each answer.meanings as m (m.text + (m.scale ?? ''))}<Button pressed={chosen === m} onclick={() => (chosen = m)}>{m.text}</Button>{/each}
      </div>
    {/if}
    <Select label="Into a shoe of the stockroom" bind:value={styleId}>
      <option value="">none: into a scale only</option>
      {#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name} ({book.get(s.scale).short})</option>{/each}
    </Select>
    {#if !style}
      <Select label="Scale" bind:value={toScale}
        >{#each book.all.filter((s) => !s.rule) as s (s.id)}<option value={s.id}>{s.name}</option>{/each}</Select
      >
    {/if}
    {#if makings.length > 0}
      <Select
        label="Which making of the last"
        empty="any: only reports that name none"
        options={makings.map((m) => ({ id: keyOf(m), name: keyOf(m) }))}
        bind:value={makingKey}
        aria-describedby="making-note"
      />
      <p id="making-note" class="soft text-sm">Reports of another variant or year do not count here: they speak of another inside.</p>
    {/if}
    <Choice
      name="purpose"
      legend="Purpose"
      options={PURPOSES}
      value={purposeId}
      onchange={(v) => {
        purposeId = v ?? 'everyday';
        rounding = null;
      }}
    />
    {#if style}<p class="soft text-sm">
        The inside of this last is known: toe room decides, and the trade’s plus-sizes are left out. The purpose only says which way to round.
      </p>{/if}
    <Choice
      name="rounding"
      legend="Between two sizes"
      options={[
        { id: 'nearest', name: 'the nearer' },
        { id: 'up', name: 'the larger' },
        { id: 'down', name: 'the smaller' }
      ]}
      value={rounding ?? purpose.rounding}
      onchange={(v) => (rounding = v)}
    />
    <Choice name="sock" legend="Sock" options={SOCKS} value={sockId} onchange={(v) => (sockId = v ?? 'none')} />
    <Choice
      name="taste"
      legend="Likes it"
      options={[
        { id: 'snug', name: 'snug' },
        { id: 'regular', name: 'regular' },
        { id: 'generous', name: 'generous' }
      ]}
      value={preference}
      onchange={(v) => (preference = v ?? 'regular')}
    />
  </Sheet>

  <Sheet class="content-start" heading="How it adds up">
    {#if end}
      <p class="mt-1">
        <span class="figures text-4xl font-semibold" data-answer>{end.label}</span>
        <span class="text-brass">{book.get(target).name}{style ? `, ${style.name}` : ''}</span>
      </p>
      <p class="soft">
        Exactly {trimNumber(end.exact, 2)}, {signed(end.remainderMm)} mm beyond the label; about {Math.round(end.likely * 20) * 5} in 100 that this is the nearest
        size.
      </p>
      <Table class="mt-2">
        <thead
          ><tr class="border-b border-ink text-left"
            ><th scope="col">Line</th><th scope="col">mm</th><th scope="col">sizes</th><th scope="col">source</th><th scope="col">on</th></tr
          ></thead
        >
        <tbody>
          {#each end.lines as line (line.id)}
            <tr class="border-b border-line" class:opacity-50={!line.on}>
              <th scope="row" class="py-1 pr-2 text-left font-semibold">{line.what}</th>
              <td class="figures pr-2">{line.id === 'scale' ? trimNumber(line.mm) : signed(line.mm)}</td>
              <td class="figures pr-2">{line.id === 'scale' ? trimNumber(line.sizes, 2) : signed(line.sizes, 2)}</td>
              <td class="soft pr-2 text-sm">{line.source}</td>
              <td
                >{#if line.id !== 'scale'}<TickBox label="{line.what} counts" checked={line.on} onchange={() => toggle(line.id)} />{/if}</td
              >
            </tr>
          {/each}
          <tr
            ><th scope="row" class="py-1 text-left">together</th><td class="figures font-semibold">{trimNumber(end.footMm)} ± {trimNumber(end.sdMm)}</td><td
              class="figures font-semibold">{trimNumber(end.exact, 2)}</td
            ><td></td><td></td></tr
          >
        </tbody>
      </Table>
      <h3 class="mt-3">One step either way</h3>
      <ul>
        {#each end.neighbours as n, at (at)}<li>
            <b class="figures">{n.label}</b>: {n.words} <span class="soft figures">({signed(n.roomMm)} mm)</span>
          </li>{/each}
      </ul>
      {#if habit && style}
        <h3 class="mt-3">How the last {style.last.name} runs</h3>
        <ul class="text-sm">
          {#each habit.weights as w, i (i)}<li>
              <span class="figures">{Math.round(w.share * 100)} of 100</span>: {w.report.evidence}, {signed(w.report.offsetSizes, 2)} sizes{w.report.variant
                ? `, ${w.report.variant}`
                : ''}{w.report.madeYear ? `, ${w.report.madeYear}` : ''}.
              <span class="soft">{w.report.note}</span>
            </li>{/each}
          <li>
            <span class="figures">{Math.round(habit.priorShare * 100)} of 100</span>:
            <span class="soft">that an unknown last runs true, give or take {HABIT_PRIOR_SD}</span>
          </li>
        </ul>
        {#each habit.conflicts as conflict (conflict)}<Notice class="mt-1" tone="caution">Conflict: {conflict}.</Notice>{/each}
      {/if}
    {:else}<p class="soft">Type a size or a foot.</p>{/if}
  </Sheet>
</div>

{#if card}<AnswerCardSheet {card} onshop={(v) => (shop = v)} />{/if}
