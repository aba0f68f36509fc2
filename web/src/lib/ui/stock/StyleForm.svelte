<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import { format } from 'date-fns';
  import { shoeOf, type Style } from '@chiave/core/fit';
  import { EVIDENCE_MARKS, type EvidenceMark } from '@chiave/core/last';
  import { completeFoot, formatLength, trimNumber } from '@chiave/core/measure';
  import { SCALE, type ScaleId } from '@chiave/core/size';
  import { MARKS } from '$lib/api/last-fields';
  import { stylesPatchSchema, wholeDetails, type StyleChange } from '$lib/api/stock-schema';
  import { isDetail, mayBe, STYLE_FIELDS, styleValue, type StyleField } from '$lib/api/style-fields';
  import { apiForm, firstOf } from '$lib/send/api-form';
  import { fitterName } from '$lib/send/save.svelte';
  import FootOnHeel from '$lib/drawing/FootOnHeel.svelte';
  import HandTest from '$lib/drawing/use/HandTest.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { undoList } from './undo.svelte';

  /** What is kept of a style; every attribute with how it came to be known. */
  let { style, lasts, photos }: { style: Style; lasts: readonly { id: string; name: string }[]; photos: readonly { id: number; shows: string }[] } = $props();
  /** The close-up of this style on which an attribute is seen. */
  const closeUpOf = ({ looked }: StyleField) => looked && photos.find((p) => p.shows === looked.on);

  const written = (v: unknown): string =>
    v === null || v === undefined ? '' : Array.isArray(v) ? v.join(' ') : typeof v === 'number' ? trimNumber(v, 4) : String(v);
  const valueOf = (s: Style, { id }: StyleField): string =>
    id === 'last' ? s.last.id : written(isDetail(id) ? wholeDetails(s.details)[id] : s[id as keyof Style]);
  const typedOf = (s: Style): Record<string, string> => Object.fromEntries(STYLE_FIELDS.map((f) => [f.id, valueOf(s, f)]));
  let marks = $state<Record<string, { mark: EvidenceMark; source: string; date: string }>>(untrack(() => ({ ...style.details?.evidence })));
  let seen = untrack(() => style.version ?? 0);

  /** What a changed text says; a detail that was emptied is not known. */
  const said = ({ id, number, detail }: StyleField, text: string): unknown => (text.trim() === '' && number && detail ? null : styleValue(id, text.trim()));
  /** Beside the attributes of the heel these change how it is drawn. */
  const DRAWN: ReadonlySet<string> = new Set(['kind', 'closure', 'heelHeightMm', 'platformMm']);
  /** Only what was changed is sent. */
  function changed(typed: Record<string, string>): StyleChange['set'] {
    const was = typedOf(style);
    const own = STYLE_FIELDS.filter((f) => typed[f.id] !== was[f.id]);
    const part = (detail: boolean) => Object.fromEntries(own.filter((f) => f.detail === detail).map((f) => [f.id, said(f, typed[f.id])]));
    const details: Record<string, unknown> = part(true);
    if (JSON.stringify(marks) !== JSON.stringify(style.details?.evidence ?? {})) details.evidence = $state.snapshot(marks);
    return { ...part(false), ...(Object.keys(details).length > 0 ? { details } : {}) } as StyleChange['set'];
  }
  const { form, errors, message, enhance } = apiForm<Record<string, string>, { before: StyleChange[]; versions: Record<string, number> }>({
    start: untrack(() => typedOf(style)),
    body: (typed) => ({ changes: [{ id: style.id, set: changed(typed), version: seen }] }),
    schema: stylesPatchSchema,
    method: 'PATCH',
    url: '/api/v1/styles',
    fieldOf: (path) => path.split('.').at(-1)!,
    onsent: async (answer) => {
      seen = answer.versions[style.id];
      undoList.addRequest(style.name, '/api/v1/styles', 'PATCH', { changes: answer.before });
      await invalidateAll();
    }
  });
  /** Each scale has schools of its own; another scale begins with its first. */
  const schools = $derived(SCALE[$form.scale as ScaleId].schools);
  const optionsOf = (f: StyleField) => (f.id === 'school' ? schools : f.id === 'last' ? lasts : f.options);
  $effect(() => {
    if (!schools.some((s) => s.id === $form.school)) $form.school = schools[0].id;
  });
  $effect(() => {
    if ((style.version ?? 0) === seen) return;
    seen = style.version ?? 0;
    form.set(typedOf(style));
    marks = { ...style.details?.evidence };
  });
  /** The shoe as it is typed, in its base size, on an ordinary foot: what cannot be read stays as it is kept. */
  const typedStyle = $derived.by((): Style => {
    const read = { ...style, details: wholeDetails(style.details) };
    for (const f of STYLE_FIELDS.filter((x) => x.part === 'heel' || DRAWN.has(x.id))) {
      const value = said(f, $form[f.id]);
      if (mayBe(f.id, value)) Object.assign(f.detail ? read.details : read, { [f.id]: value });
    }
    return read;
  });
  const ordinary = $derived(completeFoot({ side: 'left', values: { lengthMm: { mm: style.last.base.forFootMm } } }));
  const drawn = $derived(shoeOf(typedStyle, style.last.base.size, style.last.base.width));
  const wrong = $derived(Object.values($errors).flat().filter(Boolean));
  const unchanged = $derived(Object.keys(changed($form)).length === 0);
  function mark(id: string, value: string): void {
    const { [id]: was, ...rest } = marks;
    marks =
      value === '' ? rest : { ...rest, [id]: { mark: value as EvidenceMark, source: was?.source || fitterName.get(), date: format(new Date(), 'yyyy-MM-dd') } };
  }
