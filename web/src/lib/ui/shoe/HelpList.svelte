<script lang="ts">
  import { MOST_PUT_IN, ZONE, type FootFit, type OtherShoe, type PairPutIn, type PutIn, type Remedy } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit, type Side } from '@chiave/core/measure';
  import Button from '$lib/ui/kit/Button.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** Helps that can be put in, and other sizes or lasts instead; every effect is a difference of two computed fits. */
  // prettier-ignore
  let { feet, others, fits, unit, href, put, onput }: {
    feet: FootFit[]; others: OtherShoe[] | null; fits: boolean; unit: LengthUnit; href: (other: OtherShoe) => string;
    /** What is in either shoe now. */
    put: PairPutIn; onput: (put: PairPutIn) => void;
  } = $props();

  /** One row a help and zone, with each foot's effect. */
  const rows = $derived.by(() => {
    const out: { key: string; first: Remedy; sides: { side: Side; remedy: Remedy }[] }[] = [];
    for (const foot of feet) {
      for (const remedy of foot.remedies) {
        const key = `${remedy.name}|${remedy.zone}`;
        const row = out.find((r) => r.key === key);
        if (row) row.sides.push({ side: foot.side, remedy });
        else out.push({ key, first: remedy, sides: [{ side: foot.side, remedy }] });
      }
    }
    return out;
  });
  const inside = (side: Side): readonly PutIn[] => put[side] ?? [];
  const isIn = (side: Side, help: PutIn): boolean => inside(side).some((h) => h.kind === help.kind && h.mm === help.mm);
  /** Of one kind there is one in a shoe: another strength takes its place. */
  function toggle(side: Side, { kind, mm }: PutIn): void {
    const rest = inside(side).filter((h) => h.kind !== kind);
    onput({ ...put, [side]: isIn(side, { kind, mm }) ? rest : [...rest, { kind, mm }] });
  }
  const full = (side: Side, help: PutIn): boolean => inside(side).filter((h) => h.kind !== help.kind).length >= MOST_PUT_IN;
  /** The fewest helps that make each foot fit, where it does not as it is. */
  const recipe = $derived(!fits && feet.every((f) => f.fitsWith !== null) ? feet.filter((f) => f.fitsWith!.length > 0) : []);
  const useRecipe = (): void => onput(Object.fromEntries(recipe.map((f) => [f.side, f.fitsWith!.map(({ kind, mm }) => ({ kind, mm }))])));
</script>

{#if recipe.length > 0}
  <Notice class="mb-2 flex flex-wrap items-center gap-3" data-recipe>
    <span
      >Fits with
      {#each recipe as foot (foot.side)}
        <SideMark side={foot.side} />
        {foot.fitsWith!.map((h) => h.name).join(' and ')}{' '}
      {/each}</span
    >
    <Button kind="primary" onclick={useRecipe}>Put that in</Button>
  </Notice>
{/if}
{#if rows.length === 0 && others !== null && others.length === 0}<p class="soft">Nothing is needed, and nothing changes it for the better.</p>{/if}
<ul class="grid gap-1">
  {#each rows as row (row.key)}
    <li class="flex flex-wrap items-center gap-x-3 border-b border-line py-1">
      <span class="min-w-0 flex-1">
        <b>{row.first.name}</b>: {ZONE[row.first.zone].name}
        {#each row.sides as { side, remedy } (side)}
          <span class="figures mr-2"
            ><SideMark {side} />
            {formatSigned(remedy.effectMm, unit)} → {formatSigned(remedy.afterMm, unit)}
            {unit}</span
          >{#if remedy.makesFit && !fits}<span class="mr-2 text-sm font-semibold">makes it fit</span>{/if}
        {/each}
        <span class="soft text-sm">{row.first.limits}{row.first.costs ? `; also ${row.first.costs}` : ''}</span>
      </span>
      <span class="flex gap-1" role="group" aria-label="Put in: {row.first.name}">
        {#each feet as foot (foot.side)}
          <Button
            class="min-w-14 px-2"
            pressed={isIn(foot.side, row.first)}
            aria-label="{row.first.name} in the {foot.side} shoe"
            disabled={full(foot.side, row.first) && !isIn(foot.side, row.first)}
            onclick={() => toggle(foot.side, row.first)}>{foot.side === 'left' ? 'in L' : 'in R'}</Button
          >
        {/each}
      </span>
    </li>
  {/each}
  {#each others ?? [] as other, at (at)}
    <li class="border-b border-line py-1">
      <a href={href(other)} class="font-semibold">{other.name}</a>: {ZONE[other.zone].name}
      <span class="figures">{formatSigned(other.effectMm, unit)} → {formatSigned(other.afterMm, unit)} {unit}</span>
      {#if other.makesFit}<span class="text-sm font-semibold">fits</span>{/if}
    </li>
  {/each}
  {#if others === null}<li class="soft"><span role="status">Looking at other sizes and lasts …</span></li>{/if}
</ul>
