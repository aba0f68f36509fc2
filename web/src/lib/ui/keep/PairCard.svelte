<script lang="ts">
  import { KIND, type Style } from '@chiave/core/fit';
  import { LIFE_EVENT, PAIR_STATES, PAIR_USE, usesOf } from '@chiave/core/keep';
  import type { DueRow, NowRow, PairRow } from '$lib/api/keep-schema';
  import type { FittingRow } from '$lib/api/rows';
  import { capital } from '$lib/capital';
  import SmallPair from '$lib/drawing/SmallPair.svelte';
  import { wordOf } from '$lib/drawing/tightness';
  import LifeLine from '$lib/drawing/keep/LifeLine.svelte';
  import { amountWords, leftWords, lifeWords, shortDay, tapOf } from '$lib/keep-words';
  import { withFractions } from '$lib/size-fractions';
  import { smallLength } from '$lib/small-length';
  import { smallTried } from '$lib/ui/try/lay-tried';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import DueLine from './DueLine.svelte';
  import NoteForm from './NoteForm.svelte';
  import PairForm from './PairForm.svelte';
  import type { PersonKeep } from './person-keep.svelte';

  /** One pair: what it is like on today's feet, what it has done and has left, one tap for today's wear, and what is due of it. */
  // prettier-ignore
  let { keep, pair, now, due, today, fitting, style, styles }: {
    keep: PersonKeep; pair: PairRow; now: NowRow | undefined; due: readonly DueRow[]; today: string; fitting: FittingRow | null; style: Style | undefined;
    styles: Parameters<typeof PairForm>[1]['styles'];
  } = $props();
  let isOpen = $state<'' | 'note' | 'line' | 'change'>('');
  const toggle = (what: typeof isOpen) => (isOpen = isOpen === what ? '' : what);
  const tap = $derived(tapOf(pair));
  const tapWords = $derived(amountWords(tap.amount, tap.unit));
  const isOwned = $derived(pair.state === 'owned');
  const drawn = $derived(fitting && isOwned ? smallTried(fitting, pair.body, style, pair.worn.hours) : null);
  const cost = $derived(pair.cost.overLife);
  const quiet = $derived(due.filter((d) => d.quiet));
  const loud = $derived(due.filter((d) => !d.quiet));
  const stateName = $derived(PAIR_STATES.find((s) => s.id === pair.state)?.name ?? pair.state);
  const round = (n: number): string => (n < 10 ? n.toFixed(1) : String(Math.round(n)));
</script>