</script>

{#snippet field(f: StyleField)}
  {@const e = marks[f.id]}
  {@const options = optionsOf(f)}
  <div class="grid grid-cols-[minmax(0,1fr)_7.5rem] items-end gap-1" title={f.how}>
    {#if options}<Select label={f.name} {options} bind:value={$form[f.id]} />
    {:else}<Field label={f.name} figures={f.number} bind:value={$form[f.id]} aria-invalid={!!firstOf($errors[f.id])} />{/if}
    <Select
      label="{f.name}: how it is known"
      hideLabel
      title={e ? `${e.source} ${e.date}` : ''}
      empty="no mark"
      options={EVIDENCE_MARKS.map((id) => ({ id, name: MARKS[id].name.split(' ')[0] }))}
      value={e?.mark ?? ''}
      onchange={(event) => mark(f.id, event.currentTarget.value)}
    />
    {#if f.how}
      {@const photo = closeUpOf(f)}
      <span class="col-span-2 -mt-1 flex items-start gap-2">
        {#if photo}<a class="w-20 shrink-0" href="/api/v1/photos/{photo.id}" aria-label="Close-up for {f.name}: the {photo.shows}"
            ><img src="/api/v1/photos/{photo.id}" alt="" class="aspect-[4/3] w-full border border-line object-cover" loading="lazy" /></a
          >
        {:else if f.looked?.test}<span class="w-16 shrink-0"><HandTest test={f.looked.test} /></span>{/if}
        <span class="soft text-sm leading-snug">{f.how}</span>
      </span>
    {/if}
    {#if $errors[f.id]}<span class="col-span-2 text-tight-word" role="alert">{firstOf($errors[f.id])}</span>{/if}
  </div>
{/snippet}

<form method="POST" use:enhance novalidate>
  <div class="grid gap-x-4 gap-y-2 md:grid-cols-2 lg:grid-cols-3">
    {#each STYLE_FIELDS.filter((f) => !f.part) as f (f.id)}{@render field(f)}{/each}
  </div>
  <h3 class="mt-5 mb-1">How its heel is made</h3>
  <div class="grid gap-4 lg:grid-cols-[minmax(0,430fr)_minmax(0,770fr)]">
    <div class="grid content-start gap-x-4 gap-y-2 md:grid-cols-2 lg:grid-cols-1">
      {#each STYLE_FIELDS.filter((f) => f.part === 'heel') as f (f.id)}{@render field(f)}{/each}
    </div>
    <div class="lg:sticky lg:top-2 lg:self-start">
      <FootOnHeel foot={ordinary} shoe={drawn} unit={shown.unit} />
      <p class="soft text-sm">
        An ordinary foot of {formatLength(ordinary.values.lengthMm.mm, shown.unit)} on it. What is not known is drawn as is usual for the shape.
      </p>
    </div>
  </div>
  <h3 class="mt-5 mb-1">What it is like in use</h3>
  <p class="soft mb-2 max-w-prose">
    Each is taken so that two hands agree within a level; three goes, the middle one counts. <a href="/stock/use/card">The measuring card</a> shows how.
  </p>
  <div class="grid gap-x-4 gap-y-2 md:grid-cols-2 lg:grid-cols-3">
    {#each STYLE_FIELDS.filter((f) => f.part === 'use') as f (f.id)}{@render field(f)}{/each}
  </div>
  {#if $message}<Notice class="mt-2" tone="caution" role="alert">{$message}</Notice>{/if}
  {#if wrong.length > 0}<Notice class="mt-2" tone="caution" role="alert">Not kept: {wrong.join('; ')}.</Notice>{/if}
  <Button type="submit" class="mt-3" kind="primary" disabled={unchanged}>Keep this style</Button>
</form>
