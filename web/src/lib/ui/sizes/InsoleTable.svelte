<script lang="ts">
  import { signedNumber, trimNumber } from '@chiave/core/measure';
  import { callsForALook, HAND_ERROR_MM, INSOLE_UNDER_LAST_MM, insoleFlagWords, type AnyScale, type InsoleFit } from '@chiave/core/size';
  import Table from '$lib/ui/kit/Table.svelte';
  import ResidualChart from './ResidualChart.svelte';

  /** What a table of measured insoles comes to: its step, how the last runs against its label, and which rows to look at. */
  let { fit, scale }: { fit: InsoleFit; scale: AnyScale } = $props();
</script>

<p class="mt-2">
  Step <b class="figures" data-step>{trimNumber(fit.stepMm, 2)} mm</b> by the line, <span class="figures">{trimNumber(fit.meanStepMm, 3)}</span> from last to
  first; {scale.name} steps <span class="figures">{trimNumber(fit.claimed!.stepMm, 2)}</span>. Rows lie
  <span class="figures">± {trimNumber(fit.sdMm, 2)} mm</span> off the line; a hand errs by about {HAND_ERROR_MM}.
</p>
<p>
  Against its label the last runs <b class="figures">{signedNumber(fit.claimed!.habitSizes, 2)}</b> sizes,
  <span class="figures">± {trimNumber(fit.claimed!.habitSdSizes, 2)}</span>.
  <span class="soft">An insole stands about {INSOLE_UNDER_LAST_MM} mm under its last: estimate.</span>
</p>
<ResidualChart {fit} />
<Table class="mt-2">
  <thead
    ><tr class="text-left"
      ><th scope="col">size</th><th scope="col">length</th><th scope="col">line</th><th scope="col">off</th><th scope="col">to look at</th></tr
    ></thead
  >
  <tbody>
    {#each fit.rows as r (r.row.size + '-' + r.row.lengthMm)}
      <tr
        ><th scope="row" class="figures text-left">{r.row.size}</th><td class="figures">{trimNumber(r.row.lengthMm)}</td><td class="figures"
          >{trimNumber(r.fittedMm)}</td
        ><td class="figures">{signedNumber(r.residualMm)}</td><td class={r.flags.some(callsForALook) ? 'text-tight-word' : 'soft'}
          >{r.flags.map(insoleFlagWords).join('; ')}</td
        ></tr
      >
    {/each}
  </tbody>
</Table>
