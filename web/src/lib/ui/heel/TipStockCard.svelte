<script lang="ts">
  import { readTips, tipsText, type TipStock } from '$lib/api/tip-stock';
  import { send } from '$lib/send/save.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { capFit, matchTip, OVERHANGS, roundWidth, TIP_DUE, TIP_SECTION, tipDueWeeks, tipOf, WEARING_FLOORS, type WearingFloorId } from '@chiave/core/heel';
  import { formatFigure, type LengthUnit } from '@chiave/core/measure';
  import { untrack } from 'svelte';
  import type { HeelBench } from './heel-bench.svelte';

  /** Which stocked tip and cap this heel takes, and when the tip is due. */
  let { bench, stock, unit }: { bench: HeelBench; stock: TipStock; unit: LengthUnit } = $props();
  let drawer = $state.raw(untrack(() => stock));
  let typedTips = $state(untrack(() => tipsText(stock.tips)));
  let typedCaps = $state(untrack(() => stock.caps.join(' ')));
  let wrong = $state<{ tips?: string; caps?: string; kept?: string }>({});
  let boreMm = $state<number | null>(null);
  let floor = $state<WearingFloorId>('wood');
  let hours = $state<number>(TIP_DUE.hoursAWeek);

  const tip = $derived(tipOf(bench.stood.made, bench.poseFoot.lengthMm));
  const bore = $derived(boreMm ?? bench.pinBoreMm ?? undefined);
  const match = $derived(matchTip(roundWidth(tip), drawer.tips, bore));
  const weeks = $derived(tipDueWeeks(tip, bench.weightKg, floor, hours));
  const figure = (mm: number): string => formatFigure(mm, unit);
  const says = $derived(
    match
      ? `Take the ${figure(match.tip.diameterMm)} ${unit} tip: ${OVERHANGS.find((o) => o.id === match.overhang)!.name}${match.overhangMm > 0 ? `, ${figure(match.overhangMm)} ${unit} over on each side` : ''}.`
      : `No stocked tip is wide enough${bore === undefined ? '' : ` with a bore of ${figure(bore)}`}: order one of ${figure(roundWidth(tip))} ${unit}.`
  );
  const caps = $derived(drawer.caps.map((insideMm) => ({ insideMm, fit: capFit(tip, insideMm) })));

  async function keep(): Promise<void> {
    const tips = readTips(typedTips);
    const read = readTips(typedCaps);
    wrong = {
      ...(typeof tips === 'string' ? { tips: `“${tips}” is no width: write 8.5, or 8.5/3 with its bore` } : {}),
      ...(typeof read === 'string' ? { caps: `“${read}” is no width: write 8.5` } : {})
    };
    if (typeof tips === 'string' || typeof read === 'string') return;
    const next = { tips, caps: read.map((c) => c.diameterMm) };
    if (JSON.stringify(next) === JSON.stringify(drawer)) return;
    const sent = await send('/api/v1/settings/tips', 'PUT', next);
    if (sent.ok) drawer = next;
    else wrong = { kept: sent.errors[0]?.message ?? sent.detail };
  }
</script>

<Sheet class="mt-3" heading="Tips and caps in the drawer">
  <div class="grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
    <div>
      <p class="says !text-xl" aria-live="polite">{says}</p>
      {#if match?.told}<p>It will be seen: have the next smaller one in.</p>{/if}
      <p class="mt-1">
        Due in {Math.round(weeks)} weeks at {hours} hours a week{weeks >= TIP_DUE.mostWeeks ? ', at the latest whatever is left of it' : ''}; look at it for
        wear on one side before.
      </p>
      <div class="mt-2 flex flex-wrap items-end gap-2 print:hidden">
        <div class="w-36">
          <NumberField label="Pin bore" unit="mm" value={bore ?? null} low={1} high={6} step={0.5} placeholder="not taken" onchange={(v) => (boreMm = v)} />
        </div>
        <Select label="Floor" class="w-32" options={WEARING_FLOORS} value={floor} onpick={(id: WearingFloorId) => (floor = id)} />
        <div class="w-36"><NumberField label="A week" unit="h" value={hours} low={1} high={60} step={1} onchange={(v) => (hours = v ?? hours)} /></div>
      </div>
      <div class="mt-2 grid gap-2 md:grid-cols-2 print:hidden">
        <Field label="Tips stocked, mm across (bore after a stroke)" figures bind:value={typedTips} onblur={keep} error={wrong.tips} />
        <Field label="Caps stocked, mm inside" figures bind:value={typedCaps} onblur={keep} error={wrong.caps} />
      </div>
      {#if wrong.kept}<Notice class="mt-2" tone="caution" role="alert">Not kept: {wrong.kept}</Notice>{/if}
    </div>
    <div>
      <Table aria-label="How the stocked caps sit on this tip">
        <thead
          ><tr class="border-b border-ink text-left"
            ><th scope="col">Cap inside</th><th scope="col">on {TIP_SECTION[tip.section].name} {figure(roundWidth(tip))} {unit}</th></tr
          ></thead
        >
        <tbody>
          {#each caps as c (c.insideMm)}
            <tr class="border-b border-line"
              ><th scope="row" class="figures text-left font-normal">{figure(c.insideMm)} {unit}</th><td class={c.fit.holds ? 'font-semibold' : 'soft'}
                >{c.fit.name}</td
              ></tr
            >
          {:else}<tr><td colspan="2" class="soft">No caps are stocked.</td></tr>{/each}
        </tbody>
      </Table>
      <p class="soft mt-1 text-sm">Only one that is hard to push on stays on.</p>
    </div>
  </div>
</Sheet>
