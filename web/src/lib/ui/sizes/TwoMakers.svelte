<script lang="ts">
  import { readStyleSize, shoeOf, type Style } from '@chiave/core/fit';
  import { formatLength, formatSigned } from '@chiave/core/measure';
  import { partLetters } from '@chiave/core/size';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** The same letter in two makers, inside against inside. */
  let { styles }: { styles: readonly Style[] } = $props();
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
      const style: Style | undefined = styles.find((s) => s.id === pick.styleId);
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

<Sheet class="mt-4" heading="The same letter in two makers">
  <p class="soft text-sm">Widths are not a scale across makers: compare the insides in millimetres.</p>
  <div class="mt-2 grid gap-3 md:grid-cols-2">
    {#each picks as pick, i (i)}
      <div class="grid grid-cols-[2fr_1fr_1fr] gap-2">
        <Select label="Shoe {i + 1}" bind:value={pick.styleId}
          >{#each styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name}</option>{/each}</Select
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
