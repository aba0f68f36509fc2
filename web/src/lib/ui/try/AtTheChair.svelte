<script lang="ts">
  import { readByHand, readingOf, type ChairStep, type Hand, type StepId } from '@chiave/core/chair';
  import type { ZoneId } from '@chiave/core/fit';
  import { formatLength, parseLength, SIDES, type Side } from '@chiave/core/measure';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import TimerDial from './TimerDial.svelte';
  import type { Tried, Where } from './tried.svelte';

  /**
   * The protocol of one pair, a step at a time: what to do, what is right, pass or fail for each foot, a length where one is read.
   * @prop hand this fitter's own thumb and finger
   * @prop onlook where to look on the drawn feet
   */
  let { tried, hand, onlook }: { tried: Tried; hand: Hand; onlook: (zone: ZoneId) => void } = $props();
  let opened = $state<StepId | null>(null);
  const open = $derived(opened ?? tried.steps.find((s) => !tried.done(s))?.id ?? null);
  const count = $derived(tried.steps.filter((s) => tried.done(s)).length);
  const places = (step: ChairStep<StepId>): Where[] => (step.each === 'pair' ? ['pair'] : [...SIDES]);
  const ANSWERS = [
    { id: 'yes', name: 'right' },
    { id: 'no', name: 'not right' }
  ] as const;
  const chosen = (step: StepId, where: Where): 'yes' | 'no' | null => {
    const ok = tried.answerAt(step, where)?.ok;
    return ok === undefined ? null : ok ? 'yes' : 'no';
  };
  const nameOf = (where: Where): string => (where === 'pair' ? 'both feet' : `${where} foot`);
  function look(step: ChairStep<StepId>): void {
    opened = step.id;
    if (step.at && tried.zones.includes(step.at)) onlook(step.at);
  }
  function say(step: ChairStep<StepId>, where: Where, ok: boolean | undefined): void {
    opened = step.id;
    tried.answer(step.id, where, { ok });
    if (ok === undefined || !tried.done(step)) return;
    // What is done closes, and the next one opens.
    opened = null;
    const next = tried.steps.find((s) => !tried.done(s));
    if (next?.at && tried.zones.includes(next.at)) onlook(next.at);
  }
  let typed = $state<Record<string, string>>({});
  let problems = $state<Record<string, string>>({});
  const key = (step: StepId, where: Where): string => `${step} ${where}`;
  const textOf = (step: StepId, where: Where): string => {
    const mm = tried.answerAt(step, where)?.mm;
    return typed[key(step, where)] ?? (mm === undefined ? '' : formatLength(mm, shown.unit));
  };
  function read(step: StepId, where: Where, text: string): void {
    typed[key(step, where)] = text;
    problems[key(step, where)] = '';
    if (text.trim() === '') return tried.answer(step, where, { mm: undefined });
    const byHand = readByHand(text, hand);
    if (byHand && 'missing' in byHand) {
      problems[key(step, where)] = 'Your own was never measured: do it once under “My hand” below.';
      return;
    }
    const parsed = byHand ? { ok: true as const, mm: byHand.mm } : parseLength(text, shown.unit);
    if (!parsed.ok) problems[key(step, where)] = `“${text}” is no length: write 12, 1/2 in or a finger.`;
    else if (parsed.mm < -50 || parsed.mm > 100) problems[key(step, where)] = 'From −50 to 100 mm.';
    else tried.answer(step, where, { mm: Math.round(10 * parsed.mm) / 10 });
  }
  /** “15 to 20 minutes”, “1 to 2 hours”. */
  function spanWords({ least, usual }: { least: number; usual: number }): string {
    const [unit, word] = usual >= 120 ? [60, 'hours'] : [1, 'minutes'];
    return `${least === usual ? '' : `${least / unit} to `}${usual / unit} ${word}`;
  }
  /** What was not simply right. */
  const said = $derived(tried.steps.map((step) => ({ step, words: summary(step) })).filter((s) => s.words !== ''));
  const summary = (step: ChairStep<StepId>): string =>
    places(step)
      .flatMap((where) => {
        const said = tried.answerAt(step.id, where);
        if (!said) return [];
        const words = [said.mm === undefined ? '' : formatLength(said.mm, shown.unit), said.ok === false ? 'not right' : ''].filter(Boolean).join(', ');
        return words ? [`${where === 'pair' ? '' : where === 'left' ? 'L ' : 'R '}${words}`] : [];
      })
      .join(' · ');
</script>

