<script lang="ts">
  import { sizesOf, sizeText, shoeOf, type Style } from '@chiave/core/fit';
  import { worthSending, type SendPlan } from '@chiave/core/learn';
  import { MEASURE } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { planToSend } from '$lib/workers/fit-client';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { KnownShoes } from './known-shoes.svelte';

  /** By post: which one, two or three pairs give the best chance that one fits, drawn, and whether each more is worth its way. */
  let { known, style }: { known: KnownShoes; style: Style } = $props();
  let plan = $state.raw<SendPlan | null>(null);
  let turn = 0;
  const candidates = $derived(
    sizesOf(style).flatMap(
      (size) =>
      style.widths.map((width) => ({ id: `${withFractions(sizeText(style, size))} ${width}`, shoe: shoeOf(style, size, width), lastId: style.last.id, mark: style.last.evidence.mark })) // prettier-ignore
    )
  );
  $effect(() => {
    const own = ++turn;
    void planToSend(known.ask, candidates)
      .then((p) => own === turn && (plan = p))
      .catch(() => {});
  });
  let post = $state({ marginEach: 60, out: 6, back: 6 });
  const FIELDS = [
    { id: 'marginEach', name: 'A kept pair brings' },
    { id: 'out', name: 'A pair out' },
    { id: 'back', name: 'A pair back' }
  ] as const;
  const rows = $derived(
    (plan?.sets ?? []).map((s, i) => {
      const gain = s.chance - (i > 0 ? plan!.sets[i - 1].chance : 0);
      return { ...s, gain, worth: worthSending(gain, post) };
    })
  );
  const percent = (p: number): number => Math.round(100 * p);
  const COUNT = ['one pair', 'two pairs', 'three pairs'] as const;
  /** The best two need not hold the best one. */
  const without = $derived(rows.length > 1 && !rows[1].ids.includes(rows[0].ids[0]));
  const [next] = $derived(known.learned?.needs ?? []);
</script>

<Sheet heading="By post">
  {#if plan && rows.length === 0}<p class="soft">Nothing of {style.name} is made near these feet.</p>{/if}
  <ol class="grid gap-2" aria-label="What to send">
    {#each rows as r, i (i)}
      <li class="grid grid-cols-[6rem_minmax(0,1fr)] items-center gap-x-3 leading-snug">
        <span>{COUNT[i]}</span>
        <span class="relative block h-7 border border-line">
          <span class="absolute inset-y-0 left-0 bg-brass-bright" style:width="{100 * (r.chance - r.gain)}%"></span>
          <span class="absolute inset-y-0 {r.worth ? 'bg-ink' : 'bg-edge'}" style:left="{100 * (r.chance - r.gain)}%" style:width="{100 * r.gain}%"></span>
        </span>
        <span></span>
        <span
          ><b>{r.ids.join(', ')}</b>: {percent(r.chance)} of 100{i > 0 ? `, ${percent(r.gain)} more` : ''};
          <b>{r.worth ? 'worth its way' : 'not worth its way'}</b></span
        >
      </li>
    {/each}
  </ol>
  {#if without}<p class="soft mt-1">The best two do without the best one: together they reach further.</p>{/if}
  {#if next && rows.length > 0}<p class="mt-1">Ask for the {MEASURE[next.measure].name} by tape first: two numbers are worth more than a second pair.</p>{/if}
  <div class="mt-2 grid grid-cols-3 gap-2">
    {#each FIELDS as f (f.id)}
      <NumberField label={f.name} unit="money" value={post[f.id]} low={0} high={10000} step={1} onchange={(n) => (post[f.id] = n ?? 0)} />
    {/each}
  </div>
  <p class="soft mt-1">Of 100: that every zone of both feet lies within its limits in one of them. Fewer come back than that says; only the order is sure.</p>
</Sheet>
