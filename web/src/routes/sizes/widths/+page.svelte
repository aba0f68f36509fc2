<script lang="ts">
  import { readStyleSize, shoeOf, type Style } from '@chiave/core/fit';
  import { formatLength, formatSigned, parseLength } from '@chiave/core/measure';
  import {
    footLetter,
    mondopoint,
    parseSize,
    partLetters,
    SCALE,
    schoolOf,
    sisterSizes,
    toFootMm,
    WIDTH_SCALES,
    widthScaleFor,
    type ScaleId
  } from '@chiave/core/size';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import { shown } from '$lib/ui/frame/units.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  let { data } = $props();
  let group = $state<'men' | 'women'>('women');
  let lengthText = $state('244');
  let girthText = $state('224');
  let widthText = $state('90');
  const mm = (text: string) => {
    const parsed = parseLength(text, shown.unit);
    return parsed.ok && parsed.mm > 60 && parsed.mm < 450 ? parsed.mm : null;
  };
  const foot = $derived({ length: mm(lengthText), girth: mm(girthText), width: mm(widthText) });
  const faults = $derived(
    [foot.length === null ? 'length' : '', foot.girth === null ? 'ball girth' : '', foot.width === null ? 'ball width' : ''].filter(Boolean)
  );

  let scale = $state<ScaleId>('us-w');
  let sizeText = $state('7.5');
  let letter = $state('B');
  const LETTERED = ['us-w', 'us-m', 'uk', 'eu', 'jp'] as const satisfies readonly ScaleId[];
  const sisters = $derived.by(() => {
    const size = parseSize(sizeText);
    const widths = widthScaleFor(scale)!;
    if (size === null) return { rows: [], problem: `“${sizeText}” is not a size.` };
    const [low, high] = SCALE[scale].range;
    if (size < low || size > high) return { rows: [], problem: `${SCALE[scale].name} runs from ${low} to ${high}.` };
    try {
      return {
        rows: sisterSizes(scale, widths, SCALE[scale].group === 'men' ? 'men' : SCALE[scale].group === 'women' ? 'women' : group, size, letter),
        problem: ''
      };
    } catch (error) {
      return { rows: [], problem: error instanceof Error ? error.message : String(error) };
    }
  });

  interface Pick {
    styleId: string;
    size: string;
    width: string;
  }
  let picks = $state<[Pick, Pick]>([
    { styleId: 'alderman', size: '8', width: 'F' },
    { styleId: 'long-shadow', size: '9', width: 'D' }
  ]);
  const PARTS = [
    ['ballGirthMm', 'ball girth'],
    ['waistGirthMm', 'waist girth'],
    ['instepGirthMm', 'instep girth'],
    ['ballWidthMm', 'insole across the ball'],
    ['heelWidthMm', 'heel seat'],
    ['insoleLengthMm', 'insole length'],
    ['toeDepthMm', 'toe depth']
  ] as const;
  const sides = $derived(
    picks.map((pick) => {
      const style: Style | undefined = data.styles.find((s) => s.id === pick.styleId);
      if (!style) return { style, inside: null, letters: [], problem: 'choose a style' };
      const read = readStyleSize(style, pick.size, pick.width);
      if ('message' in read) return { style, inside: null, letters: [], problem: read.message };
      const { inside } = shoeOf(style, read.size, read.width);
      const footMm = inside.madeForFootMm;
      // What the last would be called by the foot it goes with: its girths less nothing, as lasts are lettered.
      const letters = partLetters('us-letter', style.forWhom === 'men' ? 'men' : 'women', footMm, inside);
      return { style, inside, letters, problem: '' };
    })
  );
</script>

