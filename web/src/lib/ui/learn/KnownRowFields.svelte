<script lang="ts">
  import { FEELS, KINDS, sizeText, ZONE, type Style } from '@chiave/core/fit';
  import { SIDES } from '@chiave/core/measure';
  import { TIGHT_TO_LOOSE } from '$lib/drawing/tightness';
  import Button from '$lib/ui/kit/Button.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Fold from '$lib/ui/kit/Fold.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { TOLD_ZONES, type KnownRow, type KnownShoes } from './known-shoes.svelte';

  /** One shoe that is worn: which, its size, how it feels, and zone by zone where somebody can tell. */
  let { known, row = $bindable(), n, styles, problem }: { known: KnownShoes; row: KnownRow; n: number; styles: readonly Style[]; problem: string } = $props();
  const style = $derived(known.styleOf(row.styleId));
  const WORDS = TIGHT_TO_LOOSE.map(({ id, word }) => ({ id, name: word }));
</script>

<div class="mt-2 grid items-start gap-2 border-b border-line pb-2 sm:grid-cols-[2fr_1fr_0.8fr]" data-known={row.key}>
  <Select label="Shoe {n}" bind:value={row.styleId}>
    <option value="">known by its label</option>
    {#each styles as s (s.id)}<option value={s.id}>{s.name}, {s.maker.name}</option>{/each}
  </Select>
  <Field
    label="Size"
    aria-label="Size of shoe {n}"
    figures
    bind:value={row.text}
    aria-invalid={problem !== ''}
    placeholder={style ? sizeText(style, style.from) : 'eu 39'}
  />
  {#if style}<Field label="Width" aria-label="Width of shoe {n}" figures bind:value={row.width} placeholder={style.widths.join(' ')} />
  {:else}<Select label="Kind" aria-label="Kind of shoe {n}" options={KINDS} bind:value={row.kind} />{/if}
  <div class="flex items-end gap-2 sm:col-span-3">
    <Select class="flex-1" label="Feels" aria-label="Feel of shoe {n}" empty="not asked" options={FEELS} bind:value={row.feel} />
    <Button aria-label="Take shoe {n} away" disabled={known.rows.length === 1} onclick={() => known.remove(row.key)}>×</Button>
  </div>
  {#if problem}<Notice class="sm:col-span-3" tone="caution" role="alert">{problem}</Notice>{/if}
  <div class="sm:col-span-3">
    <Fold heading="Zone by zone" sheet={false}>
      <div class="grid gap-2 sm:grid-cols-2">
        {#each SIDES as side (side)}
          <div class="grid gap-1">
            <SideMark {side} />
            {#each TOLD_ZONES as zone (zone)}
              <Select
                label={ZONE[zone].name}
                aria-label="{ZONE[zone].name}, {side}, shoe {n}"
                empty="not said"
                options={WORDS}
                value={row.zones[side][zone] ?? ''}
                onchange={(e) => known.say(row.key, side, zone, e.currentTarget.value as never)}
              />
            {/each}
          </div>
        {/each}
      </div>
    </Fold>
  </div>
</div>
