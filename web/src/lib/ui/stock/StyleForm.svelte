<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import { format } from 'date-fns';
  import { CLOSURE_IDS, KINDS, UPPERS, type Style, type StyleDetails } from '@chiave/core/fit';
  import { EVIDENCE_MARKS, type EvidenceMark } from '@chiave/core/last';
  import { parseMixedNumber, trimNumber } from '@chiave/core/measure';
  import { SCALE, SCALES, type ScaleId } from '@chiave/core/size';
  import { wholeDetails, type StyleChange } from '$lib/api/stock-schema';
  import { fitterName, send, type SaveError } from '$lib/send/save.svelte';
  import { MARKS } from '$lib/stock-list/stock-columns';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Field from '$lib/ui/kit/Field.svelte';

  /** What is kept of a style; every attribute with how it came to be known. */
  let { style, lasts }: { style: Style; lasts: readonly { id: string; name: string }[] } = $props();

  interface StyleField {
    id: string;
    name: string;
    number?: true;
    options?: readonly { id: string; name: string }[];
    /** In the details rather than the style itself. */
    detail?: true;
  }
  const plain = (list: readonly string[]) => list.map((id) => ({ id, name: id || 'not known' }));
  const FIELDS: readonly StyleField[] = $derived([
    { id: 'name', name: 'Name' },
    { id: 'last', name: 'Last', options: lasts },
    { id: 'kind', name: 'Kind', options: KINDS },
    { id: 'forWhom', name: 'For', options: plain(['women', 'men', 'unisex', 'children']) },
    { id: 'scale', name: 'Scale', options: SCALES },
    { id: 'school', name: 'School of the scale' },
    { id: 'from', name: 'Smallest size', number: true },
    { id: 'to', name: 'Largest size', number: true },
    { id: 'step', name: 'Step of the run', number: true },
    { id: 'widths', name: 'Widths' },
    { id: 'upper', name: 'Upper', options: UPPERS },
    { id: 'upperThicknessMm', name: 'Upper thickness, mm', number: true, detail: true },
    { id: 'lining', name: 'Lining', detail: true },
    { id: 'stretch', name: 'Stretch', options: plain(['', 'none', 'little', 'much']), detail: true },
    {
      id: 'shrinks',
      name: 'Shrinks when washed',
      options: [
        { id: 'false', name: 'no' },
        { id: 'true', name: 'yes' }
      ],
      detail: true
    },
    { id: 'closure', name: 'Closure', options: plain(CLOSURE_IDS) },
    { id: 'shaftHeightMm', name: 'Shaft height, mm', number: true, detail: true },
    { id: 'removableInsoleMm', name: 'Removable insole, mm (0: fixed)', number: true },
    { id: 'toeStructure', name: 'Toe box', options: plain(['structured', 'collapsed']) },
    { id: 'sole', name: 'Sole', detail: true },
    { id: 'soleStiffness', name: 'Stiffness by hand, 1 to 5', number: true },
    { id: 'heelHeightMm', name: 'Heel height, mm', number: true },
    { id: 'platformMm', name: 'Platform, mm', number: true },
    { id: 'heelShape', name: 'Heel shape', detail: true },
    { id: 'heelTipMm', name: 'Heel tip across, mm', number: true, detail: true },
    { id: 'weightG', name: 'Weight of one, g', number: true, detail: true },
    { id: 'colour', name: 'Colour', detail: true },
    { id: 'variant', name: 'Variant', detail: true },
    { id: 'madeFrom', name: 'Made from, year', number: true, detail: true },
    { id: 'madeTo', name: 'Made until, year', number: true, detail: true },
    { id: 'factory', name: 'Factory', detail: true },
    { id: 'price', name: 'Price', number: true, detail: true },
    { id: 'note', name: 'Note', detail: true }
  ]);
  const written = (v: unknown): string =>
    v === null || v === undefined ? '' : Array.isArray(v) ? v.join(' ') : typeof v === 'number' ? trimNumber(v, 4) : String(v);
  const valueOf = (s: Style, f: StyleField): string =>
    f.id === 'last' ? s.last.id : written(f.detail ? wholeDetails(s.details)[f.id as keyof StyleDetails] : s[f.id as keyof Style]);
  const textsOf = (s: Style): Record<string, string> => Object.fromEntries(FIELDS.map((f) => [f.id, valueOf(s, f)]));
  let texts = $state<Record<string, string>>(untrack(() => textsOf(style)));
  let marks = $state<Record<string, { mark: EvidenceMark; source: string; date: string }>>(untrack(() => ({ ...style.details?.evidence })));
  let seen = untrack(() => style.version ?? 0);
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  /** Each scale has schools of its own; another scale begins with its first. */
  const schools = $derived(SCALE[texts.scale as ScaleId].schools);
  const optionsOf = (f: StyleField): StyleField['options'] => (f.id === 'school' ? schools : f.options);
  $effect(() => {
    if (!schools.some((s) => s.id === texts.school)) texts.school = schools[0].id;
  });
  const errorOf = (f: StyleField): string | undefined =>
    errors.find((e) => e.path.endsWith(`.set.${f.detail ? `details.${f.id}` : f.id}`) || e.path === `${style.id}.${f.id}`)?.message;

  const typed = (f: StyleField): unknown => {
    const text = (texts[f.id] ?? '').trim();
    if (f.id === 'widths') return text.split(/[\s,;]+/).filter(Boolean);
    if (f.id === 'shrinks') return text === 'true';
    if (!f.number) return text;
    if (text === '') return f.detail ? null : text;
    return parseMixedNumber(text) ?? (Number.isFinite(Number(text)) ? Number(text) : text);
  };
  /** Only what was changed is sent. */
  function changed(): StyleChange['set'] {
    const was = textsOf(style);
    const own = FIELDS.filter((f) => texts[f.id] !== was[f.id]);
    const details: Record<string, unknown> = Object.fromEntries(own.filter((f) => f.detail).map((f) => [f.id, typed(f)]));
    if (JSON.stringify(marks) !== JSON.stringify(style.details?.evidence ?? {})) details.evidence = marks;
    return {
      ...Object.fromEntries(own.filter((f) => !f.detail).map((f) => [f.id, typed(f)])),
      ...(Object.keys(details).length > 0 ? { details } : {})
    } as StyleChange['set'];
  }
  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const set = changed();
    message = '';
    if (Object.keys(set).length === 0) {
      message = 'Nothing was changed.';
      return;
    }
    const sent = await send<{ before: StyleChange[]; versions: Record<string, number> }>('/api/v1/styles', 'PATCH', {
      changes: [{ id: style.id, set, version: seen }]
    });
    errors = sent.ok ? [] : sent.errors;
    if (!sent.ok) {
      message = sent.status === 409 || sent.errors.length === 0 ? sent.detail : `Not kept: ${sent.errors.map((e) => e.message).join('; ')}.`;
      return;
    }
    seen = sent.value.versions[style.id];
    undoList.addRequest(style.name, '/api/v1/styles', 'PATCH', { changes: sent.value.before });
    await invalidateAll();
  }
  $effect(() => {
    if ((style.version ?? 0) === seen) return;
    seen = style.version ?? 0;
    texts = textsOf(style);
    marks = { ...style.details?.evidence };
  });
  function mark(id: string, value: string): void {
    if (value === '') {
      const { [id]: _gone, ...rest } = marks;
      marks = rest;
    } else marks = { ...marks, [id]: { mark: value as EvidenceMark, source: marks[id]?.source || fitterName.get(), date: format(new Date(), 'yyyy-MM-dd') } };
  }
