<script lang="ts">
  import { formatLength, SIDES, trimNumber } from '@chiave/core/measure';
  import { convertFoot, footLetter, remainderWords, schoolOf } from '@chiave/core/size';
  import { takesWords, type Mark } from '$lib/drawing/rule-readings';
  import RuleBench from '$lib/drawing/RuleBench.svelte';
  import { STRIPS } from '$lib/drawing/rule-strips';
  import { viewAround, type View } from '$lib/drawing/rule-view';
  import { feetOf } from '$lib/fit-feet';
  import { getDesk } from '$lib/ui/fitting/desk.svelte';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { withFractions } from '$lib/size-fractions';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  const desk = getDesk();
  const feet = $derived(feetOf(desk.fitting));
  const both = $derived(feet.length === 2 ? { left: feet[0].values, right: feet[1].values } : null);
  const group = $derived(desk.fitting.customer.fitsAs);
  const book = $derived(shopBook());
  /** The usual strips, with the makers' own that this foot is within. */
  const strips = $derived([...STRIPS, ...book.own.map((s) => s.id)]);
  const marks = $derived<Mark[]>(
    both
      ? [
          { id: 'left', letter: 'L', name: 'left foot', mm: both.left.lengthMm.mm, colour: 'var(--color-side-left)', dash: '', foot: true },
          { id: 'right', letter: 'R', name: 'right foot', mm: both.right.lengthMm.mm, colour: 'var(--color-side-right)', dash: '8 4', foot: true }
        ]
      : []
  );
  let chosen = $state<string | null>(null);
  // The longer foot rules length: it is read first.
  const active = $derived(chosen ?? (marks.length > 0 && marks[0].mm > marks[1].mm ? 'left' : 'right'));
  let view = $state<View | null>(null);
  const around = $derived(view ?? viewAround(marks.map((m) => m.mm)));
  const shownScales = $derived(strips.map((id) => book.get(id)).filter((s) => lines.some((l) => l.left.scale === s.id)));
  const lines = $derived.by(() => {
    if (!both) return [];
    const [left, right] = [both.left, both.right].map((v) => convertFoot({ lengthMm: v.lengthMm.mm, sdMm: v.lengthMm.sdMm }, strips, book));
    return left.readings
      .map((reading, i) => ({ left: reading, right: right.readings[i] }))
      .filter(({ left, right }) => !left.outsideRange || !right.outsideRange);
  });
  const disagreements = $derived(both ? convertFoot({ lengthMm: Math.max(both.left.lengthMm.mm, both.right.lengthMm.mm) }, strips, book).disagreements : []);
  const LETTERS = ['us-letter', 'uk-fitting', 'eu-fitting', 'jp-width', 'device-width'] as const;
  const LETTER_NAMES: Record<string, string> = {
    'us-letter': 'US letters',
    'uk-fitting': 'British fittings',
    'eu-fitting': 'continental fittings',
    'jp-width': 'Japanese widths',
    'device-width': 'measuring device'
  };
  const letters = $derived(
    both
      ? LETTERS.map((id) => ({
          id,
          sides: [both.left, both.right].map((v) => footLetter(id, group, v.lengthMm.mm, id === 'device-width' ? v.ballWidthMm.mm : v.ballGirthMm.mm)),
          derived: [both.left, both.right].some((v) => (id === 'device-width' ? v.ballWidthMm : v.ballGirthMm).how === 'derived')
        }))
      : []
  );
  const sentence = $derived(
    both
      ? `By length the feet take ${takesWords(
          shownScales,
          SIDES.map((side) => ({ mm: both[side].lengthMm.mm, word: side }))
        )}.`
      : ''
  );
  const schoolName = (id: string, school: string) => {
    const scale = book.get(id);
    return scale.schools.length > 1 && !scale.rule ? schoolOf(scale, school).name : '';
  };
</script>

<svelte:head><title>Sizes · {desk.fitting.customer.name} · Chiave</title></svelte:head>
<h1 class="sr-only">Sizes</h1>

{#if both}
  <section aria-label="The rule: both feet and the size scales">
    <p class="says">{sentence}</p>
    <RuleBench {marks} {active} scales={shownScales} view={around} unit={shown.unit} onactive={(id) => (chosen = id)} onview={(next) => (view = next)} />
    <p class="soft mt-1">
      The longer foot rules length: what is over is its own; tap L or R for the other. A box is what its size stands for; brass between rows is where schools
      put one and the same size.
    </p>
  </section>
  <div class="mt-4 grid gap-4 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
    <Sheet class="overflow-x-auto" heading="Read in every scale">
      <Table class="mt-2">
        <thead>
          <tr class="border-b border-ink text-left">
            <th scope="col">Scale</th><th scope="col">School</th>{#each SIDES as side (side)}<th scope="col"><SideMark {side} word /></th>{/each}
          </tr>
        </thead>
        <tbody>
          {#each lines as line (line.left.scale + line.left.school)}
            <tr class="border-b border-line">
              <th scope="row" class="py-1 pr-2 text-left font-semibold">{book.get(line.left.scale).name}</th>
              <td class="soft pr-2 text-sm">{schoolName(line.left.scale, line.left.school)}</td>
              {#each [line.left, line.right] as reading, i (i)}
                <td class="pr-2"
                  ><b class="figures">{withFractions(reading.size)}</b> <span class="soft figures text-sm">{remainderWords(reading.remainderMm)}</span></td
                >
              {/each}
            </tr>
          {/each}
        </tbody>
      </Table>
      <p class="soft mt-2 text-sm">
        Beside each size: foot beyond what the size means; minus when rounded up. Continental sizes from a foot are good to about one size.
      </p>
    </Sheet>
    <div class="grid content-start gap-4">
      <Sheet heading="Where schools disagree">
        <ul class="mt-1 grid gap-2">
          {#each disagreements as d (d.scale)}
            <li>
              <b>{book.get(d.scale).name}</b>: <span class="figures">{trimNumber(d.spreadSizes, 2)}</span>
              {d.spreadSizes === 1 ? 'size' : 'sizes'} apart. <span class="soft">{d.why}.</span>
            </li>
          {/each}
        </ul>
      </Sheet>
      <Sheet>
        <h2>Width by ball girth, {group}’s letters</h2>
        <Table class="mt-1">
          <tbody>
            {#each letters as row (row.id)}
              <tr class="border-b border-line">
                <th scope="row" class="py-1 text-left font-semibold">{LETTER_NAMES[row.id]}</th>
                {#each row.sides as side, i (i)}
                  <td class:italic={row.derived}
                    ><b class={i === 0 ? 'side-L' : 'side-R'}>{i === 0 ? 'L' : 'R'}</b>
                    <span class="figures">{side.letter}{side.beyond ? ' or beyond' : ''}</span></td
                  >
                {/each}
              </tr>
            {/each}
          </tbody>
        </Table>
        <p class="soft mt-1 text-sm">
          Ball girth <span class="figures"
            >L {formatLength(both.left.ballGirthMm.mm, shown.unit)} · R {formatLength(both.right.ballGirthMm.mm, shown.unit)}</span
          >{#if letters.some((l) => l.derived)}; italic where it is filled in, not measured{/if}. A letter is a habit of makers: try it.
        </p>
      </Sheet>
    </div>
  </div>
{:else}
  <Notice>Measure the length of both feet first: <a href="/fittings/{desk.fitting.id}/measure">Measure</a>.</Notice>
{/if}
