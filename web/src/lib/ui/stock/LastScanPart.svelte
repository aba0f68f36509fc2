<script lang="ts">
  import { onDestroy } from 'svelte';
  import { gradedDrop, gradeLast, type Last } from '@chiave/core/last';
  import { formatLength } from '@chiave/core/measure';
  import type { LastScan, ScanUnit } from '@chiave/core/scan';
  import Button from '$lib/ui/kit/Button.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Underway from '$lib/ui/kit/Underway.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { said } from '$lib/workers/remote';
  import { ScanReader } from '$lib/workers/scan-client';
  import { definitionFrom } from './last-from-scan';

  /**
   * A scanned last, or the inside of a shoe on it: its line for the reading, its girths and heights for the definition.
   * @prop size that was scanned, with its letters from the base; null until it is written
   * @prop ontaken gets what was read, and says whether its line is an insole's
   */
  // prettier-ignore
  let { last, size, letters, ontaken, ondefine }: {
    last: Last; size: number | null; letters: number; ontaken: (scan: LastScan) => boolean; ondefine: (fields: Record<string, string>) => void;
  } = $props();
  /** A solid last has no topline. */
  const TOPLINE = new Set(['backHeightMm', 'throatLineMm']);
  const reader = new ScanReader();
  onDestroy(() => reader.stop());
  let running = $state<{ done: number; what: string } | null>(null);
  let trouble = $state('');
  let asks = $state.raw<{ file: File; units: readonly ScanUnit[] } | null>(null);
  let scan = $state.raw<{ read: LastScan; size: number; letters: number } | null>(null);
  let put = $state(false);
  /** Drop it stands on, where somebody wrote another than the definition’s. */
  let written = $state<number | null>(null);
  const drop = $derived(written ?? (size === null ? (last.form?.heelHeightMm ?? null) : gradedDrop(last, size)));

  async function take(file: File, unit: ScanUnit['id'] | null = null): Promise<void> {
    [trouble, asks, scan, put] = ['', null, null, false];
    if (size === null) return void (trouble = 'Write the size that was scanned first: girths and toes are looked for by it.');
    if (drop === null) return void (trouble = 'Write the drop it stands on: a loose last or shoe may be rolled, so a scan does not tell it.');
    const own = { size, letters };
    running = { done: 0, what: 'reading the file' };
    try {
      const asked = { forFootMm: gradeLast(last, own.size, own.letters).madeForFootMm, dropMm: drop, basis: last.widthBasis };
      const found = await reader.last(file, asked, unit, (done) => {
        running = { done, what: done < 0.6 ? 'reading the file' : 'following its edge' };
      });
      if (found.kind === 'asks-unit') asks = { file, units: found.units };
      else if (ontaken(found.last)) scan = { read: found.last, ...own };
    } catch (error) {
      trouble = `${file.name}: ${said(error)}.`;
    }
    running = null;
  }
  function cancel(): void {
    reader.stop();
    running = null;
    trouble = 'Stopped. Nothing was read.';
  }
  function define(): void {
    if (!scan) return;
    ondefine(definitionFrom(last, scan.size, scan.letters, scan.read));
    put = true;
  }
  const mm = (value: number): string => formatLength(value, shown.unit);
  const FIGURES = [
    ['ball girth', 'ballGirthMm'],
    ['waist girth', 'waistGirthMm'],
    ['instep girth', 'instepGirthMm'],
    ['depth at the big toe', 'toeDepthMm'],
    ['at the little toe', 'littleToeDepthMm'],
    ['instep height', 'instepHeightMm'],
    ['toe spring', 'toeSpringMm'],
    ['back height', 'backHeightMm'],
    ['throat line from the heel', 'throatLineMm']
  ] as const;
  const figures = $derived(FIGURES.map(([name, id]) => ({ name, id, value: scan?.read[id] ?? null })));
  const told = $derived(figures.flatMap(({ name, value }) => (value === null ? [] : [{ name, value }])));
  const open = $derived(figures.filter(({ id, value }) => value === null && !TOPLINE.has(id)).map(({ name }) => name));
</script>

<div class="mt-2 flex flex-wrap items-end gap-2">
  <div class="w-44"><NumberField label="Drop it stands on" unit="mm" value={drop} low={0} high={300} step={1} onchange={(v) => (written = v)} /></div>
  <FileButton accept=".stl,.obj,.ply" onfile={(file) => take(file)}>A scan of the last, or of a shoe’s inside: STL, OBJ, PLY</FileButton>
</div>
{#if running}<Underway {running} oncancel={cancel} />{/if}
{#if asks}
  {@const { file, units } = asks}
  <Notice role="status">
    In which unit was it written?
    {#each units as unit (unit.id)}<Button class="ml-2" onclick={() => take(file, unit.id)}>{unit.name}</Button>{/each}
  </Notice>
{/if}
{#if scan}
  <div class="mt-2" data-last-scanned>
    <p>
      {#each told as { name, value }, i (name)}{i > 0 ? '; ' : ''}{name} <span class="figures">{mm(value)}</span>{/each}.
    </p>
    {#if open.length > 0}<p class="text-sm" data-open>The shoe is open there, so not read: {open.join(', ')}.</p>{/if}
    <p class="soft text-sm">
      {scan.read.ballGirthMm === null ? 'Length and widths' : 'Length, widths and ball girth'} stand in the reading above. Girths lie square to the bottom, without
      pull{scan.read.counterMm > 0 ? '; widths as the inside has them some 10 mm over the footbed, the heel less its counter' : ''}.
    </p>
    <Button class="mt-1" onclick={define} disabled={put}>Put the others into the definition below</Button>
    {#if put}<span class="soft ml-2" role="status">Put in; nothing is kept until you press “Keep this last”.</span>{/if}
  </div>
{/if}
{#if trouble}<Notice tone="caution" role="alert">{trouble}</Notice>{/if}
