<script lang="ts">
  import { FITS_AS, formatSigned, parseLength, type FitsAs } from '@chiave/core/measure';
  import { footLetter, mondopoint, WIDTH_SCALES } from '@chiave/core/size';
  import LetterRule from '$lib/drawing/LetterRule.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** The letter of a foot by every width scale. */
  let { group, ongroup }: { group: FitsAs; ongroup: (group: FitsAs) => void } = $props();
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
</script>

<Sheet heading="The letter of a foot">
  <p class="soft text-sm">A letter is a girth at a length. Letter of a foot and letter of a last are different things: the last is tighter than the foot.</p>
  <div class="mt-2 grid grid-cols-3 gap-2">
    <Field label="Length" figures bind:value={lengthText} aria-invalid={foot.length === null} />
    <Field label="Ball girth" figures bind:value={girthText} aria-invalid={foot.girth === null} />
    <Field label="Ball width" figures bind:value={widthText} aria-invalid={foot.width === null} />
  </div>
  <div class="mt-2">
    <Choice name="group" legend="Letters" options={FITS_AS.map((id) => ({ id, name: `${id}’s` }))} value={group} onchange={ongroup} />
  </div>
  {#if faults.length > 0}<Notice class="mt-2" tone="caution" role="alert">Not a foot’s {faults.join(', ')}: write it as 244, 24.4 cm or 9 5/8 in.</Notice>
  {:else}
    <div class="mt-3"><LetterRule {group} lengthMm={foot.length!} girthMm={foot.girth!} unit={shown.unit} /></div>
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
          ><th scope="row" class="py-1 text-left font-semibold">Mondopoint</th><td class="figures font-semibold">{mondopoint(foot.length!, foot.width!)}</td><td
          ></td><td class="soft text-sm">ISO 9407, foot length and width in mm</td></tr
        >
      </tbody>
    </Table>
  {/if}
</Sheet>
