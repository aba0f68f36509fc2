<script lang="ts">
  import type { Listed } from '@chiave/core/fit';
  import { classWords } from '@chiave/core/use';
  import type { BySuit } from './by-suit.svelte';
  import { chance } from '$lib/ui/fitting/names';
  import { shown } from '$lib/ui/kit/units.svelte';
  import type { StyleBrief } from '../../style-brief';
  import { decided } from './decided';
  import type { Ranking } from './ranking.svelte';
  import Field from '$lib/ui/kit/Field.svelte';

  /**
   * Why any style of the stockroom is not what is offered: where it stands, or why it has no size.
   * @prop found candidates listed now, best first
   * @prop whyLeftOut why a style is not among those ranked; null for one that is
   */
  let {
    styles,
    ranking,
    found,
    suits,
    whyLeftOut
  }: { styles: StyleBrief[]; ranking: Ranking; found: readonly Listed[]; suits: BySuit; whyLeftOut: (style: StyleBrief) => string | null } = $props();

  /** So many names are offered at a time; a few letters more find the others. */
  const OFFERED = 20;
  let typed = $state('');
  const label = (s: StyleBrief): string => `${s.name}, ${s.maker}`;
  const matches = $derived.by(() => {
    const words = typed
      .toLowerCase()
      .split(/[\s,]+/)
      .filter(Boolean);
    return words.length === 0 ? [] : styles.filter((s) => words.every((word) => label(s).toLowerCase().includes(word)));
  });
  /** The one that is named in full, with or without its maker, or the only one that has those letters. */
  const asked = $derived.by(() => {
    const whole = typed.trim().toLowerCase();
    const inFull = matches.filter((s) => [s.name, label(s)].some((name) => name.toLowerCase() === whole));
    const one = inFull.length > 0 ? inFull : matches;
    return one.length === 1 ? one[0] : undefined;
  });

  $effect(() => {
    const at = asked?.id;
    // Asked again whenever more is listed.
    const listed = found.find((c) => c.styleId === at);
    if (at === undefined || !listed) return;
    ranking.want([at]);
    suits.want([listed]);
  });
  /** What the use says of it, and which answer or school would change that. */
  const forTheUse = $derived.by((): string => {
    const [suit, told] = asked ? [suits.of(asked.id), suits.told(asked.id)] : [];
    if (!suit || !told) return '';
    const { sentences, would } = told;
    const speaks = sentences.forbidden[0] ?? sentences.against[0] ?? '';
    const best = would[0];
    const change = best ? `If ${best.name.charAt(0).toLowerCase()}${best.name.slice(1)} were “${best.option}”: ${classWords(best.class)}.` : '';
    return [` For the use: ${classWords(suit.class)}.`, speaks, change].filter(Boolean).join(' ');
  });

  const answer = $derived.by((): string => {
    if (typed.trim() === '') return '';
    if (!asked)
      return matches.length === 0 ? 'No style of the stockroom has that name.' : `${matches.length} styles have that in their names: a few letters more.`;
    const leftOut = whyLeftOut(asked);
    if (leftOut) return `${asked.name} was left out: ${leftOut}.`;
    const without = ranking.unranked.find((u) => u.styleId === asked.id);
    if (without) return `${without.name}: ${without.why}.`;
    const at = found.findIndex((c) => c.styleId === asked.id);
    if (at >= 0) {
      const c = ranking.whole(asked.id);
      if (!c) return '';
      return `${c.name} in ${c.size} ${c.width} stands ${at + 1} of ${found.length}. ${c.sentence} It is ${decided(c, shown.unit)}; ${chance(c.probability)}.`;
    }
    if (ranking.all.some((c) => c.styleId === asked.id)) return `${asked.name}: its size for these feet is not on the shelf.`;
    return ranking.running ? 'Not reached yet.' : `${asked.name} was not reached before the ranking was stopped.`;
  });
</script>

<!-- The field stands among what narrows; its answer has a line of its own below them. -->
<div class="contents" data-why-not>
  <Field label="Why not this one?" hideLabel class="w-60" list="why-not-names" placeholder="Why not … a style" autocomplete="off" bind:value={typed} />
  <datalist id="why-not-names">
    {#each matches.slice(0, OFFERED) as s (s.id)}<option value={label(s)}></option>{/each}
  </datalist>
  {#if answer}<p class="order-last basis-full" role="status">{answer}{forTheUse}</p>{/if}
</div>
