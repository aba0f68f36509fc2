<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { readInsole, TOE_FAMILY, type Last, type LastEstimate } from '@chiave/core/last';
  import { parseLength, parseMixedNumber, trimNumber } from '@chiave/core/measure';
  import type { Point } from '@chiave/core/shape';
  import type { LastChange } from '$lib/api/stock-schema';
  import type { ReadingRow } from '$lib/api/rows';
  import { SHEETS, type SheetId } from '$lib/tracing/sheets';
  import { readSvgOutline } from '$lib/tracing/svg-outline';
  import { said } from '$lib/workers/remote';
  import { TracingReader } from '$lib/workers/tracing-client';
  import { fitterName, send, type SaveError } from '$lib/send/save.svelte';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';

  /** Pairs measured on a last by several hands, and what they say together. */
  // prettier-ignore
  let { last, readings, estimate, letters }: {
    last: Last & { version: number }; readings: readonly ReadingRow[]; estimate: LastEstimate; letters: readonly string[];
  } = $props();

  const FIGURES = [
    ['lengthMm', 'length'],
    ['ballMm', 'ball width'],
    ['narrowMm', 'narrow part'],
    ['heelMm', 'heel width'],
    ['ballGirthMm', 'ball girth']
  ] as const;
  let size = $state('');
  let width = $state('');
  let side = $state<'left' | 'right'>('left');
  let sheet = $state<SheetId>('a4');
  let who = $state(fitterName.get());
  let figures = $state<Record<string, string>>({});
  let outline = $state.raw<Point[] | null>(null);
  let toeSeen = $state('');
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  let reading = $state('');
  const errorOf = (path: string) => errors.find((e) => e.path === path)?.message;
  const figure = (id: string): number | string | null => {
    const text = (figures[id] ?? '').trim();
    if (text === '') return null;
    const parsed = parseLength(text, 'mm');
    return parsed.ok ? parsed.mm : text;
  };

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const every = outline ? Math.max(1, Math.ceil(outline.length / 800)) : 1;
    const sent = await send<{ id: number }>(`/api/v1/lasts/${last.id}/readings`, 'POST', {
      size: parseMixedNumber(size) ?? size,
      width: width || last.base.width,
      side,
      who,
      takenOn: format(new Date(), 'yyyy-MM-dd'),
      ...Object.fromEntries(FIGURES.map(([id]) => [id, figure(id)])),
      outline: outline ? outline.filter((_, i) => i % every === 0).map((p) => [Math.round(p.x * 100) / 100, Math.round(p.y * 100) / 100]) : null
    });
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok || sent.errors.length > 0 ? '' : sent.detail;
    if (!sent.ok) return;
    if (who.trim()) fitterName.set(who);
    undoList.addRequest(`a reading of ${last.name}`, `/api/v1/readings/${sent.value.id}`, 'DELETE');
    figures = {};
    outline = null;
    toeSeen = '';
    await invalidateAll();
  }
  async function remove(r: ReadingRow): Promise<void> {
    const sent = await send(`/api/v1/readings/${r.id}`, 'DELETE');
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    const { id: _id, ...body } = r;
    undoList.addRequest(`a reading of ${last.name} taken away`, `/api/v1/lasts/${last.id}/readings`, 'POST', body);
    await invalidateAll();
  }
  async function takeOver(): Promise<void> {
    const { version, ...was } = last;
    const sent = await send<{ before: LastChange }>(`/api/v1/lasts/${last.id}`, 'PUT', {
      last: { ...was, ...estimate.last, form: last.form, aliases: last.aliases },
      version
    });
    message = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    undoList.addRequest(`${last.name} as measured`, `/api/v1/lasts/${last.id}`, 'PUT', sent.value.before);
    await invalidateAll();
  }

  /** An outline fills the figures in; they can still be changed. */
  function fromOutline(points: readonly Point[]): void {
    try {
      const read = readInsole(points, side);
      figures = {
        ...figures,
        lengthMm: trimNumber(read.lengthMm),
        ballMm: trimNumber(read.ballMm),
        narrowMm: trimNumber(read.narrowMm),
        heelMm: trimNumber(read.heelMm)
      };
      outline = read.outline;
      toeSeen = `Its toe lies closest to ${TOE_FAMILY[read.family].name}, taper ${trimNumber(Math.abs(read.taperShiftMm))} mm ${read.taperShiftMm < 0 ? 'earlier' : 'later'}, off by ${trimNumber(read.offMm)} mm.`;
      message = '';
    } catch (error) {
      message = `${error instanceof Error ? error.message : String(error)}.`;
    }
  }
  async function bring(file: File): Promise<void> {
    message = '';
    if (file.name.toLowerCase().endsWith('.svg')) {
      const read = readSvgOutline(await file.text());
      if (read.kind === 'outline') fromOutline(read.points);
      else message = read.kind === 'refused' ? read.message : 'The SVG does not say how large it is: give it a width in mm.';
      return;
    }
    if (file.size > 20_000_000) {
      message = `${file.name} has ${Math.round(file.size / 1e6)} MB; pictures up to 20 MB are read.`;
      return;
    }
    reading = 'beginning';
    const reader = new TracingReader();
    try {
      const read = await reader.read({ file, how: 'sheet', sheet }, (_done, what) => (reading = what));
      if (read.kind === 'sheet') fromOutline(read.sheet.outline);
    } catch (error) {
      message = said(error);
    }
    reading = '';
    reader.stop();
  }
  const told = (id: string) => FIGURES.find(([f]) => f === id)?.[1] ?? id;
