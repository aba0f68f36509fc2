<script lang="ts">
  import { levelOf, ZONE, ZONES } from '@chiave/core/fit';
  import { footOutline } from '@chiave/core/shape';
  import { zonePlace } from '$lib/drawing/above/call-outs';
  import FootSkin from '$lib/drawing/above/FootSkin.svelte';
  import BrassRule from '$lib/drawing/BrassRule.svelte';
  import FeetInShoe from '$lib/drawing/FeetInShoe.svelte';
  import FitStrip from '$lib/drawing/FitStrip.svelte';
  import FootPair from '$lib/drawing/FootPair.svelte';
  import { shapeOf } from '$lib/drawing/foot-places';
  import { toScreen } from '$lib/drawing/place';
  import { shownPair } from '$lib/ui/guide/shown-foot';
  import WordsPicture from '$lib/ui/guide/WordsPicture.svelte';
  import { WORDS } from '$lib/ui/guide/words';
  import { STEPS } from '$lib/ui/fitting/steps';
  import Button from '$lib/ui/kit/Button.svelte';
  import Sheet from '$lib/ui/kit/Sheet.svelte';
  import { shown } from '$lib/ui/kit/units.svelte';
  import FeltMark from '$lib/ui/try/FeltMark.svelte';

  const pair = shownPair();
  const lengths = { left: pair.feet.left.values.lengthMm.mm, right: pair.feet.right.values.lengthMm.mm };
  const brief = (side: 'left' | 'right') =>
    pair.fit.feet
      .find((f) => f.side === side)!
      .zones.map(({ zone, clearanceMm, state, target }) => ({ zone, clearanceMm, state, level: levelOf(clearanceMm, target) }));
  /** What each step of a visit is for, in one breath. */
  const WAY: Readonly<Record<string, string>> = {
    ask: 'What for, where, with which sock, and what has hurt before. What is not asked stays unknown, and says so.',
    look: 'Shoes off, standing, then a few steps: toes, arch, bumps, how the foot rolls.',
    measure: 'Both feet. The tape lies where it is drawn; type as you say it, or by touch with the large keys. Only length must be there.',
    sizes: 'Both feet stand on one rule under every scale. Where two schools differ, both are shown, and how far apart.',
    pull: 'The stockroom laid over these feet, best first. A calm strip is a right shoe; a block above is loose, below is tight.',
    try: 'One shoe on each foot. Touch the place, say how it feels; what was expected stands beside it.',
    keep: 'What was taken and why. Next time begins here.'
  };
  let at = $state(0);
  const step = $derived(STEPS[at]);
  const drawing = pair.drawings[0].drawing;
  const HEEL_Y = 132;
  const place = toScreen('left', 40, HEEL_Y, 0.5);
  const bare = footOutline(shapeOf(pair.feet.left));
</script>

<svelte:head><title>The way in one minute · Chiave</title></svelte:head>

<div class="flex flex-wrap items-end gap-3">
  <div class="mr-auto">
    <h1>{step.name}</h1>
    <p class="text-lg" role="status">{WAY[step.id]}</p>
  </div>
  <p class="soft figures">{at + 1} of {STEPS.length}</p>
  <Button disabled={at === 0} onclick={() => at--}>Back</Button>
  {#if at < STEPS.length - 1}<Button kind="primary" onclick={() => at++}>Next: {STEPS[at + 1].name}</Button>
  {:else}<Button kind="primary" href="/people">Begin with a person</Button>{/if}
  <Button kind="text" href="/">Skip</Button>
</div>
<Sheet class="mx-auto mt-3 max-w-4xl" aria-label="Shown on feet of nobody">
  {#if step.id === 'measure'}
    <div class="mx-auto max-w-xl">
      <FootPair feet={pair.feet} taken={{ left: {}, right: {} }} unit={shown.unit} active={{ id: 'instepGirthMm', side: 'right' }} onpick={() => {}} />
    </div>
  {:else if step.id === 'sizes'}
    <svg viewBox="0 0 420 470" class="mx-auto max-h-[60vh]" role="img" aria-label="A foot beside the brass rule">
      <BrassRule x={330} y={440} scale={1.6} lengthMm={258} unit={shown.unit} />
      <FootSkin foot={bare} place={toScreen('left', 150, 440, 1.6)} scale={1.6} />
      <line x1="190" x2="300" y1={440 - lengths.left * 1.6} y2={440 - lengths.left * 1.6} stroke="var(--color-side-left)" stroke-width="2" />
    </svg>
  {:else if step.id === 'pull'}
    <div class="flex justify-center py-10"><FitStrip zones={{ left: brief('left'), right: brief('right') }} unit={shown.unit} /></div>
  {:else if step.id === 'try'}
    <div class="flex flex-wrap justify-center gap-8 py-10">
      {#each ['too-tight', 'snug', 'right', 'roomy', 'too-loose'] as const as state (state)}<p class="text-center">
          <FeltMark {state} size={64} /><span class="block">{state.replace('-', ' ')}</span>
        </p>{/each}
    </div>
  {:else}
    <FeetInShoe drawings={pair.drawings} feet={pair.fit.feet} {lengths} unit={shown.unit} />
  {/if}
</Sheet>

<h2 class="mt-6 mb-2">Words of the trade</h2>
<ul class="grid gap-3 sm:grid-cols-2 lg:grid-cols-3">
  {#each ZONES.filter((z) => z.kinds === 'all') as zone (zone.id)}
    {@const p = place(zonePlace(drawing, zone.id))}
    <li class="sheet flex gap-3 !p-3">
      <svg viewBox="0 0 80 140" width="80" height="140" class="shrink-0" aria-hidden="true">
        <FootSkin foot={drawing.foot} {place} scale={0.5} small />
        <circle cx={p.x} cy={p.y} r="8" fill="none" stroke="var(--color-tight)" stroke-width="3" />
      </svg>
      <div class="leading-snug">
        <b>{ZONE[zone.id].name}</b>
        {#if zone.tooLittle}<p><span class="soft">too little:</span> {zone.tooLittle}</p>{/if}
        {#if zone.tooMuch}<p><span class="soft">too much:</span> {zone.tooMuch}</p>{/if}
      </div>
    </li>
  {/each}
</ul>
<Sheet class="mt-3">
  <WordsPicture foot={pair.feet.right} />
  <ol class="mt-3 grid gap-x-6 gap-y-2 sm:grid-cols-2">
    {#each WORDS as { word, means }, i (word)}
      <li class="flex gap-2">
        <span class="soft figures w-6 shrink-0 text-right">{i + 1}</span>
        <p class="leading-snug"><b>{word}</b>: {means}</p>
      </li>
    {/each}
  </ol>
</Sheet>
