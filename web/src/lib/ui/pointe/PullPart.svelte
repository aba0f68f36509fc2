<script lang="ts">
  import { ALIKE_PARTS, GRADE, POINTE_ZONE, WITHIN_MM, type AlikePartId, type AlikeShoe, type PointeFit, type PointePair } from '@chiave/core/pointe';
  import { proxy } from 'comlink';
  import { onDestroy } from 'svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Check from '$lib/ui/kit/Check.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Slider from '$lib/ui/kit/Slider.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { smallFigure, smallLength } from '$lib/small-length';
  import { onShelf } from '$lib/pointe-models';
  import { withFractions } from '$lib/size-fractions';
  import { pointeBeside } from '$lib/workers/pointe-client';
  import { said, type Beside } from '$lib/workers/remote';
  import type { PointeRanker } from '$lib/workers/pointe.worker';
  import type { PointeBench } from './pointe-bench.svelte';
  import { aboutTen, shoeWords, zoneWords } from './words';

  /** Every model, size, width and grade for this dancer, best first, and what is nearest to a shoe that is known. */
  let { bench }: { bench: PointeBench } = $props();
  let special = $state(false);
  let pairs = $state.raw<PointePair[]>([]);
  let tookMs = $state<number | null>(null);
  let failed = $state('');
  let alike = $state.raw<AlikeShoe[]>([]);
  let weights = $state<Partial<Record<AlikePartId, number>>>({});
  let whyNot = $state('');
  let beside: Beside<PointeRanker> | undefined;
  const worker = (): Beside<PointeRanker> => (beside ??= pointeBeside());
  onDestroy(() => beside?.close());

  $effect(() => {
    const ask = { models: bench.models, left: bench.pair.left, right: bench.pair.right, pads: bench.dancer.pads, special };
    tookMs = null;
    worker()
      .ask((w) =>
        w.rank(
          ask,
          proxy((now: PointePair[]) => void (pairs = now))
        )
      ) // prettier-ignore
      .then((end) => {
        if (end) [pairs, tookMs, failed] = [end.pairs, end.tookMs, ''];
      })
      .catch((error) => (failed = said(error)));
  });
  $effect(() => {
    const [models, shoe, own] = [bench.models, bench.shoe, { ...weights }];
    if (!shoe) return;
    void worker()
      .ask((w) => w.alike(models, shoe, own))
      .then((found) => (alike = found))
      .catch((error) => (failed = said(error)));
  });
  const label = (f: PointeFit): string => `${withFractions(String(f.size))} ${f.mark}`;
  const shelf = (p: PointePair): number => Math.min(...[p.left, p.right].map((f) => onShelf(bench.rows[p.model.id], f.size, f.mark, f.grade)));
  const asked = $derived(pairs.find((p) => p.model.id === whyNot));
  /** The best this model has, told zone by zone where it is not right. */
  const reasons = $derived.by(() => {
    if (!asked) return [];
    const shoe = bench.on(
      { modelId: asked.model.id, size: asked[bench.side].size, mark: asked[bench.side].mark, grade: asked[bench.side].grade },
      bench.side,
      false
    );
    return shoe?.report.zones.filter((z) => z.state !== 'right').sort((a, b) => a.chance - b.chance) ?? [];
  });
</script>

