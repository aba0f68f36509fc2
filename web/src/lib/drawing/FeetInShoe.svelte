<script lang="ts">
  import { SIDE_COLOUR } from '$lib/drawing/sides';
  import type { FitDrawing, FootFit } from '@chiave/core/fit';
  import { ZONE } from '@chiave/core/fit';
  import { SIDE_LETTER, formatFigure, formatLength, formatSigned, type LengthUnit, type Side } from '@chiave/core/measure';
  import SideMark from '$lib/ui/kit/SideMark.svelte';
  import { callOuts } from './above/call-outs';
  import { edgeRuns, frontState } from './above/edge-runs';
  import FootSkin from './above/FootSkin.svelte';
  import Leather from './above/Leather.svelte';
  import BrassRule from './BrassRule.svelte';
  import { toScreen } from './place';
  import { endOf } from './tightness';
  import SideFlag from './SideFlag.svelte';

  /** Both feet in their shoes from above, to scale, the brass rule between them: where each is worst is said beside it. */
  // prettier-ignore
  let { drawings, feet, lengths, unit, asDrawn = false }: {
    drawings: { side: Side; drawing: FitDrawing }[]; feet: FootFit[]; unit: LengthUnit;
    /** Of the feet as they are measured, mm. */
    lengths: Record<Side, number>;
    /** True where the drawing is of another state than the fit beside it: the room is then the drawing's own. */
    asDrawn?: boolean;
  } = $props();

  const WIDTH = 770;
  const TOP = 12;
  const HEEL_Y = 400;
  const HEIGHT = 464;
  const RULE_X = WIDTH / 2;
  const CENTRE: Record<Side, number> = { left: 218, right: 552 };
  /** Words stand in the margins outside the feet. */
  const WORDS: Record<Side, number> = { left: 8, right: WIDTH - 8 };
  const longest = $derived(Math.max(...drawings.map((d) => Math.max(...d.drawing.shoe.outside.map((p) => p.x)))));
  const scale = $derived(Math.min((HEEL_Y - TOP - 4) / longest, 1.75));
  const fitOf = (side: Side) => feet.find((f) => f.side === side);
  const laid = $derived(
    drawings.map(({ side, drawing }) => {
      const place = toScreen(side, CENTRE[side], HEEL_Y, scale);
      const fit = fitOf(side);
      const toe = drawing.toes[drawing.firstToe];
      const foot = drawing.foot;
      return {
        side,
        drawing,
        place,
        runs: edgeRuns(drawing, fit && frontState(fit.zones), place),
        outs: callOuts(fit, drawing, place, TOP + 34, HEEL_Y - 30),
        toe,
        room: asDrawn ? toe.roomMm : (fit?.usableRoomMm ?? 0),
        tip: place(foot.toes.reduce((a, t) => (t.tip.x > a.tip.x ? t : a)).tip)
      };
    })
  );
  const gap = (mm: number) => (mm < -0.05 ? `touches, ${formatLength(-mm, unit)} over` : `gap ${formatLength(Math.max(0, mm), unit)}`);
  /** On a heel the foot shortens and may slide: what is drawn is the foot before that. */
  const onHeel = (side: Side) => fitOf(side)?.heel != null;
  /** Less than this is neither room nor pressure, mm. */
  const NOTHING_MM = 0.05;
  function toeWords(side: Side, name: string, room: number): string {
    if (Math.abs(room) < NOTHING_MM) return `${name}: just touches`;
    return `${name}: ${room > 0 ? `${formatLength(room, unit)} to go${onHeel(side) ? ', flat' : ''}` : `pressed ${formatLength(-room, unit)}`}`;
  }
  const told = $derived(
    laid.map(({ side, outs, toe, room }) => [toeWords(side, toe.name, room), ...outs.map((o) => `${ZONE[o.zone.zone].name} ${formatSigned(o.zone.clearanceMm, unit)}, ${o.word}`)].join('; ')).map((words, i) => `${laid[i].side} foot: ${words}`).join('. ') // prettier-ignore
  );

  /** The place of the edge nearest to the pointer or finger, in words with its millimetres. */
  let pointed = $state<{ side: Side; words: string; x: number; y: number } | null>(null);
  let svg = $state<SVGSVGElement>();
  /** Further than this from every edge nothing is meant, in units of the drawing. */
  const REACH = 40;
  function point(event: PointerEvent): void {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg!.getScreenCTM()!.inverse());
    let nearest = REACH;
    pointed = null;
    for (const { side, drawing, place } of laid) {
      for (const [name, edge] of [
        ['inner', drawing.inner],
        ['outer', drawing.outer]
      ] as const) {
        for (const p of edge) {
          const { x, y } = place(p);
          const away = Math.hypot(x - at.x, y - at.y);
          if (away >= nearest) continue;
          nearest = away;
          pointed = { side, x, y, words: `${name} side, ${formatLength(p.x, unit)} from the heel: ${gap(p.clearanceMm)}` };
        }
      }
    }
  }
