<script lang="ts">
  import { groundWord } from '$lib/drawing/ground-words';
  import SideSmall from '$lib/drawing/SideSmall.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import PersonFinder from '$lib/ui/people/PersonFinder.svelte';
  import type { PeoplePage } from '$lib/api/rows';
  import { alikeOf, GROUND, type Reach } from '@chiave/core/heel';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import { heelName, type Beside } from './beside.svelte';
  import type { HeelBench } from './heel-bench.svelte';

  /** Heels side by side, the most alike first, on both feet and on another's. */
  let { bench, beside, people, unit }: { bench: HeelBench; beside: Beside; people: PeoplePage; unit: LengthUnit } = $props();
  const heels = $derived(beside.heels(unit));
  const REACH: Readonly<Record<Reach, string>> = {
    comfortable: 'in comfort',
    'near-limit': 'near the limit',
    'out-of-reach': 'out of reach',
    unknown: 'reach?'
  };
  const figure = (mm: number): string => formatFigure(Math.round(mm), unit);
</script>

<Sheet class="mt-3" heading="Side by side, on both feet">
  <div class="mb-2 flex flex-wrap items-end gap-3 print:hidden">
    <Button onclick={() => beside.put()} disabled={beside.full}>{beside.full ? 'Four stand here' : 'Keep this heel beside the next'}</Button>
    <div class="w-56"><PersonFinder label="And on whose feet" first={people} chosen={beside.other.person} onchoose={(who) => beside.other.open(who)} /></div>
    <Button onclick={() => void beside.find()}>Alike in the stockroom</Button>
    {#if beside.kept.length === 0}<p class="soft text-sm">Keep one, then move the height or the shape: both stand here, the most alike first.</p>{/if}
  </div>
  {#if beside.message}<Notice class="mb-2" tone="caution" role="alert">{beside.message}</Notice>{/if}
  {#if beside.found}
    <ul class="mb-3 grid gap-1 print:hidden" aria-label="Alike in the stockroom">
      {#each beside.found as f (f.styleId)}
        <li class="flex flex-wrap items-baseline gap-x-3 border-b border-line py-1">
          <a href="/stock/styles/{f.styleId}" class="font-semibold">{f.name}</a>
          <span class="soft">{f.maker}</span>
          <span class="figures">{heelName(f.made, unit)}</span>
          <span class="soft">{alikeOf(f.apart).name}</span>
          <Button kind="text" class="ml-auto" disabled={beside.full} onclick={() => beside.put(f.made)} aria-label="stand it beside: {f.name}"
            >stand it beside</Button
          >
        </li>
      {:else}<li class="soft">The stockroom has no heel yet.</li>{/each}
    </ul>
  {/if}
  <Table aria-label="Heels side by side" data-beside>
    <thead>
      <tr class="border-b border-ink">
        <th scope="col" class="text-left">Heel</th>
        {#each beside.feet as f (f.key)}<th scope="col" class="text-left"
            ><SideMark side={f.side} /> <span class="figures">{formatFigure(f.foot.values.lengthMm.mm, unit)}</span>
            <span class="soft font-normal">{f.who}</span></th
          >{/each}
      </tr>
    </thead>
    <tbody>
      {#each heels as h (h.id)}
        <tr class="border-b border-line align-top">
          <th scope="row" class="w-52 py-1 text-left align-top font-normal">
            <div class="w-28"><SideSmall drawing={h.drawing} /></div>
            <b>{h.name}</b>
            {#if h.id === 0}<span class="soft block text-sm">looked at now</span>
            {:else}
              <span class="soft block text-sm">{alikeOf(h.apart).name}</span>
              <Button kind="text" onclick={() => beside.take(h.id)} aria-label="Take away {h.name}">take away</Button>
            {/if}
          </th>
          {#each h.on as { foot, report: r } (foot.key)}
            {@const ground = groundWord(r)}
            <td class="figures py-1 align-top leading-snug">
              <b class={r.reach === 'out-of-reach' || r.reach === 'near-limit' ? 'text-tight-word' : ''}>{REACH[r.reach]}</b>
              <span class="soft">ankle {r.ankleDemandDeg.centre.toFixed(0)}°{foot.reachDeg === null ? '' : ` of ${foot.reachDeg}°`}</span><br />
              {Math.round(100 * r.ballLoadShare.low)} to {Math.round(100 * r.ballLoadShare.high)} % on the ball<br />
              {#if r.slide}slides {figure(r.slide.lowMm)} to {figure(r.slide.highMm)} {unit}<br />{/if}
              taller by {figure(r.rise.lowMm)} to {figure(r.rise.highMm)}
              {unit}, steady to {r.stability.indexDeg.toFixed(1)}°<br />
              <span class={ground.well ? 'soft' : 'text-tight-word'}>on {GROUND[bench.ground].name}: {ground.words}</span>
            </td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