<svelte:head><title>Widths · Chiave</title></svelte:head>
<h1 class="sr-only">Widths</h1>
<div class="grid gap-4 lg:grid-cols-2">
  <Sheet heading="The letter of a foot">
    <p class="soft text-sm">A letter is a girth at a length. Letter of a foot and letter of a last are different things: the last is tighter than the foot.</p>
    <div class="mt-2 grid grid-cols-3 gap-2">
      <Field label="Length" figures bind:value={lengthText} aria-invalid={foot.length === null} />
      <Field label="Ball girth" figures bind:value={girthText} aria-invalid={foot.girth === null} />
      <Field label="Ball width" figures bind:value={widthText} aria-invalid={foot.width === null} />
    </div>
    <div class="mt-2">
      <Choice
        name="group"
        legend="Letters"
        options={[
          { id: 'women', name: 'women’s' },
          { id: 'men', name: 'men’s' }
        ]}
        value={group}
        onchange={(v) => (group = v ?? 'women')}
      />
    </div>
    {#if faults.length > 0}<Notice class="mt-2" tone="caution" role="alert">Not a foot’s {faults.join(', ')}: write it as 244, 24.4 cm or 9 5/8 in.</Notice>
    {:else}
      <Table class="mt-2" data-letters>
        <tbody>
          {#each WIDTH_SCALES as w (w.id)}
            {@const read = footLetter(w.id, group, foot.length!, w.measures === 'ball girth' ? foot.girth! : foot.width!)}
            <tr class="border-b border-line"
              ><th scope="row" class="py-1 pr-2 text-left font-semibold">{w.name}</th><td class="figures font-semibold"
                >{read.letter}{read.beyond ? ' or beyond' : ''}</td
              ><td class="figures soft text-sm">{formatSigned(read.remainderMm, shown.unit)} {shown.unit}</td><td class="soft text-sm">{w.source}</td></tr
            >
          {/each}
          <tr
            ><th scope="row" class="py-1 text-left font-semibold">Mondopoint</th><td class="figures font-semibold">{mondopoint(foot.length!, foot.width!)}</td
            ><td></td><td class="soft text-sm">ISO 9407, foot length and width in mm</td></tr
          >
        </tbody>
      </Table>
    {/if}
  </Sheet>

  <Sheet heading="Sister sizes">
    <p class="soft text-sm">A size shorter and a letter wider holds the same girth, by the trade’s quarter inch a letter and a size.</p>
    <div class="mt-2 grid grid-cols-3 gap-2">
      <Select label="Scale" bind:value={scale}
        >{#each LETTERED as id (id)}<option value={id}>{SCALE[id].name}</option>{/each}</Select
      >
      <Field label="Size of it" figures bind:value={sizeText} />
      <Field label="Letter" figures bind:value={letter} />
    </div>
    {#if sisters.problem}<Notice class="mt-2" tone="caution" role="alert">{sisters.problem}</Notice>
    {:else}
      <Table class="mt-2" data-sisters>
        <thead
          ><tr class="border-b border-ink text-left"
            ><th scope="col">size</th><th scope="col">foot</th><th scope="col">girth</th><th scope="col">against it</th></tr
          ></thead
        >
        <tbody>
          {#each sisters.rows as s (s.label + s.letter)}
            <tr class="border-b border-line" class:font-semibold={Math.abs(s.size - (parseSize(sizeText) ?? 0)) < 1e-6}
              ><th scope="row" class="figures py-1 text-left">{s.label} {s.letter}</th><td class="figures">{formatLength(s.footMm, shown.unit)}</td><td
                class="figures">{formatLength(s.mm, shown.unit)}</td
              ><td class="figures">{formatSigned(s.differenceMm, shown.unit)}</td></tr
            >
          {/each}
        </tbody>
      </Table>
      <p class="soft mt-1 text-sm">
        Foot of {SCALE[scale].name}
        {sizeText}: {formatLength(toFootMm(schoolOf(SCALE[scale]), parseSize(sizeText) ?? 0), shown.unit)}.
      </p>
    {/if}
  </Sheet>
</div>

<Sheet class="mt-4" heading="The same letter in two makers">
  <p class="soft text-sm">Widths are not a scale across makers: compare the insides in millimetres.</p>
  <div class="mt-2 grid gap-3 md:grid-cols-2">
    {#each picks as pick, i (i)}
      <div class="grid grid-cols-[2fr_1fr_1fr] gap-2">
        <Select label="Shoe {i + 1}" bind:value={pick.styleId}
          >{#each data.styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name}</option>{/each}</Select
        >
        <Field label="In size" figures bind:value={pick.size} />
        <Field label="Width" figures bind:value={pick.width} />
        {#if sides[i].problem}<Notice class="col-span-3" tone="caution" role="alert">{sides[i].problem}</Notice>{/if}
      </div>
    {/each}
  </div>
  {#if sides[0].inside && sides[1].inside}
    {@const [a, b] = [sides[0].inside, sides[1].inside]}
    <Table class="mt-2" data-two>
      <thead
        ><tr class="border-b border-ink text-left"
          ><th scope="col">inside</th><th scope="col">{sides[0].style!.name} {picks[0].size} {picks[0].width}</th><th scope="col"
            >{sides[1].style!.name} {picks[1].size} {picks[1].width}</th
          ><th scope="col">second less first</th></tr
        ></thead
      >
      <tbody>
        {#each PARTS as [key, name] (key)}
          <tr class="border-b border-line"
            ><th scope="row" class="py-1 text-left font-semibold">{name}</th><td class="figures">{formatLength(a[key], shown.unit)}</td><td class="figures"
              >{formatLength(b[key], shown.unit)}</td
            ><td class="figures">{formatSigned(b[key] - a[key], shown.unit)} {shown.unit}</td></tr
          >
        {/each}
        <tr
          ><th scope="row" class="py-1 text-left font-semibold">US letters at ball, waist, heel</th>{#each sides as side, i (i)}<td class="figures"
              >{side.letters.map((l) => `${l.letter}${l.beyond ? '…' : ''}`).join(' · ')}</td
            >{/each}<td class="soft text-sm">of the inside itself; where they differ the last is a combination</td></tr
        >
      </tbody>
    </Table>
  {/if}
</Sheet>
