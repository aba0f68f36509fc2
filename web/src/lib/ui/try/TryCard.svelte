<script lang="ts">
  import { onMount } from 'svelte';
  import { VERDICT_WORDS, ZONE } from '@chiave/core/fit';
  import { CHANNEL_OF, contradictionWords, type Contradiction, type LastStands } from '@chiave/core/learn';
  import { formatLength, formatSigned, SIDES, type Side } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { moreWord } from '$lib/learned-words';
  import { wordOf } from '$lib/drawing/tightness';
  import { writePut } from '$lib/put-text';
  import { send } from '$lib/send/save.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import SaveLine from '$lib/ui/fitting/SaveLine.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import type { Tried } from './tried.svelte';

  /** One pair at the chair: on which foot it is now, what the engine said, what was felt against what was expected. */
  let {
    desk,
    tried,
    on,
    onwear,
    apart = [],
    stands = []
  }: {
    desk: Desk;
    tried: Tried;
    on: Record<Side, boolean>;
    onwear: (side: Side) => void;
    apart?: readonly Contradiction[];
    stands?: readonly LastStands[];
  } = $props();
  /** Where this last stands off for this wearer by more than the doubt. */
  const off = $derived(stands.filter((s) => Math.abs(s.mm) > 1 && Math.abs(s.mm) > 1.3 * s.sdMm));
  const row = $derived(tried.row);
  onMount(() => tried.restore());
  let message = $state('');
  async function remove(): Promise<void> {
    const sent = await send(`/api/v1/tries/${row.id}`, 'DELETE');
    if (sent.ok) desk.removeTry(row.id);
    else message = sent.detail;
  }
</script>

<Sheet class="!py-3" data-try={row.styleId}>
  <div class="flex flex-wrap items-center gap-x-3 gap-y-1">
    <h2 class="mr-auto">
      {#if tried.style}<a
          href="/fittings/{desk.fitting.id}/shoe/{tried.style.id}?size={encodeURIComponent(row.size)}&width={encodeURIComponent(row.width)}&put={writePut(
            row.put
          )}">{tried.style.name}</a
        >{:else}{row.styleId}{/if}
      <span class="figures">{withFractions(row.size)} {row.width}</span>
      <span class="text-base font-normal"><PutWords put={row.put} /></span>
    </h2>
    {#each SIDES as side (side)}
      <Button class="px-3" pressed={on[side]} onclick={() => onwear(side)}
        >on&nbsp;<SideMark {side} /><span class="sr-only">{' '}foot: {tried.style?.name ?? row.styleId}</span></Button
      >
    {/each}
  </div>
  <p class="soft leading-snug">The engine said: {row.said || `${VERDICT_WORDS[row.verdict]}.`}</p>
  {#each apart as c (c.side + c.zone)}
    {@const said = contradictionWords(c, (mm) => formatLength(mm, shown.unit))}
    <Notice class="mt-2" tone="caution" role="status">
      <p class="font-semibold">{said.head}</p>
      <p>Likeliest: {said.reasons.join('; ')}.</p>
      <p><b>{said.check}</b></p>
    </Notice>
  {/each}
  {#each off as s (s.zone)}
    <p class="leading-snug" data-stands>
      For {desk.fitting.customer.name} this last is as if {formatLength(Math.abs(s.mm), shown.unit)}
      {moreWord(CHANNEL_OF[s.zone]!, s.mm)} than the stockroom says, give or take
      {formatLength(s.sdMm, shown.unit)} ({s.pairs === 1 ? 'one pair' : `${s.pairs} pairs`}): foot, liking and last together.
    </p>
  {/each}
  {#if tried.allFelt.length > 0}
    <ul class="mt-1 leading-snug">
      {#each tried.allFelt as { side, zone, state } (side + zone)}
        {@const expected = tried.expects(side, zone)}
        <li>
          <SideMark {side} />
          {ZONE[zone].name} <b>{wordOf(state)}</b>
          {#if expected}<span class="soft figures">· expected {formatSigned(expected.mm, shown.unit)} {shown.unit}, {wordOf(expected.state)}</span>{/if}
        </li>
      {/each}
    </ul>
  {/if}
  <div class="mt-1 flex flex-wrap items-center justify-between gap-3">
    <SaveLine keepers={[tried.keeper]} ontheirs={(k) => desk.takeTheirs(k)} />
    <Button kind="text" onclick={remove}>Take off the list</Button>
  </div>
  {#if message}<Notice role="alert" tone="caution">{message}</Notice>{/if}
</Sheet>
