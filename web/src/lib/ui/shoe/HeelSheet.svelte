<script lang="ts">
  import { capital } from '$lib/capital';
  import FootOnHeel from '$lib/drawing/FootOnHeel.svelte';
  import ReachBar from '$lib/drawing/ReachBar.svelte';
  import { heelOnGround, USUAL_KG } from '$lib/heel-on-ground';
  import { slides } from '$lib/range-words';
  import { REACH_WORDS } from '$lib/ui/fitting/names';
  import { otherTips } from '$lib/other-tips';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import {
    hardlySlides,
    heelMadeOf,
    heldBack,
    poseFootOf,
    type FootFit,
    type PairPutIn,
    type PutIn,
    type Shoe,
    type Wear,
    type WornFoot
  } from '@chiave/core/fit';
  import { comfortShare, dropForDemand, GROUND, REACH_SCHOOLS, REACHES, type GroundId, type Slide } from '@chiave/core/heel';
  import { formatFigure, formatLength, SIDE_LETTER, type Side } from '@chiave/core/measure';

  /** Both feet from the side on this heel: how far the ankle has to point, what runs forward, what holds it back. */
  // prettier-ignore
  let { feet, fits, shoe, wear, put, ground, weightKg, onput, benchHref }: {
    feet: readonly WornFoot[]; fits: readonly FootFit[]; shoe: Shoe; wear: Wear;
    /** What it is worn on, blank where that was not asked; what the wearer weighs, if it is known. */
    ground: GroundId | ''; weightKg: number | null;
    put: PairPutIn; onput: (put: PairPutIn) => void; benchHref: string;
  } = $props();
  const SCHOOL = 'middle';
  const unit = $derived(shown.unit);
  const sides = $derived(
    feet.flatMap((worn) => {
      const heel = fits.find((x) => x.side === worn.foot.side)?.heel;
      return heel ? [{ worn, foot: worn.foot, side: worn.foot.side, heel }] : [];
    })
  );
  /** The foot that the heel asks most of is looked at first. */
  const worst = $derived(sides.toSorted((a, b) => REACHES.indexOf(b.heel.reach) - REACHES.indexOf(a.heel.reach))[0]?.side);
  let picked = $state<Side | null>(null);
  const side = $derived(picked ?? worst);
  const seen = $derived(sides.find((s) => s.side === side));

  const comfortOf = (reachDeg: number | null): number | null => (reachDeg === null ? null : reachDeg * comfortShare(SCHOOL));
  /** Up to which heel this foot would stand so, in whole millimetres of the shoe. */
  const heelFor = (demandDeg: number): string => formatLength(5 * Math.floor((dropForDemand(poseFootOf(seen!.foot), demandDeg) + shoe.platformMm) / 5), unit);
  const says = $derived.by((): string => {
    if (!seen) return '';
    const { ankleReachDeg: reach } = seen.foot;
    if (reach === null) return `${capital(REACH_WORDS.unknown)}.`;
    const [comfort, most] = [heelFor(comfortOf(reach)!), heelFor(reach)];
    const where = { comfortable: `From about ${comfort} up it is not`, 'near-limit': `In comfort to about ${comfort}, at all to about ${most}`, 'out-of-reach': `At all to about ${most}`, unknown: '' }[seen.heel.reach]; // prettier-ignore
    return `${capital(REACH_WORDS[seen.heel.reach])}. ${where}.`;
  });
  type Seen = (typeof sides)[number];
  const anySlides = $derived(sides.some((s) => slides(s.heel.slide, unit)));
  const rows = $derived<{ name: string; of: (s: Seen) => Slide }[]>([
    ...(anySlides ? [{ name: 'Slides forward', of: (s: Seen) => s.heel.slide }] : []),
    { name: anySlides ? 'Toe room after it' : 'Toe room on the heel', of: (s: Seen) => s.heel.toeRoomAfter },
    ...(anySlides ? [{ name: 'Gap opens at the heel', of: (s: Seen) => s.heel.heelGap }] : [])
  ]);
  const between = ({ lowMm, highMm }: Slide): string => `${formatFigure(lowMm, unit)} to ${formatFigure(highMm, unit)}`;
  const held = $derived(seen ? heldBack(seen.worn, shoe, wear, put[seen.side]) : []);
  const left = (slide: Slide): string => (hardlySlides(slide) ? 'hardly slides' : `slides ${formatLength(slide.centreMm, unit)}`);
  const standing = $derived.by(() => {
    if (!seen || ground === '') return [];
    return otherTips(heelMadeOf(shoe).heel, undefined, unit).flatMap(({ name, made }) => {
      const on = heelOnGround(seen.foot, shoe, ground, weightKg, made);
      return on ? [{ name, ...on }] : [];
    });
  });
  const putIn = (help: PutIn): void => onput({ ...put, [side]: [help] });
</script>

