import { USES_OF, type DemoUse } from './uses';
import { growthAt } from '@chiave/core/foot';
import { ENGINE_VERSION, ZONE, ORDINARY_WEAR, bestOfStyle, byRank, footAsWorn, type Candidate, type KindId, type Style, type Wear } from '@chiave/core/fit';
import { completeFoot, HEIGHT_IDS, type FootInput, type HeightId, type MeasureId, type Side } from '@chiave/core/measure';
import { PEOPLE, type PersonDesign } from './people';
import { feltIn, SHIFT, type Wearer } from './past';
import { seeded } from './random';
import { WAYS } from './truth';

const FIELDS: MeasureId[] = ['lengthMm', 'ballLengthMm', 'ballWidthMm', 'ballGirthMm', 'heelWidthMm', 'instepGirthMm', 'calfGirthMm'];
const SIDES: Side[] = ['left', 'right'];
/** Hand error of the shoe room's tapes, mm, by field. */
const HAND: Partial<Record<MeasureId, number>> = {
  lengthMm: 0.7,
  ballLengthMm: 1,
  ballWidthMm: 0.8,
  ballGirthMm: 1.5,
  heelWidthMm: 0.7,
  instepGirthMm: 2,
  calfGirthMm: 3
};

export interface DemoFitting {
  person: string;
  openedAt: string;
  purpose: string;
  kinds: string[];
  sockMm: number;
  preference: 'snug' | 'regular' | 'generous';
  ground: string;
  use?: DemoUse;
  measuredAt: string;
  feet: Record<
    Side,
    {
      values: Partial<Record<MeasureId | HeightId, number>>;
      toeShape: string;
      archType: string;
      bunionMm?: number;
      hammerToeMm?: number;
      hammerToe?: number;
      ankleReachDeg?: number;
    }
  >;
  tries: DemoTry[];
}
export interface DemoTry {
  style: string;
  size: string;
  width: string;
  felt: Record<Side, Record<string, string>>;
  outcome: 'kept' | 'left' | 'returned';
  why: string;
  verdict: string;
  probability: number;
  engine: string;
  /** Who noted it. */
  by?: string;
  reason?: { code: string; zone?: string; side?: string };
  told?: Partial<Record<Side, Record<string, { mm: number; sdMm: number; chance: number }>>>;
}
/** Other pairs of somebody's own, by kind: what their closet holds beside the pairs of a season. */
const ALSO_KEPT: Readonly<Record<string, readonly KindId[]>> = {
  'ruben-castegno': ['extra-depth', 'sneaker', 'running'],
  'savina-grell': ['walking', 'sneaker', 'oxford'],
  'amos-kellendrin': ['sneaker', 'lace-boot']
};
/** How much smaller a growing foot was some days ago, as a share of today's. */
function shareThen(person: PersonDesign, daysAgo: number): number {
  const lengthMm = person.left[0] ?? 250;
  const age = 2026.9 - person.born - 0.5;
  return 1 - ((daysAgo / 365) * growthAt(age, person.group).perYearMm) / lengthMm;
}

/** The person's feet as somebody measured them on one day: true values, what growth has added since, and a hand's error. */
function measuredFeet(person: PersonDesign, noise: (() => number) | null, share: number): DemoFitting['feet'] {
  const foot = (side: Side): DemoFitting['feet']['left'] => {
    const values: Partial<Record<MeasureId | HeightId, number>> = {};
    FIELDS.forEach((field, i) => {
      const mm = person[side][i];
      if (mm !== null && mm !== undefined) values[field] = Math.round((mm * share + (noise ? noise() * (HAND[field] ?? 1) : 0)) * 2) / 2;
    });
    const i = side === 'left' ? 0 : 1;
    for (const [id, mm] of Object.entries(person.heights ?? {}) as [HeightId, readonly [number, number]][]) values[id] = mm[i];
    return {
      values,
      toeShape: person.toeShape,
      archType: person.arch,
      ...(person.bunion?.[i] ? { bunionMm: person.bunion[i] } : {}),
      ...(person.hammer?.[i] ? { hammerToeMm: person.hammer[i], ...(person.hammerToe ? { hammerToe: person.hammerToe } : {}) } : {}),
      ...(person.reach ? { ankleReachDeg: person.reach } : {})
    };
  };
  return { left: foot('left'), right: foot('right') };
}

const toInput = (side: Side, foot: DemoFitting['feet']['left']): FootInput => ({
  side,
  values: Object.fromEntries(Object.entries(foot.values).map(([k, mm]) => [k, { mm: mm as number }])),
  heights: Object.fromEntries(HEIGHT_IDS.flatMap((id) => (foot.values[id] === undefined ? [] : [[id, { mm: foot.values[id] }]]))),
  toeShape: foot.toeShape as FootInput['toeShape'],
  archType: foot.archType as FootInput['archType'],
  bunionMm: foot.bunionMm,
  hammerToeMm: foot.hammerToeMm,
  hammerToe: foot.hammerToe,
  ankleReachDeg: foot.ankleReachDeg
});

/** Days before today on which a person came; an open fitting is today's. The first fifteen are those the season is about. */
const SEASON = 15;
const PAST: readonly (readonly number[])[] = [[705, 430, 150], [610, 265], [540, 320, 95], [655, 61], [380], [700, 515, 290, 33]];
const visitsOf = (index: number): readonly number[] =>
  index >= SEASON ? PAST[index % PAST.length] : index % 3 === 2 ? [420, 0] : index % 2 === 0 ? [500, 170, 0] : [230, 0];

