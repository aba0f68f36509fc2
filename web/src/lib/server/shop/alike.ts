import { alikeKept, LEAST_ALIKE, type AlikePerson } from '@chiave/core/learn';
import { MEASURE_IDS, readingSd, SIDES, type MeasureId, type Side, type WayOfTaking } from '@chiave/core/measure';
import { z } from 'zod';
import type { alikeAnswer, alikeSchema } from '../../api/learn-schema';
import { KEPT, LEFT, RETURNED } from '../../api/outcomes';
import { select } from '../db';
import { fittingOf } from './fittings';

type Values = Record<Side, Partial<Record<MeasureId, { mm: number; sdMm: number }>>>;
/** A pair that was kept this lately is not counted yet, so that no single visit shows, days. */
const SETTLED_DAYS = 30;

/** What people with feet alike kept: of whom agreed or has no name any more, counted from visits of more than a month ago. */
export async function alikeTo({ fittingId, styles }: z.infer<typeof alikeSchema>): Promise<z.infer<typeof alikeAnswer>> {
  const fitting = await fittingOf(fittingId);
  const own = Object.fromEntries(
    SIDES.map((side) => [side, Object.fromEntries(MEASURE_IDS.flatMap((id) => {
      const v = fitting.feet[side].values[id];
      return v ? [[id, { mm: v.mm, sdMm: v.sdMm ?? readingSd(id, v.how) }]] : [];
    }))])
  ) as Values; // prettier-ignore
  const before = new Date(Date.now() - SETTLED_DAYS * 86_400_000);
  const replacements = { styles, ended: [KEPT, LEFT, RETURNED], me: fitting.customer.id, before };
  const tried = await select(
    z.object({ person: z.coerce.number(), styleId: z.string(), outcome: z.string() }),
    `SELECT f.customer_id AS person, t.style_id AS styleId, t.outcome FROM try_ons t JOIN fittings f ON f.id = t.fitting_id JOIN customers c ON c.id = f.customer_id
     WHERE t.style_id IN (:styles) AND t.outcome IN (:ended) AND t.excluded IS NULL AND c.id <> :me AND f.opened_at < :before
       AND (c.consent_at IS NOT NULL OR c.erased_at IS NOT NULL)`,
    replacements
  );
  const people = [...new Set(tried.map((t) => t.person))];
  if (people.length < LEAST_ALIKE) return { people: 0, lines: [], least: LEAST_ALIKE };
  const measures = await select(
    z.object({ person: z.coerce.number(), side: z.enum(SIDES), field: z.string(), mm: z.number(), how: z.string(), sd: z.number().nullable() }),
    `SELECT f.customer_id AS person, m.side, m.field, m.mm, m.how, m.sd FROM foot_measures m JOIN fittings f ON f.id = m.fitting_id
     WHERE f.customer_id IN (:people) AND m.field IN (:fields) AND f.opened_at < :before ORDER BY f.opened_at`,
    { people, fields: [...MEASURE_IDS], before }
  );
  const feet = new Map<number, Values>(people.map((id) => [id, { left: {}, right: {} }]));
  // The newest reading of each measure stands.
  for (const { person, side, field, mm, how, sd } of measures)
    feet.get(person)![side][field as MeasureId] = { mm, sdMm: sd ?? readingSd(field as MeasureId, how as WayOfTaking) };
  const others = people.map((id): AlikePerson => ({ person: String(id), feet: feet.get(id)!, tried: tried.filter((t) => t.person === id).map((t) => ({ key: t.styleId, kept: t.outcome === KEPT })) })); // prettier-ignore
  const share = tried.length > 0 ? tried.filter((t) => t.outcome === KEPT).length / tried.length : 0.5;
  const { people: n, lines } = alikeKept(own, others, styles, share);
  return { people: n, lines: lines.map(({ key, ...line }) => ({ style: key, ...line })), least: LEAST_ALIKE };
}