{#if seen}
  <div class="grid gap-3 lg:grid-cols-[minmax(0,790fr)_minmax(0,446fr)]">
    <Sheet class="relative self-start !p-2" aria-label="From the side, on this heel">
      <div class="absolute top-3 left-3 flex gap-2" role="group" aria-label="Which foot is drawn">
        {#each sides as s (s.side)}
          <Button pressed={s.side === side} onclick={() => (picked = s.side)}
            ><span class="inline-flex items-center gap-2"><SideMark side={s.side} /><span>inner side</span></span></Button
          >
        {/each}
      </div>
      <FootOnHeel foot={seen.foot} {shoe} heel={seen.heel} {unit} />
    </Sheet>
    <div class="grid min-w-0 content-start gap-3">
      <Sheet aria-label="What this heel asks">
        <p class="says mb-2">{says}{anySlides ? '' : ' Neither foot runs forward.'}</p>
        <div class="grid gap-x-4 md:grid-cols-2 lg:grid-cols-1">
          {#each sides as s (s.side)}
            <div class="max-w-md">
              <ReachBar side={s.side} reachDeg={s.foot.ankleReachDeg} comfortDeg={comfortOf(s.foot.ankleReachDeg)} asksDeg={s.heel.ankleDemandDeg} />
            </div>
          {/each}
        </div>
        <Table class="mt-1" aria-label="On either foot">
          <thead class="sr-only"
            ><tr
              ><th scope="col">What</th>{#each sides as s (s.side)}<th scope="col">{s.side}</th>{/each}</tr
            ></thead
          >
          <tbody>
            {#each rows as row (row.name)}
              <tr class="border-t border-line">
                <th scope="row" class="py-1 text-left font-normal">{row.name}</th>
                {#each sides as s (s.side)}
                  {@const r = row.of(s)}
                  <td class="figures py-1 pl-2 text-right"
                    ><SideMark side={s.side} /> <b>{formatLength(r.centreMm, unit)}</b>
                    <span class="soft block text-sm">{between(r)}</span></td
                  >
                {/each}
              </tr>
            {/each}
          </tbody>
        </Table>
      </Sheet>
      {#if held.length > 0}
        <Sheet heading="What holds the foot back">
          <ul class="grid gap-2" data-held-back>
            {#each held as h, i (i)}
              <li class="flex min-h-11 items-center justify-between gap-2 rounded-lg border border-edge px-3 py-1">
                <span
                  >{#if h.by === 'help'}{capital(h.name)}{:else if h.by === 'ankle-strap'}The same with an ankle strap{:else}A heel of {formatLength(
                      h.heelHeightMm,
                      unit
                    )}{/if}</span
                >
                <span class="figures flex items-center gap-2 text-right font-semibold text-brass"
                  >{left(h.slide)}{#if h.by === 'help'}<Button
                      class="min-w-14 px-2"
                      aria-label="in {SIDE_LETTER[side!]}: {h.name}"
                      onclick={() => h.by === 'help' && putIn(h.help)}>in <SideMark side={side!} /></Button
                    >{/if}</span
                >
              </li>
            {/each}
          </ul>
        </Sheet>
      {/if}
      {#if ground !== '' && standing.length > 0}
        <Sheet heading="On {GROUND[ground].name}" data-on-ground>
          <Table aria-label="How this heel and others in its place stand there">
            <thead
              ><tr><th scope="col" class="text-left">Heel</th><th scope="col" class="text-left">there</th><th scope="col" class="text-right">steady to</th></tr
              ></thead
            >
            <tbody>
              {#each standing as s (s.name)}
                <tr class="border-t border-line">
                  <th scope="row" class="py-1 text-left font-normal">{s.name}</th>
                  <td class="figures py-1"
                    ><b class={s.well ? '' : 'text-tight-word'}>{s.words}</b>{#if s.sinkMm}<span class="soft block text-sm"
                        >{formatFigure(s.sinkMm.low, unit)} to {formatFigure(s.sinkMm.high, unit)} {unit} deep</span
                      >{/if}</td
                  >
                  <td class="figures py-1 text-right">{s.steadyDeg.toFixed(1)}°</td>
                </tr>
              {/each}
            </tbody>
          </Table>
          <p class="soft mt-1 text-sm">
            In a step of {weightKg ?? `${USUAL_KG}`} kg{weightKg === null ? ', taken for lack of a weight' : ''}. Ground is a strength with a spread; degrees
            compare shoes and are no safety limit.
          </p>
        </Sheet>
      {/if}
      <p class="soft text-sm">
        Comfort is taken as {Math.round(100 * comfortShare(SCHOOL))} % of the measured reach; schools say {Math.round(100 * comfortShare(REACH_SCHOOLS[0].id))} to
        {Math.round(100 * comfortShare(REACH_SCHOOLS.at(-1)!.id))} % by how used the ankle is, others go by the relaxed drop: both are on the heel bench.
        <a href={benchHref}>Other heights, tips and grounds: the heel bench.</a> Dots: the foot inside the leather; the heel’s shape is what is usual for the kind
        where it is not known. Pitch: lever from the back of the heel, and from the wedged seat; slide and pitch are this project’s estimates.
      </p>
    </div>
  </div>
{/if}

<style>
  .says {
    font-family: var(--font-serif);
    font-size: 1.375rem;
    font-weight: 600;
    line-height: 1.2;
  }
</style>
