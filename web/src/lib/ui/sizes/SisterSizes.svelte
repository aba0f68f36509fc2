<script lang="ts">
  import { formatLength, formatSigned, type FitsAs } from '@chiave/core/measure';
  import { parseSize, SCALE, schoolOf, sisterSizes, toFootMm, widthScaleFor, type ScaleId } from '@chiave/core/size';
  import { shown } from '$lib/ui/kit/units.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import Table from '$lib/ui/kit/Table.svelte';

  /** Sizes that hold the same girth. @prop group whose letters, where the scale is for both */
  let { group }: { group: FitsAs } = $props();
  let scale = $state<ScaleId>('us-w');
  let sizeText = $state('7.5');
  let letter = $state('B');
  const LETTERED = ['us-w', 'us-m', 'uk', 'eu', 'jp'] as const satisfies readonly ScaleId[];
  const sisters = $derived.by(() => {
    const size = parseSize(sizeText);
    const widths = widthScaleFor(scale)!;
    if (size === null) return { rows: [], problem: `“${sizeText}” is not a size.` };
    const [low, high] = SCALE[scale].range;
    if (size < low || size > high) return { rows: [], problem: `${SCALE[scale].name} runs from ${low} to ${high}.` };
    try {
      return {
        rows: sisterSizes(scale, widths, SCALE[scale].group === 'men' ? 'men' : SCALE[scale].group === 'women' ? 'women' : group, size, letter),
        problem: ''
      };
    } catch (error) {
      return { rows: [], problem: error instanceof Error ? error.message : String(error) };
    }
  });
</script>

<Sheet heading="Sister sizes">
  <p class="soft text-sm">A size shorter and a letter wider holds the same girth, by the trade’s quarter inch a letter and a size.</p>
  <div class="mt-2 grid grid-cols-3 gap-2">
    <Select label="Scale" bind:value={scale}
      >{#each LETTERED as id (id)}<option value={id}>{SCALE[id].name}</option>{/each}</Select
    >
    <Field label="Size of it" figures bind:value={sizeText} />
    <Field label="Letter" figures bind:value={letter} />
  </div>
  {#if sisters.problem}<Notice class="mt-2" tone="caution" role="alert">{sisters.problem}</Notice>
  {:else}
    <Table class="mt-2" data-sisters>
      <thead
        ><tr class="border-b border-ink text-left"
          ><th scope="col">size</th><th scope="col">foot</th><th scope="col">girth</th><th scope="col">against it</th></tr
        ></thead
      >
      <tbody>
        {#each sisters.rows as s (s.label + s.letter)}
          <tr class="border-b border-line" class:font-semibold={Math.abs(s.size - (parseSize(sizeText) ?? 0)) < 1e-6}
            ><th scope="row" class="figures py-1 text-left">{s.label} {s.letter}</th><td class="figures">{formatLength(s.footMm, shown.unit)}</td><td
              class="figures">{formatLength(s.mm, shown.unit)}</td
            ><td class="figures">{formatSigned(s.differenceMm, shown.unit)}</td></tr
          >
        {/each}
      </tbody>
    </Table>
    <p class="soft mt-1 text-sm">
      Foot of {SCALE[scale].name}
      {sizeText}: {formatLength(toFootMm(schoolOf(SCALE[scale]), parseSize(sizeText) ?? 0), shown.unit)}.
    </p>
  {/if}
</Sheet>
