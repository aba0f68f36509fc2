<script lang="ts">
  import { formatSigned, type LengthUnit } from '@chiave/core/measure';

  /**
   * How far something stands off its sheet: nought is the sheet, the bar holds the truth 90 times in 100, the diamond is what the engine goes by.
   * @prop span mm that the scale reaches either way
   */
  let {
    mm,
    sdMm,
    inUseMm,
    span,
    unit,
    words,
    nought = 'sheet'
  }: { mm: number; sdMm: number; inUseMm: number; span: number; nought?: string; unit: LengthUnit; words: string } = $props();
  const [WIDTH, HALF, Y] = [330, 150, 26];
  const x = (value: number): number => WIDTH / 2 + (Math.max(-span, Math.min(span, value)) / span) * HALF;
  const Z90 = 1.645;
  const ticks = $derived(Array.from({ length: 2 * span + 1 }, (_, i) => i - span));
</script>

<svg viewBox="0 0 {WIDTH} 58" class="block w-full max-w-md" role="img" aria-label={words}>
  <rect x={x(-span)} y={Y + 7} width={2 * HALF} height="9" fill="var(--color-rule)" stroke="var(--color-rule-edge)" stroke-width="0.8" />
  {#each ticks as t (t)}<line
      x1={x(t)}
      x2={x(t)}
      y1={Y + 7}
      y2={Y + (t === 0 ? 16 : 11)}
      stroke="var(--color-rule-ink)"
      stroke-width={t === 0 ? 2 : 0.8}
    />{/each}
  <text x={x(0)} y={Y + 30} text-anchor="middle" font-size="13" fill="currentColor">{nought}</text>
  <text x={x(-span)} y={Y + 30} text-anchor="start" font-size="13" fill="currentColor">{formatSigned(-span, unit)}</text>
  <text x={x(span)} y={Y + 30} text-anchor="end" font-size="13" fill="currentColor">{formatSigned(span, unit)} {unit}</text>
  <rect
    x={x(mm - Z90 * sdMm)}
    y={Y - 9}
    width={Math.max(2, x(mm + Z90 * sdMm) - x(mm - Z90 * sdMm))}
    height="12"
    rx="6"
    fill={mm < 0 ? 'var(--color-tight-soft)' : 'var(--color-loose-soft)'}
  />
  <circle cx={x(mm)} cy={Y - 3} r="7" fill={mm < 0 ? 'var(--color-tight)' : 'var(--color-loose)'} stroke="var(--color-sheet)" stroke-width="1.5" />
  <path d="M{x(inUseMm)} {Y + 2}l6 7l-6 7l-6 -7z" fill="var(--color-ink)" stroke="var(--color-sheet)" stroke-width="1.2" />
</svg>
