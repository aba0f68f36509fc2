import { describe, expect, it } from 'vitest';
import { foundBy, personWords, wordsOf } from '../src/lib/server/db/person-words';
import { textRecord, textSet, records, isFigure } from '../src/lib/server/db/kept';
import { whatChanged } from '../src/lib/server/shop/changes';

describe('words a person is found by', () => {
  it('are those of name, work and story, each once, cut at what is no letter', () => {
    expect(personWords({ name: 'Tullio Brambati', work: 'second bassoon', story: 'Orchestra; one foot, one bassoon.' })).toEqual([
      'tullio',
      'brambati',
      'second',
      'bassoon',
      'orchestra',
      'one',
      'foot'
    ]);
    expect(wordsOf("O’Neill-Čapek d'Arc 2nd")).toEqual(['o', 'neill', 'čapek', 'd', 'arc', '2nd']);
    expect(personWords({ name: null, work: undefined, story: '' })).toEqual([]);
  });
  it('where letters stand without spaces, every one may begin what is looked for', () => {
    expect(personWords({ name: '王小明' })).toEqual(['王小明', '小明', '明']);
  });
  it('words of the story only are told apart: they find for those who may read it', () => {
    const words = foundBy({ name: 'Tullio Brambati', work: 'bassoon', story: 'numb bassoon player' });
    expect(words.filter((w) => w.ofHealth).map((w) => w.word)).toEqual(['numb', 'player']);
    expect(words.filter((w) => !w.ofHealth).map((w) => w.word)).toEqual(['tullio', 'brambati', 'bassoon']);
  });
  it('are never longer than what is kept of them', () => expect(wordsOf('x'.repeat(200))[0]).toHaveLength(40));
});

describe('what stands in a column is read whatever it is', () => {
  it('lists, records and figures', () => {
    expect(textSet('["a","a",7,null,"b"]')).toEqual(['a', 'b']);
    expect(textSet('["a","x"]', ['a', 'b'])).toEqual(['a']);
    for (const odd of ['{"a":1}', 'not json', null, '3', '"x"']) expect(textSet(odd)).toEqual([]);
    expect(textRecord('{"a":"b","c":3}')).toEqual({ a: 'b' });
    for (const odd of ['[1]', 'null', 'x', '7']) expect(textRecord(odd)).toEqual({});
    expect(records('[{"mm":3},{"mm":1e308},7,null]', (r: { mm: number }) => isFigure(r.mm))).toEqual([{ mm: 3 }]);
  });
});

describe('what changed', () => {
  it('is what differs, with what it was, and nothing that stayed', () => {
    const before = { purpose: 'first', kinds: ['pump'], flags: ['diabetic'], note: null };
    expect(whatChanged(before, { purpose: 'second', kinds: ['pump'], flags: [] })).toEqual({
      was: { purpose: 'first', flags: ['diabetic'] },
      now: { purpose: 'second', flags: [] }
    });
    expect(whatChanged(before, { purpose: 'first', note: null })).toEqual({});
  });
});
