<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import { format } from 'date-fns';
  import { readInsole, TOE_FAMILY, type Last } from '@chiave/core/last';
  import { parseLength, trimNumber, type Side } from '@chiave/core/measure';
  import type { LastScan } from '@chiave/core/scan';
  import type { Point } from '@chiave/core/shape';
  import { readingSchema } from '$lib/api/stock-schema';
  import { apiForm, firstOf, numberOr } from '$lib/send/api-form';
  import { fitterName } from '$lib/send/save.svelte';
  import { SHEETS, type SheetId } from '$lib/tracing/sheets';
  import { readSvgOutline } from '$lib/tracing/svg-outline';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import { said } from '$lib/workers/remote';
  import { TracingReader } from '$lib/workers/tracing-client';
  import LastScanPart from './LastScanPart.svelte';
  import { READ_FIGURES } from './read-figures';
  import { undoList } from './undo.svelte';
  import { SIDE_CHOICES } from '$lib/ui/kit/side-choices';

  /** The inside of one pair on a last, as somebody measured it; an outline fills the figures in. */
  // prettier-ignore
  let { last, letters, ondefine, online }: {
    last: Last; letters: readonly string[]; ondefine: (fields: Record<string, string>) => void;
    /** Gets the line that waits to be kept, with the foot its size is made for; null once none does. */
    online: (line: { points: readonly Point[]; forFootMm: number } | null) => void;
  } = $props();
  const MOST_BYTES = 20_000_000;
  /** Points of an outline that are kept. */
  const MOST_POINTS = 800;
  const EMPTY = { lengthMm: '', ballMm: '', narrowMm: '', heelMm: '', ballGirthMm: '' };
  let sheet = $state<SheetId>('a4');
  let outline = $state.raw<Point[] | null>(null);
  let toeSeen = $state('');
  let trouble = $state('');
  let reading = $state('');
  const mm = (text: string): number | null => {
    const parsed = parseLength(text, 'mm');
    return parsed.ok ? parsed.mm : null;
  };
  const thinned = (points: readonly Point[]): [number, number][] => {
    const every = Math.max(1, Math.ceil(points.length / MOST_POINTS));
    return points.filter((_, i) => i % every === 0).map((p) => [Math.round(p.x * 100) / 100, Math.round(p.y * 100) / 100]);
  };
  const { form, errors, message, enhance } = apiForm<typeof EMPTY & { size: string; width: string; side: string; who: string }, { id: number }>({
    start: { ...EMPTY, size: '', width: untrack(() => last.base.width), side: 'left', who: fitterName.get() },
    body: ({ size, width, side, who, ...figures }) => ({
      size: numberOr(size) ?? '',
      width,
      side,
      who,
      takenOn: format(new Date(), 'yyyy-MM-dd'),
      ...Object.fromEntries(Object.entries(figures).map(([id, text]) => [id, numberOr(text, mm)])),
      outline: outline && thinned(outline)
    }),
    schema: readingSchema,
    url: () => `/api/v1/lasts/${last.id}/readings`,
    onsent: async ({ id }, typed) => {
      if (typed.who.trim()) fitterName.set(typed.who);
      undoList.addRequest(`a reading of ${last.name}`, `/api/v1/readings/${id}`, 'DELETE');
      outline = null;
      toeSeen = '';
      await invalidateAll();
      return { ...typed, ...EMPTY };
    }
  });

  /** An outline fills the figures in; they can still be changed. @returns whether it is an insole's */
  function fromOutline(points: readonly Point[]): boolean {
    try {
      const read = readInsole(points, $form.side as Side);
      const { lengthMm, ballMm, narrowMm, heelMm } = read;
      Object.assign($form, { lengthMm: trimNumber(lengthMm), ballMm: trimNumber(ballMm), narrowMm: trimNumber(narrowMm), heelMm: trimNumber(heelMm) });
      $form = $form;
      outline = read.outline;
      toeSeen = `Its toe lies closest to ${TOE_FAMILY[read.family].name}, taper ${trimNumber(Math.abs(read.taperShiftMm))} mm ${read.taperShiftMm < 0 ? 'earlier' : 'later'}, off by ${trimNumber(read.offMm)} mm.`;
      trouble = '';
      return true;
    } catch (error) {
      trouble = `${said(error)}.`;
      return false;
    }
  }
  const sizeRead = $derived.by((): number | null => {
    const read = numberOr($form.size);
    return typeof read === 'number' ? read : null;
  });
  $effect(() => {
    const { base, grade } = last;
    online(outline && { points: outline, forFootMm: base.forFootMm + ((sizeRead ?? base.size) - base.size) * grade.lengthPerSizeMm });
  });
  /** The line of a scan is an insole’s, laid flat; in pictures down is up. */
  function fromScan(scan: LastScan): boolean {
    if (!fromOutline(scan.outline.map(({ x, y }) => ({ x, y: -y })))) return false;
    $form.heelMm = trimNumber(Number($form.heelMm) - 2 * scan.counterMm);
    const girth = scan.values.ballGirthMm;
    $form.ballGirthMm = girth ? trimNumber(girth.mm) : '';
    return true;
  }
  async function bring(file: File): Promise<void> {
    trouble = '';
    if (file.name.toLowerCase().endsWith('.svg')) {
      const read = readSvgOutline(await file.text());
      if (read.kind === 'outline') fromOutline(read.points);
      else trouble = read.kind === 'refused' ? read.message : 'The SVG does not say how large it is: give it a width in mm.';
      return;
    }
    if (file.size > MOST_BYTES) {
      trouble = `${file.name} has ${Math.round(file.size / 1e6)} MB; pictures up to ${MOST_BYTES / 1e6} MB are read.`;
      return;
    }
    reading = 'beginning';
    const reader = new TracingReader();
    try {
      const read = await reader.read({ file, how: 'sheet', sheet }, (_done, what) => (reading = what));
      if (read.kind === 'sheet') fromOutline(read.sheet.outline);
    } catch (error) {
      trouble = said(error);
    }
    reading = '';
    reader.stop();
  }
