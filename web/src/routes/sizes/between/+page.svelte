<script lang="ts">
  import {
    CONTRADICT_WORDS,
    FEELS,
    guessFoot,
    knownShoeWords,
    ORDINARY_WEAR,
    sizesThere,
    sizeText,
    type FeelId,
    type KnownShoe,
    readStyleSize
  } from '@chiave/core/fit';
  import { formatFigure, formatLength } from '@chiave/core/measure';
  import { readQuick, SCALE } from '@chiave/core/size';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { withFractions } from '$lib/size-fractions';
  import { withDoubt } from '$lib/drawing/lengths-on-rule';
  import LengthsOnRule from '$lib/drawing/LengthsOnRule.svelte';
  import { chance } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  interface Row {
    styleId: string;
    text: string;
    width: string;
    feel: FeelId;
  }
  let { data } = $props();
  const book = $derived(shopBook());
  let rows = $state<Row[]>([{ styleId: '', text: 'eu 39', width: '', feel: 'comfortable' }]);
  let targetId = $state('');
  const styleOf = (id: string) => data.styles.find((s) => s.id === id);

  /** Each row as a known shoe, or what is wrong with it. */
  const read = $derived(
    rows.map((row): { known: KnownShoe | null; problem: string } => {
      const style = styleOf(row.styleId);
      if (style) {
        const size = readStyleSize(style, row.text, row.width || style.widths[0]);
        return 'message' in size
          ? { known: null, problem: size.message }
          : { known: { how: 'style', style, size: size.size, width: size.width, feel: row.feel }, problem: '' };
      }
      const { meanings, problem } = readQuick(row.text, shown.unit, null, book);
      const labels = meanings.filter((m) => m.kind === 'label');
      if (labels.length > 1) return { known: null, problem: `That may be ${labels.map((m) => m.text).join(', ')}: say which scale.` };
      if (labels.length === 0) return { known: null, problem: problem || (row.text.trim() === '' ? '' : 'Write the size on the shoe, as eu 39 or us w 6.5.') };
      return { known: { how: 'label', scale: labels[0].scale!, size: labels[0].size!, school: labels[0].school, feel: row.feel }, problem: '' };
    })
  );
  const known = $derived(read.flatMap((r) => (r.known ? [r.known] : [])));
  const guess = $derived(known.length > 0 ? guessFoot(known, book) : null);
  const laid = $derived.by(() => {
    if (!guess) return [];
    const figure = (mm: number, sdMm: number): string => `${formatLength(mm, shown.unit)} ± ${formatFigure(sdMm, shown.unit)}`;
    const shoes = guess.lines.map((line) =>
      withDoubt(knownShoeWords(line), `${figure(line.lengthMm, line.sdMm)}, ${Math.round(line.share * 100)} of 100`, line.lengthMm, line.sdMm)
    );
    return [...shoes, { ...withDoubt('the foot', figure(guess.lengthMm, guess.sdMm), guess.lengthMm, guess.sdMm), whole: true as const }];
  });
  const target = $derived(styleOf(targetId));
  const there = $derived(guess && target ? sizesThere(guess, target, ORDINARY_WEAR) : []);
  const best = $derived(there[0]);
</script>