<Sheet class="grid content-start gap-2" data-pair={pair.body.name}>
  <div class="flex flex-wrap items-start gap-4">
    <div class="w-36 shrink-0">
      {#if drawn}<SmallPair feet={drawn} />
      {:else if pair.body.photo}<img src={pair.body.photo} alt={pair.body.name} class="w-full rounded" />
      {:else}<svg viewBox="0 0 132 90" class="w-full" aria-hidden="true"
          ><path
            d="M22 80 C14 50 20 14 40 10 C58 14 60 52 54 80 Z M78 80 C72 52 74 14 92 10 C112 14 118 50 110 80 Z"
            fill="none"
            stroke="var(--color-edge)"
            stroke-width="1.6"
            stroke-dasharray="2 4"
          /></svg
        >{/if}
    </div>
    <div class="min-w-0 flex-1 basis-72">
      <h2 class="leading-tight">
        {pair.body.name} <span class="figures">{withFractions(pair.body.size)} {pair.body.width}</span>
        {#if !isOwned}<span class="soft text-base font-normal">· {stateName}</span>{/if}
      </h2>
      <p class="soft leading-snug">
        {KIND[pair.body.kind].name}{pair.body.colour ? `, ${pair.body.colour}` : ''}{pair.body.maker ? ` · ${pair.body.maker}` : ''} · for {usesOf(pair.body)
          .map((u) => PAIR_USE[u].name)
          .join(', ')}
      </p>
      {#if now}
        <p class="mt-1">
          <b>{capital(now.words.split(':')[0])} on today’s feet.</b>
          {#if now.outgrown}<b class="text-tight-word">{now.outgrown === 'outgrown' ? 'Outgrown.' : 'Nearly outgrown.'}</b>{/if}
          {#if now.worst}Worst: <SideMark side={now.worst.side} />
            {now.worst.name}
            {wordOf(now.worst.state as never)}, {smallLength(now.worst.clearanceMm, shown.unit)}.{/if}
          {#if now.best}Best: <SideMark side={now.best.side} /> {now.best.name}.{/if}
          {#if now.grownMm >= 0.5}<span class="soft">Its girth has grown by about {smallLength(now.grownMm, shown.unit)}.</span>{/if}
        </p>
      {:else if isOwned}<p class="soft mt-1">
          {pair.body.styleId ? 'Measure the feet to see what it is like now.' : 'Known by its label: what it is like on the feet, the fitter tells.'}
        </p>{/if}
      <p class="soft">
        {isOwned ? `${capital(leftWords(pair))}. ` : ''}{#if pair.cost.spent !== null}{round(pair.cost.spent)} spent{pair.cost.repairs > 0
            ? `, ${round(pair.cost.repairs)} of it on repairs`
            : ''}{#if cost}: {round(cost.perHour.low)} to {round(cost.perHour.high)} an hour{cost.perWear
              ? `, ${round(cost.perWear.low)} to ${round(cost.perWear.high)} a wear`
              : ''} over its life{/if}.{/if}
        {pair.body.story || pair.why}
      </p>
    </div>
  </div>
  {#if pair.state !== 'ordered'}<LifeLine {pair} {today} />{/if}
  {#if loud.length > 0}<ul class="border-t border-line">
      {#each loud as item (`${item.rule} ${item.subject}`)}<DueLine {item} {today} busy={keep.busy} onanswer={keep.answer} />{/each}
    </ul>{/if}
  {#each quiet as item (item.rule)}<p class="soft">{capital(item.title)}: {item.action}.</p>{/each}
  <div class="flex flex-wrap gap-2">
    {#if isOwned}<Button
        disabled={keep.busy}
        onclick={() => keep.note(pair, { on: today, what: 'worn', amount: tap.amount, unit: tap.unit }, tapWords)}
        aria-label="Worn today: {tapWords}, {pair.body.name}">Worn today: {tapWords}</Button
      >{/if}
    <Button pressed={isOpen === 'note'} onclick={() => toggle('note')} aria-label="Note more on {pair.body.name}">Note more</Button>
    <Button pressed={isOpen === 'line'} onclick={() => toggle('line')} aria-label="Line, {pair.life.length}, of {pair.body.name}"
      >Line, {pair.life.length}</Button
    >
    <Button pressed={isOpen === 'change'} onclick={() => toggle('change')} aria-label="Change {pair.body.name}">Change</Button>
    <Button kind="text" href="/people/{pair.customerId}/care/{pair.id}" aria-label="Care card of {pair.body.name}">Care card</Button>
  </div>
  {#if isOpen === 'note'}<NoteForm {keep} {pair} {today} />{/if}
  {#if isOpen === 'line'}
    <ul class="border-t border-line">
      {#each pair.life as e (e.id)}
        <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1 last:border-0">
          <span class="figures w-20 whitespace-nowrap">{shortDay(e.on)}</span><span class="mr-auto">{capital(lifeWords(e))}</span><span class="soft"
            >{e.by}</span
          >
          <Button kind="text" disabled={keep.busy} onclick={() => keep.takeBack(e.id)} aria-label="Take away: {shortDay(e.on)} {LIFE_EVENT[e.what].name}"
            >take away</Button
          >
        </li>
      {:else}<li class="soft py-2">Nothing noted yet.</li>{/each}
    </ul>
  {/if}
  {#if isOpen === 'change'}
    <PairForm {keep} {pair} {today} {styles} onkept={() => (isOpen = '')} />
    <p>
      <Button kind="text" onclick={() => keep.removePair(pair.id)} aria-label="Never theirs: take {pair.body.name} away"
        >never theirs: take the pair away</Button
      >
    </p>
  {/if}
</Sheet>
