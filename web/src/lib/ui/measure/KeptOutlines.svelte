<script lang="ts">
  /** Outlines kept with a visit, traced or scanned: each saved as SVG, a scan as it came, taken away and put back. */
  import { invalidateAll } from '$app/navigation';
  import { format } from 'date-fns';
  import { SIDES } from '@chiave/core/measure';
  import { outlineSvg } from '@chiave/core/tracing';
  import type { TracingRow } from '$lib/api/rows';
  import { packedFile } from '$lib/send/packed';
  import { send } from '$lib/send/save.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import { download } from '$lib/ui/kit/download';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  let { desk, tracings }: { desk: Desk; tracings: readonly TracingRow[] } = $props();
  /** What was taken away last, with its way back. */
  let taken = $state.raw<{ row: TracingRow; file: Awaited<ReturnType<typeof packedFile>> } | null>(null);
  let trouble = $state('');

  /** The fit runs along the outline of each foot that was kept last. */
  $effect(() => {
    const newest = SIDES.map((side) => [side, tracings.find((t) => t.side === side)?.outline ?? null]);
    desk.fitting.outlines = Object.fromEntries(newest);
  });
  const scanOf = async (t: TracingRow): Promise<File | null> => {
    if (t.file === null) return null;
    const answer = await fetch(`/api/v1/tracings/${t.id}/scan`);
    if (!answer.ok) throw new Error('the scan does not come');
    return new File([await answer.blob()], t.file);
  };
  async function saveScan(t: TracingRow): Promise<void> {
    try {
      const file = await scanOf(t);
      if (file) download(file.name, file);
    } catch {
      trouble = 'The scan did not come: try again when the application answers.';
    }
  }
  async function takeAway(t: TracingRow): Promise<void> {
    try {
      const scan = await scanOf(t);
      const file = scan && (await packedFile(scan));
      const sent = await send(`/api/v1/tracings/${t.id}`, 'DELETE');
      trouble = sent.ok ? '' : sent.detail;
      if (!sent.ok) return;
      taken = { row: t, file };
      await invalidateAll();
    } catch {
      trouble = 'Its scan could not be read, so it was left: try again when the application answers.';
    }
  }
  async function putBack(): Promise<void> {
    const { row, file } = taken!;
    const { id: _id, createdAt: _at, file: _name, ...body } = row;
    const sent = await send(`/api/v1/fittings/${desk.fitting.id}/tracings`, 'POST', { ...body, file });
    trouble = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    taken = null;
    await invalidateAll();
  }
  const saveSvg = ({ outline, side }: TracingRow): void => {
    const line = outline.map(([x, y]) => ({ x, y }));
    download(`outline-${side}.svg`, new Blob([outlineSvg(line, side, `${side} foot, mm`)], { type: 'image/svg+xml' }));
  };
</script>

<ul>
  {#each tracings as t, i (t.id)}
    {@const runs = tracings.findIndex((other) => other.side === t.side) === i}
    <li class="flex flex-wrap items-center gap-2">
      <SideMark side={t.side} />
      {t.source}, {format(new Date(t.createdAt), 'd MMM yyyy, HH:mm')}
      <Button kind="text" onclick={() => saveSvg(t)}>SVG</Button>
      {#if t.file}<Button kind="text" onclick={() => saveScan(t)}>{t.file}</Button>{/if}
      <Button kind="text" onclick={() => takeAway(t)}>take away</Button>
      {#if runs}<span class="soft text-sm" data-runs={t.side}>the fit runs along it</span>{/if}
    </li>
  {:else}<li class="soft">None.</li>{/each}
</ul>
{#if taken}
  <Notice class="mt-2" role="status">
    Taken away; what it filled in stays.
    <Button kind="text" onclick={putBack}>Put it back</Button>
  </Notice>
{/if}
{#if trouble}<Notice class="mt-2" tone="caution" role="alert">{trouble}</Notice>{/if}
{#if tracings.length > 0}
  <p class="soft mt-2 text-sm">
    Toe room and clearances are read along the line kept last, laid to the length and ball width of Measure; jitter shorter than 20 mm is smoothed away.
  </p>
{/if}
