import type { FootInput } from '@chiave/core/measure';

/** A place on a foot from above: share of its length from the heel; from −1 at the outer side to 1 at the inner. */
export type OnFoot = readonly [along: number, across: number];

/** How a choice looks on a foot that is otherwise ordinary. */
export interface Shown {
  toeShape?: FootInput['toeShape'];
  /** Widths against an ordinary foot's. */
  ball?: number;
  heel?: number;
  /** The toes alone, larger. */
  toes?: true;
  /** From the side, the height of its arch. */
  arch?: 'low' | 'medium' | 'high';
  /** Where something is seen: a place, or a line along places. */
  mark?: readonly OnFoot[];
  /** A line that is the way the weight goes rather than a place that is worn. */
  way?: true;
}

/** What is looked at before measuring, as data: what to look for, what can be seen and how it looks, what it asks of the fitting. */
export interface Look {
  id: string;
  name: string;
  hint: string;
  choices: readonly { id: string; name: string; shows: Shown }[];
  advice: readonly { when: string; text: string }[];
}

const choices = (shown: Readonly<Record<string, Shown>>): Look['choices'] => Object.entries(shown).map(([name, shows]) => ({ id: name, name, shows }));

/** Along a side, from the inner one to the outer with its sign turned. */
const edge = (side: 1 | -1): OnFoot[] => [0.08, 0.2, 0.35, 0.5, 0.62, 0.72].map((along) => [along, 0.92 * side]);

export const LOOKS: readonly Look[] = [
  {
    id: 'forefoot',
    name: 'Forefoot against heel',
    hint: 'wide in front and narrow behind asks for another last, not another size',
    choices: choices({ even: {}, 'wide in front': { ball: 1.16, heel: 0.9 }, 'wide behind': { ball: 0.9, heel: 1.16 } }),
    advice: [{ when: 'wide in front', text: 'Wide in front of a narrow heel: measure both widths; a heel grip or a combination last may be needed.' }]
  },
  {
    id: 'toes',
    name: 'Toes',
    hint: 'the longest toe, and which toe would touch first',
    choices: choices({
      'big toe longest': { toes: true, toeShape: 'egyptian' },
      'second longest': { toes: true, toeShape: 'greek' },
      'nearly level': { toes: true, toeShape: 'square' },
      'raised toe': { toes: true, mark: [[0.93, 0.1]] }
    }),
    advice: [{ when: 'raised toe', text: 'A raised toe needs depth: measure how much higher it stands and enter it as hammer toe.' }]
  },
  {
    id: 'arch',
    name: 'Arch, standing',
    hint: 'seated and standing may differ: a soft arch lengthens the foot under weight',
    choices: choices({ low: { arch: 'low' }, medium: { arch: 'medium' }, high: { arch: 'high' } }),
    advice: [{ when: 'low', text: 'A low arch goes with a longer foot under weight: measure standing, weight on that foot.' }]
  },
  {
    id: 'bumps',
    name: 'Bumps and skin',
    hint: 'what stands out, what is rubbed, what is sore',
    choices: choices({
      nothing: {},
      'big-toe joint': { mark: [[0.72, 0.92]] },
      'little-toe joint': { mark: [[0.64, -0.92]] },
      heel: { mark: [[0.04, 0]] },
      instep: { mark: [[0.47, 0.1]] },
      'rubbed or sore': { mark: [[0.1, 0.85], [0.02, 0.4], [0, 0]] } // prettier-ignore
    }),
    advice: [
      { when: 'rubbed or sore', text: 'Broken or discoloured skin, or a sore that does not heal, is for a clinician before any new shoe.' },
      { when: 'big-toe joint', text: 'Measure the width over the joint as it is, and enter how far it stands out as bunion.' }
    ]
  },
  {
    id: 'walk',
    name: 'Walking up and back',
    hint: 'how the foot strikes and rolls',
    choices: choices({
      straight: { way: true, mark: [[0.05, 0], [0.35, -0.15], [0.62, -0.1], [0.78, 0.25], [0.93, 0.6]] },
      'rolls in': { way: true, mark: [[0.05, 0.1], [0.35, 0.5], [0.62, 0.7], [0.78, 0.75], [0.93, 0.8]] },
      'rolls out': { way: true, mark: [[0.05, -0.2], [0.35, -0.7], [0.62, -0.75], [0.76, -0.4], [0.86, -0.1]] },
      'strikes forward': { way: true, mark: [[0.6, -0.3], [0.72, 0], [0.82, 0.35], [0.93, 0.6]] },
      uneven: { way: true, mark: [[0.05, -0.3], [0.22, 0.35], [0.38, -0.4], [0.55, 0.3], [0.7, -0.35], [0.85, 0.4]] }
    }), // prettier-ignore
    advice: [{ when: 'uneven', text: 'A new or painful limp is for a clinician.' }]
  },
  {
    id: 'wear',
    name: 'Wear on the old shoes',
    hint: 'sole, tips, creases, the lining at the heel',
    choices: choices({
      even: {},
      'inner edge': { mark: edge(1) },
      'outer edge': { mark: edge(-1) },
      'toe creased': { mark: [[0.83, 0.85], [0.79, 0], [0.74, -0.85]] },
      'heel lining worn': { mark: [[0.12, 0.85], [0.03, 0.45], [0, 0], [0.03, -0.45], [0.12, -0.85]] }
    }), // prettier-ignore
    advice: [
      { when: 'heel lining worn', text: 'A worn heel lining means the heel slips: look at heel width and instep before length.' },
      { when: 'toe creased', text: 'Creases ahead of the joint mean the shoe bends in another place than the foot: look at the flex point.' }
    ]
  }
];
