<script lang="ts">
  import { onMount, untrack } from 'svelte';
  import { eliminationOf, type Bout } from '@chiave/core/chair';
  import { sizeText, type Style, type ZoneId } from '@chiave/core/fit';
  import type { Heard } from '@chiave/core/learn';
  import { formatLength, SIDES, type Side } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { Tried } from '$lib/ui/try/tried.svelte';
  import SmallFeet from '$lib/drawing/SmallFeet.svelte';
  import { feetOf } from '$lib/fit-feet';
  import AtTheChair from '$lib/ui/try/AtTheChair.svelte';
  import LastStanding from '$lib/ui/try/LastStanding.svelte';
  import MyHand from '$lib/ui/try/MyHand.svelte';
  import TwoFeet from '$lib/ui/try/TwoFeet.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import TryCard from '$lib/ui/try/TryCard.svelte';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { fitterName, send, type SaveError } from '$lib/send/save.svelte';
  import type { FittingRow, TryRow } from '$lib/api/rows';
  import { learnAskOf } from '$lib/learn-fitting';
  import { unpackBriefs } from '$lib/style-brief';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { heardAt } from '$lib/workers/fit-client';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';

  let { data } = $props();
  let hands = $state(untrack(() => data.hands));
  let fitter = $state('');
  onMount(() => (fitter = fitterName.get()));
  const hand = $derived(hands[fitter] ?? {});
  const desk = getDesk();
  const briefs = $derived(unpackBriefs(data.briefs));
  /** Styles carried to the chair since the page was opened. */
  let carried = $state.raw<readonly Style[]>([]);
  const styleOf = (id: string): Style | undefined => carried.find((s) => s.id === id) ?? data.styles.find((s) => s.id === id);
  // Made anew when what another device saved is taken: then every row is another.
  const made: Record<string, Tried> = {};
  function triedOf(row: TryRow, reading: number): Tried {
    const key = `${row.id} ${reading}`;
    const own = made[key] ?? new Tried(desk, row, styleOf(row.styleId));
    made[key] = own;
    return own;
  }
  const pairs = $derived.by(() => {
    const reading = desk.readings;
    return desk.fitting.tries.map((row) => untrack(() => triedOf(row, reading)));
  });
  const elimination = $derived(
    eliminationOf(
      pairs.map((p) => p.row.id),
      desk.fitting.bouts,
      (id) => pairs.find((p) => p.row.id === id)?.row.probability ?? 0
    )
  );
  /** Which pair is on which foot; unless it was said, what the elimination puts on next, or the only pair on both. */
  let put = $state.raw<Partial<Record<Side, number>>>({});
  const worn = $derived.by((): Record<Side, Tried> | null => {
    const [first, second = first] = pairs;
    if (!first) return null;
    const byId = (id: number | null | undefined) => pairs.find((p) => p.row.id === id);
    const next = elimination.next ?? (elimination.winner === null ? null : { left: elimination.winner, right: elimination.winner });
    const pick = (side: Side, otherwise: Tried) => byId(put[side]) ?? byId(next?.[side]) ?? otherwise;
    return { left: pick('left', first), right: pick('right', second) };
  });
  const wear = (side: Side, tried: Tried) => (put = { ...put, [side]: tried.row.id });
  const swap = () => worn && (put = { left: worn.right.row.id, right: worn.left.row.id });
  /** Said which felt as if there were no shoe: what comes next is put on. */
  function won(winner: number | null): void {
    if (!worn) return;
    const bout: Bout = { left: worn.left.row.id, right: worn.right.row.id, winner };
    desk.patch({ bouts: [...$state.snapshot(desk.fitting.bouts), bout] });
    put = {};
  }
  function undo(): void {
    desk.patch({ bouts: $state.snapshot(desk.fitting.bouts).slice(0, -1) });
    put = {};
  }
  let at = $state<{ side: Side; zone: ZoneId }>({ side: 'left', zone: 'toe-room' });
  let shownSide = $state<Side>('left');
  const shownPair = $derived(worn?.[shownSide] ?? null);
  function look(zone: ZoneId): void {
    at = { side: worn?.left === worn?.right ? at.side : shownSide, zone };
  }
  const NOTHING_HEARD: Heard = { apart: [], stands: [], liking: { now: { mm: 0, sdMm: 0 }, before: { mm: 0, sdMm: 0 }, words: 0 } };
  /** What was felt and stands apart from feet and shoes, told as soon as it is tapped; a newer mark overtakes an older question. */
  let heard = $state.raw<Heard>(NOTHING_HEARD);
  const liked = $derived(heard.liking.now.mm - heard.liking.before.mm);
  const asked = $derived(learnAskOf($state.snapshot(desk.fitting) as FittingRow, styleOf));
  let turn = 0;
  $effect(() => {
    const own = ++turn;
    if (asked === null) heard = NOTHING_HEARD;
    else
      void heardAt(asked)
        .then((found) => own === turn && (heard = found))
        .catch(() => {});
  });
  let styleId = $state('');
  let size = $state('');
  let width = $state('');
  let errors = $state<SaveError[]>([]);
  let message = $state('');
  const chosen = $derived(briefs.find((s) => s.id === styleId));
  const errorOf = (path: string) => errors.find((e) => e.path === path)?.message;

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    await desk.settle();
    const sent = await send<{ tried: TryRow }>(`/api/v1/fittings/${desk.fitting.id}/tries`, 'POST', {
      styleId,
      size,
      width: width || (chosen?.widths[0] ?? '')
    });
    errors = sent.ok ? [] : sent.errors;
    message = sent.ok || sent.errors.some((e) => ['size', 'width'].includes(e.path)) ? '' : sent.detail;
    if (sent.ok) {
      const style = styleOf(styleId) ? null : await send<Style>(`/api/v1/styles/${styleId}`, 'GET');
      if (style?.ok) carried = [...carried, style.value];
      desk.addTry(sent.value.tried);
      size = '';
    }
  }
