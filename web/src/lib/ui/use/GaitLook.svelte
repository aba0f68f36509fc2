<script lang="ts">
  import { SIDES, type Side } from '@chiave/core/measure';
  import { ARCHES_SEEN, disagreements, gaitOf, gaitWords, ROLLS, STRIKES, WATCHED, WORN_AT, type ArchSeenId, type Looks, type RollId, type StrikeId, type WatchedId, type WornAtId } from '@chiave/core/use'; // prettier-ignore
  import { looksOf } from '$lib/use-fitting';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';

  /** Jogging, old soles and arch by side: what a use goes by, told with how sure it is. */
  let { desk }: { desk: Desk } = $props();
  const use = $derived(desk.fitting.use);
  const of = (side: Side): Looks => use.looks[side] ?? {};
  function set(side: Side, part: Partial<Looks>): void {
    const own = { ...$state.snapshot(of(side)), ...part } as Record<string, unknown>;
    for (const key of Object.keys(own)) if (own[key] === undefined || (Array.isArray(own[key]) && own[key].length === 0)) delete own[key];
    desk.patch({ use: { ...$state.snapshot(use), looks: { ...$state.snapshot(use.looks), [side]: own } } as typeof use });
  }
  let watched = $state<WatchedId>('eye');
  const told = (side: Side): string => {
    const { roll, strike, arch } = gaitOf(looksOf(desk.fitting, side));
    const name = <T extends { id: string; name: string }>(all: readonly T[], id: string): string => all.find((x) => x.id === id)!.name;
    return [
      gaitWords(name(ROLLS, roll.id), roll.confidence),
      gaitWords(name(STRIKES, strike.id), strike.confidence),
      gaitWords(`${arch.id} arch`, arch.confidence)
    ].join('; ');
  };
</script>

<Sheet heading="Walking and jogging, for the use">
  <p class="soft text-sm">Up and back barefoot, then a few steps at a jog; then the soles of the old pair. The foot that asks for more decides.</p>
  <Choice name="watched" legend="Watched" options={WATCHED} bind:value={watched} />
  <div class="mt-2 grid gap-4 md:grid-cols-2">
    {#each SIDES as side (side)}
      {@const looks = of(side)}
      <div class="grid content-start gap-2">
        <p class="flex items-baseline gap-2"><SideMark {side} /> <b aria-live="polite" data-gait={side}>{told(side)}</b></p>
        {#each disagreements(looksOf(desk.fitting, side)) as line, i (i)}<Notice tone="caution" role="status">{line}</Notice>{/each}
        <Choice
          name="roll-{side}"
          legend="The foot"
          options={ROLLS}
          value={looks.roll?.is ?? null}
          onchange={(is: RollId) => set(side, { roll: { is, watched } })}
          onclear={() => set(side, { roll: undefined })}
        />
        <Choice
          name="strike-{side}"
          legend="At a jog it"
          options={STRIKES}
          value={looks.strike?.is ?? null}
          onchange={(is: StrikeId) => set(side, { strike: { is, watched } })}
          onclear={() => set(side, { strike: undefined })}
        />
        <Choice
          name="worn-{side}"
          legend="The old sole is worn at the"
          options={WORN_AT}
          value={looks.wornAt ?? null}
          onchange={(wornAt: WornAtId) => set(side, { wornAt })}
          onclear={() => set(side, { wornAt: undefined })}
        />
        <Choices
          legend="The arch, by eye, print or drop"
          options={ARCHES_SEEN}
          chosen={[...(looks.arch ?? [])]}
          onchange={(arch: ArchSeenId[]) => set(side, { arch })}
        />
      </div>
    {/each}
  </div>
</Sheet>
