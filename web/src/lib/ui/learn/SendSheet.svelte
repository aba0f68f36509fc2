<script lang="ts">
  import type { Style } from '@chiave/core/fit';
  import { worthSending, type SendPlan } from '@chiave/core/learn';
  import { MEASURE } from '@chiave/core/measure';
  import { withFractions } from '$lib/size-fractions';
  import { USUAL_COSTS, type PostCosts } from '$lib/api/post-schema';
  import Button from '$lib/ui/kit/Button.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  /** By post: which one, two or three pairs give the best chance that one fits, drawn, and whether each more is worth its way. @prop onsend writes a set down as a parcel */
  let {
    plan,
    styles,
    post = $bindable({ ...USUAL_COSTS }),
    onsend
  }: { plan: SendPlan; styles: readonly Style[]; post?: PostCosts; onsend?: (set: SendPlan['sets'][number]) => void } = $props();
  const one = $derived(styles.length === 1);
  const nameOf = ({ styleId, size, width }: SendPlan['each'][number]): string =>
    `${one ? '' : `${styles.find((s) => s.id === styleId)?.name ?? styleId} `}${withFractions(size)} ${width}`;
  const FIELDS = [
    { id: 'marginEach', name: 'A kept pair brings' },
    { id: 'out', name: 'A pair out' },
    { id: 'back', name: 'A pair back' }
  ] as const;
  const rows = $derived(
    plan.sets.map((s, i) => {
      const gain = s.chance - (i > 0 ? plan.sets[i - 1].chance : 0);
      return { ...s, gain, worth: worthSending(gain, post) };
    })
  );
  const percent = (p: number): number => Math.round(100 * p);
  const COUNT = ['one pair', 'two pairs', 'three pairs'] as const;
  /** The best two need not hold the best one. */
  const without = $derived(rows.length > 1 && !rows[1].pairs.includes(rows[0].pairs[0]));
  const [next] = $derived(plan.needs);
</script>

<Sheet heading="By post">
  {#if rows.length === 0}<p class="soft">Nothing of {one ? styles[0].name : 'these styles'} is made near these feet.</p>{/if}
  <ol class="grid gap-2" aria-label="What to send">
    {#each rows as r, i (i)}
      <li class="grid grid-cols-[5.5rem_minmax(0,1fr)_auto] items-center gap-x-3 leading-snug">
        <span>{COUNT[i]}</span>
        <span class="relative block h-7 border border-line">
          <span class="absolute inset-y-0 left-0 bg-brass-bright" style:width="{100 * (r.chance - r.gain)}%"></span>
          <span class="absolute inset-y-0 {r.worth ? 'bg-ink' : 'bg-edge'}" style:left="{100 * (r.chance - r.gain)}%" style:width="{100 * r.gain}%"></span>
        </span>
        {#if onsend}<Button class="row-span-2 px-3" aria-label="Write this parcel: {r.pairs.map(nameOf).join(', ')}" onclick={() => onsend(r)}
            >Write this parcel</Button
          >{:else}<span></span>{/if}
        <span></span>
        <span
          ><b>{r.pairs.map(nameOf).join(', ')}</b>: {percent(r.chance)} of 100{i > 0 ? `, ${percent(r.gain)} more` : ''};
          <b>{r.worth ? 'worth its way' : 'not worth its way'}</b></span
        >
      </li>
    {/each}
  </ol>
  {#if without}<p class="soft mt-1">The best two do without the best one: together they reach further.</p>{/if}
  {#if next && rows.length > 0}<p class="mt-1">A tape of the {MEASURE[next.measure].name} would tell most: ask for it first.</p>{/if}
  <div class="mt-2 grid grid-cols-3 gap-2">
    {#each FIELDS as f (f.id)}
      <NumberField label={f.name} unit="" value={post[f.id]} low={0} high={10000} step={1} onchange={(n) => (post[f.id] = n ?? 0)} />
    {/each}
  </div>
  <p class="soft mt-1">Of 100: that every zone of both feet lies within its limits in one of them. Fewer come back than that says; only the order is sure.</p>
</Sheet>
