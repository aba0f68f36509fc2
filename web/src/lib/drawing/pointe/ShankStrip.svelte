<script lang="ts">
  import { GRADES, type PointeReport } from '@chiave/core/pointe';

  /** Grades of shank with the band that gets her over and holds her; this shank new, and as it is now. */
  let { report, newNm, left }: { report: PointeReport; newNm: number; left: number } = $props();
  const [WIDTH, HEIGHT] = [420, 84];
  const [LOW, HIGH] = [2.2, 30];
  const x = (nm: number): number => 20 + ((Math.log(Math.min(HIGH, Math.max(LOW, nm))) - Math.log(LOW)) / (Math.log(HIGH) - Math.log(LOW))) * (WIDTH - 40);
  const over = $derived(report.over);
  /** Stiffness under this foot, over the grade's own. */
  const times = $derived(over ? over.shankNm / (newNm * left) : 1);
</script>

<svg
  viewBox="0 0 {WIDTH} {HEIGHT}"
  class="block w-full max-w-xl"
  role="img"
  aria-label={over?.band
    ? `Shanks from ${over.band.low.toFixed(0)} to ${over.band.high.toFixed(0)} N m a radian get her over and hold her`
    : 'No shank does both'}
>
  <rect x="16" y="28" width={WIDTH - 32} height="20" rx="5" fill="var(--color-band)" />
  {#if over?.band}
    <rect x={x(over.band.low / times)} y="28" width={Math.max(3, x(over.band.high / times) - x(over.band.low / times))} height="20" fill="#e6c680" />
    <path d="M{x(over.band.low / times)} 22v32M{x(over.band.high / times)} 22v32" stroke="var(--color-brass)" stroke-width="2" />
  {/if}
  {#each GRADES as grade (grade.id)}
    <circle cx={x(grade.nm)} cy="38" r="4.5" fill="#fff" stroke="var(--color-ink)" stroke-width="1.4" />
    <text x={x(grade.nm)} y="70" text-anchor="middle" class:chosen={Math.abs(Math.log(grade.nm / newNm)) < 0.05}>{grade.name}</text>
  {/each}
  <path d="M{x(newNm)} 25l-6 -9h12z" fill="var(--color-ink)" />
  <text x={x(newNm) + 9} y="17" class="at">new</text>
  {#if left < 0.999}
    <path d="M{x(newNm * left)} 25l-6 -9h12z" fill="#fff" stroke="var(--color-ink)" stroke-width="1.6" />
    <text x={x(newNm * left) - 9} y="17" text-anchor="end" class="at">now</text>
  {/if}
</svg>

<style>
  text {
    font-size: 14.5px;
    fill: var(--color-ink);
  }
  .chosen,
  .at {
    font-weight: 700;
  }
</style>
