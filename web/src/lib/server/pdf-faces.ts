import { readFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { create, type Font } from 'fontkit';

/**
 * The faces shipped with the application, in the form a PDF takes. Each package holds a face in parts, one file a part, with a
 * list of the letters in each; a text is set in as many parts as its letters need.
 */
const PACKAGES = ['source-sans-3', 'noto-sans-sc', 'noto-sans-kr'] as const;
export const WEIGHTS = { text: 400, bold: 600 } as const;
export type Weight = keyof typeof WEIGHTS;

interface Part {
  package: string;
  part: string;
  /** First and last code point of each run of letters. */
  ranges: readonly (readonly [number, number])[];
}

const require = createRequire(import.meta.url);

/** `U+0-FF,U+131` as runs of code points. */
const rangesOf = (text: string): [number, number][] =>
  text.split(',').map((range) => {
    const [from, to = from] = range.trim().replace('U+', '').split('-');
    return [parseInt(from, 16), parseInt(to, 16)];
  });

let parts: readonly Part[] | undefined;
function allParts(): readonly Part[] {
  parts ??= PACKAGES.flatMap((name) => {
    const lists = JSON.parse(readFileSync(require.resolve(`@fontsource/${name}/unicode.json`), 'utf8')) as Record<string, string>;
    const own = Object.entries(lists).map(([part, text]) => ({ package: name, part: part.replace(/[[\]]/g, ''), ranges: rangesOf(text) }));
    // What most texts need is looked at first.
    return own.sort((a, b) => Number(b.part === 'latin') - Number(a.part === 'latin'));
  });
  return parts;
}

/** Where the file of a part lies. */
export const fileOf = (part: Pick<Part, 'package' | 'part'>, weight: Weight): string =>
  require.resolve(`@fontsource/${part.package}/files/${part.package}-${part.part}-${WEIGHTS[weight]}-normal.woff`);

const opened = new Map<Part, Font>();
/** A part's list names letters which its file may lack, so the file is asked too. */
function holds(part: Part, code: number): boolean {
  if (!part.ranges.some(([from, to]) => code >= from && code <= to)) return false;
  const font = opened.get(part) ?? (create(readFileSync(fileOf(part, 'text'))) as Font);
  opened.set(part, font);
  return font.hasGlyphForCodePoint(code);
}

/** A stretch of text in one part of a face. */
export interface Run {
  text: string;
  part: Part;
}

/** Marks that have no width and no look of their own: joiners, direction marks, soft hyphens. Nothing is lost without them. */
const NO_LOOK = /[\p{Cf}\p{Cc}\uFE00-\uFE0F]/gu;
/** A letter no face has is told by its number: a name is never shortened in silence. */
const told = (letter: string): string => `[U+${letter.codePointAt(0)!.toString(16).toUpperCase().padStart(4, '0')}]`;

/**
 * A text in the stretches it is set in.
 * @example runsOf('Åsa 王') // two stretches: the Latin part, then one of the Chinese parts
 */
export function runsOf(text: string): Run[] {
  const runs: Run[] = [];
  const [latin] = allParts();
  const add = (letters: string, part: Part): void => {
    const last = runs.at(-1);
    if (last?.part === part) last.text += letters;
    else runs.push({ text: letters, part });
  };
  const letters = text
    .toWellFormed()
    .normalize('NFC')
    .replace(/[\t\r\n]+/g, ' ')
    .replace(NO_LOOK, '')
    .replace(/\s/g, ' ');
  for (const letter of letters) {
    const code = letter.codePointAt(0)!;
    // What stands in the face under way stays in it, marks above all.
    const under = runs.at(-1)?.part;
    const part = (under && holds(under, code) ? under : undefined) ?? allParts().find((p) => holds(p, code));
    if (part) add(letter, part);
    else add(told(letter), latin);
  }
  return runs;
}