<Sheet>
  <div class="flex flex-wrap items-center gap-x-4 gap-y-2">
    <p class="mr-auto">
      <b class="font-serif text-xl font-semibold">{pairs.length} models{tookMs === null ? '…' : ''}</b>
      <span class="soft"
        >both feet, every size and width near them{tookMs === null ? '' : `, in ${tookMs < 100 ? 'less than 0.1' : (tookMs / 1000).toFixed(1)} s`}</span
      >
    </p>
    <Check bind:checked={special}>any shank, to order</Check>
    <Select
      label="Why not this one"
      hideLabel
      class="w-56"
      empty="Why not …"
      options={bench.models.map((m) => ({ id: m.id, name: m.name }))}
      value={whyNot}
      onchange={(e) => (whyNot = e.currentTarget.value)}
    />
  </div>
  {#if failed}<Notice tone="caution" role="alert">{failed}</Notice>{/if}
  {#if asked}
    <Notice class="mt-2"
      ><b>{asked.model.name}</b>, at its best {label(asked[bench.side])}, {GRADE[asked[bench.side].grade].name}: {aboutTen(asked.probability)}. {reasons.length ===
      0
        ? 'Nothing speaks against it by itself.'
        : reasons.map(zoneWords).join('; ')}.</Notice
    >
  {:else if whyNot}
    <Notice class="mt-2">No size of it comes within {smallLength(WITHIN_MM, shown.unit)} of these feet.</Notice>
  {/if}
  <Table class="mt-2">
    <caption class="sr-only">Pairs, best first</caption>
    <thead
      ><tr
        ><th scope="col">Model</th><th scope="col">L</th><th scope="col">R</th><th scope="col">Shank</th><th scope="col">Right for both</th><th scope="col"
          >Sinks L, R, {shown.unit}</th
        ><th scope="col">Over, held</th><th scope="col">Decided by</th><th scope="col">Shelf</th><th></th></tr
      ></thead
    >
    <tbody>
      {#each pairs as p (p.model.id)}
        <tr data-pointe={p.model.id}>
          <th scope="row"><b>{p.model.name}</b> <span class="soft font-normal">{p.model.maker.name}</span></th>
          <td class="figures">{label(p.left)}</td>
          <td class="figures"
            >{label(p.right)}{#if p.split}<br /><span class="text-sm">split pair, to order</span>{/if}</td
          >
          <td>{GRADE[p.left.grade].name}{p.right.grade === p.left.grade ? '' : `, R ${GRADE[p.right.grade].name}`}</td>
          <td>{aboutTen(p.probability)}</td>
          <td class="figures">{smallFigure(p.left.sinkMm, shown.unit)}, {smallFigure(p.right.sinkMm, shown.unit)}</td>
          <td class="figures">{p.left.toSpareDeg === null ? '–' : `${Math.round(p.left.toSpareDeg)}°, ${Math.round(p.left.heldBackDeg!)}°`}</td>
          <td>{POINTE_ZONE[p.left.probability <= p.right.probability ? p.left.decidedBy : p.right.decidedBy].name}</td>
          <td class="figures">{shelf(p) || '–'}</td>
          <td
            ><Button
              onclick={() => bench.look({ modelId: p.model.id, size: p[bench.side].size, mark: p[bench.side].mark, grade: p[bench.side].grade })}
              aria-label="Look at {p.model.name} {label(p[bench.side])}">Look</Button
            ></td
          >
        </tr>
      {/each}
    </tbody>
  </Table>
  {#if tookMs !== null && pairs.length === 0}<Notice class="mt-2"
      >No maker’s run comes within {smallLength(WITHIN_MM, shown.unit)} of these feet. Measure the length again, or ask a maker for a size of its own.</Notice
    >{/if}
  {#if bench.heldBack}<p class="soft mt-2">Sums only: nothing in this list is a recommendation while the cautions above stand.</p>{/if}
</Sheet>
{#if bench.here}
  <Sheet class="mt-3" heading="Nearest to {shoeWords(bench.here)} in other makers’ models">
    <Table>
      <caption class="sr-only">Alike shoes, nearest first</caption>
      <thead
        ><tr
          ><th scope="col">Model</th><th scope="col">Size</th><th scope="col">Shank</th><th scope="col">Felt steps apart</th><th scope="col"
            >What sets it apart most</th
          ><th></th></tr
        ></thead
      >
      <tbody>
        {#each alike as a (a.model.id)}
          <tr>
            <th scope="row"><b>{a.model.name}</b> <span class="soft font-normal">{a.model.maker.name}</span></th>
            <td class="figures">{withFractions(String(a.size))} {a.mark}</td>
            <td>{GRADE[a.grade].name}</td>
            <td class="figures">{a.steps.toFixed(2)}</td>
            <td
              >{a.parts
                .slice(0, 3)
                .filter((x) => x.share > 0.08)
                .map((x) => `${ALIKE_PARTS.find((d) => d.id === x.part)!.name} ${Math.round(100 * x.share)} %${x.filled ? ' (filled in)' : ''}`)
                .join(', ')}</td
            >
            <td
              ><Button onclick={() => bench.look({ modelId: a.model.id, size: a.size, mark: a.mark, grade: a.grade })} aria-label="Look at {a.model.name}"
                >Look</Button
              ></td
            >
          </tr>
        {/each}
      </tbody>
    </Table>
    <details class="mt-2">
      <summary class="min-h-11 font-semibold">Weights of the parts</summary>
      <div class="flex flex-wrap gap-x-4 gap-y-2">
        {#each ALIKE_PARTS as part (part.id)}
          <Slider
            class="w-40"
            label="{part.name}: {(weights[part.id] ?? part.weight).toFixed(1)}"
            low={0}
            high={6}
            step={0.5}
            value={weights[part.id] ?? part.weight}
            oninput={(w) => (weights[part.id] = w)}
          />
        {/each}
      </div>
    </details>
  </Sheet>
{/if}