</script>

<svelte:head><title>Try · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Try</h1>

<div class="grid gap-3 lg:grid-cols-[minmax(0,800fr)_minmax(0,436fr)]">
  {#if worn}
    <Sheet class="!py-3 lg:sticky lg:top-2 lg:self-start" aria-label="On the feet">
      <div class="mb-1 flex flex-wrap items-center gap-x-6 gap-y-1">
        {#each SIDES as side (side)}
          <p class="flex items-center gap-2 leading-tight">
            <span class="letter">{worn.left === worn.right || side === 'left' ? 'A' : 'B'}</span>
            <span
              ><b>{worn[side].style?.name ?? worn[side].row.styleId}</b>
              <span class="figures">{withFractions(worn[side].row.size)} {worn[side].row.width}</span>
              <span class="soft block">on the wearer’s {side}</span></span
            >
          </p>
        {/each}
        <Button class="ml-auto" disabled={worn.left === worn.right} onclick={swap}>⇄ Swap</Button>
      </div>
      <TwoFeet on={worn} bind:at />
      {#if worn.left === worn.right}
        <p class="soft leading-snug">One pair, on both feet. Carry another here and compare: one candidate on each foot, the winner stays.</p>
      {:else}
        <div class="mt-1 grid items-center gap-2 border-t border-line pt-2 sm:grid-cols-[minmax(0,1fr)_auto_auto_auto]" data-which>
          <h2 class="leading-tight">Which feels as if there were no shoe?</h2>
          <Button class="px-4" onclick={() => won(worn.left.row.id)}>A, left</Button>
          <Button class="px-4" onclick={() => won(null)}>No difference</Button>
          <Button class="px-4" onclick={() => won(worn.right.row.id)}>B, right</Button>
        </div>
      {/if}
      {#if desk.fitting.bouts.length > 0}<Button kind="text" class="!px-0" onclick={undo}>Take the last answer back</Button>{/if}
    </Sheet>
  {:else}
    <Sheet class="lg:self-start" aria-label="On the feet">
      <SmallFeet feet={feetOf(desk.fitting)} height={420} />
      <Empty
        >Nothing at the chair yet. Carry a pair here from Pull, or name one beside.{#snippet action()}<Button href="/fittings/{desk.fitting.id}/pull"
            >Pull</Button
          >{/snippet}</Empty
      >
    </Sheet>
  {/if}
  <div class="grid grid-cols-[minmax(0,1fr)] content-start gap-3">
    {#if shownPair && worn}
      {#if worn.left !== worn.right}
        <Choice
          name="chair-of"
          legend="Whose protocol"
          hideLegend
          options={SIDES.map((side) => ({ id: side, name: `${side === 'left' ? 'A' : 'B'} ${worn[side].style?.name ?? worn[side].row.styleId}` }))}
          bind:value={shownSide}
        />
      {/if}
      {#key `${shownPair.row.id} ${desk.readings}`}<AtTheChair tried={shownPair} {hand} onlook={look} />{/key}
    {/if}
    {#if pairs.length > 1}<LastStanding {pairs} state={elimination} />{/if}
    {#each pairs as tried (`${tried.row.id} ${desk.readings}`)}
      <TryCard
        {desk}
        {tried}
        on={{ left: worn?.left === tried, right: worn?.right === tried }}
        onwear={(side) => wear(side, tried)}
        apart={heard.apart.filter((c) => c.pair === String(tried.row.id))}
        stands={heard.stands.filter((s) => s.lastId === tried.style?.last.id)}
      />
    {/each}
    {#if heard.liking.words > 0}
      <p class="soft leading-snug" data-liking>
        By what was felt {desk.fitting.customer.name} likes shoes {Math.abs(liked) < 0.5
          ? 'about as they said'
          : `${formatLength(Math.abs(liked), shown.unit)} ${liked > 0 ? 'looser' : 'closer'} than they said`}, give or take {formatLength(
          heard.liking.now.sdMm,
          shown.unit
        )}
        ({heard.liking.words === 1 ? 'one word' : `${heard.liking.words} words`}; beforehand give or take {formatLength(heard.liking.before.sdMm, shown.unit)}).
      </p>
    {/if}
    <form class="sheet" onsubmit={add} novalidate>
      <h2>Another pair</h2>
      <div class="mt-1 grid items-start gap-3 grid-cols-2">
        <Select label="Style" class="col-span-2" bind:value={styleId}>
          <option value="">choose a style</option>
          {#each briefs as s (s.id)}<option value={s.id}>{s.name}, {s.maker}</option>{/each}
        </Select>
        <Field
          label="Size"
          figures
          bind:value={size}
          placeholder={chosen ? `${sizeText(chosen, chosen.from)} to ${sizeText(chosen, chosen.to)}` : ''}
          error={errorOf('size')}
        />
        <Field label="Width" figures bind:value={width} placeholder={chosen?.widths.join(', ') ?? ''} error={errorOf('width')} />
        <Button type="submit" class="col-span-2" kind="primary" disabled={!chosen || size.trim() === ''}>Carry to the chair</Button>
      </div>
      {#if message}<Notice role="alert" class="mt-2" tone="caution">{message}</Notice>{/if}
    </form>
    <MyHand bind:hands />
  </div>
</div>

<style>
  .letter {
    display: grid;
    place-items: center;
    width: 40px;
    height: 40px;
    border: 2px solid var(--color-ink);
    border-radius: 9px;
    font-family: var(--font-serif);
    font-size: 1.3rem;
    font-weight: 600;
  }
</style>
