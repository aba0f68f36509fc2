<script lang="ts">
  import { isFootLength } from '$lib/api/foot-length';
  import { invalidateAll } from '$app/navigation';
  import { formatLength, parseLength, parseMixedNumber, trimNumber } from '@chiave/core/measure';
  import { convertFoot, makerScaleId, makerWidths, sizeInterval, type MakerScaleInput } from '@chiave/core/size';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { shown } from '$lib/ui/frame/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  let { data } = $props();
  let makerId = $state('');
  let name = $state('');
  let unit = $state('');
  let knownSize = $state('');
  let knownFoot = $state('');
  let cut = $state<MakerScaleInput['cut']>('half');
  let from = $state('');
  let to = $state('');
  let forWhom = $state<MakerScaleInput['forWhom']>('unisex');
  let note = $state('');
  let widthNames = $state('');
  let widthFirst = $state('');
  let widthStep = $state('');
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  let footText = $state('245');
  const footMm = $derived.by(() => {
    const parsed = parseLength(footText, shown.unit);
    return parsed.ok && isFootLength(parsed.mm) ? parsed.mm : null;
  });
  const book = $derived(shopBook());
  const errorOf = (...paths: string[]) => errors.find((e) => paths.includes(e.path))?.message;
  // A number that cannot be read goes as typed, so that the server's words name the field.
  const number = (text: string) => parseMixedNumber(text) ?? text;

  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    const names = widthNames.split(/[\s,]+/).filter(Boolean);
    const sent = await send('/api/v1/maker-scales', 'POST', {
      makerId,
      name,
      unitMm: number(unit),
      knownSize: number(knownSize),
      knownFootMm: number(knownFoot),
      cut,
      from: number(from),
      to: number(to),
      forWhom,
      note,
      widths: names.length > 0 ? { names, firstMm: number(widthFirst), stepMm: number(widthStep) } : null
    });
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok || sent.errors.length > 0 ? '' : sent.detail;
    if (sent.ok) {
      name = '';
      await invalidateAll();
    }
  }
  async function remove(id: number): Promise<void> {
    const sent = await send(`/api/v1/maker-scales/${id}`, 'DELETE');
    if (sent.ok) await invalidateAll();
    else message = sent.detail;
  }
</script>