{#snippet bead(step: ChairStep<StepId>)}
  <svg viewBox="0 0 26 26" width="26" height="26" aria-hidden="true">
    <circle
      cx="13"
      cy="13"
      r="11"
      fill={tried.failed(step)
        ? 'var(--color-tight)'
        : tried.done(step)
          ? 'var(--color-ink)'
          : open === step.id
            ? 'var(--color-brass-pale)'
            : 'var(--color-sheet)'}
      stroke={tried.failed(step)
        ? 'var(--color-tight-word)'
        : tried.done(step)
          ? 'var(--color-ink)'
          : open === step.id
            ? 'var(--color-brass-line)'
            : 'var(--color-edge)'}
      stroke-width={open === step.id ? 2.6 : 1.5}
    />
    {#if tried.failed(step)}<path d="M8.5 8.5L17.5 17.5M17.5 8.5L8.5 17.5" stroke="#fff" stroke-width="2.4" />
    {:else if tried.done(step)}<path d="M7.5 13.5L11.5 17.5L19 9" fill="none" stroke="#fff" stroke-width="2.4" />
    {:else if step.minutes}<path d="M13 7.5V13L16.5 15.5" fill="none" stroke="var(--color-ink)" stroke-width="1.8" />{/if}
  </svg>
{/snippet}
<Sheet class="!py-3" aria-label="At the chair">
  <div class="flex items-baseline gap-2">
    <h2 class="mr-auto">At the chair, {tried.protocolName}</h2>
    <span class="soft figures">{count} of {tried.steps.length}</span>
  </div>
  {#each tried.cautions as caution (caution)}<Notice class="my-1" tone="caution">{caution}</Notice>{/each}
  <ol class="flex flex-wrap">
    {#each tried.steps as step (step.id)}
      <li data-step={step.id}>
        <Button
          kind="text"
          class="grid min-h-11 min-w-9 place-items-center !p-0"
          aria-label="{step.name}{tried.failed(step) ? ', not right' : tried.done(step) ? ', done' : ''}"
          title={step.name}
          pressed={open === step.id}
          onclick={() => look(step)}>{@render bead(step)}</Button
        >
      </li>
    {/each}
  </ol>
  {#each tried.steps as step (step.id)}
    {@const timer = tried.timer(step.id)}
    {#if timer && !timer.answered}
      <div class="mb-2">
        <TimerDial
          {timer}
          name={step.name}
          onpause={() => tried.pause(step.id)}
          onresume={() => tried.resume(step.id)}
          onforget={() => tried.forget(step.id)}
        />
      </div>
    {/if}
  {/each}
  {#each tried.steps.filter((s) => s.id === open) as step (step.id)}
    <div class="grid gap-2" data-open={step.id}>
      <div>
        <h3 class="leading-tight">{step.name}</h3>
        <p class="leading-snug">{step.todo} <span class="soft">Right: {step.right}</span></p>
      </div>
      {#if step.caution}<p class="leading-snug text-tight-word">{step.caution}</p>{/if}
      {#if step.minutes && !tried.timer(step.id)}
        <Button class="justify-self-start" onclick={() => tried.begin(step.id)}>Start the time: {spanWords(step.minutes)}</Button>
      {/if}
      {#each places(step) as where (where)}
        <div class="flex flex-wrap items-end gap-x-3 gap-y-1">
          {#if where !== 'pair'}<span class="self-center"><SideMark side={where as Side} /></span>{/if}
          <Choice
            name="step-{tried.row.id}-{step.id}-{where}"
            legend="{step.name}, {nameOf(where)}"
            hideLegend
            options={ANSWERS}
            value={chosen(step.id, where)}
            onchange={(v) => say(step, where, v === 'yes')}
            onclear={() => say(step, where, undefined)}
          />
          {#if step.length}
            <Field
              label="{step.name}, {nameOf(where)}, {shown.unit}"
              hideLabel
              class="w-36"
              figures
              placeholder="{shown.unit}, a finger"
              value={textOf(step.id, where)}
              error={problems[key(step.id, where)]}
              oninput={(e: Event & { currentTarget: HTMLInputElement }) => read(step.id, where, e.currentTarget.value)}
            />
          {/if}
        </div>
      {/each}
      {#if step.length && tried.style && readingOf(step.id, tried.style.kind)}<p class="soft leading-tight">
          A length here counts as a measure of this shoe.
        </p>{/if}
    </div>
  {:else}
    <p>All steps are done.</p>
  {/each}
  {#if said.length > 0}
    <ul class="mt-2 border-t border-line pt-1 leading-snug">
      {#each said as { step, words } (step.id)}<li class="flex gap-3"><span class="mr-auto">{step.name}</span><span class="figures">{words}</span></li>{/each}
    </ul>
  {/if}
  <p class="soft mt-1 leading-tight">Steps and times are common practice; your own eye goes before them.</p>
</Sheet>