<svelte:head><title>Between makers · Chiave</title></svelte:head>
<h1 class="sr-only">Between makers</h1>
<p class="says mb-1" aria-live="polite">
  {#if guess && target && best}In {target.name} {best.fits ? 'take' : 'the nearest is'} {withFractions(best.size)} {best.width}: {chance(best.probability)}.
  {:else if guess}The foot is {formatLength(guess.lengthMm, shown.unit)}, give or take {formatLength(guess.sdMm, shown.unit)}.
  {:else}What does somebody wear, and how does it feel?{/if}
</p>
<p class="soft mb-3">
  For people who only write: the shoes they wear, and how each feels, say how long the foot is and how surely. Through the inside of the shoe where the
  stockroom knows it, through the label where not.
</p>

<div class="grid gap-4 lg:grid-cols-2">
  <Sheet heading="What is worn now">
    {#each rows as row, i (i)}
      <div class="mt-2 grid items-start gap-2 border-b border-line pb-2 sm:grid-cols-[2fr_1fr_0.8fr] lg:grid-cols-[2.4fr_1fr_0.8fr]">
        <Select label="Shoe {i + 1}" bind:value={row.styleId}>
          <option value="">known by its label</option>
          {#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name}</option>{/each}
        </Select>
        <Field
          label="Size"
          aria-label="Size of shoe {i + 1}"
          figures
          bind:value={row.text}
          aria-invalid={read[i].problem !== ''}
          placeholder={styleOf(row.styleId) ? sizeText(styleOf(row.styleId)!, styleOf(row.styleId)!.from) : 'eu 39'}
        />
        <Field label="Width" aria-label="Width of shoe {i + 1}" figures bind:value={row.width} placeholder={styleOf(row.styleId)?.widths.join(' ') ?? ''} />
        <div class="flex items-end gap-2 sm:col-span-3">
          <Select class="flex-1" label="Feels" aria-label="Feel of shoe {i + 1}" options={FEELS} bind:value={row.feel} />
          <Button aria-label="Take shoe {i + 1} away" disabled={rows.length === 1} onclick={() => (rows = rows.filter((_, n) => n !== i))}>×</Button>
        </div>
        {#if read[i].problem}<Notice class="sm:col-span-3" tone="caution" role="alert">{read[i].problem}</Notice>{/if}
      </div>
    {/each}
    <Button class="mt-2" onclick={() => (rows = [...rows, { styleId: '', text: '', width: '', feel: 'comfortable' }])}>Another shoe</Button>
  </Sheet>

  <div class="grid content-start gap-4">
    {#if guess}
      <Sheet>
        <h2 class="mb-1">
          The foot: <span class="figures" data-guess>{formatLength(guess.lengthMm, shown.unit)}</span>
          <span class="figures soft font-normal">± {formatLength(guess.sdMm, shown.unit)}</span>
        </h2>
        <LengthsOnRule lengths={laid} unit={shown.unit} words={laid.map((l) => `${l.name}: ${l.figure}`).join('; ')} />
        {#if guess.contradict}<Notice class="mt-1" tone="caution">{CONTRADICT_WORDS}</Notice>{/if}
        <p class="soft">Of 100, how much each shoe counts: less the surer the others are.</p>
      </Sheet>
    {/if}
    <Sheet heading="What in this one?">
      <Select label="The shoe asked about" hideLabel bind:value={targetId}>
        <option value="">choose a style</option>
        {#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name} ({SCALE[s.scale].short})</option>{/each}
      </Select>
      {#if target && guess && best}
        <p class="mt-2">
          <span class="figures text-4xl font-semibold" data-there>{withFractions(best.size)} {best.width}</span>
          <span class="text-brass">{SCALE[target.scale].name}, last {target.last.name} ({target.last.evidence.mark})</span>
        </p>
        <p class="soft">The foot is only guessed in length, its width filled in from proportions.</p>
        <Table class="mt-2">
          <tbody>
            {#each there as s (s.size + s.width)}
              <tr class="border-b border-line"
                ><th scope="row" class="figures py-1 text-left">{withFractions(s.size)} {s.width}</th><td class="figures"
                  >{Math.round(s.probability * 100)} of 100</td
                ><td>{s.fits ? 'fits' : 'does not fit'}</td><td class="soft text-sm">{s.feel}</td></tr
              >
            {/each}
          </tbody>
        </Table>
        <Notice class="mt-3" tone="caution">
          A size told in writing is a place to start. Width and instep are not in it: ask for a tracing and a ball girth, or send two sizes.
        </Notice>
      {:else if target && guess}<Notice class="mt-2">{target.name} is not made in a size near this foot.</Notice>{/if}
    </Sheet>
  </div>
</div>
