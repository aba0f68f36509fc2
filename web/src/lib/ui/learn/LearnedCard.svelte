<script lang="ts">
  import { format } from 'date-fns';
  import type { Snippet } from 'svelte';
  import type { AnswerRow, LearnedAnswerId } from '$lib/api/learned-schema';
  import OffsetScale from '$lib/drawing/OffsetScale.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';

  /** One thing learned: drawn against its sheet, in words, and the owner’s answer. @prop given what was answered already */
  let {
    name, says, grounds, change, mm, sdMm, inUseMm, given, takeable, onanswer, nought, more
  }: {
    name: string; says: string; grounds: string; change: string; mm: number; sdMm: number; inUseMm: number; given: AnswerRow | undefined; takeable: boolean;
    onanswer: (answer: LearnedAnswerId) => void; nought?: string; more?: Snippet;
  } = $props(); // prettier-ignore
  const SPAN = 8;
  const DONE = { accepted: 'Taken over', refused: 'Left as it is', withdrawn: 'Given back' } as const;
</script>

<Sheet class="!py-3" data-learned={name}>
  <div class="grid items-center gap-x-4 gap-y-1 sm:grid-cols-[minmax(0,7fr)_minmax(0,6fr)]">
    <div>
      <h3 class="leading-tight">{name}</h3>
      <p class="leading-snug">{says}.</p>
      <p class="soft leading-snug">{grounds}.</p>
    </div>
    <OffsetScale {mm} {sdMm} {inUseMm} span={SPAN} unit={shown.unit} {nought} words="{name}: {says}" />
  </div>
  {@render more?.()}
  {#if !given && takeable}<p class="soft mt-1 leading-snug">Taken over, {change}.</p>{/if}
  <div class="mt-1 flex flex-wrap items-center gap-2">
    {#if given}
      <p class="mr-auto"><b>{DONE[given.answer]}</b>{given.by ? ` by ${given.by}` : ''}, {format(new Date(given.at), 'd MMM yyyy')}.</p>
      <Button onclick={() => onanswer('withdrawn')}>{given.answer === 'accepted' ? 'Give it back' : 'Ask again'}</Button>
    {:else if takeable}
      <Button onclick={() => onanswer('accepted')}>Take it over</Button>
      <Button onclick={() => onanswer('refused')}>Leave it</Button>
    {/if}
  </div>
</Sheet>