/** Past and open fittings: what was tried and kept follows from the fit, with a person's doubt. */
export function history(styles: readonly Style[]): DemoFitting[] {
  const out: DemoFitting[] = [];
  PEOPLE.forEach((person, index) => {
    const random = seeded(77 + index);
    const visits = visitsOf(index);
    for (const daysAgo of visits) {
      const date = new Date(Date.UTC(2026, 10, 20, 15, (index * 7) % 60) - daysAgo * 86400000);
      const feet = measuredFeet(person, daysAgo === 0 ? null : random.normal, shareThen(person, daysAgo));
      const fitting: DemoFitting = {
        person: person.id,
        openedAt: date.toISOString(),
        purpose: daysAgo === 0 ? person.purpose : 'the season before',
        kinds: person.kinds,
        sockMm: person.sockMm,
        preference: person.preference ?? 'regular',
        ground: daysAgo === 0 ? (person.ground ?? '') : '',
        measuredAt: '16:30',
        feet,
        tries: [],
        ...(daysAgo === visits.at(-1) && USES_OF[person.id] ? { use: USES_OF[person.id] } : {})
      };
      if (daysAgo > 0) {
        const also = daysAgo === visits[0] ? (ALSO_KEPT[person.id] ?? []) : [];
        const tries = [...triesOf(fitting, person, styles, random), ...also.flatMap((kind) => keptOfKind(kind, fitting, person, styles))];
        fitting.tries = tries;
      }
      out.push(fitting);
    }
  });
  return out;
}

/** The best of the shelf for somebody's feet at a visit. */
function bestFor(fitting: DemoFitting, person: PersonDesign, styles: readonly Style[], kinds: readonly string[]): Candidate[] {
  const wear: Wear = { ...ORDINARY_WEAR, sockMm: fitting.sockMm, preference: fitting.preference, age: Number(fitting.openedAt.slice(0, 4)) - person.born };
  const feet = SIDES.map((side) => footAsWorn(completeFoot(toInput(side, fitting.feet[side])), wear));
  return styles
    .filter((s) => kinds.includes(s.kind) && (s.forWhom === person.group || s.forWhom === 'unisex'))
    .map((s) => bestOfStyle(s, feet, wear).candidate)
    .filter((c): c is Candidate => c !== undefined)
    .sort(byRank);
}
/** The pair of a kind that was kept at a visit, of which nothing more is known. */
function keptOfKind(kind: KindId, fitting: DemoFitting, person: PersonDesign, styles: readonly Style[]): DemoTry[] {
  const [best] = bestFor(fitting, person, styles, [kind]);
  if (!best) return [];
  const { styleId, size, width, verdict, probability } = best;
  const felt = { left: {}, right: {} };
  return [{ style: styleId, size, width, felt, outcome: 'kept', why: '', verdict, probability: Math.round(probability * 100) / 100, engine: ENGINE_VERSION }];
}
/** What lies outside is borne where the pair was kept all the same. */
const borne = (word: string, kept: boolean): string => (!kept ? word : word === 'too-tight' ? 'snug' : word === 'too-loose' ? 'roomy' : word);
function triesOf(fitting: DemoFitting, person: PersonDesign, styles: readonly Style[], random: ReturnType<typeof seeded>): DemoTry[] {
  const candidates = bestFor(fitting, person, styles, person.kinds).slice(0, 3);
  const trueFeet = measuredFeet(person, null, shareThen(person, (Date.UTC(2026, 10, 20) - Date.parse(fitting.openedAt)) / 86_400_000));
  const feet = Object.fromEntries(SIDES.map((side) => [side, completeFoot(toInput(side, trueFeet[side]))])) as Wearer['feet'];
  const by = Object.keys(WAYS)[Number(fitting.openedAt.slice(8, 10)) % 3];
  const wear: Wear = { ...ORDINARY_WEAR, sockMm: fitting.sockMm, age: Number(fitting.openedAt.slice(0, 4)) - person.born };
  const wearer: Wearer = { wear, feet, liking: SHIFT[fitting.preference] + 2 * random.normal(), by, random };
  return candidates.map((c, i) => {
    const kept = i === 0 && c.verdict !== 'does-not-fit';
    const said = feltIn(
      styles.find((s) => s.id === c.styleId)!,
      c.sizeNumber,
      c.width,
      wearer
    );
    const felt = (side: Side): Record<string, string> =>
      Object.fromEntries(
        c.zones[side]
          .filter((z) => ZONE[z.zone].cuts === 'by-kind' && random.uniform() > 0.35)
          .map((z) => [z.zone, borne(said[side][z.zone] ?? (z.state === 'behind' || z.state === 'ahead' ? 'right' : z.state), kept)])
      );
    const returned = kept && random.uniform() < 0.12;
    return {
      style: c.styleId,
      size: c.size,
      width: c.width,
      felt: { left: felt('left'), right: felt('right') },
      outcome: returned ? 'returned' : kept ? 'kept' : 'left',
      why: returned
        ? 'came back after two evenings: pinched once the feet were warm'
        : kept
          ? 'felt as if there were no shoe on'
          : c.verdict === 'fits'
            ? 'right as well; the other one won'
            : c.reason,
      verdict: c.verdict,
      probability: Math.round(c.probability * 100) / 100,
      engine: ENGINE_VERSION,
      by
    };
  });
}
