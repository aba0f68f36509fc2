<script lang="ts">
  import type { TestId } from '@chiave/core/attributes';

  /** How a hand test is done, in one small drawing: the shoe, the hand or weight, and what is read. */
  let { test }: { test: TestId } = $props();
  const SHOE = 'M14 70 Q12 46 24 42 L44 44 Q58 48 74 58 Q100 62 108 68 L108 74 L14 74 Z';
  /** What is done, as lines and marks over the same shoe. */
  const DONE: Record<TestId, { lines: string[]; dots?: readonly (readonly [number, number])[]; words: string }> = {
    bend: {
      lines: ['M104 66 Q112 40 100 20', 'M94 26 L100 20 L104 28', 'M18 38 L18 20 M10 38 L26 38'],
      words: 'the heel held down, the tip lifted by a scale'
    },
    squeeze: { lines: ['M2 58 L16 58', 'M10 53 L16 58 L10 63'], dots: [[18, 58]], words: 'the thumb presses the heel cup' },
    dowel: { lines: ['M52 10 L52 46 M60 10 L60 46 M52 46 L60 46', 'M56 4 L56 12'], words: 'a dowel pressed on the insole' },
    blow: { lines: ['M120 40 Q104 46 88 54', 'M118 50 Q106 54 92 60', 'M60 52 Q52 62 60 70'], words: 'blown through from outside, a hand inside' },
    pull: { lines: ['M108 70 L128 70', 'M122 65 L128 70 L122 75', 'M30 60 L54 60 L54 42 L30 42 Z'], words: '2 kg inside, pulled level' },
    lift: { lines: ['M20 82 L100 82', 'M50 82 L44 92 L76 92 L70 82'], words: 'one shoe on a kitchen scale' },
    groove: { lines: ['M70 74 L70 84 L76 84 L76 74', 'M73 90 L73 78'], words: 'a rule in the groove at the ball' },
    drop: { lines: ['M92 30 Q86 42 92 46 Q98 42 92 30', 'M92 48 L92 58'], words: 'a spoonful of water on the seam' }
  };
  const done = $derived(DONE[test]);
</script>

<svg viewBox="0 0 132 96" class="block w-full max-w-40" role="img" aria-label={done.words}>
  <line x1="4" x2="128" y1="75" y2="75" stroke="var(--color-brass-line)" stroke-width="2" />
  <path d={SHOE} fill="var(--color-skin)" stroke="var(--color-ink)" stroke-width="1.6" stroke-linejoin="round" />
  {#each done.lines as d, i (i)}<path {d} fill="none" stroke="var(--color-tight)" stroke-width="2.2" stroke-linecap="round" stroke-linejoin="round" />{/each}
  {#each done.dots ?? [] as [x, y], i (i)}<circle cx={x} cy={y} r="3" fill="var(--color-tight)" />{/each}
</svg>
