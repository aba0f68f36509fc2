<script lang="ts">
  import { attributeWords, USE_ATTRIBUTE } from '@chiave/core/attributes';
  import { gradeOf, suitWords, useReading, type Answers, type UseFigure } from '@chiave/core/use';
  import { capital } from '$lib/capital';
  import StirrupFront from '$lib/drawing/use/StirrupFront.svelte';
  import { smallFigure, smallLength } from '$lib/small-length';
  import Button from '$lib/ui/kit/Button.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import type { Suits } from '$lib/workers/messages';
  import Questions from './Questions.svelte';
  import Schools from './Schools.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** Boots for what they are used for; for riding the boot in the stirrup, drawn to scale: the foot must come free. */
  let { bench }: { bench: UseBench } = $props();
  const use = useReading('stirrup');
  const rule = use.rules.find((r) => r.reads === 'stirrup')!;
  /** From here on it comes free, mm. */
  const wantedMm = rule.grade.as === 'ge' ? rule.grade.b : 0;
  const FIGURES = ['stirrup', 'outside', 'heel', 'tread', 'sole'] as const;
  let shelf = $state.raw<Suits | null>(null);
  $effect(() => {
    void [bench.setting, bench.schools];
    if (bench.use !== use.id) bench.use = use.id;
    else void bench.shelf(use.madeFor, FIGURES).then((s) => s && (shelf = s));
  });
  const MOST = 12;
  const rows = $derived(
    (shelf?.order ?? []).slice(0, MOST).flatMap((id) => {
      const suit = shelf!.suits[id];
      return suit ? [{ id, suit, f: suit.figures }] : [];
    })
  );
  let chosen = $state('');
  const boot = $derived(rows.find((r) => r.id === chosen) ?? rows[0]);
  const spare = $derived(boot?.f.stirrup ?? null);
  const innerMm = $derived(bench.answers.stirrup ?? null);
  /** Whether a stirrup is asked for at all. */
  const [riding] = rule.when.filter((t) => t.as === 'answer');
  const rides = $derived(riding?.options.includes(String(bench.answers[riding.question] ?? '')) ?? true);
  const toneOf = (mm: number): 'free' | 'narrow' | 'held' => {
    const g = gradeOf(rule.grade, mm);
    return g >= 1 ? 'free' : g > 0 ? 'narrow' : 'held';
  };
  const TONES = { free: 'var(--color-loose)', narrow: 'var(--color-brass-line)', held: 'var(--color-tight)' };
  const SAYS = {
    free: 'the foot comes free',
    narrow: 'it comes free, with little to spare: a broader stirrup is safer',
    held: 'the foot may be held: another boot or a broader stirrup. Ask the riding teacher'
  };
  const told = (f: UseFigure): string =>
    Math.round(f.low) === Math.round(f.high) ? smallLength(f.centre, shown.unit) : `${smallFigure(f.low, shown.unit)} to ${smallLength(f.high, shown.unit)}`;
</script>

<div class="grid gap-3 lg:grid-cols-[minmax(0,5fr)_minmax(0,7fr)]">
  <Sheet class="grid content-start gap-3" heading={capital(use.name)}>
    <Questions narrow ids={use.questions} answers={bench.answers} onanswer={(a: Answers) => (bench.answers = a)} />
    <Schools uses={[use]} schools={bench.schools} onchange={(s) => (bench.schools = s)} />
  </Sheet>
  {#if boot}
    <Sheet heading={bench.nameOf(boot.id)} data-boot={boot.id}>
      {#if spare && innerMm !== null}
        <p class="says text-xl">
          {spare.centre < 0 ? `${smallLength(-spare.centre, shown.unit)} too broad` : `${told(spare)} to spare`}: {SAYS[toneOf(spare.centre)]}.
        </p>
        <StirrupFront {innerMm} {spare} {wantedMm} tone={TONES[toneOf(spare.centre)]} />
        {#if !spare.known}<p class="soft">The outside width of this boot was not taken: a calliper over the welt at the ball tells.</p>{/if}
        {#if boot.f.heel && gradeOf(use.rules.find((r) => r.reads === 'heel')!.grade, boot.f.heel.centre) < 1}
          <p class="mt-1"><b>Heel {smallLength(boot.f.heel.centre, shown.unit)}:</b> a heel keeps the foot from going through the stirrup.</p>
        {/if}
      {:else if rides}<p class="soft">Type how wide the stirrup is inside, at its tread: the boot is drawn in it.</p>
      {:else}<p class="soft">For riding the boot is drawn in its stirrup.</p>{/if}
    </Sheet>
  {/if}
</div>
<Sheet class="mt-3" heading="Boots on the shelf, what suits first">
  {#if rows.length === 0}<Empty>No boots on the shelf.</Empty>
  {:else}
    <Table>
      <caption class="sr-only">Boots by how they suit, with what is left in the stirrup</caption>
      <thead
        ><tr><th scope="col">Boot</th><th scope="col">In the stirrup</th><th scope="col">Heel</th><th scope="col">Sole</th><th scope="col">For the use</th></tr
        ></thead
      >
      <tbody>
        {#each rows as r (r.id)}
          <tr class={r.id === boot?.id ? 'bg-brass-pale' : ''}>
            <th scope="row"><Button kind="text" class="text-left" pressed={r.id === boot?.id} onclick={() => (chosen = r.id)}>{bench.nameOf(r.id)}</Button></th>
            <td class="figures">{r.f.stirrup ? told(r.f.stirrup) : '–'}{r.f.stirrup && !r.f.stirrup.known ? ' ?' : ''}</td>
            <td class="figures">{r.f.heel ? smallLength(r.f.heel.centre, shown.unit) : ''}</td>
            <td>{r.f.sole ? attributeWords(USE_ATTRIBUTE.sole, r.f.sole.centre) : ''}{r.f.sole?.known ? '' : ' ?'}</td>
            <td>{suitWords(r.suit)}</td>
          </tr>
        {/each}
      </tbody>
    </Table>
    <p class="soft mt-1">A question mark: not looked at, taken as is usual of the kind.</p>
  {/if}
</Sheet>
