<script lang="ts">
  import { parseMixedNumber } from '@chiave/core/measure';
  import { UPPER, type UpperId } from '@chiave/core/fit';
  import { USE_ATTRIBUTE } from '@chiave/core/attributes';
  import { muOf, PULLED_MATERIALS, QUESTION, surfaceAt, USE_FLOORS, type ChoiceQuestion, type Pull, type PulledPart, type SurfaceId } from '@chiave/core/use'; // prettier-ignore
  import HandTest from '$lib/drawing/use/HandTest.svelte';
  import Button from '$lib/ui/kit/Button.svelte';
  import Choice from '$lib/ui/kit/Choice.svelte';
  import Field from '$lib/ui/kit/Field.svelte';
  import Notice from '$lib/ui/kit/Notice.svelte';
  import Select from '$lib/ui/kit/Select.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import type { UseBench } from './use-bench.svelte';

  /** The shop's own pull test: a weighted shoe over its own floor, three goes on the scale. */
  let { bench }: { bench: UseBench } = $props();
  const PARTS = [
    { id: 'sole', name: 'a sole' },
    { id: 'upper', name: 'an upper' }
  ] as const satisfies readonly { id: PulledPart; name: string }[];
  const floors = (QUESTION.floor as ChoiceQuestion).options;
  const poles = (QUESTION.pole as ChoiceQuestion).options;
  const nameOfMaterial = (part: PulledPart, id: string): string =>
    part === 'upper'
      ? (UPPER[id as UpperId]?.name ?? id)
      : USE_ATTRIBUTE.sole.as === 'levels'
        ? (USE_ATTRIBUTE.sole.levels[PULLED_MATERIALS.sole.indexOf(id)] ?? id)
        : id;
  const nameOfSurface = (id: string): string => floors.find((f) => f.id === id)?.name ?? `pole, ${poles.find((p) => p.id === id)?.name ?? id}`;

  let part = $state<PulledPart>('sole');
  let material = $state<string>(PULLED_MATERIALS.sole[0]);
  let surface = $state<SurfaceId>(USE_FLOORS[0]);
  let goes = $state(['', '', '']);
  let insideKg = $state('2');
  let shoeKg = $state('');
  let refused = $state.raw<{ detail: string; errors: readonly { path: string; message: string }[] } | null>(null);
  const materials = $derived(PULLED_MATERIALS[part].map((id) => ({ id, name: nameOfMaterial(part, id) })));
  const surfaces = $derived([...floors, ...(part === 'upper' ? poles.map((p) => ({ id: p.id, name: `pole, ${p.name}` })) : [])]);
  function pullOf(id: PulledPart): void {
    part = id;
    if (!PULLED_MATERIALS[id].includes(material)) material = PULLED_MATERIALS[id][0];
    if (!surfaces.some((s) => s.id === surface)) surface = USE_FLOORS[0];
  }
  const number = (typed: string): number | null => (typed.trim() === '' ? null : parseMixedNumber(typed));
  const pull = $derived({ part, material, surface, kg: goes.map(number).filter((n) => n !== null), insideKg: number(insideKg), shoeKg: number(shoeKg) });
  const whole = $derived(pull.kg.length > 0 && pull.insideKg !== null && pull.shoeKg !== null && pull.insideKg + pull.shoeKg > 0);
  const mu = $derived(whole ? muOf(pull as Pull) : null);
  /** What stands in the table now for the same. */
  const now = $derived.by(() => {
    const row = part === 'sole' ? bench.grips.sole[PULLED_MATERIALS.sole.indexOf(material)] : bench.grips.upper[material as UpperId];
    return row?.[surfaceAt(surface)] ?? null;
  });
  const bad = (path: string): string | undefined => refused?.errors.find((e) => e.path.startsWith(path))?.message;
  const unread = (typed: string): string | undefined => (typed.trim() !== '' && number(typed) === null ? `“${typed}” is not a number` : undefined);
  async function keep(event: SubmitEvent): Promise<void> {
    event.preventDefault();
    refused = await bench.addPull(pull);
    if (!refused) goes = ['', '', ''];
  }
</script>

<Sheet class="grid content-start gap-3" heading="Pull the shop’s own">
  <form class="grid gap-3" onsubmit={keep} novalidate>
    <div class="flex items-center gap-3">
      <div class="w-28 shrink-0"><HandTest test="pull" /></div>
      <p class="soft leading-snug">The shoe on its floor, the weight inside, pulled level by a luggage scale: what it shows as the shoe slides, three goes.</p>
    </div>
    <Choice name="pull-part" legend="What is pulled" options={PARTS} value={part} onchange={pullOf} />
    <div class="grid grid-cols-2 gap-2">
      <Select label="Of" options={materials} bind:value={material} error={bad('material')} />
      <Select label="Over" options={surfaces as { id: SurfaceId; name: string }[]} bind:value={surface} error={bad('surface')} />
    </div>
    <div class="grid grid-cols-3 gap-2">
      {#each goes as _go, i (i)}
        <Field label="Go {i + 1}, kg" figures inputmode="decimal" bind:value={goes[i]} error={unread(goes[i]) ?? (i === 0 ? bad('kg') : undefined)} />
      {/each}
    </div>
    <div class="grid grid-cols-2 gap-2">
      <Field label="Weight inside, kg" figures inputmode="decimal" bind:value={insideKg} error={unread(insideKg) ?? bad('insideKg')} />
      <Field label="The shoe, kg" figures inputmode="decimal" bind:value={shoeKg} error={unread(shoeKg) ?? bad('shoeKg')} />
    </div>
    <p class="leading-snug" role="status">
      {#if mu !== null}Grip <b class="figures">{mu.toFixed(2)}</b>{#if now}; {now.pulls > 0 ? 'pulled so far' : 'we reckon with'}
          <span class="figures">{now.mu.toFixed(2)}</span>{/if}.{:else}<span class="soft">What pulls, by what presses: the grip stands here as you type.</span
        >{/if}
    </p>
    {#if refused && refused.errors.length === 0}<Notice tone="caution" role="alert">{refused.detail}</Notice>{/if}
    <div><Button type="submit">Keep this pull</Button></div>
  </form>
  {#if bench.pulls.length > 0}
    <ul class="grid gap-1" aria-label="Pulls kept, newest first">
      {#each bench.pulls as p (p.id)}
        <li class="flex items-baseline gap-2">
          <span class="mr-auto leading-snug"
            >{nameOfMaterial(p.part, p.material)} over {nameOfSurface(p.surface)}: <b class="figures">{muOf(p).toFixed(2)}</b>
            <span class="soft">{p.createdAt.slice(0, 10)}{p.who ? `, ${p.who}` : ''}</span></span
          >
          <Button kind="text" onclick={() => bench.removePull(p.id)}>remove</Button>
        </li>
      {/each}
    </ul>
  {/if}
</Sheet>
