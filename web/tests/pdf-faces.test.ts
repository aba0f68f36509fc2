import { execFileSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { runsOf } from '../src/lib/server/pdf-faces';
import { MmPage } from '../src/lib/server/pdf';

const set = (text: string) =>
  runsOf(text)
    .map((run) => run.text)
    .join('');
/** What a reader of the PDF gets back. */
async function printed(lines: readonly string[]): Promise<string> {
  const page = new MmPage('a4', 'names');
  lines.forEach((line, i) => page.text(line, 15, 15 + 8 * i, 4, i % 2 ? { width: 180, align: 'right', bold: true } : {}));
  const folder = mkdtempSync(join(tmpdir(), 'chiave-faces-'));
  writeFileSync(join(folder, 'a.pdf'), await page.bytes());
  const text = execFileSync('pdftotext', ['-layout', join(folder, 'a.pdf'), '-'], { encoding: 'utf8' });
  rmSync(folder, { recursive: true });
  return text;
}

describe('names in a PDF come out whole', () => {
  const NAMES = [
    'Łucja Žďárská',
    'Őrsi Ğülşen',
    'Αλέξανδρος Ώρα',
    'Владимир Ёлкин',
    'Їжак Ґудзь',
    '王小明',
    '山田ひらカナ',
    '김서연',
    'Nguyễn Thị Hạnh',
    'Þórður Ægir'
  ];
  it('in Latin of every kind, Greek, Cyrillic, Chinese, Japanese and Korean', async () => {
    const text = await printed(NAMES);
    for (const name of NAMES) expect(text.replaceAll(/ +/g, ' ')).toContain(name);
  });
  it('with marks of no width: nothing of the name is lost, nothing of the mark is drawn', async () => {
    expect(set('A\u200Bn\u200Dn\u2060a \u202Ex\uFEFFy\u00AD')).toBe('Anna xy');
    expect(set('e\u0301ric')).toBe('éric');
    expect(await printed(['Z\u200Bo\u00ADe'])).toContain('Zoe');
  });
  it('and a letter no face has is told by its number, never dropped', () => {
    expect(set('a😀b')).toBe('a[U+1F600]b');
    expect(set('x\ud800y')).toMatch(/^x(\uFFFD|\[U\+FFFD\])y$/);
    expect(set('עב')).toBe('[U+05E2][U+05D1]');
  });
  it('a text longer than its line goes on in the next, in whatever faces', async () => {
    const long = `${'李'.repeat(70)} and more words in Latin, Ελληνικά too, until the line is full and the next one begins`;
    expect((await printed([long, long])).replaceAll(/\s/g, '')).toContain('李'.repeat(70));
  });
});
