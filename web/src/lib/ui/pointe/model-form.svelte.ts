import { POINTE_FIELDS, type GradeId, type PointeFieldId } from '@chiave/core/pointe';
import { numberOrText } from '../../api/values';
import type { PointeModelRow } from '../../api/pointe-schema';
import { slugOf } from '../../slug';
import { LONGEST_ID } from './maker-form.svelte';
import { send, type SaveError } from '../../send/save.svelte';

/** A model as it is typed: what was typed stays until it is kept. */
export class ModelForm {
  id = $state('');
  makerId = $state('');
  name = $state('');
  note = $state('');
  size = $state('');
  mark = $state('');
  perMark = $state('0.6');
  grades = $state<GradeId[]>(['soft', 'medium', 'firm']);
  usualGrade = $state<GradeId>('medium');
  lengthEvidence = $state<'measured' | 'claimed' | 'filled'>('claimed');
  quiet = $state(false);
  price = $state('');
  /** Fields as text; empty where nobody saw it. */
  values = $state<Partial<Record<PointeFieldId, string>>>({});
  evidence = $state<Partial<Record<PointeFieldId, 'measured' | 'claimed'>>>({});
  /** Pairs on the shelf, a line each: size mark grade count. */
  shelf = $state('');
  errors = $state.raw<readonly SaveError[]>([]);
  message = $state('');

  /** A new one: nothing seen yet. */
  begin(makerId: string): void {
    [this.id, this.makerId, this.name, this.note, this.size, this.mark, this.perMark] = ['', makerId, '', '', '', '', '0.6'];
    [this.grades, this.usualGrade, this.lengthEvidence, this.quiet] = [['soft', 'medium', 'firm'], 'medium', 'claimed', false];
    [this.price, this.values, this.evidence, this.shelf, this.errors, this.message] = ['', {}, {}, '', [], ''];
  }
  open(row: PointeModelRow): void {
    [this.id, this.makerId, this.name, this.note] = [row.id, row.makerId, row.name, row.note];
    [this.size, this.mark, this.perMark] = [String(row.base.size), row.base.mark, String(row.perMarkMm)];
    [this.grades, this.usualGrade, this.lengthEvidence, this.quiet] = [[...row.grades], row.usualGrade, row.lengthEvidence, row.quiet];
    this.price = row.price === null ? '' : String(row.price);
    this.values = Object.fromEntries(POINTE_FIELDS.flatMap(({ id }) => (row.spec[id] ? [[id, String(row.spec[id].value)]] : [])));
    this.evidence = Object.fromEntries(POINTE_FIELDS.flatMap(({ id }) => (row.spec[id] ? [[id, row.spec[id].evidence]] : [])));
    this.shelf = row.stock.map((s) => `${s.size} ${s.mark} ${s.grade} ${s.count}`).join('\n');
    [this.errors, this.message] = [[], ''];
  }
  /** The body as it is sent: what is no figure goes as its text, so that the server names the field. */
  body(): unknown {
    const number = (text: string): number | string => numberOrText(text);
    return {
      id: this.id || slugOf(this.name).slice(0, LONGEST_ID),
      makerId: this.makerId,
      name: this.name,
      note: this.note,
      base: { size: number(this.size), mark: this.mark },
      perMarkMm: number(this.perMark),
      grades: this.grades,
      usualGrade: this.usualGrade,
      lengthEvidence: this.lengthEvidence,
      quiet: this.quiet,
      price: this.price.trim() === '' ? null : number(this.price),
      spec: Object.fromEntries(
        POINTE_FIELDS.flatMap(({ id, as }) => {
          const text = this.values[id]?.trim() ?? '';
          if (text === '') return [];
          const value = as === 'figure' ? number(text) : as === 'flag' ? text === 'true' : text;
          return [[id, { value, evidence: this.evidence[id] ?? 'measured' }]];
        })
      ),
      stock: this.shelf
        .split('\n')
        .map((line) => line.trim())
        .filter(Boolean)
        .map((line) => {
          const [size, mark, grade, count] = line.split(/\s+/);
          return { size: number(size ?? ''), mark: mark ?? '', grade: grade ?? '', count: number(count ?? '') };
        })
    };
  }
  /** @param taken ids of other models @returns whether it was kept */
  async keep(taken: readonly string[]): Promise<boolean> {
    if (this.id === '' && taken.includes(slugOf(this.name))) {
      this.errors = [{ path: 'name', message: 'there is a model of this name: change that one, or give this one another name' }];
      this.message = 'Not kept.';
      return false;
    }
    const sent = await send('/api/v1/pointe/models', 'POST', this.body());
    [this.errors, this.message] = sent.ok ? [[], 'Kept.'] : [sent.errors, sent.detail];
    return sent.ok;
  }
  /** What is wrong with a field, or nothing. */
  wrong = (path: string): string | undefined => this.errors.find((e) => e.path === path || e.path.startsWith(`${path}.`))?.message;
}
