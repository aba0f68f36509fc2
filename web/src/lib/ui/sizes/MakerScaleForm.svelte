<script lang="ts">
  import { invalidateAll } from '$app/navigation';
  import { CUTS, FOR_WHOM } from '@chiave/core/size';
  import { makerScaleSchema } from '$lib/api/size-schema';
  import { apiForm, firstOf, numberOr } from '$lib/send/api-form';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

  /** A maker's own scale: one size that is known, the length of a step, how it is cut, and its widths. */
  let { makers }: { makers: readonly { id: string; name: string }[] } = $props();
  const EMPTY = {
    makerId: '', name: '', unitMm: '', knownSize: '', knownFootMm: '', cut: 'half', from: '', to: '', forWhom: 'unisex', note: '', widthNames: '', widthFirst: '',
    widthStep: ''
  }; // prettier-ignore
  const CUT_NAMES = { whole: 'whole sizes only', half: 'half sizes', 'half-is-width': 'half = width only' } as const;
  const WIDTH_FIELDS: Readonly<Record<string, string>> = { 'widths.names': 'widthNames', 'widths.firstMm': 'widthFirst', 'widths.stepMm': 'widthStep' };
  const number = (text: string) => numberOr(text) ?? '';
  const { form, errors, message, enhance } = apiForm<typeof EMPTY>({
    start: EMPTY,
    body: ({ widthNames, widthFirst, widthStep, unitMm, knownSize, knownFootMm, from, to, ...rest }) => {
      const names = widthNames.split(/[\s,]+/).filter(Boolean);
      return {
        ...rest,
        unitMm: number(unitMm),
        knownSize: number(knownSize),
        knownFootMm: number(knownFootMm),
        from: number(from),
        to: number(to),
        widths: names.length > 0 ? { names, firstMm: number(widthFirst), stepMm: number(widthStep) } : null
      };
    },
    schema: makerScaleSchema,
    url: '/api/v1/maker-scales',
    fieldOf: (path) => WIDTH_FIELDS[path] ?? path,
    onsent: async (_, typed) => {
      await invalidateAll();
      return { ...typed, name: '' };
    }
  });
</script>

{#snippet field(label: string, key: keyof typeof EMPTY, hint: string)}
  <Field {label} figures bind:value={$form[key]} placeholder={hint} error={firstOf($errors[key])} />
{/snippet}

<form method="POST" use:enhance class="sheet" novalidate>
  <h2>A maker’s own scale</h2>
  <p class="soft text-sm">One size that is known and the length of a step are enough: nought follows. Widths are the maker’s own names, in millimetres.</p>
  <div class="mt-2 grid gap-2 sm:grid-cols-2">
    <Select label="Maker" empty="choose a maker" options={makers} bind:value={$form.makerId} />
    {@render field('Name of the scale', 'name', 'boots, marked in EU')}
    {@render field('One size, mm', 'unitMm', '6.67')}
    {@render field('Known size', 'knownSize', '38')}
    {@render field('is for a foot of, mm', 'knownFootMm', '240')}
    {@render field('Smallest size', 'from', '35')}
    {@render field('Largest size', 'to', '43')}
    {@render field('Note', 'note', 'runs large; box says EU')}
  </div>
  <div class="mt-2 grid gap-2">
    <Choice name="cut" legend="Cut in" options={CUTS.map((id) => ({ id, name: CUT_NAMES[id] }))} bind:value={$form.cut} />
    <Choice name="forWhom" legend="For" options={FOR_WHOM.map((id) => ({ id, name: id }))} bind:value={$form.forWhom} />
  </div>
  <div class="mt-2 grid gap-2 sm:grid-cols-3">
    {@render field('Widths, narrowest first', 'widthNames', '1x 2x 3x 4x 5x')}
    {@render field('First width, mm', 'widthFirst', '76')}
    {@render field('Each step, mm', 'widthStep', '3')}
  </div>
  {#if $message}<Notice class="mt-2" tone="caution" role="alert">{$message}</Notice>{/if}
  <Button type="submit" class="mt-3" kind="primary" disabled={$form.makerId === ''}>Keep this scale</Button>
</form>
