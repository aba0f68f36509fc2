<script lang="ts">
  import {
    CURES,
    leftAfter,
    lifeLearned,
    POINTE_FLOORS,
    POINTE_LEVELS,
    POUCHES,
    seasonOf,
    SWEATS,
    YIELDS,
    type CureId,
    type PointeFloorId,
    type PointeLevelId,
    type PouchId,
    type SweatId,
    type YieldId
  } from '@chiave/core/pointe';
  import type { PointePairBody, PointePairRow } from '$lib/api/pointe-schema';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { send, type Sent } from '$lib/send/save.svelte';
  import { withFractions } from '$lib/size-fractions';
  import type { PointeBench } from './pointe-bench.svelte';
  import { shoeWords } from './words';

  /** What is asked of the dancer, how long this shoe lives with her, pairs for a season, and the pairs she wears. */
  let { bench }: { bench: PointeBench } = $props();
  const here = $derived(bench.here!);
  const life = $derived(bench.life!);
  const d = $derived(bench.dancer);
  const price = $derived(bench.rows[here.model.id]?.price ?? null);
  const pairs = $derived(bench.kept?.pairs ?? []);
  /** How long a pair of hers lives by its own shoe; none where its model is gone. */
  const lifeOfPair = (p: PointePairRow): number | null => bench.on(p.left, 'left', false)?.life.hours.centre ?? null;
  /** Satin worn through says nothing of box and shank. */
  const LIVED_OUT: readonly string[] = ['box', 'shank', 'twisted'];
  /** How long her pairs lived, over what their shoes were thought to. */
  const died = $derived(pairs.filter((p) => LIVED_OUT.includes(p.died)).flatMap((p) => (lifeOfPair(p) ? [p.hours / lifeOfPair(p)!] : [])));
  const times = $derived(lifeLearned(1, died));
  const { low, centre, high } = $derived(life.hours);
  const hers = $derived(times * centre);
  const season = $derived(seasonOf({ ...life, hours: { low: times * low, centre: hers, high: times * high } }, d.weeks, d.hoursAWeek, d.daysAWeek, price));
  const DEATHS = [
    { id: '', name: 'still worn' },
    { id: 'box', name: 'box soft' },
    { id: 'shank', name: 'shank soft' },
    { id: 'twisted', name: 'twisted' },
    { id: 'satin', name: 'satin worn' }
  ] as const;
  /** Padding by place. */
  const PADS = [
    { id: 'pouchMm', name: 'Thick', high: 8 },
    { id: 'spacersMm', name: 'Spacers', high: 15 },
    { id: 'bunionPadMm', name: 'Bunion pad', high: 10 },
    { id: 'tipMm', name: 'At the tips', high: 12 }
  ] as const;
  const pads = (over: Partial<typeof d.pads>): void => bench.ask({ pads: { ...d.pads, ...over } });
  let message = $state('');
  const [W, H, LEFT, TOP] = [440, 190, 40, 12];
  const most = $derived(Math.ceil(Math.max(10, 2.2 * Math.max(life.boxHours, life.shankHours)) / 5) * 5);
  const x = (h: number): number => LEFT + (h / most) * (W - LEFT - 74);
  const y = (left: number): number => TOP + (1 - left) * (H - TOP - 26);
  const curve = (hours: number): string =>
    `M${Array.from({ length: 41 }, (_, i) => (most * i) / 40)
      .map((h) => `${x(h).toFixed(1)} ${y(leftAfter(h, hours)).toFixed(1)}`)
      .join('L')}`;
  async function keep(body: Partial<PointePairBody>): Promise<void> {
    const sent: Sent<unknown> = await send(`/api/v1/customers/${bench.person!.id}/pointe/pairs`, 'POST', { left: bench.shoe, right: bench.shoe, ...body });
    message = sent.ok ? '' : sent.detail;
    await bench.reread();
  }
  const today = (): string => new Date().toISOString().slice(0, 10);
  const changed = $derived(Object.keys(bench.changes).length > 0);
  const leadDays = $derived(bench.stock.makers.find((m) => m.id === here.model.maker.id)?.leadDays ?? 0);
  const CHANGED: Readonly<Record<string, string>> = {
    vampMm: 'vamp',
    wingMm: 'inner wing',
    wingOuterMm: 'outer wing',
    bend: 'bends at',
    nm: 'shank',
    paste: 'paste'
  };
  const changesOf = (p: PointePairRow): string => Object.entries(p.changes).map(([id, value]) => `${CHANGED[id] ?? id} ${typeof value === 'number' ? Math.round(100 * value) / 100 : value}`).join(', '); // prettier-ignore
  const dueOn = (p: PointePairRow): string => {
    const lead = bench.stock.makers.find((m) => m.id === bench.models.find((k) => k.id === p.left.modelId)?.maker.id)?.leadDays ?? 0;
    return new Date(Date.parse(p.orderedOn) + lead * 86_400_000).toISOString().slice(0, 10);
  };
  const sizeOf = ({ size, mark }: PointePairRow['left']): string => `${withFractions(String(size))} ${mark}`;
  const nameOf = ({ left, right }: PointePairRow): string =>
    `${bench.models.find((m) => m.id === left.modelId)?.name ?? left.modelId} ${sizeOf(left)}${sizeOf(left) === sizeOf(right) ? '' : ` | ${sizeOf(right)}`}`;
  /** What is left of a pair's box, in its own life with her. */
  const leftOf = (p: PointePairRow): string => {
    const own = lifeOfPair(p);
    return own === null ? '–' : `${Math.round(100 * leftAfter(p.hours, times * own))} %`;
  };
