<script lang="ts">
  import { attributeWords, levelOf, USE_ATTRIBUTE } from '@chiave/core/attributes';
  import { UPPER, type UpperId } from '@chiave/core/fit';
  import { SLIPPER_MATERIALS } from '@chiave/core/pointe';
  import { QUESTION, suitWords, surfaceAt, useReading, type Answers, type ChoiceQuestion } from '@chiave/core/use';
  import { capital } from '$lib/capital';
  import GripScale from '$lib/drawing/use/GripScale.svelte';
  import SlipperSole from '$lib/drawing/use/SlipperSole.svelte';
  import Empty from '$lib/ui/kit/Empty.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Suits } from '$lib/workers/messages';
  import Questions from './Questions.svelte';
  import Schools from './Schools.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** Slippers on the dancer's floor: leather or canvas, a full sole or two pads, what is left to sew. */
  let { bench }: { bench: UseBench } = $props();
  const use = useReading('sewn');
  const drags = use.rules.find((r) => r.reads === 'dragMu')!;
  const wanted = drags.grade.as === 'in' ? ([drags.grade.a, drags.grade.b, drags.grade.c, drags.grade.d] as const) : ([0, 0, 1, 1] as const);
  /** What slippers are sewn of: the usual upper of each material, then others; of those that grip alike the first. */
  const UPPERS: readonly UpperId[] = [...SLIPPER_MATERIALS.map((m) => m.uppers[0]), ...SLIPPER_MATERIALS.flatMap((m) => m.uppers.slice(1))];
  const gripsLike = (a: UpperId, b: UpperId, floor: string): boolean =>
    JSON.stringify(bench.grips.upper[a][surfaceAt(floor)]) === JSON.stringify(bench.grips.upper[b][surfaceAt(floor)]);
  const floors = (QUESTION.floor as ChoiceQuestion).options;
  let shelf = $state.raw<Suits | null>(null);
  $effect(() => {
    void [bench.setting, bench.schools];
    if (bench.use !== use.id) bench.use = use.id;
    else void bench.shelf(use.madeFor, ['split', 'bend', 'sewn', 'breath']).then((s) => s && (shelf = s));
  });
  const floor = $derived(floors.find((f) => f.id === bench.answers.floor));
  const rows = $derived(
    floor
      ? UPPERS.filter((id, i) => !UPPERS.slice(0, i).some((o) => gripsLike(o, id, floor.id))).map((id) => ({
          name: UPPER[id].name,
          grip: bench.grips.upper[id][surfaceAt(floor.id)]
        }))
      : []
  );
  const MOST = 8;
  const SPLIT = levelOf('split', 'split');
</script>

<div class="grid gap-3 lg:grid-cols-[minmax(0,4fr)_minmax(0,8fr)]">
  <Sheet class="grid content-start gap-3" heading={capital(use.name)}>
    <Questions narrow ids={use.questions} answers={bench.answers} onanswer={(a: Answers) => (bench.answers = a)} />
    <Schools uses={[use]} schools={bench.schools} onchange={(s) => (bench.schools = s)} />
  </Sheet>
  <div class="grid content-start gap-3">
    <Sheet heading={floor ? `On ${floor.name}` : 'On their floor'}>
      {#if floor}<GripScale {rows} {wanted} floor={floor.name} />
      {:else}<p class="soft">Choose the floor: what slides and holds on it is drawn here.</p>{/if}
    </Sheet>
    <Sheet heading="Slippers on the shelf, what suits first">
      {#if (shelf?.order.length ?? 0) === 0}<Empty>No slippers on the shelf.</Empty>{/if}
      <ul class="grid grid-cols-2 gap-3 md:grid-cols-4" aria-label="Slippers, what suits first">
        {#each (shelf?.order ?? []).slice(0, MOST) as id (id)}
          {@const s = shelf!.suits[id]}
          {@const split = s.figures.split}
          <li class="grid content-start gap-1 leading-snug">
            <SlipperSole split={split?.known === true && Math.round(split.centre) === SPLIT} />
            <a class="font-semibold" href="/stock/styles/{id}">{bench.nameOf(id)}</a>
            <span>{suitWords(s)}</span>
            <span class="soft"
              >{split?.known ? `${attributeWords(USE_ATTRIBUTE.split, split.centre)} sole` : 'sole not looked at'}, {s.figures.sewn?.known
                ? `elastics ${attributeWords(USE_ATTRIBUTE.sewn, s.figures.sewn.centre)}`
                : 'elastics not looked at'}</span
            >
          </li>
        {/each}
      </ul>
      <p class="soft mt-2">
        Pin the elastics at the arch with the foot pointed, and sew them under the drawstring. Teachers differ on sole and cloth: the school asks.
      </p>
    </Sheet>
  </div>
</div>
