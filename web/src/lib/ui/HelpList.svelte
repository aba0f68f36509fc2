<script lang="ts">
  import { ZONE, type FootFit, type OtherShoe, type Remedy } from '@chiave/core/fit';
  import { formatSigned, type LengthUnit } from '@chiave/core/measure';

  /** Helps put in, and other sizes or lasts instead; every effect is a difference of two computed fits. */
  let { feet, others, fits, unit, href }: { feet: FootFit[]; others: OtherShoe[] | null; fits: boolean; unit: LengthUnit; href: (other: OtherShoe) => string } =
    $props();

  /** One row a help and zone, with each foot's effect. */
  const rows = $derived.by(() => {
    const out: { key: string; first: Remedy; sides: { side: string; remedy: Remedy }[] }[] = [];
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
</script>

{#if rows.length === 0 && others !== null && others.length === 0}<p class="soft">Nothing is needed, and nothing changes it for the better.</p>{/if}
<ul class="grid gap-1">
  {#each rows as row (row.key)}
    <li class="border-b border-line py-1">
      <b>{row.first.name}</b>: {ZONE[row.first.zone].name}
      {#each row.sides as { side, remedy } (side)}
        <span class="figures mr-2"
          ><b class={side === 'left' ? 'side-L' : 'side-R'}>{side === 'left' ? 'L' : 'R'}</b>
          {formatSigned(remedy.effectMm, unit)} → {formatSigned(remedy.afterMm, unit)}</span
        >{#if remedy.makesFit && !fits}<span class="mr-2 text-sm font-semibold">makes it fit</span>{/if}
      {/each}
      <span class="soft text-sm">{row.first.limits}{row.first.costs ? `; costs ${row.first.costs}` : ''}</span>
    </li>
  {/each}
  {#each others ?? [] as other (other.name)}
    <li class="border-b border-line py-1">
      <a href={href(other)} class="font-semibold">{other.name}</a>: {ZONE[other.zone].name}
      <span class="figures">{formatSigned(other.effectMm, unit)} → {formatSigned(other.afterMm, unit)}</span>
      {#if other.makesFit}<span class="text-sm font-semibold">fits</span>{/if}
    </li>
  {/each}
  {#if others === null}<li class="soft" role="status">Looking at other sizes and lasts …</li>{/if}
</ul>
