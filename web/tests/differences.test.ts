import { describe, expect, it } from 'vitest';
import { differencesOf, fieldWords } from '../src/lib/differences';

describe('what a change would change', () => {
  const there = { id: 'plover', version: 3, name: 'Plover', base: { insoleMm: 262, girths: [238, 246] }, note: null };
  it('is every figure and word that would be another, with what it is now', () => {
    const asked = { version: 3, name: 'Plover', base: { insoleMm: 260, girths: [238, 244, 250] }, note: 'measured anew' };
    expect(differencesOf(there, asked, ['version'])).toEqual([
      { at: ['base', 'insoleMm'], was: 262, will: 260 },
      { at: ['base', 'girths', '1'], was: 246, will: 244 },
      { at: ['base', 'girths', '2'], was: undefined, will: 250 },
      { at: ['note'], was: null, will: 'measured anew' }
    ]);
  });
  it('tells what would go, within what is asked for, and nothing of what is not asked for', () => {
    expect(differencesOf(there, { base: { insoleMm: 262 } })).toEqual([
      { at: ['base', 'girths', '0'], was: 238, will: undefined },
      { at: ['base', 'girths', '1'], was: 246, will: undefined }
    ]);
    expect(differencesOf(there, structuredClone(there))).toEqual([]);
  });
  it('of something new is all of it', () => expect(differencesOf(null, { name: 'Tern' })).toEqual([{ at: ['name'], was: undefined, will: 'Tern' }]));
  it('names fields in words', () =>
    expect(['ballGirthMm', '0', 'heelHeightMm', 'name'].map(fieldWords)).toEqual(['ball girth, mm', '1', 'heel height, mm', 'name']));
});
