<script lang="ts">
  import { bears, judgeFor, USE, USES, usesOver, type Answers, type QuestionId, type UseId } from '@chiave/core/use';
  import { givenBy, useSettingOf } from '$lib/use-fitting';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import Questions from './Questions.svelte';
  import Schools from './Schools.svelte';

  /** What the shoes are for, and what that use asks: nothing that would change no rule. */
  let { desk }: { desk: Desk } = $props();
  const f = $derived(desk.fitting);
  const use = $derived(f.use);
  const first = $derived(use.uses[0] ?? null);
  const lying = $derived(first ? usesOver(first, f.customer).filter((u) => u.over !== 'everybody') : []);
  const judge = $derived(first ? judgeFor(first, useSettingOf(f), use.schools) : null);
  const ids = $derived.by((): QuestionId[] =>
    judge
      ? [...new Set(use.uses.flatMap((id) => [USE[id], ...usesOver(id, f.customer)]).flatMap((u) => u.questions))].filter(
          (id) => bears(judge, id) || use.uses.length > 1
        )
      : []
  );
  /** Nothing was changed since the visit was opened: it stands as it was told last time. */
  const carried = $derived(f.updatedAt === f.openedAt && use.uses.length > 0);
  const change = (part: Partial<typeof use>): void => desk.patch({ use: { ...$state.snapshot(use), ...part } as typeof use });
</script>

<Sheet class="grid content-start gap-4" heading="What they are for">
  <Choices
    legend="Uses; the first chosen is the one that Pull goes by"
    options={USES}
    chosen={use.uses}
    onchange={(uses: UseId[]) => change({ uses: [...use.uses.filter((u) => uses.includes(u)), ...uses.filter((u) => !use.uses.includes(u))] })}
  />
  {#if carried}<p class="-mt-2" role="status">As at the last visit: change what is no longer so.</p>{/if}
  {#if first}
    {#if lying.length > 0}
      <p class="soft -mt-2">Over it lies: {lying.map((u) => u.name).join(', ')}, by what was told of them.</p>
    {/if}
    {#if ids.length > 0}<Questions {ids} given={givenBy(f)} answers={use.answers as Answers} onanswer={(answers) => change({ answers })} />{/if}
    <Schools uses={[USE[first], ...lying]} schools={use.schools} onchange={(schools) => change({ schools })} />
  {:else}
    <p class="soft -mt-2 text-sm">With a use chosen, Pull says beside the fit whether a shoe suits it: a heels class, a day on tiles, a race, a brace.</p>
  {/if}
</Sheet>
