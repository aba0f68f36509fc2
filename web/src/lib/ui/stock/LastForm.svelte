<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { untrack } from 'svelte';
  import { EVIDENCE_MARKS, TOE_FAMILIES, type Last } from '@chiave/core/last';
  import { parseMixedNumber, trimNumber } from '@chiave/core/measure';
  import { type LastChange } from '$lib/api/stock-schema';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import { MARKS } from '$lib/stock-list/stock-columns';
  import { undoList } from './undo.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

  /** The definition of a last: every figure with its unit; what is wrong is said beside it. */
  let { last, version, letters }: { last: Last & { version?: number }; version: number; letters: readonly string[] } = $props();

  const BASE = [
    ['forFootMm', 'made for a foot of'],
    ['insoleMm', 'insole length'],
    ['ballWidthMm', 'ball width'],
    ['heelWidthMm', 'heel width'],
    ['ballGirthMm', 'ball girth'],
    ['waistGirthMm', 'waist girth'],
    ['instepGirthMm', 'instep girth'],
    ['throatGirthMm', 'throat girth'],
    ['toplineGirthMm', 'topline girth'],
    ['shaftGirthMm', 'shaft girth'],
    ['toeDepthMm', 'toe box depth'],
    ['littleToeDepthMm', 'depth at the little toe']
  ] as const;
  const GRADE = [
    ['lengthPerSizeMm', 'length a size'],
    ['girthPerSizeMm', 'girth a size'],
    ['girthPerWidthMm', 'girth a width'],
    ['bottomShare', 'share to the bottom']
  ] as const;
  const FORM = [
    ['heelHeightMm', 'drop'],
    ['toeSpringMm', 'toe spring'],
    ['throatLineMm', 'throat line from the heel'],
    ['instepHeightMm', 'instep height'],
    ['backHeightMm', 'back height']
  ] as const;
  type Texts = Record<string, string>;
  const written = (v: unknown): string => (v === undefined || v === null ? '' : typeof v === 'number' ? trimNumber(v, 2) : String(v));
  const textsOf = (l: Last): Texts => ({
    name: l.name,
    family: l.family,
    taperShiftMm: written(l.taperShiftMm),
    widthBasis: l.widthBasis,
    'base.size': written(l.base.size),
    'base.width': l.base.width,
    ...Object.fromEntries(BASE.map(([k]) => [`base.${k}`, written(l.base[k])])),
    ...Object.fromEntries(GRADE.map(([k]) => [`grade.${k}`, written(l.grade[k])])),
    'grade.toeExtension': l.grade.toeExtension,
    'grade.halves': l.grade.coarse ? 'coarse' : l.grade.halves,
    'grade.heelHeight': l.grade.heelHeight ?? 'fixed',
    ...Object.fromEntries(FORM.map(([k]) => [`form.${k}`, written(l.form?.[k])])),
    'form.archLine': l.form?.archLine ?? '',
    'form.sideCut': l.form?.sideCut ?? '',
    'form.toe': l.form?.toe ?? '',
    'combination.heel': written(l.combination?.heel ?? 0),
    'combination.waist': written(l.combination?.waist ?? 0),
    aliases: (l.aliases ?? []).join(', '),
    'evidence.mark': l.evidence.mark,
    'evidence.lengthSdMm': written(l.evidence.lengthSdMm),
    'evidence.widthSdMm': written(l.evidence.widthSdMm),
    'evidence.girthSdMm': written(l.evidence.girthSdMm),
    'evidence.note': l.evidence.note
  });
  let texts = $state<Texts>(untrack(() => textsOf(last)));
  let seen = untrack(() => version);
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  const errorOf = (path: string): string | undefined => errors.find((e) => e.path === `last.${path}` || e.path === path)?.message;

  /** A number, or what was typed, so that the server names the field. */
  const number = (path: string): number | string =>
    parseMixedNumber(texts[path]) ?? (texts[path].trim() === '' ? '' : Number.isFinite(Number(texts[path])) ? Number(texts[path]) : texts[path]);
  const given = (path: string): boolean => texts[path].trim() !== '';
  function bodyOf(): object {
    const part = (group: string, keys: readonly (readonly [string, string])[]): object =>
      Object.fromEntries(keys.filter(([k]) => given(`${group}.${k}`)).map(([k]) => [k, number(`${group}.${k}`)]));
    const word = (path: string, key: string): object => (given(path) ? { [key]: texts[path] } : {});
    const combination = { heel: Number(number('combination.heel')), waist: Number(number('combination.waist')) };
    const aliases = texts.aliases
      .split(',')
      .map((a) => a.trim())
      .filter(Boolean);
    return {
      id: last.id,
      maker: last.maker,
      name: texts.name,
      family: texts.family,
      taperShiftMm: number('taperShiftMm'),
      widthBasis: texts.widthBasis,
      base: { size: number('base.size'), width: texts['base.width'], ...part('base', BASE) },
      grade: {
        ...part('grade', GRADE),
        toeExtension: texts['grade.toeExtension'],
        halves: texts['grade.halves'] === 'width-only' ? 'width-only' : 'full',
        ...(texts['grade.halves'] === 'coarse' ? { coarse: true } : {}),
        ...(texts['grade.heelHeight'] === 'graded' ? { heelHeight: 'graded' } : {})
      },
      ...(aliases.length > 0 ? { aliases } : {}),
      form: { ...part('form', FORM), ...word('form.archLine', 'archLine'), ...word('form.sideCut', 'sideCut'), ...word('form.toe', 'toe') },
      ...(combination.heel !== 0 || combination.waist !== 0 ? { combination } : {}),
      evidence: {
        mark: texts['evidence.mark'],
        lengthSdMm: number('evidence.lengthSdMm'),
        widthSdMm: number('evidence.widthSdMm'),
        girthSdMm: number('evidence.girthSdMm'),
        note: texts['evidence.note']
      }
    };
  }
  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const sent = await send<{ version: number; before: LastChange }>(`/api/v1/lasts/${last.id}`, 'PUT', { last: bodyOf(), version: seen });
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok || (sent.errors.length > 0 && sent.status !== 409) ? '' : sent.detail;
    if (!sent.ok) return;
    seen = sent.value.version;
    undoList.addRequest(`the last ${last.name}`, `/api/v1/lasts/${last.id}`, 'PUT', sent.value.before);
    await invalidateAll();
  }
  // Taken back or changed elsewhere: the form shows what is kept now.
  $effect(() => {
    if (version === seen) return;
    seen = version;
    texts = textsOf(last);
  });
