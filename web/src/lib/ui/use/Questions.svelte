<script lang="ts">
  import { QUESTION, type Answers, type ChoiceQuestion, type QuestionId } from '@chiave/core/use';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';

  /** Questions of a use, in its order; what is not answered stays open. @prop given what was asked elsewhere, and stands until it is answered here */
  let {
    ids,
    answers,
    onanswer,
    narrow = false,
    given = {}
  }: { ids: readonly QuestionId[]; answers: Answers; onanswer: (answers: Answers) => void; narrow?: boolean; given?: Answers } = $props();
  function set(id: QuestionId, value: unknown): void {
    const { [id]: _was, ...rest } = answers as Record<string, unknown>;
    const empty = value === null || (Array.isArray(value) && value.length === 0);
    onanswer((empty ? rest : { ...rest, [id]: value }) as Answers);
  }
  /** As answered, else as it was asked elsewhere. */
  const said = (id: QuestionId): unknown => answers[id] ?? given[id];
</script>

<div class={narrow ? 'grid gap-3' : 'grid gap-x-5 gap-y-3 sm:grid-cols-2'}>
  {#each ids as id (id)}
    {@const q = QUESTION[id]}
    {#if q.as === 'number'}
      <NumberField
        label={q.name}
        unit={q.unit}
        value={(said(id) as number | undefined) ?? null}
        low={q.low}
        high={q.high}
        step={0.5}
        placeholder={q.usual === null ? '' : `${q.usual} is taken`}
        onchange={(n) => set(id, n)}
      />
    {:else if (q as ChoiceQuestion).several}
      <Choices legend={q.name} options={q.options} chosen={(said(id) as string[] | undefined) ?? []} onchange={(all) => set(id, all)} />
    {:else}
      <Choice
        name="use-{id}"
        legend={q.name}
        options={q.options}
        value={(said(id) as string | undefined) ?? null}
        onchange={(o) => set(id, o)}
        onclear={() => set(id, null)}
      />
    {/if}
  {/each}
</div>
