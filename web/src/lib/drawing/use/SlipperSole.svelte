<script lang="ts">
  /** A slipper from below: a full sole or two pads; where the foot shows between them. */
  let { split }: { split: boolean } = $props();
  const OUTLINE = 'M40 150 C22 146 20 112 26 84 C30 62 20 50 22 32 C24 12 40 4 52 6 C68 8 76 24 74 42 C72 60 64 66 66 88 C70 118 62 154 40 150 Z';
  const FULL = 'M40 142 C28 138 27 112 32 84 C35 64 27 48 29 34 C31 18 42 12 51 14 C63 16 69 28 67 42 C65 58 58 66 60 88 C63 116 56 146 40 142 Z';
  const FRONT = 'M30 58 C27 46 28 38 29 33 C31 18 42 12 51 14 C63 16 69 28 67 42 C66 50 63 56 61 60 Q46 66 30 58 Z';
  const BACK = 'M31 112 Q46 106 61 112 C61 130 54 145 40 142 C31 138 29 124 31 112 Z';
</script>

<svg viewBox="0 0 96 158" class="block w-full max-w-24" role="img" aria-label={split ? 'Split sole: two pads, the arch shows' : 'Full sole'}>
  <path d={OUTLINE} fill="var(--color-skin)" stroke="var(--color-ink)" stroke-width="1.6" />
  {#each split ? [FRONT, BACK] : [FULL] as d (d)}<path {d} fill="var(--color-skin-shade)" stroke="var(--color-ink)" stroke-width="1.2" />{/each}
</svg>
