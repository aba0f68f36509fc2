import { postCautions, protocolFor, stepsOf } from '@chiave/core/chair';
import { compareShoes, type ComparedShoe } from '@chiave/core/compare';
import { KIND, UPPER, ZONE, type FlagId, type Style } from '@chiave/core/fit';
import { TOE_FAMILY } from '@chiave/core/last';
import { SCALE } from '@chiave/core/size';
import type { z } from 'zod';
import type { SaidCard } from './api/said-schema';
import type { useFirstAnswer } from './api/use-schema';
import { capital } from './capital';
import { SHOP_NAME } from './shop-name';

/** Cards to send, each made from what was worked out: one shape, so that screen, paper and PDF are one. */
export const line = (text: string, figure = '', source = ''): SaidCard['parts'][number]['lines'][number] => ({ text: text.slice(0, 400), figure: figure.slice(0, 60), source: source.slice(0, 300) }); // prettier-ignore
export const card = (own: Partial<SaidCard> & { title: string }): SaidCard => ({ question: '', answer: '', under: '', parts: [], reservations: [], gauge: false, shop: SHOP_NAME, ...own }); // prettier-ignore
const MOST_LINES = 20;

/** What of a style is told beside its inside. */
const TOLD: readonly [string, (s: Style) => string][] = [
  ['kind', (s) => KIND[s.kind].name],
  ['upper', (s) => UPPER[s.upper].name],
  ['closure', (s) => s.closure.replaceAll('-', ' ')],
  ['toe', (s) => TOE_FAMILY[s.last.family].name],
  ['last', (s) => s.last.name],
  ['heel', (s) => `${s.heelHeightMm} mm`],
  ['platform', (s) => (s.platformMm > 0 ? `${s.platformMm} mm` : 'none')],
  ['widths', (s) => s.widths.join(', ')],
  ['sizes by', (s) => SCALE[s.scale].name]
];
/** Two styles beside each other: what is alike first, then what differs. */
export function ofTwo(a: Style, b: Style, shoes: readonly [ComparedShoe, ComparedShoe]): SaidCard {
  const rows = TOLD.map(([name, of]) => ({ name, a: of(a), b: of(b) }));
  const inside = compareShoes(shoes[0], shoes[1], null);
  const alike = [...rows.filter((r) => r.a === r.b).map((r) => line(capital(r.name), r.a)), ...inside.alike.slice(0, 5).map((d) => line(capital(d.words)))]; // prettier-ignore
  const differ = [...inside.differ.slice(0, 8).map((d) => line(`${b.name}: ${d.words}`)), ...rows.filter((r) => r.a !== r.b).map((r) => line(`${capital(r.name)}: ${r.a}, and ${r.b}`))]; // prettier-ignore
  return card({
    title: `${a.name} and ${b.name}`,
    question: 'What is alike in them, and what is not?',
    parts: [
      { heading: 'Alike', lines: alike.length > 0 ? alike : [line('Hardly anything.')] },
      { heading: 'Different', lines: differ.length > 0 ? differ.slice(0, MOST_LINES) : [line('Nothing that was measured.')] }
    ],
    reservations: ['The insides are compared in the size each is made for; two pairs of one style differ by up to 2 mm.', 'A longer toe is not a roomier toe.'] // prettier-ignore
  });
}
/** Which first pair, and why. */
export const ofFirst = (use: string, found: z.infer<typeof useFirstAnswer>, cautions: readonly string[]): SaidCard =>
  card({
    title: `A first pair for ${use}`,
    question: `What should a first pair for ${use} be like, and why?`,
    parts: [
      { heading: 'What it should be', lines: found.wanted.slice(0, MOST_LINES).map((w) => line(`${capital(w.words)}${w.why.length > 0 ? `: ${w.why.join('; ')}` : ''}`, w.must ? 'must be' : '')) }, // prettier-ignore
      ...(found.schools.length > 0 ? [{ heading: 'Where practitioners disagree', lines: found.schools.map((s) => line(`${capital(s.name)}: ${s.options.map((o) => o.name).join(', or ')}`)) }] : []) // prettier-ignore
    ],
    reservations: [...found.notes, ...cautions].slice(0, 12)
  });
/** What to look at when it arrives, by the kinds that were sent. */
export function ofArrival(styles: readonly Style[], flags: readonly FlagId[]): SaidCard {
  const kinds = [...new Map(styles.map((s) => [s.kind, s])).values()];
  return card({
    title: `When ${styles.length === 1 ? `your ${styles[0].name}` : 'your parcel'} arrives`,
    question: 'What do I look at?',
    parts: [
      { heading: 'First', lines: [line('On carpet only, the soles clean, both feet, with the sock they are for, in the afternoon.')] },
      ...kinds.map((s) => ({
        heading: capital(KIND[s.kind].name),
        lines: stepsOf(protocolFor(s.kind, flags))
          .slice(0, MOST_LINES)
          .map((step) => line(`${capital(step.todo)}. Right: ${step.right}${step.at ? ` (${ZONE[step.at].name})` : ''}.`.replace('..', '.'), step.minutes ? `${step.minutes.least} to ${step.minutes.usual} min` : '')) // prettier-ignore
      }))
    ],
    reservations: ['What hurts, comes back: pain is no break-in.', 'Tell us by zone and side: toes, ball, instep, heel.', ...new Set(kinds.flatMap((s) => postCautions(flags, s.kind)))] // prettier-ignore
  });
}
/** How to measure oneself at home, with the gauge sheet behind it. */
export const ofMeasuring = (): SaidCard =>
  card({
    title: 'How to measure your feet at home',
    question: 'What do I need, and how is it done?',
    parts: [
      {
        heading: 'You need',
        lines: [line('the gauge on the next page, printed at 100 %'), line('a ruler, to measure the check rulers on it first'), line('a tape or a strip of paper, a book, and somebody to read')] // prettier-ignore
      },
      {
        heading: 'Length',
        lines: [
          line('Stand on the sheet with your whole weight, heel against the wall on the line, in the sock you will wear.'),
          line('The longest toe counts, whichever it is. Read it straight from above.'),
          line('Both feet, each twice; write down all four.', 'mm')
        ]
      },
      {
        heading: 'Around the ball',
        lines: [
          line('The tape lies over both joints where the foot is widest, flat, not pulled; standing.', 'mm'),
          line('Then once over the top of the instep.', 'mm')
        ]
      },
      { heading: 'Tell us too', lines: [line('the time of day; which shoes fit you now, in which size, and how each feels')] }
    ],
    reservations: [
      'A hand errs by 1 to 2 mm in length and by about 3 in girth.',
      'Feet that feel little, with a device, or of children in pointe are measured in person.'
    ],
    gauge: true
  });