</script>

<figure>
  <svg
    bind:this={svg}
    onpointermove={point}
    onpointerdown={point}
    onpointerleave={() => (pointed = null)}
    viewBox="0 0 {WIDTH} {HEIGHT}"
    role="img"
    aria-label="Both feet in their shoes from above, to scale; the wearer's left on the left. {told}"
    class="w-full"
  >
    <BrassRule x={RULE_X} y={HEEL_Y} {scale} lengthMm={Math.min(longest + 8, (HEEL_Y - TOP) / scale - 6)} {unit} />
    <line x1="110" x2={WIDTH - 110} y1={HEEL_Y} y2={HEEL_Y} stroke="var(--color-line)" stroke-width="1.2" />
    {#each laid as { side, drawing, place, runs, outs, toe, room, tip } (side)}
      {@const colour = SIDE_COLOUR[side]}
      {@const out = side === 'left' ? -1 : 1}
      <Leather shoe={drawing.shoe} {place}>
        <FootSkin foot={drawing.foot} {place} {scale} />
      </Leather>
      {#each runs as run, i (i)}<path
          d={run.path}
          fill="none"
          stroke="var(--color-light)"
          stroke-opacity="0.85"
          stroke-width="8.4"
          stroke-linecap="round"
        />{/each}
      {#each runs as run, i (i)}<path d={run.path} fill="none" stroke={run.colour} stroke-width="6" stroke-linecap="round" />{/each}
      {@const inner = place({ x: drawing.flexLineMm, y: 50 })}
      {@const outer = place({ x: drawing.flexLineMm * 0.876, y: -56 })}
      <line x1={inner.x} y1={inner.y} x2={outer.x} y2={outer.y} stroke="var(--color-brass-line)" stroke-width="1.4" stroke-dasharray="5 4" />
      <line x1={tip.x} x2={RULE_X + out * 28} y1={tip.y} y2={tip.y} stroke={colour} stroke-width="1.6" stroke-dasharray={side === 'left' ? undefined : '5 4'} />
      <g transform="translate({RULE_X + out * 30} {tip.y})">
        <path d={side === 'left' ? 'M28 0L18 -13H-32V13H18Z' : 'M-28 0L-18 -13H32V13H-18Z'} fill={colour} />
        <text x={side === 'left' ? -6 : 6} y="5" text-anchor="middle" font-size="15" font-weight="650" fill="#fff" class="figures"
          >{SIDE_LETTER[side]} {formatFigure(lengths[side], unit)}</text
        >
      </g>
      {#each outs as o (o.zone.zone)}
        {@const anchor = side === 'left' ? 'start' : 'end'}
        {@const ink = `var(--color-${endOf(o.zone.state)}-word)`}
        {@const from = WORDS[side] - out * (side === 'left' ? 96 : 96)}
        <path d="M{from} {o.y + 4}L{o.at.x} {o.at.y}" stroke={ink} stroke-width="1.6" fill="none" />
        <circle cx={o.at.x} cy={o.at.y} r="4.6" fill="var(--color-light)" stroke={ink} stroke-width="2" />
        <text x={WORDS[side]} y={o.y - 2} text-anchor={anchor} font-size="22" font-weight="600" fill="var(--color-ink)" class="figures says"
          >{formatSigned(o.zone.clearanceMm, unit)} {unit}</text
        >
        <text x={WORDS[side]} y={o.y + 18} text-anchor={anchor} font-size="16" font-weight="650" fill={ink} class="clear">{ZONE[o.zone.zone].name},</text>
        <text x={WORDS[side]} y={o.y + 36} text-anchor={anchor} font-size="16" font-weight="650" fill={ink} class="clear">{o.word}</text>
      {/each}
      <SideFlag {side} x={CENTRE[side] + out * 58} y={HEEL_Y + 16} words="wearer’s {side}" />
      <text x={CENTRE[side]} y={HEEL_Y + 58} text-anchor="middle" font-size="16" fill="var(--color-ink)">{toeWords(side, toe.name, room)}</text>
    {/each}
    {#if pointed}<circle cx={pointed.x} cy={pointed.y} r="6" fill="var(--color-brass-bright)" stroke="var(--color-ink)" stroke-width="1.5" />{/if}
  </svg>
  <p class="figures min-h-6 text-sm" role="status" data-pointed>
    {#if pointed}<SideMark side={pointed.side} />
      {pointed.words}{:else}<span class="soft">Point to the edge of a foot, or tap it, for its millimetres. Brass dashes: where the shoe bends.</span>{/if}
  </p>
</figure>

<style>
  .says {
    font-family: var(--font-serif);
  }
  .clear,
  .says {
    paint-order: stroke;
    stroke: var(--color-sheet);
    stroke-width: 4px;
    stroke-linejoin: round;
  }
</style>
