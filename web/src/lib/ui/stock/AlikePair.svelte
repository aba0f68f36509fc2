<script lang="ts">
  import { FELT_IDS, FELT_WEIGHTS, type FeltId } from '@chiave/core/compare';
  import { parseMixedNumber, trimNumber } from '@chiave/core/measure';
  import { sizeThere, type Comparable, type SizeThere } from '$lib/compare-shoes';
  import { said } from '$lib/workers/remote';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  /** Which size of one last feels like a size of another. @prop scales name of the scale of each last */
  let { all, scales }: { all: readonly Comparable[]; scales: Readonly<Record<string, string>> } = $props();
  let from = $state('');
  let to = $state('');
  let size = $state('');
  let weights = $state<Record<FeltId, number>>({ ...FELT_WEIGHTS });
  const NAMES: Readonly<Record<FeltId, string>> = {
    length: 'length',
    'ball-girth': 'ball girth',
    instep: 'instep',
    heel: 'heel width',
    'toe-width': 'toe width'
  };
  const pair = $derived.by((): { there: SizeThere | null; problem: string } => {
    const [a, b] = [all.find((c) => c.last.id === from), all.find((c) => c.last.id === to)];
    if (!a || !b) return { there: null, problem: '' };
    const s = parseMixedNumber(size);
    if (s === null) return { there: null, problem: size.trim() === '' ? '' : `“${size}” is not a size` };
    try {
      return { there: sizeThere(a, { by: 'size', size: s }, b, null, weights), problem: '' };
    } catch (error) {
      return { there: null, problem: said(error) };
    }
  });
</script>

<Sheet class="mb-4 print:hidden" heading="Which size of one feels like a size of another">
  <div class="flex flex-wrap items-end gap-2">
    <Field label="Size" figures class="w-28" bind:value={size} placeholder="38" />
    <Select label="of" class="w-60" bind:value={from}
      ><option value="">choose a last</option>{#each all as c (c.key)}<option value={c.last.id}>{c.name}</option>{/each}</Select
    >
    <Select label="in" class="w-60" bind:value={to}
      ><option value="">choose a last</option>{#each all as c (c.key)}<option value={c.last.id}>{c.name}</option>{/each}</Select
    >
  </div>
  <details class="mt-2">
    <summary class="min-h-11 content-center">What a millimetre of each counts for, in millimetres of length (estimates)</summary>
    <div class="flex flex-wrap gap-2">
      {#each FELT_IDS as id (id)}
        <div class="w-36">
          <NumberField
            label={NAMES[id]}
            unit="mm"
            low={id === 'length' ? 0.1 : 0}
            high={10}
            step={0.05}
            value={weights[id]}
            onchange={(v) => (weights[id] = v ?? weights[id])}
          />
        </div>
      {/each}
    </div>
  </details>
  {#if pair.problem}<Notice class="mt-2" tone="caution" role="alert">{pair.problem}.</Notice>{/if}
  {#if pair.there}
    {@const t = pair.there}
    <p class="mt-2 text-lg" data-equivalent>
      <b class="figures text-2xl">{t.label} {t.width}</b>
      {scales[to] ?? ''}
      <span class="soft figures">exactly {trimNumber(t.equivalent.exact, 2)}</span>, and then it is {t.equivalent.residual
        .slice(0, 3)
        .map((r) => r.words)
        .join(', ')}.
    </p>
    <p class="soft text-sm">
      The signed differences, weighed as above, come to nought at the exact size; {Math.abs(t.roundedBy) < 0.05
        ? 'the label stands on it'
        : `the label is ${trimNumber(Math.abs(t.roundedBy), 2)} of a size ${t.roundedBy > 0 ? 'larger' : 'smaller'}`}. If the old one was snug, the slightly
      wider size is the better; if it was just right, half down may be.
    </p>
  {/if}
</Sheet>
