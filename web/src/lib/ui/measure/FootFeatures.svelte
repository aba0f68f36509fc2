<script lang="ts">
  import { POSTURE_ITEMS } from '@chiave/core/foot';
  import { SIDES, type ArchType, type FootToeShape } from '@chiave/core/measure';
  import type { Desk } from '$lib/ui/fitting/desk.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import SideMark from '$lib/ui/kit/SideMark.svelte';

  /** What is seen of each foot rather than taped: toes, arch, what stands out, the wet print, posture. */
  let { desk }: { desk: Desk } = $props();
  const f = $derived(desk.fitting);
  const TOES: readonly { id: FootToeShape; name: string }[] = [
    { id: 'egyptian', name: 'tapered' },
    { id: 'greek', name: 'second longest' },
    { id: 'square', name: 'square' }
  ];
  const ARCHES: readonly { id: ArchType; name: string }[] = [
    { id: 'low', name: 'low' },
    { id: 'medium', name: 'medium' },
    { id: 'high', name: 'high' }
  ];
  const SINGLES = [
    { key: 'bunionMm', name: 'Bunion stands out', unit: 'mm', high: 25 },
    { key: 'hammerToeMm', name: 'Hammer toe stands higher', unit: 'mm', high: 25 },
    { key: 'ankleReachDeg', name: 'Ankle reach', unit: '°', high: 110 }
  ] as const;
  const WHICH_TOE = ['big', 'second', 'third', 'fourth', 'little'].map((name, i) => ({ id: String(i + 1), name }));
  const PRINT = [
    { key: 'midfootMm', name: 'Wet print, narrowest' },
    { key: 'heelMm', name: 'Wet print, heel' },
    { key: 'forefootMm', name: 'Wet print, forefoot' }
  ] as const;
</script>

<div class="mt-3 grid gap-3 border-t border-line pt-3 sm:grid-cols-2">
  {#each SIDES as side (side)}
    {@const own = f.feet[side]}
    <div class="grid content-start gap-3">
      <p><SideMark {side} word /></p>
      <Choice
        name="toes-{side}"
        legend="Toe shape"
        options={TOES}
        value={own.toeShape}
        onchange={(toeShape) => desk.feature(side, { toeShape })}
        onclear={() => desk.feature(side, { toeShape: null })}
      />
      <Choice
        name="arch-{side}"
        legend="Arch"
        options={ARCHES}
        value={own.archType}
        onchange={(archType) => desk.feature(side, { archType })}
        onclear={() => desk.feature(side, { archType: null })}
      />
      <div class="grid grid-cols-3 items-end gap-2">
        {#each SINGLES as single (single.key)}
          <NumberField
            label={single.name}
            unit={single.unit}
            value={own[single.key]}
            low={0}
            high={single.high}
            step={1}
            onchange={(v) => desk.feature(side, { [single.key]: v })}
          />
        {/each}
      </div>
      {#if own.hammerToeMm}
        <Choice
          name="hammer-{side}"
          legend="Which toe stands higher"
          options={WHICH_TOE}
          value={own.hammerToe === null ? null : String(own.hammerToe)}
          onchange={(toe) => desk.feature(side, { hammerToe: Number(toe) })}
          onclear={() => desk.feature(side, { hammerToe: null })}
        />
      {/if}
      <div class="grid grid-cols-3 items-end gap-2">
        {#each PRINT as print (print.key)}
          <NumberField
            label={print.name}
            unit="mm"
            value={own.print?.[print.key] ?? null}
            low={0}
            high={160}
            step={1}
            onchange={(v) => desk.feature(side, { print: { ...(own.print ?? { midfootMm: null, heelMm: null, forefootMm: null }), [print.key]: v } })}
          />
        {/each}
      </div>
      <details>
        <summary class="min-h-11 content-center">Posture score, six marks</summary>
        <p class="soft text-sm">As a clinician or a trained fitter scores them, −2 to +2 each. It grades, it does not diagnose.</p>
        {#each POSTURE_ITEMS as item, i (item)}
          <Choice
            name="posture-{side}-{i}"
            legend={item}
            options={[-2, -1, 0, 1, 2].map((m) => ({ id: String(m), name: m > 0 ? `+${m}` : String(m).replace('-', '−') }))}
            value={own.posture ? String(own.posture[i]) : null}
            onchange={(v) => {
              const marks = [...(own.posture ?? [0, 0, 0, 0, 0, 0])];
              marks[i] = Number(v);
              desk.feature(side, { posture: marks });
            }}
          />
        {/each}
      </details>
    </div>
  {/each}
</div>
