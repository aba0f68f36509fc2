<script lang="ts">
  import BrassFill from '../BrassFill.svelte';

  /** The day along a brass rule of hours: who comes when, and where it stands now. Times as minutes after midnight. */
  let { comes, now }: { comes: readonly { id: number; personId: number; name: string; purpose: string; from: number; minutes: number }[]; now: number } =
    $props();
  const id = $props.id();
  let width = $state(1200);
  const [RULE, CARD_TOP, CARD, GAP] = [40, 60, 58, 5];
  const OPEN: readonly [number, number] = [9 * 60, 19 * 60];
  const from = $derived(60 * Math.floor(Math.min(OPEN[0], ...comes.map((c) => c.from)) / 60));
  const to = $derived(60 * Math.ceil(Math.max(OPEN[1], ...comes.map((c) => c.from + c.minutes)) / 60));
  const x = (minutes: number): number => 14 + ((minutes - from) / (to - from)) * (width - 28);
  const hours = $derived(Array.from({ length: (to - from) / 60 + 1 }, (_, i) => from + 60 * i));
  const clock = (m: number): string => `${Math.floor(m / 60)}:${String(m % 60).padStart(2, '0')}`;
  /** A name needs so much; two that come close together stand on two lines. */
  const LEAST_PX = 116;
  const cards = $derived.by(() => {
    const ends: number[] = [];
    return [...comes]
      .sort((a, b) => a.from - b.from)
      .map((c) => {
        const left = Math.min(x(c.from), width - LEAST_PX);
        const wide = Math.max(LEAST_PX, x(c.from + c.minutes) - x(c.from));
        let row = ends.findIndex((end) => end + GAP <= left);
        if (row < 0) row = ends.length;
        ends[row] = left + wide;
        return { ...c, left, wide, row, isOver: c.from + c.minutes < now, isNow: c.from <= now && now <= c.from + c.minutes };
      });
  });
  const rows = $derived(Math.max(0, ...cards.map((c) => c.row + 1)));
  const high = $derived(rows === 0 ? 58 : CARD_TOP + rows * (CARD + GAP));
  const isOpen = $derived(now >= from && now <= to);
  /** Width of a letter of a name and of what it is for, px. */
  const [NAME_PX, PLAIN_PX] = [8.1, 7.2];
  const goesIn = (text: string, px: number, letter = NAME_PX): boolean => text.length * letter <= px;
  const cut = (text: string, px: number, letter = NAME_PX): string => (goesIn(text, px, letter) ? text : `${text.slice(0, Math.max(3, Math.floor(px / letter) - 1))}…`); // prettier-ignore
  /** A name as long as there is room for: whole, or the first name and a letter. */
  const called = (name: string, px: number): string => {
    const [first, ...rest] = name.split(' ');
    return goesIn(name, px) || rest.length === 0 ? name : cut(`${first} ${rest.at(-1)![0]}.`, px);
  };
</script>

<div bind:clientWidth={width}>
  <svg viewBox="0 0 {width} {high}" {width} height={high} class="block">
    <title>The day: {cards.length === 0 ? 'nobody is noted' : cards.map((c) => `${clock(c.from)} ${c.name}, ${c.purpose}`).join('; ')}</title>
    <defs><BrassFill id="brass-{id}" /></defs>
    <rect x="0.5" y="0.5" width={width - 1} height={RULE} rx="6" fill="url(#brass-{id})" stroke="var(--color-brass-line)" />
    {#each hours as h (h)}
      <line x1={x(h)} x2={x(h)} y1={RULE} y2={RULE - 14} stroke="#35260a" stroke-width="1.6" />
      {#if h < to}{#each [15, 30, 45] as q (q)}<line
            x1={x(h + q)}
            x2={x(h + q)}
            y1={RULE}
            y2={RULE - (q === 30 ? 9 : 6)}
            stroke="#35260a"
            stroke-width="1"
          />{/each}{/if}
      <text x={x(h)} y="19" font-size="15" font-weight="650" text-anchor="middle" fill="#35260a">{h / 60}</text>
    {/each}
    {#each cards as c (c.id)}
      {@const top = CARD_TOP + c.row * (CARD + GAP)}
      <line
        x1={Math.min(x(c.from), width - 2)}
        x2={Math.min(x(c.from), width - 2)}
        y1={RULE - 8}
        y2={top + CARD}
        stroke="var(--color-ink)"
        stroke-width={c.isNow ? 3 : 1.2}
      />
    {/each}
    {#each cards as c (c.id)}
      {@const top = CARD_TOP + c.row * (CARD + GAP)}
      <a href="/people/{c.personId}"
        ><title>{clock(c.from)} {c.name}{c.purpose ? `, ${c.purpose}` : ''}</title>
        <rect
          x={c.left}
          y={top}
          width={c.wide}
          height={CARD}
          fill={c.isNow ? 'var(--color-ink)' : 'var(--color-sheet)'}
          stroke="var(--color-line)"
          opacity={c.isOver ? 0.55 : 1}
        />
        <text x={c.left + 12} y={top + 24} font-size="16" font-weight="650" fill={c.isNow ? 'var(--color-sheet)' : 'var(--color-ink)'}
          >{called(c.name, c.wide - 20)}</text
        >
        <text x={c.left + 12} y={top + 45} font-size="16" fill={c.isNow ? '#f0e3c6' : 'var(--color-ink-soft)'}
          >{cut(c.purpose || clock(c.from), c.wide - 20, PLAIN_PX)}</text
        >
      </a>
    {/each}
    {#if isOpen}
      <path d="M{x(now) - 7} 0 h14 l-7 9 Z" fill="var(--color-tight)" />
      <line x1={x(now)} x2={x(now)} y1="2" y2={RULE + 12} stroke="var(--color-tight)" stroke-width="2" />
      <text x={Math.min(width - 80, x(now) + 8)} y={RULE + 14} font-size="14" font-weight="650" fill="var(--color-tight-word)">now {clock(now)}</text>
    {/if}
  </svg>
</div>

<style>
  a text {
    text-decoration: none;
  }
  a {
    text-decoration: none;
  }
  a:focus-visible rect {
    stroke: var(--color-brass-line);
    stroke-width: 3;
  }
</style>
