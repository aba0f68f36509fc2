<script lang="ts">
  /** What a scan's file held, and what was found wrong with it. */
  import { formatLength, trimNumber } from '@chiave/core/measure';
  import { PLANE_SD } from '@chiave/core/scan';
  import { shown } from '$lib/ui/kit/units.svelte';
  import type { ScanFacts } from '$lib/workers/scan.worker';

  let { facts, apart }: { facts: ScanFacts; apart: boolean } = $props();
  const FORMATS = { stl: 'STL', 'stl-text': 'STL as text', obj: 'OBJ', ply: 'PLY' } as const satisfies Record<ScanFacts['format'], string>;
  const grouped = new Intl.NumberFormat('en-GB');
  const widest = $derived(Math.max(0, ...facts.holes.map((h) => h.lengthMm / Math.PI)));
</script>

<ul class="mt-2 text-sm" data-scan-facts>
  <li class="soft">{FORMATS[facts.format]} in {facts.unit.name}, {grouped.format(facts.triangles)} triangles.</li>
  {#each facts.told as t (t.code)}
    <li>
      {t.code === 'cut-off' ? 'The file ends before its end' : 'The file counts its triangles wrongly'}: it says {grouped.format(t.said)}, {grouped.format(
        t.holds
      )} were read.
    </li>
  {/each}
  {#if facts.dropped.length > 0}<li>{facts.dropped.length} smaller {facts.dropped.length === 1 ? 'part' : 'parts'} beside the foot left out.</li>{/if}
  {#if facts.holes.length > 0}
    <li>
      {facts.holes.length}
      {facts.holes.length === 1 ? 'hole' : 'holes'}, the widest about {trimNumber(Math.round(widest))} mm across: not filled. A tape over one is less sure, and its
      ± says so.
    </li>
  {/if}
  {#if facts.jitterMm > 0.05}
    <li class="soft">Its points jittered by {trimNumber(Math.round(facts.jitterMm * 100) / 100)} mm{facts.steadied ? ', which was taken out' : ''}.</li>
  {/if}
  {#if !facts.ankle}<li>Its leg ends too low for ankle and short heel: take these by tape.</li>{/if}
  <li class="soft">{apart ? 'Five toes found.' : 'The toes are closed in the scan: their places are the model’s, the front is its own.'}</li>
  <li class="soft">
    The axis runs as a tracing’s does. Girths: a tape bridges hollows; ± is how much each changes on this foot where its plane is off by {formatLength(
      PLANE_SD.mm,
      shown.unit
    )} or {PLANE_SD.degrees}°; of the others, what a clean scan errs by (both model).
  </li>
</ul>