</script>

<form method="POST" use:enhance class="grid grid-cols-2 items-start gap-2 md:grid-cols-4" novalidate>
  <Field label="Size" figures bind:value={$form.size} error={firstOf($errors.size)} />
  <Select label="Width" options={letters.map((id) => ({ id, name: id }))} bind:value={$form.width} error={firstOf($errors.width)} />
  <Select label="Shoe" options={SIDE_CHOICES} bind:value={$form.side} />
  <Field label="By whom" bind:value={$form.who} error={firstOf($errors.who)} />
  {#each READ_FIGURES as { id, name } (id)}
    <Field label="{name}, mm" figures bind:value={$form[id]} error={firstOf($errors[id])} />
  {/each}
  <div class="col-span-2 flex flex-wrap items-end gap-2 md:col-span-3">
    <Select label="Traced on" class="w-40" options={SHEETS} bind:value={sheet} />
    <FileButton accept="image/*,.svg" onfile={bring}>Outline: SVG, or a tracing on the sheet</FileButton>
    <Button type="submit">Keep this reading</Button>
  </div>
</form>
<LastScanPart
  {last}
  size={sizeRead}
  letters={letters.indexOf($form.width) - letters.indexOf(last.base.width)}
  ontaken={fromScan}
  onball={(girth) => ($form.ballGirthMm = trimNumber(girth))}
  {ondefine}
/>
{#if reading}<Notice role="status">Reading: {reading} …</Notice>{/if}
{#if toeSeen}<Notice role="status">{toeSeen}</Notice>{/if}
{#if trouble || $message}<Notice tone="caution" role="alert">{trouble || $message}</Notice>{/if}
