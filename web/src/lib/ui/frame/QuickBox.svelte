<script lang="ts">
  import { goto } from '$app/navigation';
  import { formatLength } from '@chiave/core/measure';
  import { convertFoot, convertLabel, readQuick, type Meaning } from '@chiave/core/size';
  import { COMMON } from '$lib/drawing/rule-strips';
  import { shopBook } from '$lib/ui/sizes/shop-scales';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';

  /** The one box that answers anywhere: a size or a length, while it is typed; Enter lays it on the rule. */
  /** @prop large as a page's own box, its answer in the page instead of over it */
  let { large = false }: { large?: boolean } = $props();
  let text = $state('');
  let open = $state(false);
  const book = $derived(shopBook());
  const answer = $derived(readQuick(text, shown.unit, null, book));

  function sizesOf(m: Meaning): { name: string; size: string }[] {
    const to = m.into ? [m.into] : [...COMMON.filter((id) => id !== m.scale), ...book.own.map((s) => s.id).filter((id) => id !== m.scale)];
    const { readings } =
      m.kind === 'foot' ? convertFoot({ lengthMm: m.footMm }, to, book) : convertLabel({ scale: m.scale!, size: m.size!, school: m.school }, to, book);
    return to.flatMap((id) => {
      const own = readings.filter((r) => r.scale === id);
      // Where schools disagree all of them are shown, each once.
      const sizes = [...new Set((book.get(id).coarseFromFoot && m.kind === 'foot' ? own.slice(0, 1) : own).map((r) => r.size))].sort(
        (p, q) => parseFloat(p) - parseFloat(q)
      );
      return own.every((r) => r.outsideRange) ? [] : [{ name: book.get(id).short, size: sizes.join(' or ') }];
    });
  }
  function enter(event: SubmitEvent): void {
    event.preventDefault();
    if (text.trim() === '') return;
    open = false;
    void goto(`/sizes?q=${encodeURIComponent(text.trim())}`, { invalidateAll: true });
  }
</script>

<form
  role="search"
  class="relative"
  onsubmit={enter}
  onfocusin={() => (open = true)}
  onfocusout={(e) => {
    if (!e.currentTarget.contains(e.relatedTarget as Node | null)) open = false;
  }}
>
  <Field
    label="Quick size"
    hideLabel
    figures
    class={large ? 'w-full max-w-lg' : 'w-32 lg:w-64'}
    inputClass={large ? 'min-h-14 text-xl' : ''}
    type="search"
    aria-describedby="quick-answer"
    placeholder="us w 6.5"
    autocomplete="off"
    bind:value={text}
    onkeydown={(e) => {
      if (e.key === 'Escape') open = false;
    }}
  />
  {#if (open || large) && text.trim() !== ''}
    <div
      id="quick-answer"
      class={large ? 'mt-2' : 'absolute right-0 z-20 mt-1 w-[26rem] max-w-[90vw] rounded border border-line bg-sheet p-3 text-ink shadow-lg'}
      aria-live="polite"
    >
      {#if answer.problem}<Notice tone="caution">{answer.problem}</Notice>{/if}
      {#if answer.meanings.length > 1}<p class="soft mb-1 text-sm">That may mean {answer.meanings.length} things:</p>{/if}
      <ul class="grid gap-1">
        {#each answer.meanings as m (m.text + (m.scale ?? ''))}
          <li class="border-b border-line pb-1">
            <b>{m.text}</b> <span class="soft figures text-sm">{formatLength(m.footMm, shown.unit)}</span>
            <span class="flex flex-wrap gap-x-3 text-sm">
              {#each sizesOf(m) as s, at (at)}<span class="whitespace-nowrap">{s.name} <b class="figures">{s.size}</b></span>{/each}
            </span>
          </li>
        {/each}
      </ul>
      {#if answer.meanings.length > 0}<p class="soft mt-1 text-sm">Enter lays it on the rule.</p>{/if}
    </div>
  {/if}
</form>
