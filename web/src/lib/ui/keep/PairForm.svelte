<script lang="ts">
  import { KINDS, UPPERS, type KindId, type UpperId } from '@chiave/core/fit';
  import { PAIR_USES, WEAR_UNITS, type PairUseId, type WearUnitId } from '@chiave/core/keep';
  import { untrack } from 'svelte';
  import { blankPair, type PairBody, type PairRow } from '$lib/api/keep-schema';
  import { smaller } from '$lib/ui/stock/smaller-picture';
  import Area from '$lib/ui/kit/Area.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import DayField from '$lib/ui/kit/DayField.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import FileButton from '$lib/ui/kit/FileButton.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import type { PersonKeep } from './person-keep.svelte';

  /** A pair by its style, by its label or by a photograph; what it is for, when it was bought, and a habit that counts by itself. */
  // prettier-ignore
  let { keep, pair = null, today, styles, onkept }: {
    keep: PersonKeep; pair?: PairRow | null; today: string; styles: readonly { id: string; name: string; kind: KindId; upper: UpperId; maker: string; last: string; colour: string }[]; onkept: () => void;
  } = $props();
  let body = $state<PairBody>(untrack(() => (pair ? structuredClone($state.snapshot(pair.body) as PairBody) : blankPair(today))));
  let found = $state('');
  const matching = $derived(found.length < 2 ? [] : styles.filter((s) => s.name.toLowerCase().includes(found.toLowerCase())).slice(0, 6));
  const wrong = (path: string): string | undefined => keep.errors.find((e) => e.path === path)?.message;
  function take(s: (typeof styles)[number]): void {
    Object.assign(body, { name: s.name, styleId: s.id, kind: s.kind, upper: s.upper, maker: s.maker, last: s.last, colour: s.colour });
    found = '';
  }
  /** Longer side of a pair's picture, pixels: it stands small beside its line. */
  const PICTURE_PX = 640;
  let pictureSays = $state('');
  async function picture(file: File): Promise<void> {
    const made = await smaller(file, PICTURE_PX);
    pictureSays = typeof made === 'string' ? made : '';
    if (typeof made !== 'string') body.photo = `data:image/jpeg;base64,${made.base64}`;
  }
  function habit(): void {
    body.habits = [...body.habits, { from: today, until: null, unit: 'hours', perWeek: 4, times: 2 }];
  }
  async function save(): Promise<void> {
    if (await keep.keepPair($state.snapshot(body) as PairBody, pair)) onkept();
  }
</script>

<div class="grid gap-3" data-pair-form>
  {#if !pair}
    <Field label="Find it in the stockroom, or write its label below" bind:value={found} placeholder="lakeside" />
    {#if matching.length > 0}
      <div class="flex flex-wrap gap-2">
        {#each matching as s (s.id)}<Button onclick={() => take(s)}>{s.name}</Button>{/each}
      </div>
    {/if}
  {/if}
  <div class="flex flex-wrap items-end gap-2">
    <Field label="Pair" class="min-w-52 flex-1" maxlength={120} bind:value={body.name} error={wrong('name')} placeholder="what stands on the label" />
    <Select label="Kind" options={KINDS} value={body.kind} onpick={(id: KindId) => (body.kind = id)} />
    <Field label="Size" class="w-24" maxlength={12} bind:value={body.size} error={wrong('size')} />
    <Field label="Width" class="w-28" maxlength={12} bind:value={body.width} />
    <Field label="Colour" class="w-32" maxlength={40} bind:value={body.colour} />
    <Select label="Upper" options={UPPERS} value={body.upper} onpick={(id: UpperId) => (body.upper = id)} />
  </div>
  <Choices legend="Used for" options={PAIR_USES} chosen={body.uses} onchange={(all: PairUseId[]) => (body.uses = all)} />
  <div class="flex flex-wrap items-end gap-2">
    <DayField label="Bought on" value={body.boughtOn} onpick={(d) => (body.boughtOn = d)} error={wrong('boughtOn')} />
    <Field label="Where" class="w-40" maxlength={80} bind:value={body.boughtAt} />
    <div class="w-28"><NumberField label="Price" unit="" value={body.price} low={0} high={100000} step={10} onchange={(v) => (body.price = v)} /></div>
    <DayField label="Can be sent back until" class="w-48" value={body.returnBy} onpick={(d) => (body.returnBy = d)} error={wrong('returnBy')} />
    <Field label="Production" class="w-40" maxlength={80} bind:value={body.production} />
    <Field label="Season" class="w-28" maxlength={40} bind:value={body.season} placeholder="2026/27" />
  </div>
  {#if body.returnBy !== null && body.returnBy < today}<p class="text-tight-word">That day is past: ask the maker before anything is promised.</p>{/if}
  <div class="flex flex-wrap items-end gap-3">
    <Check bind:checked={body.ordered}>ordered, not here yet</Check>
    {#if body.ordered}
      <DayField label="Ordered on" value={body.orderedOn} onpick={(d) => (body.orderedOn = d)} />
      <DayField label="Expected on" value={body.expectedOn} onpick={(d) => (body.expectedOn = d)} error={wrong('expectedOn')} />
    {/if}
  </div>
  {#each body.habits as h, i (i)}
    <div class="flex flex-wrap items-end gap-2" data-habit>
      <div class="w-28">
        <NumberField label="A week" unit="" value={h.perWeek} low={0.1} high={400} step={1} onchange={(v) => (h.perWeek = v ?? h.perWeek)} />
      </div>
      <Select label="In" options={WEAR_UNITS} value={h.unit} onpick={(id: WearUnitId) => (h.unit = id)} />
      <div class="w-28"><NumberField label="On days" unit="" value={h.times} low={1} high={21} step={1} onchange={(v) => (h.times = v ?? h.times)} /></div>
      <Field label="From" type="date" class="w-44" bind:value={h.from} error={wrong(`habits.${i}.from`)} />
      <DayField label="Until" value={h.until} onpick={(d) => (h.until = d)} error={wrong(`habits.${i}.until`)} />
      <Button kind="text" onclick={() => (body.habits = body.habits.filter((_, at) => at !== i))}>take it away</Button>
    </div>
  {/each}
  <Fold heading="More: maker, last, tip, story, photograph" sheet={false}>
    <div class="mt-2 flex flex-wrap items-end gap-2">
      <Field label="Maker" class="w-40" maxlength={80} bind:value={body.maker} />
      <Field label="Version or year" class="w-32" maxlength={40} bind:value={body.model} />
      <Field label="Variant" class="w-32" maxlength={80} bind:value={body.variant} />
      <Field label="Last" class="w-32" maxlength={60} bind:value={body.last} />
      <div class="w-32">
        <NumberField label="Heel tip across" unit="mm" value={body.tipMm} low={3} high={120} step={1} onchange={(v) => (body.tipMm = v)} />
      </div>
      <FileButton accept="image/*" onfile={picture}>A photograph</FileButton>
      {#if body.photo}<img src={body.photo} alt="The pair" class="h-20 rounded" />{/if}
      {#if pictureSays}<p class="text-tight-word" role="alert">{pictureSays}</p>{/if}
    </div>
    <Area label="Story" class="mt-2" rows={2} maxlength={2000} bind:value={body.story} placeholder="why it was kept, what was done, what to watch" />
  </Fold>
  <div class="flex flex-wrap gap-2">
    <Button kind="primary" disabled={keep.busy} onclick={save}>{pair ? 'Keep the change' : 'Keep the pair'}</Button>
    <Button onclick={habit}>Add a weekly habit</Button>
    <Button kind="text" onclick={onkept}>Not now</Button>
  </div>
</div>
