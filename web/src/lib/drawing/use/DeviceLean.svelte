<script lang="ts">
  import { LEAN_LEVER, type DeviceOn } from '@chiave/core/use';
  import { capital } from '$lib/capital';
  import { leanWords } from '$lib/lean-words';
  import { shown } from '$lib/ui/kit/units.svelte';
  import { smallLength } from '$lib/small-length';
  import { withMinus } from '$lib/true-minus';

  /** Shoe and device from the side, to scale: the drop it is set for, the drop of the shoe, the lean, and the wedge that levels it. */
  let { stand, lengthMm, stacked = false }: { stand: DeviceOn; lengthMm: number; stacked?: boolean } = $props();
  const SCALE = 1.1;
  const [FLOOR, LEFT] = [250, 70];
  const lever = $derived(LEAN_LEVER.centre * lengthMm);
  /** The rear of the foot stands on the shoe's drop; the leg goes with the device. */
  const heel = $derived({ x: LEFT, y: FLOOR - stand.dropMm * SCALE });
  const ball = $derived({ x: LEFT + lever * SCALE, y: FLOOR });
  const toe = $derived({ x: LEFT + lengthMm * SCALE, y: FLOOR });
  const LEG = 190;
  const ankle = $derived({ x: heel.x + 0.2 * lengthMm * SCALE, y: heel.y - 26 });
  const top = $derived({
    x: ankle.x + LEG * Math.sin((stand.leanDeg.centre * Math.PI) / 180),
    y: ankle.y - LEG * Math.cos((stand.leanDeg.centre * Math.PI) / 180)
  });
  const band = $derived(
    [stand.leanDeg.low, stand.leanDeg.high]
      .map(Math.abs)
      .sort((a, b) => a - b)
      .map((deg) => `${deg.toFixed(1)}°`)
      .join(' to ')
  );
  const past = $derived(stand.pastDeg > 0);
  const words = $derived(leanWords(stand));
  /** What mends it, by the verdict. */
  const MENDED: Record<DeviceOn['verdict'], string> = {
    stands: 'No wedge is asked for.',
    'with-wedge': 'A tapered wedge of the missing height levels it, full under the heel and running to nothing at the ball.',
    adjust: 'The ankle of the device can be set to it, by the orthotist.',
    reject: 'No wedge mends it: another shoe, or the orthotist.'
  };
</script>

<div class={stacked ? 'grid gap-2' : 'grid items-center gap-4 md:grid-cols-[minmax(0,480px)_minmax(0,1fr)]'}>
  <svg viewBox="0 0 440 290" class="block w-full" role="img" aria-label="Device in the shoe from the side: {words}">
    <line x1="20" x2="420" y1={FLOOR} y2={FLOOR} stroke="var(--color-brass-line)" stroke-width="5" />
    <!-- The upper: counter, topline, instep and a round toe over the sole that runs from the seat down to the ball. -->
    <path
      d="M{heel.x - 16} {heel.y} C{heel.x - 22} {heel.y - 22} {heel.x - 20} {heel.y - 40} {heel.x - 12} {heel.y - 52} L{ankle.x + 20} {ankle.y - 12} C{ankle.x +
        52} {ankle.y - 6} {ball.x - 34} {ball.y - 42} {ball.x + 6} {ball.y - 36} C{toe.x - 22} {toe.y - 32} {toe.x + 4} {toe.y - 20} {toe.x} {toe.y -
        2} L{ball.x} {ball.y - 1} C{ball.x - 40} {ball.y - 1} {heel.x + 70} {heel.y + (FLOOR - heel.y) * 0.12} {heel.x + 44} {heel.y} Z"
      fill="var(--color-skin)"
      stroke="var(--color-ink)"
      stroke-width="1.6"
      stroke-linejoin="round"
    />
    {#if stand.dropMm > 1}<path
        d="M{heel.x - 16} {heel.y} L{heel.x - 12} {FLOOR - 2} L{heel.x + 36} {FLOOR - 2} L{heel.x + 44} {heel.y} Z"
        fill="var(--color-band)"
        stroke="var(--color-ink)"
        stroke-width="1.2"
      />{/if}
    <line x1={ankle.x} x2={ankle.x} y1={ankle.y} y2={ankle.y - LEG} stroke="var(--color-ink-soft)" stroke-width="1.4" stroke-dasharray="6 5" />
    <line x1={ankle.x} x2={top.x} y1={ankle.y} y2={top.y} stroke={past ? 'var(--color-tight)' : 'var(--color-ink)'} stroke-width="5" stroke-linecap="round" />
    <circle cx={ankle.x} cy={ankle.y} r="6" fill="var(--color-sheet, #fffdf6)" stroke="var(--color-ink)" stroke-width="1.6" />
    <text x={top.x + (stand.leanDeg.centre < 0 ? -62 : 10)} y={top.y + 14} font-size="17" font-weight="600" fill="currentColor"
      >{withMinus(stand.leanDeg.centre.toFixed(1))}°</text
    >
    <text x={heel.x - 62} y={(heel.y + FLOOR) / 2 + 5} font-size="15" fill="currentColor">{smallLength(stand.dropMm, shown.unit)}</text>
  </svg>
  <div class="leading-snug">
    <p class="says text-xl">{capital(words)}.</p>
    <p class="figures">
      {band} by how long the lever is. Drops of {smallLength(stand.allowedMm.low, shown.unit)} to
      {smallLength(stand.allowedMm.high, shown.unit)} keep within it.
    </p>
    <p>{MENDED[stand.verdict]}{stand.verdict === 'with-wedge' ? ` ${smallLength(stand.insideMm, shown.unit)}.` : ''}</p>
    <p class="soft">Shoe and device are one system: the orthotist has the last word, and a second shoe is built to the same drop.</p>
  </div>
</div>
