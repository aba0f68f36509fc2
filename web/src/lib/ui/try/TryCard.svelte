<script lang="ts">
  import { untrack } from 'svelte';
  import {
    clearanceAt,
    fitOnce,
    KIND,
    shoeOf,
    stillGoesIn,
    targetsFor,
    wornWith,
    ZONE,
    zoneSetFor,
    zoneState,
    type Style,
    type ZoneId,
    type ZoneState
  } from '@chiave/core/fit';
  import { formatSigned, SIDES, type Side } from '@chiave/core/measure';
  import { parseSize } from '@chiave/core/size';
  import { wordOf } from '$lib/drawing/tightness';
  import { wearOf, wornFeetOf } from '$lib/fit-feet';
  import { writePut } from '$lib/put-text';
  import type { TryRow } from '$lib/api/rows';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import FeltScale from './FeltScale.svelte';
  import { Keeper, send } from '$lib/send/save.svelte';
  import PutWords from '$lib/ui/fitting/PutWords.svelte';
  import SaveLine from '$lib/ui/fitting/SaveLine.svelte';
  import { VERDICT_WORDS } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** One pair at the chair: what the engine expects in each zone, and what was felt. */
  let { desk, row, style }: { desk: Desk; row: TryRow; style: Style | undefined } = $props();
  /** A kind of which nothing is known. */
  const PLAIN = { pullOn: false };
  const keeper = new Keeper(
    untrack(() => `/api/v1/tries/${row.id}`),
    'PATCH'
  );
  keeper.version = untrack(() => row.version);
  keeper.onsaved = () => (row.version = keeper.version ?? row.version);
  let message = $state('');

  const zones = $derived(
    zoneSetFor(style ? KIND[style.kind] : PLAIN)
      .inOrder.map(({ id }) => id)
      .filter((id) => ZONE[id].felt)
  );
  const expected = $derived.by(() => {
    const feet = wornFeetOf(desk.fitting);
    const size = parseSize(row.size);
    if (!style || size === null || feet.length < 2) return null;
    // Thirds are written as fractions: back onto the run's own step.
    const onRun = style.from + Math.round((size - style.from) / style.step) * style.step;
    const shoe = shoeOf(style, onRun, row.width);
    const wear = wearOf(desk.fitting);
    const targets = targetsFor(shoe, wear);
    if (!stillGoesIn(shoe, wear, row.put)) return null;
    return feet.map((foot) => {
      const worn = wornWith(shoe, wear, row.put[foot.foot.side]);
      return { side: foot.foot.side, zone: fitOnce(foot.dims, shoe, worn.wear, worn.aids).zone, targets };
    });
  });
  const expects = (side: Side, zone: ZoneId) => {
    const foot = expected?.find((s) => s.side === side);
    const mm = foot ? clearanceAt(foot.zone, foot.targets, zone) : NaN;
    return foot && !Number.isNaN(mm) ? { mm, state: zoneState(zone, mm, foot.targets) } : null;
  };

  function feel(side: Side, zone: ZoneId, state: ZoneState | undefined): void {
    const next = { ...row.felt[side] };
    if (state) next[zone] = state;
    else delete next[zone];
    row.felt[side] = next;
    keeper.later({ felt: $state.snapshot(row.felt) });
  }
  async function remove(): Promise<void> {
    const sent = await send(`/api/v1/tries/${row.id}`, 'DELETE');
    if (sent.ok) desk.removeTry(row.id);
    else message = sent.detail;
  }
</script>

<Sheet data-try={row.styleId}>
  <div class="flex flex-wrap items-baseline gap-x-3">
    <h2 class="mr-auto">
      {#if style}<a
          href="/fittings/{desk.fitting.id}/shoe/{style.id}?size={encodeURIComponent(row.size)}&width={encodeURIComponent(row.width)}&put={writePut(row.put)}"
          >{style.name}</a
        >{:else}{row.styleId}{/if}
      <span class="figures">{row.size} {row.width}</span>
      <span class="text-base font-normal"><PutWords put={row.put} /></span>
    </h2>
    <SaveLine keepers={[keeper]} ontheirs={(k) => desk.takeTheirs(k)} />
    <Button kind="text" onclick={remove}>Take off the list</Button>
  </div>
  <p class="soft">The engine said: {row.said || `${VERDICT_WORDS[row.verdict]}.`}</p>
  {#if message}<Notice role="alert" tone="caution">{message}</Notice>{/if}
  <div class="overflow-x-auto">
    <Table class="mt-1">
      <thead>
        <tr class="text-left">
          <th scope="col">Zone</th>
          {#each SIDES as side (side)}<th scope="col" class={side === 'left' ? 'side-L' : 'side-R'}>{side === 'left' ? 'L left' : 'R right'}: felt</th><th
              scope="col"
              class="soft px-2 text-sm font-normal">expected</th
            >{/each}
        </tr>
      </thead>
      <tbody>
        {#each zones as zone (zone)}
          <tr>
            <th scope="row" class="pr-3 text-left font-semibold">{ZONE[zone].name}</th>
            {#each SIDES as side (side)}
              {@const e = expects(side, zone)}
              <td class="py-0.5"
                ><FeltScale
                  name="{row.id}-{zone}-{side}"
                  label="{ZONE[zone].name}, {side} foot"
                  value={row.felt[side][zone] as ZoneState | undefined}
                  onchange={(state) => feel(side, zone, state)}
                /></td
              >
              <td class="px-2 text-sm whitespace-nowrap">
                {#if e}<span class="figures">{formatSigned(e.mm, shown.unit)}</span> <span class="soft">{wordOf(e.state)}</span>{/if}
              </td>
            {/each}
          </tr>
        {/each}
      </tbody>
    </Table>
  </div>
</Sheet>
