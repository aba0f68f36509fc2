<script lang="ts">
  import { isFootLength } from '$lib/api/foot-length';
  import { onDestroy, untrack } from 'svelte';
  import { compareShoes, type ComparedShoe } from '@chiave/core/compare';
  import { planOf } from '@chiave/core/fit';
  import { completeFoot, formatLength, parseLength, parseMixedNumber, trimNumber, type Side } from '@chiave/core/measure';
  import type { FootPlan } from '@chiave/core/shape';
  import { comparables, shoeAt, type Comparable } from '$lib/compare-shoes';
  import LastViews from '$lib/drawing/LastViews.svelte';
  import { SHOE_LOOKS } from '$lib/drawing/shoe-looks';
  import { footInputOf, type FittingState } from '$lib/fit-feet';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import { download } from '$lib/ui/frame/download';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';
  import { send } from '$lib/send/save.svelte';
  import PhotoLayers from '$lib/ui/stock/PhotoLayers.svelte';
  import type { ScaledPhoto } from '$lib/drawing/scaled-photo';
  import { MARKS } from '$lib/api/last-fields';
  import { shown } from '$lib/ui/frame/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import Slider from '$lib/ui/kit/Slider.svelte';

  let { data } = $props();
  const all = $derived(comparables(data.lasts, data.styles, data.makers));
  const byKey = $derived(new Map(all.map((c) => [c.key, c])));
  interface Slot {
    key: string;
    size: string;
    width: string;
  }
  const slotFor = (c: Comparable | undefined): Slot => ({ key: c?.key ?? '', size: c ? String(c.last.base.size) : '', width: '' });
  // Without being asked for any, the bench shows two of one kind, so that there is something to see.
  const begin = (): Slot[] => {
    const asked = data.asked.map((key) => byKey.get(key)).filter((c) => c !== undefined);
    const first = asked[0] ?? all[0];
    const alike = all.filter((c) => c.style === null && c.key !== first?.key && c.last.base.forFootMm > 0);
    const second = asked[1] ?? alike.find((c) => Math.abs(c.last.base.forFootMm - (first?.last.base.forFootMm ?? 0)) < 4) ?? alike[0];
    return [first, second, ...asked.slice(2)]
      .filter((c) => c !== undefined)
      .slice(0, 4)
      .map(slotFor);
  };
  let slots = $state<Slot[]>(untrack(begin));
  let by = $state<'foot' | 'label' | 'sizes'>('foot');
  let footText = $state('');
  let at = $state<'heel' | 'ball'>('heel');
  let side = $state<Side>('left');
  let zoom = $state(1);
  let photos = $state<ScaledPhoto[]>([]);
  let person = $state.raw<{ id: number; name: string } | null>(untrack(() => data.person));
  let feet = $state.raw<Partial<Record<Side, FootPlan>>>({});
  let message = $state('');
  let drawing = $state<SVGSVGElement>();

  const foot = $derived(feet[side] ?? null);
  const chosen = $derived(slots.map((s) => byKey.get(s.key)).map((c, i) => ({ c, slot: slots[i] })));
  const typedFoot = $derived(footText.trim() === '' ? null : parseLength(footText, shown.unit));
  const footMm = $derived(typedFoot?.ok && isFootLength(typedFoot.mm) ? typedFoot.mm : (foot?.lengthMm ?? chosen[0]?.c?.last.base.forFootMm ?? 245));
  const laid = $derived.by((): { shoes: ComparedShoe[]; problem: string } => {
    const shoes: ComparedShoe[] = [];
    let problem = '';
    for (const { c, slot } of chosen) {
      if (!c) continue;
      const own = parseMixedNumber(by === 'label' ? slots[0].size : slot.size);
      try {
        if (by === 'foot') shoes.push(shoeAt(c, { by: 'foot', footMm, width: slot.width || undefined }));
        else if (own === null) problem = `${c.name}: write its size as a number`;
        else shoes.push(shoeAt(c, { by: 'size', size: own, width: slot.width || undefined }));
      } catch (error) {
        problem = error instanceof Error ? error.message : String(error);
      }
    }
    return { shoes, problem };
  });
  const against = $derived(laid.shoes.length > 1 ? laid.shoes.slice(1).map((s) => compareShoes(laid.shoes[0], s, foot)) : []);

  // Blink and slide between the first two.
  let slide = $state(0.5);
  let blinking = $state(false);
  let timer: ReturnType<typeof setInterval> | undefined;
  let tick = $state(false);
  const strengths = $derived(
    laid.shoes.map((_, i) => (i > 1 || laid.shoes.length < 2 ? 1 : blinking ? Number(tick === (i === 1)) : Math.min(1, 2 * (i === 0 ? 1 - slide : slide))))
  );
  function blink(): void {
    blinking = !blinking;
    clearInterval(timer);
    if (blinking) timer = setInterval(() => (tick = !tick), 700);
  }
  onDestroy(() => clearInterval(timer));

  async function open(who: { id: number; name: string } | null): Promise<void> {
    person = who;
    feet = {};
    if (who === null) return;
    const sent = await send<{ fittings: FittingState[] }>(`/api/v1/customers/${who.id}/fittings`, 'GET');
    if (person !== who) return;
    if (!sent.ok) {
      message = sent.detail;
      return;
    }
    const found: Partial<Record<Side, FootPlan>> = {};
    for (const which of ['left', 'right'] as const) {
      const fitting = sent.value.fittings.find((f) => f.feet[which].values.lengthMm);
      const input = fitting && footInputOf(which, fitting.feet[which], fitting.population);
      if (!input) continue;
      found[which] = planOf(completeFoot(input));
    }
    feet = found;
  }
  if (untrack(() => person) !== null && typeof window !== 'undefined') void open(untrack(() => person));

  function saveSvg(): void {
    if (!drawing) return;
    const copy = drawing.cloneNode(true) as SVGSVGElement;
    const [, , w, h] = (drawing.getAttribute('viewBox') ?? '0 0 100 100').split(' ').map(Number);
    copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg');
    copy.setAttribute('width', `${w.toFixed(2)}mm`);
    copy.setAttribute('height', `${h.toFixed(2)}mm`);
    copy.removeAttribute('class');
    download('last-bench.svg', new Blob([copy.outerHTML], { type: 'image/svg+xml' }));
  }
  const figure = (value: number, unit: 'mm' | '°') => (unit === '°' ? `${trimNumber(value)}°` : formatLength(value, shown.unit));
  const signed = (by: number, unit: 'mm' | '°') => (Math.abs(by) < 0.05 ? '0' : `${by < 0 ? '−' : '+'}${trimNumber(Math.abs(by))}${unit === '°' ? '°' : ''}`);
