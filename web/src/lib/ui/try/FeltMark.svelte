<script lang="ts">
  import type { ZoneState } from '@chiave/core/fit';

  /** What was felt in one place: a hexagon is tight, a circle with a second one in it loose, a plain one right, a dotted one not asked. */
  let { state, size = 42 }: { state: ZoneState | undefined; size?: number } = $props();
  const SIGNS: Readonly<Record<ZoneState, string>> = { 'too-tight': '−−', snug: '−', right: '0', roomy: '+', 'too-loose': '++' };
  const tight = $derived(state === 'too-tight' || state === 'snug');
  const loose = $derived(state === 'too-loose' || state === 'roomy');
  const full = $derived(state === 'too-tight' || state === 'too-loose');
  const fill = $derived(
    tight ? (full ? 'var(--color-tight)' : '#f3b08d') : loose ? (full ? 'var(--color-loose)' : 'var(--color-loose-tint)') : 'var(--color-sheet)'
  );
  const edge = $derived(tight ? 'var(--color-tight-word)' : loose ? 'var(--color-loose-word)' : state ? 'var(--color-ink)' : 'var(--color-edge)');
</script>

<svg viewBox="0 0 44 44" width={size} height={size} aria-hidden="true">
  {#if tight}<path d="M12 4H32L42 22L32 40H12L2 22Z" {fill} stroke={edge} stroke-width="2" />
  {:else}<circle cx="22" cy="22" r="19" {fill} stroke={edge} stroke-width="2" stroke-dasharray={state ? undefined : '3 4'} />{/if}
  {#if loose}<circle cx="22" cy="22" r="14.5" fill="none" stroke={full ? '#fff' : edge} stroke-width="1.3" stroke-dasharray="3 3" />{/if}
  {#if state}<text x="22" y="29" text-anchor="middle" font-size="20" font-weight="700" fill={full ? '#fff' : 'var(--color-ink)'}>{SIGNS[state]}</text>
  {:else}<circle cx="22" cy="22" r="2.4" fill={edge} />{/if}
</svg>
