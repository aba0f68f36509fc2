<script lang="ts">
  import { againstWords, forWords, madeWords, RULE_MARKS, type Judged, type RuleRead } from '@chiave/core/use';

  /** What speaks for a shoe and what against it: one bar a rule, as long as it weighs, to the right for and to the left against. */
  let { judged }: { judged: Judged } = $props();
  const MOST = 9;
  const rows = $derived(
    [...judged.against.filter((r) => !r.forbids), ...judged.for].sort((a, b) => Math.abs(b.s) * b.wf - Math.abs(a.s) * a.wf).slice(0, MOST)
  );
  const longest = $derived(Math.max(1, ...rows.map((r) => Math.abs(r.s) * r.wf)));
  const share = (r: RuleRead): number => (50 * r.s * r.wf) / longest;
  const words = (r: RuleRead): string => (r.s > 0 ? forWords(r) : againstWords(r));
  const made = $derived(madeWords(judged));
</script>

<ul class="grid content-start gap-1.5" aria-label="What speaks for it and against it, heaviest first">
  {#if made}<li class="soft">{made}</li>{/if}
  {#each rows as r (`${r.here.use.id} ${r.here.rule.id}`)}
    <li class="grid grid-cols-[5.5rem_minmax(0,1fr)] items-start gap-2">
      <span class="relative mt-1.5 block h-2.5 rounded bg-band" aria-hidden="true">
        <span class="absolute top-0 h-2.5 rounded {r.s > 0 ? 'bg-brass' : 'bg-tight'}" style="left:{Math.min(50, 50 + share(r))}%;width:{Math.abs(share(r))}%"
        ></span>
        <span class="absolute top-[-2px] left-1/2 h-3.5 w-px bg-ink"></span>
      </span>
      <span class="leading-snug">{words(r)} <span class="soft">[{RULE_MARKS[r.here.rule.mark]}]</span></span>
    </li>
  {/each}
</ul>