</script>

<form onsubmit={save} novalidate>
  <div class="grid gap-x-4 gap-y-2 md:grid-cols-2 lg:grid-cols-3">
    {#each FIELDS as f (f.id)}
      {@const e = marks[f.id]}
      {@const options = optionsOf(f)}
      <div class="grid grid-cols-[minmax(0,1fr)_7.5rem] items-end gap-1">
        {#if options}<Select label={f.name} {options} bind:value={texts[f.id]} />
        {:else}<Field label={f.name} figures={f.number} bind:value={texts[f.id]} aria-invalid={!!errorOf(f)} />{/if}
        <Select
          label="{f.name}: how it is known"
          hideLabel
          title={e ? `${e.source} ${e.date}` : ''}
          value={e?.mark ?? ''}
          onchange={(event) => mark(f.id, event.currentTarget.value)}
          ><option value="">no mark</option>{#each EVIDENCE_MARKS as m (m)}<option value={m}>{MARKS[m].name.split(' ')[0]}</option>{/each}</Select
        >
        {#if errorOf(f)}<span class="text-tight col-span-2 text-sm" role="alert">{errorOf(f)}</span>{/if}
      </div>
    {/each}
  </div>
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
  <Button type="submit" class="mt-3" kind="primary">Keep this style</Button>
</form>
