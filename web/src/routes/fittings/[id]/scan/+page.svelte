<script lang="ts">
  import { onDestroy } from 'svelte';
  import { invalidateAll } from '$app/navigation';
  import Papa from 'papaparse';
  import { LOADS, nameOfTaken, SIDES, SOCK, sockOf, trimNumber, type Side, type TakenId } from '@chiave/core/measure';
  import { outlineSvg } from '@chiave/core/tracing';
  import { feetOf } from '$lib/fit-feet';
  import { SCAN_VIEWS, type ScanViewId } from '$lib/scan/views';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { download } from '$lib/ui/kit/download';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Underway from '$lib/ui/kit/Underway.svelte';
  import { SIDE_CHOICES } from '$lib/ui/kit/side-choices';
  import KeptOutlines from '$lib/ui/measure/KeptOutlines.svelte';
  import ScanFacts from '$lib/ui/measure/ScanFacts.svelte';
  import ScanInSpace from '$lib/ui/measure/ScanInSpace.svelte';
  import ScannedValues from '$lib/ui/measure/ScannedValues.svelte';
  import { ScannedFoot } from '$lib/ui/measure/scanned-foot.svelte';
  import TracedLines from '$lib/ui/measure/TracedLines.svelte';

  let { data } = $props();
  const desk = getDesk();
  const scanned = new ScannedFoot(desk);
  onDestroy(() => scanned.stop());
  let look = $state.raw<{ from: ScanViewId }>({ from: 'aslant' });
  const other = (side: Side): Side => (side === 'left' ? 'right' : 'left');

  /** How the foot stood and what it wore: values are kept with it, and go from there to how the shoe is worn. */
  const readAs = $derived.by(() => {
    const { measuredLoad, measuredSockMm } = desk.fitting;
    const sock = sockOf(measuredSockMm);
    return `${LOADS.find(({ id }) => id === measuredLoad)!.name}; ${sock ? SOCK[sock].name : `in a sock of ${trimNumber(measuredSockMm)} mm`}`;
  });

  async function keep(): Promise<void> {
    if (await scanned.keep()) await invalidateAll();
  }
  const saveMeasures = (): void => {
    const rows = Object.entries(scanned.values).map(([id, v]) => ({
      foot: scanned.side,
      measure: nameOfTaken(id as TakenId),
      mm: trimNumber(v.mm),
      sdMm: trimNumber(v.sdMm),
      plane: v.plane ? (scanned.tapes.moved[id as TakenId] ? 'moved by hand' : 'where the trade lays it') : ''
    }));
    download(`measures-${scanned.side}.csv`, new Blob([Papa.unparse(rows)], { type: 'text/csv' }));
  };
  const saveSvg = (): void => {
    const { line, side } = scanned.foot!;
    download(`outline-${side}.svg`, new Blob([outlineSvg(line, side, `${side} foot, mm`)], { type: 'image/svg+xml' }));
  };
</script>

<svelte:head><title>Scan · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<div class="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
  <Sheet>
    <div class="flex flex-wrap items-center gap-2">
      <h1 class="mr-auto">From a scan</h1>
      {#each SIDES as side (side)}
        <Button disabled={scanned.running !== null} onclick={() => scanned.fromScanner(side)}><SideMark {side} />&nbsp;Scan the {side} foot</Button>
      {/each}
      <FileButton accept=".stl,.obj,.ply" disabled={scanned.running !== null} onfile={(file) => scanned.take(file)}>STL, OBJ, PLY</FileButton>
    </div>
    {#if scanned.running}<Underway running={scanned.running} oncancel={() => scanned.cancel()} />{/if}
    {#if scanned.message}<Notice class="mt-3" tone="caution" role="alert">{scanned.message}</Notice>{/if}
    {#if scanned.saved}
      <Notice class="mt-3" role="status">{scanned.saved} <a href="/fittings/{desk.fitting.id}/measure">To Measure</a></Notice>
    {/if}
    {#if scanned.asksUnit}
      <Notice class="mt-3" role="group" aria-label="Unit of the file">
        <p>The file does not say how large it is. In which unit was it written?</p>
        <div class="mt-1 flex flex-wrap gap-2">
          {#each scanned.asksUnit as unit (unit.id)}<Button onclick={() => scanned.take(scanned.file!, unit.id)}>{unit.name}</Button>{/each}
        </div>
      </Notice>
    {/if}
    {#if scanned.facts}
      {#if scanned.side === null}<p class="mt-3 font-semibold">It looks like neither foot for sure: say which one it is.</p>{/if}
      <div class="mt-2 flex flex-wrap items-end gap-x-4 gap-y-2">
        <Choice name="side" legend="Which foot it is" hideLegend options={SIDE_CHOICES} value={scanned.side} onchange={(side) => scanned.isThe(side)} />
        {#if scanned.foot}<Choice name="view" legend="Seen" hideLegend options={SCAN_VIEWS} value={look.from} onchange={(from) => (look = { from })} />{/if}
      </div>
      {#if scanned.doubt}
        <Notice class="mt-2" tone="caution" role="alert">
          It looks like the {scanned.doubt} foot, not the {other(scanned.doubt)}.
          <Button kind="text" onclick={() => scanned.isThe(scanned.doubt!)}>It is the {scanned.doubt}</Button>
        </Notice>
      {/if}
    {/if}
    {#if scanned.foot}
      <div class="mt-2"><ScanInSpace {scanned} {look} /></div>
    {:else if !scanned.running && !scanned.facts}
      <TracedLines feet={feetOf(desk.fitting)} />
      {#if data.tracings.length === 0}
        <p class="soft mt-3">
          Let the scanner take a foot, or bring the file it wrote. The foot is set down on its sole and turned to its axis; every girth is taken as a tape takes
          it, and you see where.
        </p>
      {/if}
    {/if}
  </Sheet>
  <Sheet class="content-start">
    <h2>{scanned.side ? `What it says of the ${scanned.side} foot` : 'What it says of the foot'}</h2>
    {#if scanned.foot}
      <div class="mt-2 flex flex-wrap gap-2">
        <Button kind="primary" onclick={keep}>Take these for the {scanned.side} foot</Button>
        <Button onclick={saveMeasures}>Measures</Button>
        <Button onclick={saveSvg}>SVG, true size</Button>
        <Button onclick={() => download(scanned.file!.name, scanned.file!)}>The scan as it came</Button>
      </div>
      <ScannedValues {scanned} />
      <p class="mt-2 text-sm" data-counts-as>
        It counts as read {readAs}. Another sock or weight is said at <a href="/fittings/{desk.fitting.id}/measure">Measure</a>; both are reckoned with.
      </p>
      <ScanFacts facts={scanned.facts!} apart={scanned.foot.apart} />
    {:else}<p class="soft">Nothing read yet.</p>{/if}
    <h3 class="mt-4">Kept with this visit</h3>
    <KeptOutlines {desk} tracings={data.tracings} />
    <p class="mt-3"><Button kind="text" href="/fittings/{desk.fitting.id}/measure">Back to Measure</Button></p>
  </Sheet>
</div>
