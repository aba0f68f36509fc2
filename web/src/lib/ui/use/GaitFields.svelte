<script lang="ts">
  import type { Side } from '@chiave/core/measure';
  import { ARCHES_SEEN, disagreements, gaitOf, gaitWords, ROLLS, STRIKES, WORN_AT, type ArchSeenId, type Looks, type RollId, type StrikeId, type WatchedId, type WornAtId } from '@chiave/core/use'; // prettier-ignore
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Choices from '$lib/ui/kit/Choices.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /**
   * What was looked at on one foot as it walks and jogs, and what it comes to with how sure.
   * @prop looks what is entered here; `all` with what Measure knows besides
   */
  let { side, looks, all = looks, watched, onlooks }: { side: Side; looks: Looks; all?: Looks; watched: WatchedId; onlooks: (looks: Looks) => void } = $props();
  function set(part: Partial<Looks>): void {
    const next = { ...$state.snapshot(looks), ...part };
    // What is taken back stays away.
    onlooks(Object.fromEntries(Object.entries(next).filter(([, v]) => v !== undefined && !(Array.isArray(v) && v.length === 0))));
  }
  const name = <T extends { id: string; name: string }>(of: readonly T[], id: string): string => of.find((x) => x.id === id)!.name;
  const told = $derived.by(() => {
    const { roll, strike, arch } = gaitOf(all);
    return [
      gaitWords(name(ROLLS, roll.id), roll.confidence),
      gaitWords(name(STRIKES, strike.id), strike.confidence),
      gaitWords(`${arch.id} arch`, arch.confidence)
    ].join('; ');
  });
</script>

<div class="grid content-start gap-2">
  <p class="flex flex-wrap items-baseline gap-2"><SideMark {side} /> <b aria-live="polite" data-gait={side}>{told}</b></p>
  {#each disagreements(all) as line, i (i)}<Notice tone="caution" role="status">{line}</Notice>{/each}
  <Choice
    name="roll-{side}"
    legend="The foot"
    options={ROLLS}
    value={looks.roll?.is ?? null}
    onchange={(is: RollId) => set({ roll: { is, watched } })}
    onclear={() => set({ roll: undefined })}
  />
  <Choice
    name="strike-{side}"
    legend="At a jog it"
    options={STRIKES}
    value={looks.strike?.is ?? null}
    onchange={(is: StrikeId) => set({ strike: { is, watched } })}
    onclear={() => set({ strike: undefined })}
  />
  <Choice
    name="worn-{side}"
    legend="The old sole is worn at the"
    options={WORN_AT}
    value={looks.wornAt ?? null}
    onchange={(wornAt: WornAtId) => set({ wornAt })}
    onclear={() => set({ wornAt: undefined })}
  />
  <Choices legend="The arch, by eye, print or drop" options={ARCHES_SEEN} chosen={[...(looks.arch ?? [])]} onchange={(arch: ArchSeenId[]) => set({ arch })} />
</div>
