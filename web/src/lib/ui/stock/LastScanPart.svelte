<script lang="ts">
  import { onDestroy } from 'svelte';
  import { gradedDrop, gradeLast, type Last } from '@chiave/core/last';
  import { formatLength, trimNumber } from '@chiave/core/measure';
  import { INSIDE_AT_MM, PLANE_SD, type LastScan, type LastScanId, type ScanUnit } from '@chiave/core/scan';
  import { Tapes } from '$lib/scan/tapes.svelte';
  import { SCAN_VIEWS, type ScanViewId } from '$lib/scan/views';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import InSpace from '$lib/ui/kit/InSpace.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import TapeMoves from '$lib/ui/kit/TapeMoves.svelte';
  import Underway from '$lib/ui/kit/Underway.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { said } from '$lib/workers/remote';
  import { ScanReader } from '$lib/workers/scan-client';
  import { definitionFrom, SCAN_FIGURES } from './last-from-scan';

  /**
   * A scanned last, or the inside of a shoe on it: its line for the reading, its girths and heights for the definition.
   * @prop size that was scanned, with its letters from the base; null until it is written
   * @prop ontaken gets what was read, and says whether its line is an insole's
   * @prop onball gets the ball girth where its tape was moved
   */
  // prettier-ignore
  let { last, size, letters, ontaken, onball, ondefine }: {
    last: Last; size: number | null; letters: number; ontaken: (scan: LastScan) => boolean; onball: (mm: number) => void;
    ondefine: (fields: Record<string, string>) => void;
  } = $props();
  /** What is off its size by more than this was scanned in another one. */
  const FAR_MM = 30;
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
    tapes.clear();
    if (size === null) return void (trouble = 'Write the size that was scanned first: girths and toes are looked for by it.');
    if (drop === null) return void (trouble = 'Write the drop it stands on: a loose last or shoe may be rolled, so a scan does not tell it.');
    const own = { size, letters };
    running = { done: 0, what: 'reading the file' };
    try {
      const due = gradeLast(last, own.size, own.letters);
      const asked = { forFootMm: due.madeForFootMm, dropMm: drop, basis: last.widthBasis };
      const found = await reader.last(file, asked, unit, (done) => {
        running = { done, what: done < 0.6 ? 'reading the file' : 'following its edge' };
      });
      if (found.kind === 'asks-unit') asks = { file, units: found.units };
      else if (Math.abs(found.last.lengthMm - due.insoleLengthMm) > FAR_MM)
        trouble = `${file.name}: it is ${mm(found.last.lengthMm)} long, and size ${own.size} of this last ${mm(due.insoleLengthMm)}: look at the size, or it is of another last.`;
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
    ondefine(definitionFrom(last, scan.size, scan.letters, tapes.values));
    put = true;
  }
  const mm = (value: number): string => formatLength(value, shown.unit);
  const figureOf = (id: LastScanId) => SCAN_FIGURES.find((f) => f.id === id)!;
  /** What a moved tape says is not in the definition yet; the ball's stands in the reading. */
  const tapes = new Tapes<LastScanId>(
    () => scan?.read.values ?? {},
    (_id, plane) => reader.lastAlong(plane),
    (id) => {
      put = false;
      if (figureOf(id).goes === 'reading') onball(tapes.values[id]!.mm);
    }
  );
  const nameOf = (id: LastScanId): string => figureOf(id).name;
  const told = $derived(SCAN_FIGURES.flatMap((figure) => (tapes.values[figure.id] ? [{ ...figure, value: tapes.values[figure.id]! }] : [])));
  const open = $derived(SCAN_FIGURES.filter((f) => !('topline' in f) && !tapes.values[f.id]).map(({ name }) => name));
  const inSpace = $derived(scan && { ...scan.read.mesh, lengthMm: scan.read.lengthMm, inward: scan.read.inward });
  let look = $state.raw<{ from: ScanViewId }>({ from: 'aslant' });
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
    <Choice name="view" legend="Seen" hideLegend options={SCAN_VIEWS} value={look.from} onchange={(from) => (look = { from })} />
    <InSpace
      shown={inSpace}
      values={tapes.values}
      chosen={tapes.chosen}
      {look}
      tall="h-[17rem]"
      label="What was scanned, in space, with a tape for each girth{tapes.chosen ? `; ${nameOf(tapes.chosen)} stands out` : ''}"
      ondrag={(byMm) => void tapes.drag(byMm)}
      without="the values stay, and planes can be moved by their keys."
    />
    <TapeMoves {tapes} {nameOf} />
    <ul class="mt-2 grid grid-cols-2 gap-1.5 md:grid-cols-3">
      {#each told as { id, name, value } (id)}
        {@const own = tapes.chosen === id}
        <li data-figure={id}>
          <Button class="h-full w-full" pressed={own} onclick={() => (tapes.chosen = own ? null : id)}>
            <span class="w-full text-left">
              <span class="block text-sm">{name}{tapes.moved[id] ? ', moved' : ''}</span>
              <b class="figures">{mm(value.mm)}</b> <span class="soft text-sm">± {trimNumber(Math.round(value.sdMm * 10) / 10)}</span>
            </span>
          </Button>
        </li>
      {/each}
    </ul>
    {#if open.length > 0}<p class="text-sm" data-open>The shoe is open there, so not read: {open.join(', ')}.</p>{/if}
    <p class="soft mt-1 text-sm">
      {scan.read.values.ballGirthMm ? 'Length, widths and ball girth' : 'Length and widths'} stand in the reading above. Girths lie square to the bottom, without
      pull{scan.read.counterMm > 0 ? `; widths as the inside has them some ${mm(INSIDE_AT_MM)} over the footbed, the heel less its counter` : ''}. ± is how much
      a girth changes here where its plane is off by {mm(PLANE_SD.mm)} or {PLANE_SD.degrees}°; of heights, what a clean scan errs by (both model).
    </p>
    <Button class="mt-1" onclick={define} disabled={put}>Put the others into the definition below</Button>
    {#if put}<span class="soft ml-2" role="status">Put in; nothing is kept until you press “Keep this last”.</span>{/if}
  </div>
{/if}
{#if trouble}<Notice tone="caution" role="alert">{trouble}</Notice>{/if}
