<script lang="ts">
  import { formatLength } from '@chiave/core/measure';
  import { PASTES, type PasteId } from '@chiave/core/pointe';
  import { smallLength } from '$lib/small-length';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Slider from '$lib/ui/kit/Slider.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import type { PointeBench } from './pointe-bench.svelte';

  /** What a special order would change of the shoe looked at, each drawn at once and told in one line. */
  let { bench }: { bench: PointeBench } = $props();
  const box = $derived(bench.here!.report.box);
  const mm = (n: number): string => formatLength(Math.round(n), shown.unit);
  const changed = $derived(Object.keys(bench.changes).length > 0);
  /** The shoe as it stands in the stockroom, for telling what the changes do. */
  const plain = $derived(bench.on(bench.shoe, bench.side, false)!.report);
  const now = $derived(bench.here!.report);
  const by = (a: number, b: number, unit: string): string => `${b - a >= 0 ? '+' : '−'}${Math.abs(b - a).toFixed(1)}${unit}`;
  const byMm = (a: number, b: number): string => `${b - a >= 0 ? '+' : '−'}${smallLength(Math.abs(b - a), shown.unit)}`;
  const told = $derived(
    [
      `sinks ${byMm(plain.inBox.hold.sinkMm, now.inBox.hold.sinkMm)}`,
      ...(plain.over && now.over
        ? [`over ${by(plain.over.toSpareDeg, now.over.toSpareDeg, '°')}`, `held ${by(plain.over.heldBackDeg, now.over.heldBackDeg, '°')}`]
        : []),
      `rolls ${by(plain.demiDeg, now.demiDeg, '°')}`,
      `fold ${byMm(plain.pinchMm, now.pinchMm)}`,
      `right ${by(100 * plain.probability, 100 * now.probability, ' in 100')}`
    ].join(', ')
  );
</script>

<div class="flex flex-wrap items-end gap-x-4 gap-y-2">
  <Slider class="w-36" label="Shank: {box.shank.nm.toFixed(0)} N m" low={2} high={24} step={0.5} value={box.shank.nm} oninput={(nm) => bench.change({ nm })} />
  <Slider
    class="w-36"
    label="Bends at: {Math.round(100 * box.shank.bend)} %"
    low={0.28}
    high={0.56}
    step={0.01}
    value={box.shank.bend}
    oninput={(bend) => bench.change({ bend })}
  />
  <Slider class="w-36" label="Vamp: {mm(box.vampMm)}" low={45} high={90} step={1} value={box.vampMm} oninput={(vampMm) => bench.change({ vampMm })} />
  <Slider
    class="w-36"
    label="Wings: {mm(box.wingMm)}"
    low={50}
    high={100}
    step={1}
    value={box.wingMm}
    oninput={(wingMm) => bench.change({ wingMm, wingOuterMm: box.wingOuterMm + wingMm - box.wingMm })}
  />
  <Slider
    class="w-36"
    label="Pouch: {mm(bench.dancer.pads.pouchMm ?? 0)}"
    low={0}
    high={6}
    step={0.5}
    value={bench.dancer.pads.pouchMm ?? 0}
    oninput={(pouchMm) => bench.ask({ pads: { ...bench.dancer.pads, pouch: bench.dancer.pads.pouch ?? 'fabric', pouchMm } })}
  />
  <Slider class="w-36" label="Danced: {bench.hours} h" low={0} high={30} step={0.5} value={bench.hours} oninput={(hours) => (bench.hours = hours)} />
  <Select label="Paste" class="w-32" options={PASTES} value={box.paste} onpick={(paste: PasteId) => bench.change({ paste })} />
  <Check bind:checked={bench.fillers}>fillers in</Check>
  {#if changed}<Button onclick={() => (bench.changes = {})}>As it stands in the stockroom</Button>{/if}
</div>
<p class="soft mt-1" aria-live="polite">
  {changed || bench.hours > 0 || bench.fillers
    ? `Against the shoe as it is stocked, new: ${told}.`
    : 'Drag: what a special order, wear or a filler changes is drawn at once and told here.'}
</p>
{#each bench.problems as p (p.field)}<Notice tone="caution" class="mt-1" role="alert">{p.words}</Notice>{/each}