</script>

{#snippet field(path: string, label: string, unit = 'mm')}
  <Field label="{label}{unit ? `, ${unit}` : ''}" figures bind:value={texts[path]} error={errorOf(path)} />
{/snippet}
{#snippet chosen(path: string, label: string, options: readonly (readonly [string, string])[])}
  <Select {label} options={options.map(([id, name]) => ({ id, name }))} bind:value={texts[path]} error={errorOf(path)} />
{/snippet}

<form onsubmit={save} novalidate class="grid gap-3">
  <div class="grid grid-cols-2 gap-2 md:grid-cols-4">
    {@render field('name', 'Name', '')}
    {@render chosen(
      'family',
      'Toe',
      TOE_FAMILIES.map((f) => [f.id, f.name] as const)
    )}
    {@render field('taperShiftMm', 'taper later (+) or earlier (−) than its toe’s')}
    {@render chosen('widthBasis', 'Widths measured on', [
      ['footbed', 'the footbed'],
      ['feather-edge', 'the feather edge'],
      ['inside', 'the inside, by calliper']
    ])}
  </div>
  <fieldset>
    <legend class="font-semibold">Base size</legend>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-4">
      {@render field('base.size', 'size', '')}
      {@render chosen(
        'base.width',
        'width',
        letters.map((l) => [l, l] as const)
      )}
      {#each BASE as [key, name] (key)}{@render field(`base.${key}`, name)}{/each}
    </div>
  </fieldset>
  <fieldset>
    <legend class="font-semibold">Grading</legend>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-4">
      {#each GRADE as [key, name] (key)}{@render field(`grade.${key}`, name, key === 'bottomShare' ? '' : 'mm')}{/each}
      {@render chosen('grade.toeExtension', 'Toe extension', [
        ['fixed', 'the same in every size'],
        ['graded', 'grows with the size']
      ])}
      {@render chosen('grade.halves', 'A half size is', [
        ['full', 'length and width'],
        ['width-only', 'width only'],
        ['coarse', 'girth on the whole size’s bottom']
      ])}
      {@render chosen('grade.heelHeight', 'Heel height', [
        ['fixed', 'the same in every size'],
        ['graded', 'grows with the size']
      ])}
      {@render field('combination.heel', 'heel against the ball’s letter', 'letters')}
      {@render field('combination.waist', 'waist against the ball’s letter', 'letters')}
    </div>
  </fieldset>
  <fieldset>
    <legend class="font-semibold">What it stands like</legend>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-4">
      {#each FORM as [key, name] (key)}{@render field(`form.${key}`, name)}{/each}
      {@render chosen('form.archLine', 'Arch line', [
        ['', 'not known'],
        ['straight', 'straight'],
        ['curved', 'curved under the arch']
      ])}
      {@render chosen('form.sideCut', 'Side cut', [
        ['', 'not known'],
        ['low', 'low'],
        ['medium', 'medium'],
        ['high', 'high']
      ])}
      {@render chosen('form.toe', 'Toe box', [
        ['', 'not known'],
        ['structured', 'structured'],
        ['collapsed', 'collapsed']
      ])}
    </div>
  </fieldset>
  <fieldset>
    <legend class="font-semibold">How it is known</legend>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-4">
      {@render chosen(
        'evidence.mark',
        'Mark',
        EVIDENCE_MARKS.map((m) => [m, MARKS[m].name] as const)
      )}
      {@render field('evidence.lengthSdMm', 'length ±')}
      {@render field('evidence.widthSdMm', 'widths ±')}
      {@render field('evidence.girthSdMm', 'girths ±')}
    </div>
    <div class="mt-2 grid gap-2 md:grid-cols-2">
      {@render field('evidence.note', 'Note', '')}
      {@render field('aliases', 'Also called, with commas between', '')}
    </div>
  </fieldset>
  {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
  {#if errors.length > 0}<Notice tone="caution" role="alert">Not kept: {errors.map((e) => e.message).join('; ')}.</Notice>{/if}
  <div><Button type="submit" kind="primary">Keep this last</Button></div>
</form>
