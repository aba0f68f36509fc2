import fc from 'fast-check';
import Papa from 'papaparse';
import { describe, expect, it } from 'vitest';
import { EXTRAS, MEASURES, type TakenId } from '@chiave/core/measure';
import { CSV_COLUMNS, csvRowsOf, feetFile, feetFileSchema, sessionsOfCsv, type FeetSession } from '../src/lib/api/feet-exchange';
import { emptySide, footSchema } from '../src/lib/api/foot-schema';

const read = (text: string) => {
  const { data, meta } = Papa.parse<Record<string, string>>(text, { header: true, skipEmptyLines: true });
  return sessionsOfCsv(meta.fields ?? [], data);
};

describe('a file of feet', () => {
  it('any session goes out as CSV and comes back with the same figures', () => {
    const length = fc.integer({ min: 180, max: 320 });
    const parts = fc.subarray(['ballLengthMm', 'ballWidthMm', 'ballGirthMm', 'instepGirthMm', 'heelWidthMm'] as const);
    const RATIO = { ballLengthMm: 0.725, ballWidthMm: 0.37, ballGirthMm: 0.92, instepGirthMm: 0.92, heelWidthMm: 0.25 };
    fc.assert(
      fc.property(length, parts, fc.constantFrom('device', 'tape', 'tracing'), fc.constantFrom('standing', 'seated'), (mm, ids, how, under) => {
        const value = (v: number) => ({ mm: v, typed: `${v} mm`, how, under, by: 'Rosa; the "second"' });
        const left = footSchema.parse({ lengthMm: value(mm), ...Object.fromEntries(ids.map((id) => [id, value(Math.round(RATIO[id] * mm))])) });
        const session: FeetSession = { openedAt: '2026-03-04T10:00:00.000Z', measuredAt: '', feet: { left, right: emptySide() } };
        const { sessions, problems } = read(Papa.unparse({ fields: [...CSV_COLUMNS], data: csvRowsOf([session]) }));
        expect(problems).toEqual([]);
        const figures = (s: FeetSession) => Object.entries(s.feet.left.values).map(([id, v]) => [id, v!.mm, v!.how, v!.under, v!.by]);
        expect(sessions.map(figures)).toEqual([figures(session)]);
        expect(feetFileSchema.safeParse(feetFile(sessions)).success).toBe(true);
      })
    );
  });
  it('measures go by their id or their name, units as people write them', () => {
    for (const { id, name } of [...MEASURES, ...EXTRAS].slice(0, 6)) {
      const one = (measure: string) =>
        read(`date,side,measure,value,unit\n2026-01-01,left,lengthMm,250,mm\n2026-01-02,left,${measure},60,mm`).sessions.at(-1)!.feet.left.values[id as TakenId]
          ?.mm;
      expect([id, one(id)]).toEqual([id, one(name.toUpperCase())]);
    }
    const { sessions } = read(
      'date,side,measure,value,unit\n2026-01-01,Left,length,24.8,cm\n2026-01-01,RIGHT,length,9 3/4,in\n2026-01-01,left,point reach,92,deg'
    );
    expect(sessions[0].feet.left.values.lengthMm!.mm).toBe(248);
    expect(sessions[0].feet.right.values.lengthMm!.mm).toBeCloseTo(247.65, 6);
    expect(sessions[0].feet.left.values.pointReachDeg!.mm).toBe(92);
  });
  it('any text at all is answered with problems by line, never thrown at', () => {
    fc.assert(
      fc.property(fc.array(fc.array(fc.string({ maxLength: 12 }), { minLength: 4, maxLength: 8 }), { maxLength: 12 }), (cells) => {
        const rows = cells.map((c) => Object.fromEntries(CSV_COLUMNS.map((name, i) => [name, c[i] ?? ''])));
        const { sessions, problems } = sessionsOfCsv([...CSV_COLUMNS], rows);
        const taken = sessions.reduce((sum, s) => sum + Object.keys(s.feet.left.values).length + Object.keys(s.feet.right.values).length, 0);
        expect(problems.length + taken).toBeGreaterThanOrEqual(rows.length);
        for (const p of problems) expect(p.row).toBeGreaterThanOrEqual(2);
      })
    );
    expect(sessionsOfCsv([], [])).toMatchObject({ sessions: [], problems: [{ row: 1 }] });
  });
});