</script>

<Sheet class="grid content-start gap-2" heading="Measured pairs">
  <form class="grid grid-cols-2 gap-2 md:grid-cols-4" onsubmit={add} novalidate>
    <Field label="Size" figures bind:value={size} error={errorOf('size')} />
    <Select label="Width" bind:value={width}
      ><option value="">{last.base.width}</option>{#each letters.filter((l) => l !== last.base.width) as l, at (at)}<option value={l}>{l}</option
        >{/each}</Select
    >
    <Select label="Shoe" bind:value={side}><option value="left">L left</option><option value="right">R right</option></Select>
    <Field label="By whom" bind:value={who} error={errorOf('who')} />
    {#each FIGURES as [id, name] (id)}
      <Field label="{name}, mm" figures bind:value={figures[id]} error={errorOf(id)} />
    {/each}
    <div class="col-span-2 flex flex-wrap items-end gap-2 md:col-span-3">
      <Select label="Traced on" class="w-40" bind:value={sheet}
        >{#each SHEETS as p (p.id)}<option value={p.id}>{p.name}</option>{/each}</Select
      >
      <FileButton accept="image/*,.svg" onfile={bring}>Outline: SVG, or a tracing on the sheet</FileButton>
      <Button type="submit" kind="primary">Keep this reading</Button>
    </div>
  </form>
  {#if reading}<Notice role="status">Reading: {reading} …</Notice>{/if}
  {#if toeSeen}<Notice role="status">{toeSeen}</Notice>{/if}
  {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
  {#if readings.length > 0}
    <Table data-readings>
      <thead>
        <tr class="border-b border-ink text-left"
          ><th scope="col">size</th><th scope="col">shoe</th><th scope="col">by</th>{#each FIGURES as [id, name] (id)}<th scope="col">{name}</th>{/each}<th
            scope="col"><span class="sr-only">take away</span></th
          ></tr
        >
      </thead>
      <tbody>
        {#each readings as r (r.id)}
          <tr class="border-b border-line">
            <th scope="row" class="figures py-1 text-left">{r.size} {r.width}</th>
            <td><SideMark side={r.side} /></td>
            <td>{r.who}</td>
            {#each FIGURES as [id] (id)}<td class="figures">{r[id] === null || r[id] === undefined ? '' : trimNumber(r[id])}</td>{/each}
            <td><Button kind="text" onclick={() => remove(r)}>take away</Button></td>
          </tr>
        {/each}
      </tbody>
    </Table>
    <h3>What they say together</h3>
    <p data-estimate>
      Insole <b class="figures">{trimNumber(estimate.last.base.insoleMm)} ± {trimNumber(estimate.last.evidence.lengthSdMm)} mm</b>, ball width
      <b class="figures">{trimNumber(estimate.last.base.ballWidthMm)} ± {trimNumber(estimate.last.evidence.widthSdMm)}</b>, ball girth
      <b class="figures">{trimNumber(estimate.last.base.ballGirthMm)} ± {trimNumber(estimate.last.evidence.girthSdMm)}</b> in size {last.base.size}
      {last.base.width}; a size is <b class="figures">{trimNumber(estimate.last.grade.lengthPerSizeMm, 2)} mm</b> long. {estimate.last.evidence.note}.
    </p>
    {#each estimate.outliers as o (`${o.reading.size}${o.what}`)}
      <Notice tone="caution">
        Size {o.reading.size} by {o.reading.who}: {told(o.what)} stands {trimNumber(Math.abs(o.offMm))} mm {o.offMm > 0 ? 'over' : 'under'} what the others say. It
        is left out: measure it again.
      </Notice>
    {/each}
    {#each estimate.leftLessRight as d, at (at)}
      <p class="text-sm">
        <SideMark side="left" /> less <SideMark side="right" />, {told(d.what)}:
        <span class="figures">{d.mm < 0 ? '−' : '+'}{trimNumber(Math.abs(d.mm))} ± {trimNumber(d.sdMm)} mm</span>.
      </p>
    {/each}
    <div><Button onclick={takeOver}>Take this as the last</Button></div>
    <p class="soft text-sm">
      What nobody measured stays as it is below. Readings by one hand share that hand's own error, so ten by one are not ten (deviations: estimates of this
      project).
    </p>
  {:else}<p class="soft">Nothing measured yet. One traced insole halves the doubt of a label.</p>{/if}
</Sheet>