{#snippet field(label: string, value: string, set: (v: string) => void, path: string, hint: string)}
  <Field {label} figures {value} oninput={(e) => set(e.currentTarget.value)} placeholder={hint} error={errorOf(path)} />
{/snippet}

<svelte:head><title>Makers’ scales · Chiave</title></svelte:head>
<h1 class="sr-only">Makers’ own scales</h1>
<div class="grid gap-4 lg:grid-cols-2">
  <form class="sheet" onsubmit={keep} novalidate>
    <h2>A maker’s own scale</h2>
    <p class="soft text-sm">One size that is known and the length of a step are enough: nought follows. Widths are the maker’s own names, in millimetres.</p>
    <div class="mt-2 grid gap-2 sm:grid-cols-2">
      <Select label="Maker" bind:value={makerId}
        ><option value="">choose a maker</option>{#each data.makers as m (m.id)}<option value={m.id}>{m.name}</option>{/each}</Select
      >
      {@render field('Name of the scale', name, (v) => (name = v), 'name', 'boots, marked in EU')}
      {@render field('One size, mm', unit, (v) => (unit = v), 'unitMm', '6.67')}
      {@render field('Known size', knownSize, (v) => (knownSize = v), 'knownSize', '38')}
      {@render field('is for a foot of, mm', knownFoot, (v) => (knownFoot = v), 'knownFootMm', '240')}
      {@render field('Smallest size', from, (v) => (from = v), 'from', '35')}
      {@render field('Largest size', to, (v) => (to = v), 'to', '43')}
      {@render field('Note', note, (v) => (note = v), 'note', 'runs large; box says EU')}
    </div>
    <div class="mt-2 grid gap-2">
      <Choice
        name="cut"
        legend="Cut in"
        options={[
          { id: 'whole', name: 'whole sizes only' },
          { id: 'half', name: 'half sizes' },
          { id: 'half-is-width', name: 'half = width only' }
        ]}
        value={cut}
        onchange={(v) => (cut = v ?? 'half')}
      />
      <Choice
        name="forWhom"
        legend="For"
        options={[
          { id: 'men', name: 'men' },
          { id: 'women', name: 'women' },
          { id: 'unisex', name: 'unisex' },
          { id: 'children', name: 'children' }
        ]}
        value={forWhom}
        onchange={(v) => (forWhom = v ?? 'unisex')}
      />
    </div>
    <div class="mt-2 grid gap-2 sm:grid-cols-3">
      {@render field('Widths, narrowest first', widthNames, (v) => (widthNames = v), 'widths.names', '1x 2x 3x 4x 5x')}
      {@render field('First width, mm', widthFirst, (v) => (widthFirst = v), 'widths.firstMm', '76')}
      {@render field('Each step, mm', widthStep, (v) => (widthStep = v), 'widths.stepMm', '3')}
    </div>
    {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
    <Button type="submit" class="mt-3" kind="primary" disabled={makerId === ''}>Keep this scale</Button>
  </form>

  <Sheet heading="Kept scales">
    <Field label="A foot, read in each" figures class="max-w-60" bind:value={footText} aria-invalid={footMm === null} />
    {#if footMm === null}<Notice class="mt-1" tone="caution" role="alert">Not a foot length: write it as 245, 24.5 cm or 9 5/8 in.</Notice>{/if}
    {#each data.makerScales as row (row.id)}
      {@const scale = book.get(makerScaleId(row.id))}
      <article class="mt-3 border-t border-line pt-2" data-maker-scale>
        <div class="flex items-baseline gap-2">
          <h3 class="mr-auto">{row.definition.name}, {row.maker}</h3>
          <Button kind="text" onclick={() => remove(row.id)}>remove</Button>
        </div>
        <p class="text-sm">
          One size is <span class="figures">{trimNumber(row.definition.unitMm, 2)} mm</span>; {row.definition.from} to {row.definition.to}, {row.definition
            .cut === 'whole'
            ? 'whole sizes only'
            : row.definition.cut === 'half'
              ? 'half sizes'
              : 'a half is the next width'}, {row.definition.forWhom}; size {row.definition.knownSize} is a foot of
          <span class="figures">{formatLength(sizeInterval(scale, undefined, row.definition.knownSize).mm, shown.unit)}</span>.
          <span class="soft">{row.definition.note}</span>
        </p>
        {#if footMm !== null}
          {@const [read, eu] = convertFoot({ lengthMm: footMm }, [scale.id, 'eu'], book).readings}
          <p>
            <b class="figures text-xl">{read.outsideRange ? 'outside its run' : read.size}</b>
            <span class="soft figures text-sm"
              >{read.outsideRange ? '' : `${read.remainderMm < 0 ? '−' : '+'}${trimNumber(Math.abs(read.remainderMm))} mm`}</span
            >{#if !read.outsideRange && scale.halfIsWidth}<span class="soft text-sm">, or {read.size}.5 for a wider one</span>{/if}
            <span class="soft text-sm">(continental by length: {eu.size})</span>
          </p>
        {/if}
        {#if row.definition.widths}<p class="text-sm">
            Widths: {#each makerWidths(row.definition.widths) as w, at (at)}<span class="figures mr-2">{w.name} {trimNumber(w.mm)} mm</span>{/each}
          </p>{/if}
      </article>
    {:else}<p class="soft mt-2">None yet. A kept scale is read everywhere: on the rule, in the quick box by its name, in charts, chains and columns.</p>{/each}
  </Sheet>
</div>