</script>

<svelte:head><title>Last bench · Chiave</title></svelte:head>
<h1 class="sr-only">Last bench</h1>
<Sheet class="mb-4 print:hidden">
  <div class="grid gap-2 lg:grid-cols-2">
    {#each slots as slot, i (i)}
      {@const c = byKey.get(slot.key)}
      <div class="grid grid-cols-[2rem_minmax(0,1fr)_4.5rem_7.5rem_auto] items-end gap-1">
        <b class="self-center text-xl" style:color={SHOE_LOOKS[i].ink}>{SHOE_LOOKS[i].letter}</b>
        <Select label="Shoe {SHOE_LOOKS[i].letter}" hideLabel value={slot.key} onchange={(e) => (slots[i] = slotFor(byKey.get(e.currentTarget.value)))}>
          <optgroup label="Lasts"
            >{#each all.filter((a) => a.style === null) as a (a.key)}<option value={a.key}>{a.name}</option>{/each}</optgroup
          >
          <optgroup label="Styles"
            >{#each all.filter((a) => a.style !== null) as a (a.key)}<option value={a.key}>{a.name}</option>{/each}</optgroup
          >
        </Select>
        <Field label="Size of {SHOE_LOOKS[i].letter}" hideLabel figures bind:value={slot.size} disabled={by === 'foot' || (by === 'label' && i > 0)} />
        <Select label="Width of {SHOE_LOOKS[i].letter}" hideLabel bind:value={slot.width}
          ><option value="">{c?.last.base.width ?? ''}</option>{#each (c?.letters ?? []).filter((l) => l !== c?.last.base.width) as l, at (at)}<option value={l}
              >{l}</option
            >{/each}</Select
        >
        <Button kind="text" disabled={slots.length < 2} onclick={() => (slots = slots.filter((_, k) => k !== i))} aria-label="Take {SHOE_LOOKS[i].letter} away"
          >away</Button
        >
      </div>
    {/each}
    {#if slots.length < 4}<Button onclick={() => (slots = [...slots, slotFor(all[0])])}>Another shoe</Button>{/if}
  </div>
  <div class="mt-3 flex flex-wrap items-end gap-4">
    <Choice
      name="by"
      legend="Compared at"
      options={[
        { id: 'foot', name: 'the same foot' },
        { id: 'label', name: 'the same number' },
        { id: 'sizes', name: 'chosen sizes' }
      ]}
      value={by}
      onchange={(v) => (by = v ?? 'foot')}
    />
    {#if by === 'foot'}
      <Field
        label="Foot"
        figures
        class="w-32"
        bind:value={footText}
        placeholder={formatLength(footMm, shown.unit)}
        aria-invalid={typedFoot !== null && !typedFoot.ok}
      />
    {/if}
    <Choice
      name="at"
      legend="Laid at the"
      options={[
        { id: 'heel', name: 'heel' },
        { id: 'ball', name: 'ball' }
      ]}
      value={at}
      onchange={(v) => (at = v ?? 'heel')}
    />
    <Choice
      name="side"
      legend="Side, of all"
      options={[
        { id: 'left', name: 'L left' },
        { id: 'right', name: 'R right' }
      ]}
      value={side}
      onchange={(v) => (side = v ?? 'left')}
    />
    <div class="w-52"><PersonFinder label="Whose foot is in it" first={data.people} chosen={person} onchoose={open} /></div>
  </div>
  {#if typedFoot !== null && !typedFoot.ok}<Notice class="mt-2" tone="caution" role="alert">Not a length: write it as 245, 24.5 cm or 9 5/8 in.</Notice>{/if}
  {#if laid.problem}<Notice class="mt-2" tone="caution" role="alert">{laid.problem}.</Notice>{/if}
  {#if message}<Notice class="mt-2" tone="caution" role="alert">{message}</Notice>{/if}
</Sheet>
{#if laid.shoes.length > 0}
  <div class="grid gap-4 lg:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
    <Sheet class="self-start lg:sticky lg:top-2">
      <div class="mb-2 flex flex-wrap items-end gap-3 print:hidden">
        <Slider label="Zoom" class="w-36" low={1} high={5} step={0.1} bind:value={zoom} />
        {#if laid.shoes.length > 1}
          <Slider label="Slide A to B" class="w-36" low={0} high={1} step={0.05} bind:value={slide} disabled={blinking} />
          <Button pressed={blinking} onclick={blink}>{blinking ? 'Stop blinking' : 'Blink'}</Button>
        {/if}
        <Button onclick={saveSvg}>SVG, true size</Button>
        <Button onclick={() => window.print()}>Print</Button>
      </div>
      <LastViews shoes={laid.shoes} view="top" {at} {side} {foot} shown={strengths} {zoom} {photos} bind:svg={drawing} />
    </Sheet>
    <div class="grid content-start gap-4">
      <Sheet data-readout>
        {#each against as comparison, i (i)}
          <h2 style:color={SHOE_LOOKS[i + 1].ink}>{SHOE_LOOKS[i + 1].letter} against A</h2>
          <p>{comparison.sentences[0]}</p>
          <p class="font-semibold">{comparison.sentences[1]}</p>
        {:else}<p class="soft">Take a second shoe to read how it differs.</p>{/each}
        {#if against.length > 0}
          <p class="soft text-sm">
            Alike is within a millimetre or two, by measure (estimates of this project); widths and girths stand as the lasts are known, each with its own
            doubt:
            {chosen
              .map(({ c }, i) =>
                c ? `${SHOE_LOOKS[i].letter} ${MARKS[c.last.evidence.mark].name}, ± ${trimNumber(c.last.evidence.lengthSdMm)} mm of length` : ''
              )
              .filter(Boolean)
              .join('; ')}.
          </p>
          <Table class="mt-2" data-differences>
            <thead>
              <tr class="border-b border-ink text-left"
                ><th scope="col">{foot ? 'at these toes' : 'at an ordinary foot’s toes'}</th><th scope="col">A</th>{#each against as _, i (i)}<th scope="col"
                    >{SHOE_LOOKS[i + 1].letter} − A</th
                  >{/each}</tr
              >
            </thead>
            <tbody>
              {#each against[0].all as row, k (row.measure.id)}
                <tr class="border-b border-line" class:soft={against.every((a) => a.all[k]?.alike)}>
                  <th scope="row" class="py-0.5 text-left font-normal">{row.measure.name}</th>
                  <td class="figures">{figure(row.first, row.measure.unit)}</td>
                  {#each against as a, i (i)}
                    {@const d = a.all.find((x) => x.measure.id === row.measure.id)}
                    <td class="figures {d && !d.alike ? 'font-semibold' : ''}">{d ? signed(d.by, d.measure.unit) : ''}</td>
                  {/each}
                </tr>
              {/each}
            </tbody>
          </Table>
        {/if}
      </Sheet>
      <Sheet heading="From the inner side">
        <LastViews shoes={laid.shoes} view="side" {at} {side} shown={strengths} />
      </Sheet>
      <Sheet heading="Across at the ball">
        <LastViews shoes={laid.shoes} view="front" {at} {side} shown={strengths} />
      </Sheet>
      <PhotoLayers bind:photos />
    </div>
  </div>
{/if}
