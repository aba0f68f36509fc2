<script lang="ts">
  import {
    DOINGS,
    FRICTIONS,
    HEEL_SHAPE,
    quotedPair,
    slipWords,
    REACH_SCHOOLS,
    RELAXED_READ_AT,
    SOLE_SHARES,
    type ArchLine,
    type DoingId,
    type FrictionId,
    type ReachSchool,
    type RelaxedReadAt
  } from '@chiave/core/heel';
  import Check from '$lib/ui/kit/Check.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import NumberField from '$lib/ui/kit/NumberField.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import { parseLength } from '@chiave/core/measure';
  import { ARCH_LINES } from '@chiave/core/last';
  import type { HeelBench } from './heel-bench.svelte';

  /** The shoe and the wearer, figure by figure. */
  let { bench }: { bench: HeelBench } = $props();
  let typed = $state<string | null>(null);
  let problem = $state('');

  /** A height as makers quote it: where they give two units that cannot both be, both are told and nothing is taken. */
  function type(text: string): void {
    typed = text;
    problem = '';
    const slip = slipWords(text);
    if (slip !== null) {
      problem = `${slip}.`;
      return;
    }
    const pair = quotedPair(text);
    const read = pair ? { ok: true as const, mm: pair.mm } : parseLength(text, 'mm');
    if (!read.ok) problem = text.trim() === '' ? '' : `“${text}” is no height: write it as 72, 7.2 cm or 2 3/4 in.`;
    else if (read.mm < bench.platformMm) problem = `The heel is lower than its platform of ${bench.platformMm} mm; check both.`;
    else if (read.mm > bench.mostMm) problem = `No foot of ${Math.round(bench.poseFoot.lengthMm)} mm stands on that: at most ${bench.mostMm} mm.`;
    else bench.heightMm = Math.round(read.mm);
  }
</script>

<div class="grid grid-cols-2 gap-x-3 gap-y-2 md:grid-cols-4">
  <Field
    label="Heel height"
    figures
    bind:value={() => typed ?? String(bench.heightMm), type}
    onblur={() => problem === '' && (typed = null)}
    error={problem || undefined}
  />
  <NumberField label="Platform" unit="mm" value={bench.platformMm} low={0} high={120} step={5} onchange={(v) => bench.setPlatform(v ?? 0)} />
  <NumberField
    label="Tip across"
    unit="mm"
    value={bench.tipMm}
    low={4}
    high={Math.floor(SOLE_SHARES.seat * bench.poseFoot.lengthMm)}
    step={1}
    placeholder={String(HEEL_SHAPE[bench.stood.made.heel].tipWidthMm ?? '')}
    onchange={(v) => (bench.tipMm = v)}
  />
  <NumberField label="Cap over the tip" unit="mm" value={bench.capMm} low={8} high={60} step={1} placeholder="none" onchange={(v) => (bench.capMm = v)} />
  <NumberField label="Worn uneven" unit="mm" value={bench.unevenMm} low={0} high={4} step={0.5} onchange={(v) => (bench.unevenMm = v ?? 0)} />
  <NumberField
    label="Vamp ends at"
    unit="mm"
    value={bench.throatMm}
    low={120}
    high={300}
    step={1}
    placeholder="not taken"
    onchange={(v) => (bench.throatMm = v)}
  />
  <NumberField
    label="Toe slant of the platform"
    unit="°"
    value={bench.toeSlantDeg}
    low={0}
    high={60}
    step={1}
    placeholder="27"
    onchange={(v) => (bench.toeSlantDeg = v)}
  />
  <Select label="Arch line" options={ARCH_LINES.map((id) => ({ id, name: id }))} value={bench.archLine} onpick={(id: ArchLine) => (bench.archLine = id)} />
  <NumberField label="Girth room at the ball" unit="mm" value={bench.ballRoomMm} low={-20} high={25} step={1} onchange={(v) => (bench.ballRoomMm = v ?? 0)} />
  <NumberField label="Toe room" unit="mm" value={bench.toeRoomMm} low={-10} high={40} step={1} onchange={(v) => (bench.toeRoomMm = v ?? 0)} />
  <NumberField label="Ground falls forward" unit="°" value={bench.slopeDeg} low={-12} high={12} step={1} onchange={(v) => (bench.slopeDeg = v ?? 0)} />
  <NumberField label="Weight" unit="kg" value={bench.weightKg} low={15} high={250} step={1} onchange={(v) => (bench.weightKg = v ?? bench.weightKg)} />
  {#if !bench.measured}
    <NumberField label="Foot length" unit="mm" value={bench.lengthMm} low={150} high={330} step={1} onchange={(v) => (bench.lengthMm = v ?? bench.lengthMm)} />
  {/if}
  <NumberField
    label="Ankle reach"
    unit="°"
    value={bench.reachDeg}
    low={0}
    high={110}
    step={1}
    placeholder="not measured"
    onchange={(v) => (bench.typedReach = v)}
  />
  <Select label="Ankle used to heels" options={REACH_SCHOOLS} value={bench.school} onpick={(id: ReachSchool) => (bench.school = id)} />
  <NumberField
    label="Relaxed drop"
    unit="mm"
    value={bench.relaxedMm}
    low={0}
    high={200}
    step={1}
    placeholder="not taken"
    onchange={(v) => (bench.relaxedMm = v)}
  />
  <Select label="Read above the" options={RELAXED_READ_AT} value={bench.relaxedAt} onpick={(id: RelaxedReadAt) => (bench.relaxedAt = id)} />
  <Select label="Between foot and insock" options={FRICTIONS} value={bench.friction} onpick={(id: FrictionId) => (bench.friction = id)} />
</div>
<div class="mt-2 flex flex-wrap items-end gap-x-6 gap-y-2">
  <Choice name="doing" legend="Doing" options={DOINGS} value={bench.doing} onchange={(id: DoingId) => (bench.doing = id)} />
  <Check bind:checked={bench.lowIsSafer}>numb or diabetic feet, pregnancy, unsteadiness, surgery, brace</Check>
  <Check bind:checked={bench.hypermobile}>hypermobile</Check>
</div>
<p class="soft mt-2 text-sm">
  Two schools of what an ankle reaches in comfort: a share of its measured range, and the relaxed drop (leg held out, foot hanging: how far the heel hangs above
  the ball). Where both are given both stand on the row, and the lower decides.
</p>
