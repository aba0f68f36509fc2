<script lang="ts">
  import { untrack } from 'svelte';
  import { invalidate } from '$app/navigation';
  import { addDays, format } from 'date-fns';
  import { postCautions } from '@chiave/core/chair';
  import { KIND, KINDS, type KindId } from '@chiave/core/fit';
  import type { LearnAsk, SendPlan } from '@chiave/core/learn';
  import { askOf, tellsOfShoes } from '$lib/learn-fitting';
  import { wearOf } from '$lib/fit-feet';
  import { checkWords } from '$lib/post-words';
  import { USUAL_COSTS } from '$lib/api/post-schema';
  import type { FittingRow } from '$lib/api/rows';
  import { send, type SaveError } from '$lib/send/save.svelte';
  import { planToSend } from '$lib/workers/fit-client';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { withFractions } from '$lib/size-fractions';
  import Area from '$lib/ui/kit/Area.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { KnownShoes } from '$lib/ui/learn/known-shoes.svelte';
  import PostCard from '$lib/ui/learn/PostCard.svelte';
  import SendSheet from '$lib/ui/learn/SendSheet.svelte';

  let { data } = $props();
  const desk = getDesk();
  const known = new KnownShoes(() => ({ styles: data.styles, book: shopBook(), unit: shown.unit }));
  untrack(() => known.take(data.known));
  const styleOf = (id: string) => data.styles.find((s) => s.id === id);
  let kind = $state<KindId>(untrack(() => desk.fitting.kinds[0] ?? 'loafer'));
  let only = $state('');
  const of = $derived(data.styles.filter((s) => s.kind === kind && (s.forWhom === 'unisex' || s.forWhom === desk.fitting.customer.fitsAs)));
  const styles = $derived(of.some((s) => s.id === only) ? of.filter((s) => s.id === only) : of);
  const ask = $derived.by((): LearnAsk | null => {
    const own = askOf($state.snapshot(desk.fitting) as FittingRow, styleOf);
    // What feet that feel little say of their shoes is no evidence, told or kept.
    return own && { ...own, pairs: [...own.pairs, ...(tellsOfShoes(desk.fitting) ? known.ask.pairs : [])] };
  });
  let plan = $state.raw<SendPlan | null>(null);
  let failed = $state(false);
  let turn = 0;
  $effect(() => {
    const own = ++turn;
    plan = null;
    failed = false;
    if (!ask || styles.length === 0) return;
    void planToSend(ask, styles, wearOf(desk.fitting))
      .then((told) => own === turn && (plan = told))
      .catch(() => own === turn && (failed = true));
  });
  let costs = $state({ ...USUAL_COSTS });
  const day = (d: Date): string => format(d, 'yyyy-MM-dd');
  /** What makers mostly give for sending back, days [model]: the maker’s own day is written over it. */
  const USUAL_DAYS = 21;
  let parcel = $state.raw<SendPlan['sets'][number] | null>(null);
  let sentOn = $state(day(new Date()));
  let dueOn = $state(day(addDays(new Date(), USUAL_DAYS)));
  let check = $state('');
  let errors = $state.raw<SaveError[]>([]);
  let message = $state('');
  function write(set: SendPlan['sets'][number]): void {
    parcel = set;
    const feels = set.pairs.flatMap((p) => plan?.there.find((t) => t.styleId === p.styleId && t.size === p.size && t.width === p.width)?.feel ?? []);
    check = checkWords(set.pairs.flatMap((p) => styleOf(p.styleId) ?? []), feels, desk.fitting.customer.flags); // prettier-ignore
  }
  const errorOf = (path: string): string | undefined => errors.find((e) => e.path === path)?.message;
  async function post(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    if (!parcel) return;
    const pairs = parcel.pairs.map(({ styleId, size, width }) => ({ styleId, size, width }));
    const sent = await send(`/api/v1/fittings/${desk.fitting.id}/posts`, 'POST', {
      pairs,
      sentOn,
      dueOn: dueOn || null,
      chance: parcel.chance,
      costs: $state.snapshot(costs),
      check
    });
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok ? '' : sent.detail;
    if (!sent.ok) return;
    parcel = null;
    await Promise.all([invalidate('app:posts'), invalidate('app:fitting')]);
  }
  const { counts } = $derived(data);
</script>

<svelte:head><title>By post · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">By post</h1>
<div class="grid gap-3 lg:grid-cols-2">
  <div class="grid grid-cols-[minmax(0,1fr)] content-start gap-3">
    <Sheet class="grid gap-2" heading="What goes out">
      <div class="grid gap-2 sm:grid-cols-2">
        <Select label="Kind" options={KINDS.filter((k) => !k.teacherLeads)} bind:value={kind} />
        <Select label="Style" empty="all that are made near these feet" options={of} bind:value={only} />
      </div>
      {#if data.known.length > 0}<p class="soft">
          With what {desk.fitting.customer.name} told of {data.known.length === 1 ? 'one shoe' : `${data.known.length} shoes`} they wear.
        </p>{/if}
      {#each postCautions(desk.fitting.customer.flags, kind) as caution (caution)}<Notice tone="caution">{caution}</Notice>{/each}
      {#if !ask}<Notice>Measure the length of both feet first, or take it from the shoes they wear in <a href="/sizes/between">Between makers</a>.</Notice>
      {:else if styles.length === 0}<Notice>No {KIND[kind].name} of the stockroom is made for {desk.fitting.customer.fitsAs}.</Notice>
      {:else if failed}<Notice tone="caution" role="alert">The plan could not be worked out. Choose one style, or try again.</Notice>
      {:else if !plan}<p class="soft" role="status">Working it out over all that is not known of these feet…</p>{/if}
    </Sheet>
    {#if plan}<SendSheet {plan} {styles} bind:post={costs} onsend={write} />{/if}
  </div>
  <div class="grid grid-cols-[minmax(0,1fr)] content-start gap-3">
    {#if parcel}
      <form class="sheet float grid gap-2" onsubmit={post} novalidate aria-label="Parcel">
        <h2>{parcel.pairs.map((p) => `${styleOf(p.styleId)?.name ?? p.styleId} ${withFractions(p.size)} ${p.width}`).join(' and ')}</h2>
        <div class="grid grid-cols-2 gap-2">
          <Field label="Sent on" type="date" bind:value={sentOn} error={errorOf('sentOn')} />
          <Field label="Maker’s last day to send back" type="date" bind:value={dueOn} error={errorOf('dueOn')} />
        </div>
        <Area label="What to look at at home" rows={3} maxlength={600} bind:value={check} />
        <div class="flex gap-2">
          <Button type="submit" kind="primary">Send it</Button>
          <Button kind="text" onclick={() => (parcel = null)}>Not this one</Button>
        </div>
        {#if message}<Notice tone="caution" role="alert">{message}</Notice>{/if}
      </form>
    {/if}
    {#each data.posts as row (row.id)}
      <PostCard post={row} styles={data.styles} onchange={() => invalidate('app:posts')} />
    {:else}
      <Empty>Nothing was sent to {desk.fitting.customer.name} yet.</Empty>
    {/each}
    {#if counts.parcels > 0}
      <p class="soft leading-snug" data-counts>
        All parcels of the shop: {counts.sent} pairs sent, {counts.kept} kept, {counts.back} came back, {counts.out} still out. Of those that are done
        {counts.oneKept} kept one, {counts.promised.toFixed(1)} were promised.
      </p>
    {/if}
  </div>
</div>
