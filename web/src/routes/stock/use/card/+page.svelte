<script lang="ts">
  import { USE_ATTRIBUTES } from '@chiave/core/attributes';
  import { capital } from '$lib/capital';
  import HandTest from '$lib/drawing/use/HandTest.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';

  /** How every attribute is taken, on paper beside the shelf: two hands agree within a level. */
  const tested = USE_ATTRIBUTES.filter((a) => a.test !== null);
  const looked = USE_ATTRIBUTES.filter((a) => a.test === null);
</script>

<svelte:head><title>Measuring card · Chiave</title></svelte:head>
<div class="mb-2 flex items-center gap-3">
  <h1 class="says">How to take what a use asks for: three goes, the middle one counts</h1>
  <span class="ml-auto print:hidden"><Button onclick={() => window.print()}>Print</Button></span>
</div>
<p class="soft mb-2 print:hidden"><a href="/stock/use">Back to the bench</a>. Kept with each style, with how it came to be known.</p>
<div class="grid gap-3 md:grid-cols-2 lg:grid-cols-3">
  {#each tested as a (a.id)}
    <Sheet class="grid grid-cols-[7.5rem_minmax(0,1fr)] gap-3 !p-3">
      <HandTest test={a.test!} />
      <div>
        <h2 class="text-lg">{capital(a.name)}</h2>
        <p class="leading-snug">{capital(a.how)}.</p>
        {#if a.as === 'five'}
          <p class="figures">
            {a.unit === 'felt'
              ? `1 ${a.ends[0]} to 5 ${a.ends[1]}`
              : `1 ${a.ends[0]} | ${a.cuts.map((c, i) => `${c} ${a.unit} | ${i + 2}`).join(' | ')} ${a.ends[1]}`}
          </p>
        {:else if a.as === 'levels'}<p>{a.levels.join(', ')}</p>
        {:else}<p class="figures">{a.unit}</p>{/if}
      </div>
    </Sheet>
  {/each}
</div>
<Sheet class="mt-3" heading="By rule, calliper and look">
  <dl class="grid gap-x-6 gap-y-2 md:grid-cols-2">
    {#each looked as a (a.id)}
      <div>
        <dt class="font-semibold">{capital(a.name)}{a.as === 'figure' ? `, ${a.unit}` : ''}</dt>
        <dd class="leading-snug">
          {capital(a.how)}.{#if a.as === 'levels'}
            <span class="soft">{a.levels.join(', ')}</span>{/if}
        </dd>
      </div>
    {/each}
  </dl>
</Sheet>
