<script lang="ts">
  import { FLAG, type Shoe, type Style } from '@chiave/core/fit';
  import { deviceOn, dropOf, judgeFor, judgeUse, useSentences, useShoe, useStyleOf, WHOM, type Judged, type UseId } from '@chiave/core/use'; // prettier-ignore
  import { useSettingOf } from '$lib/use-fitting';
  import DeviceLean from '$lib/drawing/use/DeviceLean.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import RuleBars from './RuleBars.svelte';

  /** Everything that is told of one pair for the uses that were chosen: what speaks for it and against it, drawn by weight. */
  let { desk, style, shoe }: { desk: Desk; style: Style; shoe: Shoe } = $props();
  const f = $derived(desk.fitting);
  const columns = $derived(useShoe(useStyleOf(style)));
  const setting = $derived(useSettingOf(f));
  const roomMm = $derived(shoe.inside.insoleLengthMm - setting.person.lengthMm);
  const told = $derived(
    f.use.uses.map((id: UseId) => {
      const judged: Judged = judgeUse(judgeFor(id, setting, f.use.schools), columns, roomMm);
      return { id, judged, said: useSentences(judged, columns) };
    })
  );
  const device = $derived(f.customer.flags.some((flag) => FLAG[flag].device) ? deviceOn(dropOf(columns), setting.person, setting.answers) : null);
</script>

<div class="grid gap-3">
  {#each told as { id, judged, said } (id)}
    <Sheet data-use={id}>
      <h2 class="says text-xl" data-suit={judged.class}>{said.head}</h2>
      {#each said.forbidden as line, i (i)}<Notice class="mt-2" tone="caution" role="alert">{line}</Notice>{/each}
      <div class="mt-2 grid gap-4 lg:grid-cols-2">
        <RuleBars {judged} />
        <div class="grid content-start gap-3">
          {#if said.look.length > 0}
            <div>
              <h3 class="font-semibold">Look at before the sale</h3>
              <ul class="grid gap-1">
                {#each said.look.slice(0, 5) as line, i (i)}<li class="leading-snug">{line}</li>{/each}
              </ul>
            </div>
          {/if}
          {#each said.conflicts as line, i (i)}<p class="leading-snug">{line}</p>{/each}
          {#if said.needs}<p><b>{said.needs}</b></p>{/if}
          {#if said.assumed}<p>{said.assumed}</p>{/if}
          {#if said.whom.length > 0}<p>Ask {said.whom.map((w) => WHOM[w]).join(', ')} before the sale.</p>{/if}
          <ul class="soft grid gap-1">
            {#each said.notes as line, i (i)}<li class="leading-snug">{line}</li>{/each}
          </ul>
        </div>
      </div>
    </Sheet>
  {/each}
  {#if device}<Sheet heading="Shoe and device"><DeviceLean stand={device} lengthMm={setting.person.lengthMm} /></Sheet>{/if}
</div>
