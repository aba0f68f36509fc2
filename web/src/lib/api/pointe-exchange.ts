import { POINTE_FIELD, POINTE_FIELDS, type PointeFieldId } from '@chiave/core/pointe';
import { readCsv, writeCsv } from './csv';
import type { PointeModelRow } from './pointe-schema';

/** Models as CSV: a row a model, a column a field and one more for how sure it is. Stock and beliefs go in JSON only. */
const HEAD = ['id', 'maker', 'name', 'base size', 'base mark', 'per mark', 'grades', 'usual grade', 'lengths', 'quiet', 'price', 'note'] as const;
export const POINTE_COLUMNS: readonly string[] = [...HEAD, ...POINTE_FIELDS.flatMap((f) => [f.id, `${f.id}?`])];

export const modelsCsv = (models: readonly PointeModelRow[]): string =>
  writeCsv(
    POINTE_COLUMNS,
    models.map((m) => ({
      id: m.id,
      maker: m.makerId,
      name: m.name,
      'base size': m.base.size,
      'base mark': m.base.mark,
      'per mark': m.perMarkMm,
      grades: m.grades.join(' '),
      'usual grade': m.usualGrade,
      lengths: m.lengthEvidence,
      quiet: m.quiet ? 'yes' : 'no',
      price: m.price ?? '',
      note: m.note,
      ...Object.fromEntries(
        POINTE_FIELDS.flatMap(({ id, as }) => {
          const known = m.spec[id];
          if (!known) return [];
          return [
            [id, as === 'flag' ? (known.value ? 'yes' : 'no') : known.value],
            [`${id}?`, known.evidence]
          ];
        })
      )
    }))
  );

/** Bodies from such rows, as they would be sent: what cannot be is told by the schema, by row and field. */
export function modelsOfCsv(text: string): { bodies: unknown[]; missing: string[] } {
  const { fields, rows } = readCsv(text);
  const missing = HEAD.slice(0, 5).filter((name) => !fields.includes(name));
  const number = (value: string): number | string => (value.trim() === '' || Number.isNaN(Number(value)) ? value : Number(value));
  const valueOf = (id: PointeFieldId, value: string): unknown =>
    POINTE_FIELD[id].as === 'figure' ? number(value) : POINTE_FIELD[id].as === 'flag' ? value === 'yes' : value;
  const bodies = rows.map((row) => {
    const cell = (name: string): string => row[name]?.trim() ?? '';
    const given = <T>(name: string, value: T): Record<string, T> | undefined => (cell(name) === '' ? undefined : { [name]: value });
    return {
      id: cell('id'),
      makerId: cell('maker'),
      name: cell('name'),
      base: { size: number(cell('base size')), mark: cell('base mark') },
      ...(given('per mark', 0) && { perMarkMm: number(cell('per mark')) }),
      grades: cell('grades').split(/\s+/).filter(Boolean),
      usualGrade: cell('usual grade'),
      ...(given('lengths', '') && { lengthEvidence: cell('lengths') }),
      quiet: cell('quiet') === 'yes',
      price: cell('price') === '' ? null : number(cell('price')),
      note: cell('note'),
      spec: Object.fromEntries(
        POINTE_FIELDS.flatMap(({ id }) => (cell(id) === '' ? [] : [[id, { value: valueOf(id, cell(id)), evidence: cell(`${id}?`) || 'claimed' }]]))
      )
    };
  });
  return { bodies, missing };
}
