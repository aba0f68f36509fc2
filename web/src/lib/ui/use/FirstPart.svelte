<script lang="ts">
  import { firstPair, noteWords, openQuestions, suitWords, USE, usesOver, wantedWords } from '@chiave/core/use';
  import { capital } from '$lib/capital';
  import { firstCardText } from '$lib/first-card';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Suits } from '$lib/workers/messages';
  import Questions from './Questions.svelte';
  import Schools from './Schools.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** A first pair: at most six questions, what is wanted and why, both schools, what on the shelf is like it. One card to print or send. */
  let { bench }: { bench: UseBench } = $props();
  const first = $derived(firstPair(bench.use, bench.setting, bench.schools));
  const lying = $derived(usesOver(bench.use, bench.setting.person).filter((u) => u.over !== 'everybody'));
  /** What is open, and what was answered here already: an answer stays to be changed. */
  const ids = $derived.by(() => {
    const all = [...new Set(first.judge.uses.flatMap((u) => u.questions))];
    const open = openQuestions(first.judge);
    return all.filter((id) => open.includes(id) || bench.answers[id as never] !== undefined);
  });
  const wanted = $derived(first.wanted.slice(0, 9));
  let shelf = $state.raw<Suits | null>(null);
  $effect(() => {
    void [bench.setting, bench.schools];
    void bench.shelf([...USE[bench.use].madeFor, ...USE[bench.use].willDo]).then((s) => s && (shelf = s));
  });
  const MOST = 6;
  const title = $derived(
    `For ${USE[bench.use].name}${bench.person ? `, ${bench.person.name}` : ''}: ${wanted
      .slice(0, 3)
      .map((w) => wantedWords(w))
      .join('; ')}`
  );
  const best = $derived((shelf?.order ?? []).slice(0, MOST).map((id) => ({ id, name: bench.nameOf(id), suits: suitWords(shelf!.suits[id]) })));
  let copied = $state('');
  async function copy(): Promise<void> {
    const axes = [USE[bench.use], ...lying].flatMap((u) => u.axes.map((axis) => ({ axis, chosen: bench.schools[u.id]?.[axis.id] })));
    const text = firstCardText({
      title,
      wanted,
      notes: first.judge.notes,
      schools: axes.map(({ axis, chosen }) => ({ name: axis.name, chosen: axis.options.find((o) => o.id === chosen)?.name ?? 'both weighed' })),
      shelf: best
    });
    try {
      await navigator.clipboard.writeText(text);
      copied = 'Copied: paste it into the message.';
    } catch {
      copied = 'This browser lets nothing be copied here: print the card.';
    }
  }
</script>

<div class="grid gap-3 lg:grid-cols-2">
  <Sheet class="grid content-start gap-3 print:hidden" heading="Asked: {ids.length === 0 ? 'nothing more' : 'as far as it changes anything'}">
    <Questions {ids} answers={bench.answers} onanswer={(a) => (bench.answers = a)} />
    <Schools uses={[USE[bench.use], ...lying]} schools={bench.schools} onchange={(s) => (bench.schools = s)} />
  </Sheet>
  <Sheet class="grid content-start gap-3">
    <h2 class="says text-xl">
      {title}
    </h2>
    <ol class="grid gap-1.5" aria-label="Wanted, musts first">
      {#each wanted as w (w.reads)}
        <li class="leading-snug">
          <b>{capital(wantedWords(w))}</b>{w.must ? ' – a must' : ''}. <span class="soft">{capital(w.why[0])}.</span>
        </li>
      {/each}
    </ol>
    {#if first.judge.notes.length > 0}
      <ul class="soft grid gap-1">
        {#each first.judge.notes as { note } (note.id)}<li class="leading-snug">{noteWords(note)}</li>{/each}
      </ul>
    {/if}
    {#if best.length > 0}
      <div>
        <h3 class="font-semibold">On the shelf, as far as they are known</h3>
        <ol class="grid gap-0.5">
          {#each best as b (b.id)}
            <li>
              <a href="/stock/styles/{b.id}">{b.name}</a>
              <span class="soft">{b.suits}</span>
            </li>
          {/each}
        </ol>
      </div>
    {/if}
    <div class="flex flex-wrap items-center gap-2 print:hidden">
      <Button disabled={shelf === null} onclick={copy}>Copy to send</Button>
      <Button onclick={() => window.print()}>Print the card</Button>
      <span class="soft" role="status">{copied}</span>
    </div>
  </Sheet>
</div>