</script>

<div class="grid gap-3 lg:grid-cols-2">
  <Sheet>
    <h2 class="says text-xl">
      {shoeWords(here)} lives about {hers.toFixed(0)} hours with her: {season.pairs.centre} pairs a season, {season.pairs.low} to {season.pairs.high}.
    </h2>
    <p class="soft">
      {season.cost
        ? `About ${season.cost.centre.toFixed(0)} at ${price} a pair, ${season.cost.low.toFixed(0)} to ${season.cost.high.toFixed(0)}. `
        : ''}{season.inTurn} in turn, so that each dries a day.{died.length > 0 ? ` Learned from ${died.length} of her pairs that died.` : ''}
    </p>
    <svg
      viewBox="0 0 {W} {H}"
      class="mt-2 w-full"
      role="img"
      aria-label="What is left of box and shank by hours danced: box half at {life.boxHours.toFixed(0)}, shank half at {life.shankHours.toFixed(0)}"
    >
      <path d="M{x(0)} {y(0.5)}H{x(most)}" stroke="var(--color-tight)" stroke-dasharray="5 4" />
      <text x={x(most) + 4} y={y(0.5) + 5} class="far">dead</text>
      {#each [0, most / 5, (2 * most) / 5, (3 * most) / 5, (4 * most) / 5, most] as h (h)}
        <path d="M{x(h)} {y(0)}v5" stroke="var(--color-edge)" /><text x={x(h)} y={H - 6} text-anchor="middle">{h}{h === most ? ' h' : ''}</text>
      {/each}
      <path d="M{x(0)} {y(1)}V{y(0)}H{x(most)}" fill="none" stroke="var(--color-edge)" />
      <path d={curve(0.6 * Math.min(life.boxHours, life.shankHours))} fill="none" stroke="var(--color-line)" stroke-width="2" />
      <path d={curve(1.6 * Math.min(life.boxHours, life.shankHours))} fill="none" stroke="var(--color-line)" stroke-width="2" />
      <path d={curve(life.boxHours)} fill="none" stroke="var(--color-brass)" stroke-width="2.4" />
      <path d={curve(life.shankHours)} fill="none" stroke="var(--color-ink)" stroke-width="2.4" stroke-dasharray="8 4" />
      <text x={x(most) + 4} y={y(leftAfter(most, life.boxHours)) + (life.boxHours < life.shankHours ? 12 : -4)} class="box">box</text>
      <text x={x(most) + 4} y={y(leftAfter(most, life.shankHours)) + (life.boxHours < life.shankHours ? -4 : 12)} class="shank">shank</text>
    </svg>
    <p class="soft text-sm">
      Students about 10 to 20 hours, professionals a performance to about 12 [practice]; curves are this project’s estimate, pale: low and high. Never dance a
      dead box.
    </p>
  </Sheet>
  <Sheet heading="The dancer">
    <div class="grid grid-cols-2 gap-2">
      <Select label="Level" options={POINTE_LEVELS} value={d.level} onpick={(level: PointeLevelId) => bench.ask({ level })} />
      <Select label="The forefoot in the hand" options={YIELDS} value={d.yields} onpick={(yields: YieldId) => bench.ask({ yields })} />
      <NumberField
        label="Weight, asked privately; may be left out"
        unit="kg"
        value={d.weightKg}
        low={15}
        high={150}
        step={1}
        onchange={(weightKg) => bench.ask({ weightKg })}
      />
      <Field label="Teacher’s word, on" type="date" value={d.teacherSaidOn} onchange={(e) => bench.ask({ teacherSaidOn: e.currentTarget.value })} />
      <NumberField
        label="On pointe a week"
        unit="h"
        value={d.hoursAWeek}
        low={0}
        high={60}
        step={0.5}
        onchange={(h) => h !== null && bench.ask({ hoursAWeek: h })}
      />
      <NumberField
        label="On days a week"
        unit="days"
        value={d.daysAWeek}
        low={0}
        high={7}
        step={1}
        onchange={(n) => n !== null && bench.ask({ daysAWeek: n })}
      />
      <NumberField label="Season" unit="weeks" value={d.weeks} low={1} high={52} step={1} onchange={(n) => n !== null && bench.ask({ weeks: n })} />
      <NumberField label="Rests between" unit="h" value={d.restHours} low={0} high={240} step={1} onchange={(n) => n !== null && bench.ask({ restHours: n })} />
      <Select label="Sweat" options={SWEATS} value={d.sweat} onpick={(sweat: SweatId) => bench.ask({ sweat })} />
      <Select label="Floor" options={POINTE_FLOORS} value={d.floor} onpick={(floor: PointeFloorId) => bench.ask({ floor })} />
      <Select label="In the box" options={CURES} value={d.cure} onpick={(cure: CureId) => bench.ask({ cure })} />
    </div>
    <h3 class="mt-3 mb-1 font-semibold">Worn in the shoe, mm as bought</h3>
    <div class="grid grid-cols-2 gap-2 md:grid-cols-5">
      <Select
        label="Pouch"
        empty="none"
        options={POUCHES}
        value={d.pads.pouch ?? ''}
        onchange={(e) => pads({ pouch: (e.currentTarget.value || undefined) as PouchId | undefined })}
      />
      {#each PADS as pad (pad.id)}
        <NumberField
          label={pad.name}
          unit="mm"
          value={d.pads[pad.id] ?? null}
          low={0}
          high={pad.high}
          step={0.5}
          onchange={(mm) => pads({ [pad.id]: mm ?? undefined })}
        />
      {/each}
    </div>
    <div class="mt-2 flex flex-wrap gap-2">
      <Check checked={d.hypermobile} onchange={(e) => bench.ask({ hypermobile: e.currentTarget.checked })}>hypermobile</Check>
      <Check checked={d.rolls} onchange={(e) => bench.ask({ rolls: e.currentTarget.checked })}>rolls to a side</Check>
      <Check checked={d.growing} onchange={(e) => bench.ask({ growing: e.currentTarget.checked })}>growing</Check>
      <Check checked={d.hurt} onchange={(e) => bench.ask({ hurt: e.currentTarget.checked })}>pain, numbness, black nail or injury</Check>
    </div>
    {#if bench.asked?.message}<Notice tone="caution" role="alert" class="mt-2">{bench.asked.message}</Notice>{/if}
  </Sheet>
</div>
<Sheet class="mt-3" heading="Her pairs">
  {#if bench.person === null}<p class="soft">Choose a dancer to keep pairs.</p>{:else}
    <Table>
      <caption class="sr-only">Pairs kept with the dancer</caption>
      <thead
        ><tr
          ><th scope="col">Pair</th><th scope="col">Begun</th><th scope="col">Danced</th><th scope="col">Left of the box</th><th scope="col">How it died</th><th
            scope="col">Note</th
          ></tr
        ></thead
      >
      <tbody>
        {#each pairs as p (p.id)}
          <tr>
            <th scope="row">{nameOf(p)}</th>
            <td>{p.begunOn || (p.orderedOn ? `ordered ${p.orderedOn}, due about ${dueOn(p)}` : '')}</td>
            <td
              ><NumberField
                label="Hours of {nameOf(p)}"
                hideLabel
                unit="h"
                value={p.hours}
                low={0}
                high={500}
                step={0.5}
                onchange={(hours) => hours !== null && bench.changePair(p.id, { hours })}
              /></td
            >
            <td class="figures">{leftOf(p)}</td>
            <td><Select label="How {nameOf(p)} died" hideLabel options={DEATHS} value={p.died} onpick={(id) => bench.changePair(p.id, { died: id })} /></td>
            <td>{[changesOf(p), p.note].filter(Boolean).join('; ')}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
    <Button class="mt-2" onclick={() => keep({ begunOn: today() })}>Begin a pair of {shoeWords(here)}</Button>
    {#if changed}<Button class="mt-2 ml-2" onclick={() => keep({ changes: bench.changes, orderedOn: today() })}
        >Order it as changed on the bench, about {leadDays} days</Button
      >
    {:else}<p class="soft mt-1 text-sm">Change the shoe on the bench first to order it so: a stock model plus its changes.</p>{/if}
    {#if message || bench.pairsSaid}<Notice tone="caution" role="alert" class="mt-2">{message || bench.pairsSaid}</Notice>{/if}
  {/if}
</Sheet>

<style>
  text {
    font-size: 13.5px;
    fill: var(--color-ink);
  }
  .far {
    fill: var(--color-tight-word);
    font-weight: 650;
  }
  .box {
    fill: var(--color-brass);
    font-weight: 650;
  }
  .shank {
    font-weight: 650;
  }
</style>
