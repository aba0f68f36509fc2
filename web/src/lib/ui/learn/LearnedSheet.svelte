<script lang="ts">
  import { formatFigure, formatLength, MEASURE, SIDES, type MeasureId } from '@chiave/core/measure';
  import { withDoubt } from '$lib/drawing/lengths-on-rule';
  import LengthsOnRule from '$lib/drawing/LengthsOnRule.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import type { KnownShoes } from './known-shoes.svelte';

  /** What the shoes say of two feet: every shoe and the tape a bar on the rule, measures with their doubt, what is odd, what a tape would tell most. */
  let { known }: { known: KnownShoes } = $props();
  const TOLD: readonly MeasureId[] = ['lengthMm', 'ballLengthMm', 'ballWidthMm', 'ballGirthMm', 'instepGirthMm', 'heelWidthMm'];
  const learned = $derived(known.learned!);
  const longer = $derived(learned.feet.right.lengthMm.mm > learned.feet.left.lengthMm.mm ? 'right' : 'left');
  const figure = (mm: number, sdMm: number): string => `${formatLength(mm, shown.unit)} ± ${formatFigure(sdMm, shown.unit)}`;
  const share = (s: number): string => `${Math.round(100 * s)} of 100`;
  const laid = $derived.by(() => {
    const whole = learned.feet[longer].lengthMm;
    const taped = known.ask.tape[longer]?.lengthMm;
    return [
      ...learned.pairs.map((p) => withDoubt(known.nameOf(p.pair), `${figure(p.aloneMm, p.aloneSdMm)}, ${share(p.share)}`, p.aloneMm, p.aloneSdMm)),
      ...(taped === undefined ? [] : [withDoubt('the tape', `${figure(taped.mm, taped.sdMm)}, ${share(learned.tapeShare)}`, taped.mm, taped.sdMm)]),
      { ...withDoubt('the foot', figure(whole.mm, whole.sdMm), whole.mm, whole.sdMm), whole: true as const }
    ];
  });
  const questions = $derived(known.questions((mm) => formatLength(mm, shown.unit)));
  const liked = $derived(learned.asLiked[longer].mm - learned.feet[longer].lengthMm.mm);
  const [next] = $derived(learned.needs);
</script>

<Sheet>
  <h2 class="mb-1">
    The longer foot: <span class="figures" data-guess>{formatLength(learned.feet[longer].lengthMm.mm, shown.unit)}</span>
    <span class="figures soft font-normal">± {formatLength(learned.feet[longer].lengthMm.sdMm, shown.unit)}</span>
  </h2>
  <LengthsOnRule lengths={laid} unit={shown.unit} words={laid.map((l) => `${l.name}: ${l.figure}`).join('; ')} />
  {#each questions as q (q)}<Notice class="mt-1" tone="caution" role="alert">{q}</Notice>{/each}
  <p class="soft">
    Each bar is what that shoe alone would say; of 100, how much it counts. {Math.abs(liked) < 0.5
      ? ''
      : `Liked ${liked > 0 ? 'looser' : 'closer'} than usual by ${formatLength(Math.abs(liked), shown.unit)}. `}{next
      ? `A tape of the ${MEASURE[next.measure].name} would tell most.`
      : ''}
  </p>
  <Table class="mt-2">
    <caption class="sr-only">Both feet as the shoes say, with their doubt</caption>
    <thead
      ><tr
        ><th scope="col">Measure</th>{#each SIDES as side (side)}<th scope="col"><SideMark {side} word /></th>{/each}</tr
      ></thead
    >
    <tbody>
      {#each TOLD as id (id)}
        <tr>
          <th scope="row" class="text-left font-normal">{MEASURE[id].name}</th>
          {#each SIDES as side (side)}
            {@const v = learned.feet[side][id]}
            <td class="figures">{formatLength(v.mm, shown.unit)} <span class="soft">± {formatFigure(v.sdMm, shown.unit)}</span></td>
          {/each}
        </tr>
      {/each}
    </tbody>
  </Table>
</Sheet>
