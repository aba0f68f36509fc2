<script lang="ts">
  import { sizeText, type Style } from '@chiave/core/fit';
  import { formatLength, SIDES } from '@chiave/core/measure';
  import {
    ELASTICS,
    SEWING,
    SLIPPER_FITS,
    SLIPPER_FLOORS,
    SLIPPER_MATERIAL,
    SLIPPER_MATERIALS,
    SLIPPER_SOLES,
    slipperFor,
    slipperLengths,
    slipperOn,
    slippersFor,
    type SewingId,
    type SlipperFloorId,
    type SlipperMaterialId
  } from '@chiave/core/pointe';
  import Check from '$lib/ui/kit/Check.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { withFractions } from '$lib/size-fractions';
  import { smallLength } from '$lib/small-length';
  import { capital } from '$lib/capital';
  import type { PointeBench } from './pointe-bench.svelte';

  /** Ballet slippers for these feet: material by floor and sweat, how close they lie, what is left to sew. */
  let { bench, styles }: { bench: PointeBench; styles: readonly Style[] } = $props();
  let floor = $state<SlipperFloorId>('vinyl');
  let chosen = $state<SlipperMaterialId | null>(null);
  let sole = $state<'full' | 'split'>('full');
  let elastic = $state<'single' | 'crossed'>('crossed');
  let inside = $state<number | null>(null);
  const advice = $derived(slipperFor(floor, bench.dancer.sweat !== 'none'));
  const material = $derived(chosen ?? advice.material);
  const feet = $derived(SIDES.map((side) => ({ side, mm: bench.pair[side].foot.values.lengthMm.mm })));
  const shelved = $derived(
    slippersFor(
      styles,
      feet.map((f) => f.mm),
      material
    )
  );
  const lengths = $derived(feet.map(({ mm }) => slipperLengths(mm, material)));
  /** One size for both: lies close on the longer, and on the shorter if the two do not differ by too much. */
  const both = $derived({ low: Math.max(...lengths.map((l) => l.low)), high: Math.min(...lengths.map((l) => l.high)) });
  const mm = (n: number): string => formatLength(Math.round(n), shown.unit);
  const done = $derived(bench.dancer.sewn);
  const left = $derived(SEWING.filter((s) => !done.includes(s.id)).length);
  const tick = (id: SewingId, on: boolean): void => bench.ask({ sewn: on ? [...done, id] : done.filter((d) => d !== id) });
</script>

<div class="grid gap-3 lg:grid-cols-2">
  <Sheet>
    <h2 class="says text-xl">
      {capital(SLIPPER_MATERIAL[advice.material].name)} on {SLIPPER_FLOORS.find((f) => f.id === floor)!.name}: it {advice.reasons.join(' and ')}. Inside {both.low <=
      both.high
        ? `${mm(both.low)} to ${mm(both.high)}`
        : 'a size each: one does not lie close on both feet'}.
    </h2>
    {#if advice.but}<p class="soft">{capital(advice.but)}.</p>{/if}
    <div class="mt-3 grid gap-3">
      <Choice name="slipper-floor" legend="Danced on" options={SLIPPER_FLOORS} bind:value={floor} />
      <Choice name="slipper-material" legend="Material" options={SLIPPER_MATERIALS} value={material} onchange={(id: SlipperMaterialId) => (chosen = id)} />
      <Choice name="slipper-sole" legend="Sole (schools differ: ask the teacher)" options={SLIPPER_SOLES} bind:value={sole} />
      <Choice name="slipper-elastic" legend="Elastics" options={ELASTICS} bind:value={elastic} />
      <p class="soft">{capital(SLIPPER_SOLES.find((s) => s.id === sole)!.words)}. {capital(ELASTICS.find((e) => e.id === elastic)!.words)}.</p>
    </div>
  </Sheet>
  <div>
    <Sheet heading="A slipper on these feet">
      <div class="w-48">
        <NumberField
          label="Inside length, new"
          unit="mm"
          value={inside}
          low={120}
          high={320}
          step={1}
          onchange={(n) => (inside = n)}
          placeholder={String(Math.round(both.low + 1))}
        />
      </div>
      <ul class="mt-2 grid gap-1">
        {#each feet as { side, mm: length }, i (side)}
          <li class="flex items-baseline gap-2">
            <SideMark {side} /> <span class="figures">{mm(length)}</span>
            {#if inside === null}
              lies close in {mm(lengths[i].low)} to {mm(lengths[i].high)}
            {:else}
              {@const on = slipperOn(length, inside, material)}
              <b class={on.fit === 'right' ? '' : 'text-tight-word'}>{SLIPPER_FITS.find((f) => f.id === on.fit)!.name}</b>
              <span class="soft figures">{smallLength(on.roomMm, shown.unit)} of room when it has given</span>
            {/if}
          </li>
        {/each}
      </ul>
    </Sheet>
    {#if shelved.length > 0}
      <Sheet class="mt-3" heading="From the shelf">
        <ul class="grid gap-1">
          {#each shelved as s (s.style.id)}
            <li class="flex flex-wrap items-baseline gap-x-2">
              <a href="/stock/styles/{s.style.id}"><b>{s.style.name} {withFractions(sizeText(s.style, s.size))}</b></a>
              <span class="soft">{SLIPPER_MATERIAL[s.material].name}, inside {mm(s.insideMm)}</span>
              <span class={s.offMm === 0 ? '' : 'font-semibold text-tight-word'}
                >{s.offMm === 0 ? 'lies close on both' : `${smallLength(s.offMm, shown.unit)} from lying close on both`}</span
              >
              <span class="ml-auto">{s.count === 0 ? 'none on the shelf' : `${s.count} on the shelf`}</span>
            </li>
          {/each}
        </ul>
      </Sheet>
    {/if}
    <Sheet class="mt-3" heading={left === 0 ? 'Nothing left to sew' : `Left to sew: ${left} of ${SEWING.length}`}>
      <ul class="grid gap-1.5">
        {#each SEWING as s (s.id)}<li><Check checked={done.includes(s.id)} onchange={(e) => tick(s.id, e.currentTarget.checked)}>{s.name}</Check></li>{/each}
      </ul>
    </Sheet>
  </div>
</div>
