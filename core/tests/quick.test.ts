import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { formatSize, readQuick, SCALES, widthScaleFor } from '../src/size';

const one = (text: string) => {
  const { meanings, problem } = readQuick(text);
  expect([meanings.length, problem]).toEqual([1, '']);
  return meanings[0];
};
const scalesOf = (text: string) => readQuick(text).meanings.map((m) => m.scale ?? m.text);

describe('the quick box reads what people say', () => {
  it.each([
    ['us w 7.5', 'us-w', 7.5],
    ['W 7½', 'us-w', 7.5],
    ['women’s 8', 'us-w', 8],
    ['men 9', 'us-m', 9],
    ['42 eu', 'eu', 42],
    ['eu 42 2/3', 'eu', 42 + 2 / 3],
    ['uk 6', 'uk', 6],
    ['mondo 255', 'mondo', 255],
    ['kr 245', 'kr', 245],
    ['cn 40', 'cn-old', 40],
    ['au boot 5.5', 'au-boot', 5.5],
    ['us y 4', 'us-youth', 4]
  ] as const)('%s', (text, scale, size) => expect(one(text)).toMatchObject({ kind: 'label', scale, size: expect.closeTo(size, 3) }));
  it.each([
    ['25.4 cm', 254],
    ['9 3/4"', 247.65],
    ['248 mm', 248],
    ['9,75 in', 247.65]
  ])('%s is a foot', (text, mm) => expect(one(text)).toMatchObject({ kind: 'foot', footMm: expect.closeTo(mm, 6) }));
  it.each([
    ['uk 6 f', 'uk', 'F'],
    ['jp 24.5 EE', 'jp', 'EE'],
    ['us m10 EEE', 'us-m', 'EEE'],
    ['jp 25 4e', 'jp', 'EEEE']
  ] as const)('%s carries its width', (text, scale, width) => expect(one(text)).toMatchObject({ scale, width }));
  it("`w7.5 in men's` asks for another scale", () => expect(one("w7.5 in men's")).toMatchObject({ scale: 'us-w', size: 7.5, into: 'us-m' }));
});

describe('what is ambiguous lists its meanings and guesses none', () => {
  it('a bare 39, 7 and 245', () => {
    expect(scalesOf('39')).toEqual(['eu']);
    expect(scalesOf('7')).toEqual(expect.arrayContaining(['us-w', 'us-m', 'us-youth', 'us-child', 'uk', 'uk-child', 'au-boot', 'foot of 7 in']));
    expect(scalesOf('245')).toEqual(['foot of 245 mm']);
    expect(scalesOf('24.5')).toEqual(expect.arrayContaining(['foot of 24.5 cm', 'jp', 'eu']));
  });
  it('10 4E is US or Japanese, never British or continental: those have no such letter', () => {
    const scales = scalesOf('10 4E');
    expect(scales).toEqual(expect.arrayContaining(['us-w', 'us-m']));
    expect(scales).not.toContain('uk');
    expect(scales).not.toContain('eu');
  });
});

describe('wrong input is answered in words with what is allowed', () => {
  it.each([
    ['us w 75', /US women runs from 1 to 18; 75 is outside it/],
    ['eu 4', /continental runs from 15 to 52/],
    ['-3', /No scale has sizes below nought/],
    ['us w 7.3', /steps of 0.5: 7 or 7.5, not 7.3/],
    ['uk 10 EE', /British fittings are A, B, C.*no EE/],
    ['kr 245 B', /carry no width letter/],
    ['hello', /Write a scale and a size/],
    ['60 cm', /not a human one: feet from 95 to 340 mm/],
    ['us w '.repeat(40), /longer than a size/]
  ])('%s', (text, words) => {
    const { meanings, problem } = readQuick(text);
    expect(meanings).toEqual([]);
    expect(problem).toMatch(words);
  });
  it('7.3 alone is a length in inches at most; the steps between which it lies are named', () => {
    const { meanings, problem } = readQuick('7.3');
    expect(meanings.every((m) => m.kind === 'foot')).toBe(true);
    expect(problem).toMatch(/7 or 7.5/);
  });
  it('a Mondopoint mark is a length and a width, not a fraction', () => {
    expect(readQuick('255/98').meanings).toEqual([expect.objectContaining({ scale: 'mondo', size: 255, width: '98 mm', text: 'Mondopoint 255/98' })]);
    expect(readQuick('mondo 240 / 92 in eu').meanings[0]).toMatchObject({ size: 240, width: '92 mm', into: 'eu' });
    expect(readQuick('255/300').problem).toMatch(/300 mm wide is not a human one/);
    expect(readQuick('257/98').problem).toMatch(/steps of 5/);
  });
  it('a continental third stands for a third’s interval, a whole for a whole’s', () => {
    const width = (text: string) => readQuick(text).meanings.map((m) => m.highMm - m.lowMm)[0];
    expect(width('eu 42 2/3')).toBeCloseTo(20 / 9, 9);
    expect(width('eu 42.5')).toBeCloseTo(10 / 3, 9);
    expect(width('eu 42')).toBeCloseTo(20 / 3, 9);
  });
  it('nothing typed is no fault', () => expect(readQuick('  ')).toEqual({ meanings: [], problem: '' }));
  it('any text at all is answered, never thrown at', () => {
    fc.assert(fc.property(fc.string({ maxLength: 80 }), (text) => void expect(readQuick(text)).toHaveProperty('meanings')));
    fc.assert(fc.property(fc.stringMatching(/^[a-z]{0,4} ?\d{0,5}[./]?\d{0,3} ?[a-z]{0,4}$/), (text) => void readQuick(text)));
  });
});

it('every label of every scale, written with its scale’s word, is read as itself', () => {
  const word: Record<string, string> = {
    'us-m': 'us m',
    'us-w': 'us w',
    'us-youth': 'us y',
    'us-child': 'us c',
    'uk-child': 'uk c',
    'au-boot': 'au boot',
    'au-m': 'au m',
    'au-w': 'au w',
    'cn-old': 'cn old'
  };
  for (const scale of SCALES) {
    for (let size = scale.range[0]; size <= scale.range[1] + 1e-9; size += scale.step) {
      const { meanings, problem } = readQuick(`${word[scale.id] ?? scale.id} ${formatSize(size, scale.step)}`);
      // Labels of no human foot are left out of the quick box.
      if (meanings.length === 0) continue;
      expect(problem).toBe('');
      expect(meanings.find((m) => m.scale === scale.id)).toMatchObject({ size: expect.closeTo(size, 6) });
    }
    expect(widthScaleFor(scale.id) === null || typeof widthScaleFor(scale.id) === 'string').toBe(true);
  }
});
