import { formatLength, MM_PER, parseLength, parseMixedNumber, type LengthUnit } from '../measure';
import { bootLabel, bootParts } from './boot-rule';
import { formatSize, labelInterval } from './label';
import { SCALE, SCALES, schoolOf, type LengthScale, type ScaleId } from './scales';
import { plainLetter, WIDTH_SCALES } from './widths';

/** One thing a typed text may mean: a label in a scale, or a foot length. */
export interface Meaning {
  kind: 'label' | 'foot';
  scale?: ScaleId;
  size?: number;
  /** The label as it is written in its run, or the length with its unit. */
  text: string;
  width?: string;
  /** Scale asked for: `w7.5 in men's`. */
  into?: ScaleId;
  footMm: number;
  lowMm: number;
  highMm: number;
  school?: string;
}

export interface QuickAnswer {
  /** None: not understood; one: answered; several: asked, never guessed. */
  meanings: Meaning[];
  /** What is wrong, with what is allowed; empty when all is well. */
  problem: string;
}

/** Words people use for a scale, longest first; a new word is a new row. */
// prettier-ignore
const WORDS: readonly [string, readonly ScaleId[]][] = [
  ['australian boot', ['au-boot']], ['aussie boot', ['au-boot']], ['au boot', ['au-boot']], ['au-boot', ['au-boot']],
  ['us women', ['us-w']], ['us womens', ['us-w']], ["us women's", ['us-w']], ['us w', ['us-w']], ['usw', ['us-w']], ['us-w', ['us-w']],
  ['us mens', ['us-m']], ["us men's", ['us-m']], ['us men', ['us-m']], ['us m', ['us-m']], ['usm', ['us-m']], ['us-m', ['us-m']],
  ['us youth', ['us-youth']], ['us y', ['us-youth']], ['us child', ['us-child']], ['us c', ['us-child']], ['us kids', ['us-child', 'us-youth']],
  ['uk child', ['uk-child']], ['uk c', ['uk-child']], ['uk kids', ['uk-child']], ['british', ['uk']], ['uk', ['uk']],
  ['continental', ['eu']], ['european', ['eu']], ['eur', ['eu']], ['eu', ['eu']],
  ['mondopoint', ['mondo']], ['mondo', ['mondo']], ['mp', ['mondo']],
  ['japanese', ['jp']], ['japan', ['jp']], ['jpn', ['jp']], ['jp', ['jp']],
  ['korean', ['kr']], ['korea', ['kr']], ['kr', ['kr']], ['chinese', ['cn', 'cn-old']], ['china', ['cn', 'cn-old']], ['cn old', ['cn-old']], ['cn', ['cn', 'cn-old']],
  ['mexican', ['mx']], ['mx', ['mx']], ['brazilian', ['br']], ['br', ['br']],
  ['au women', ['au-w']], ['au w', ['au-w']], ['au men', ['au-m']], ['au m', ['au-m']], ['au', ['au-m', 'au-w', 'au-boot']], ['boot', ['au-boot']],
  ["women's", ['us-w']], ['womens', ['us-w']], ['women', ['us-w']], ['w', ['us-w']], ["men's", ['us-m']], ['mens', ['us-m']], ['men', ['us-m']], ['m', ['us-m']],
  ['youth', ['us-youth']], ['y', ['us-youth']], ['child', ['us-child', 'uk-child']], ['kids', ['us-child', 'us-youth', 'uk-child']], ['c', ['us-child']],
  ['us', ['us-w', 'us-m', 'us-youth', 'us-child']]
];
const BY_LENGTH = [...WORDS].sort((p, q) => q[0].length - p[0].length);
/** Width letters that go with a length scale. */
const WIDTH_SCALE_OF: Partial<Record<ScaleId, string>> = {
  'us-m': 'us-letter',
  'us-w': 'us-letter',
  'us-youth': 'us-letter',
  'us-child': 'us-letter',
  uk: 'uk-fitting',
  'uk-child': 'uk-fitting',
  'au-m': 'uk-fitting',
  'au-w': 'us-letter',
  'au-boot': 'uk-fitting',
  eu: 'eu-fitting',
  jp: 'jp-width'
};
export const widthScaleFor = (id: ScaleId): string | null => WIDTH_SCALE_OF[id] ?? null;

/** Why a letter does not go with a scale, or ''. */
function widthProblem(id: ScaleId, width: string | undefined): string {
  if (!width) return '';
  const scale = WIDTH_SCALES.find((s) => s.id === WIDTH_SCALE_OF[id]);
  if (!scale) return `${SCALE[id].name} sizes carry no width letter.`;
  return scale.letters.includes(width) ? '' : `${scale.name} are ${scale.letters.join(', ')}; there is no ${width}.`;
}

const LETTERS = new Set(WIDTH_SCALES.flatMap((s) => s.letters));
/** Feet people have, mm: a bare number that would mean another foot is not offered. */
const HUMAN_MM: readonly [number, number] = [95, 340];
const BARE: readonly ScaleId[] = ['us-w', 'us-m', 'us-youth', 'us-child', 'uk', 'uk-child', 'eu', 'jp', 'au-boot', 'mondo', 'kr', 'cn'];
/** Scales whose number is the foot itself; a bare number lists them as one. */
const FOOT_ITSELF = new Set<ScaleId>(['mondo', 'kr', 'cn', 'jp']);

function wordAtStart(text: string): { ids: readonly ScaleId[]; rest: string } | null {
  for (const [word, ids] of BY_LENGTH) {
    if (!text.startsWith(word)) continue;
    const rest = text.slice(word.length);
    if (rest === '' || /^[\s\d.,½¼¾⅓⅔-]/.test(rest)) return { ids, rest: rest.trim() };
  }
  return null;
}
function wordAtEnd(text: string): { ids: readonly ScaleId[]; rest: string } | null {
  for (const [word, ids] of BY_LENGTH) {
    if (!text.endsWith(word)) continue;
    const rest = text.slice(0, -word.length);
    if (/[\s\d½¼¾⅓⅔]$/.test(rest)) return { ids, rest: rest.trim() };
  }
  return null;
}

/** Takes a width letter off the end: `10 4E`, `24.5 EE`, `6 f`. */
function takeWidth(text: string): { rest: string; width?: string } {
  const match = /^(.*\d[\d\s/.,½¼¾⅓⅔]*)\s+([2-5]?[a-mA-M]{1,4})$/.exec(text) ?? /^(.*\d)([2-5][eE]|[a-mA-M]{2,4})$/.exec(text);
  if (!match) return { rest: text };
  const letter = plainLetter(match[2]);
  return LETTERS.has(letter) ? { rest: match[1].trim(), width: letter } : { rest: text };
}

const onStep = (scale: LengthScale, size: number): boolean => {
  // Continental runs are cut in whole, half or third sizes; each run says which.
  const steps = scale.id === 'eu' ? [1, 0.5, 1 / 3] : [scale.step];
  return steps.some((step) => Math.abs(size / step - Math.round(size / step)) < 0.02);
};
const stepWord = (scale: LengthScale): string => (scale.id === 'eu' ? 'whole, half or third sizes' : `steps of ${formatSize(scale.step, 0.5)}`);

function labelMeaning(id: ScaleId, size: number, width?: string): Meaning {
  const scale = SCALE[id];
  const school = schoolOf(scale);
  const interval = scale.rule ? labelInterval(school, bootParts(size).whole, 1) : labelInterval(school, size, scale.step);
  const step = id === 'eu' && Math.abs(size * 2 - Math.round(size * 2)) > 0.02 ? 1 / 3 : scale.step;
  const text = `${scale.name} ${scale.rule ? bootLabel(bootParts(size)) : formatSize(size, step)}${width ? ` ${width}` : ''}`;
  return { kind: 'label', scale: id, size, text, width, footMm: interval.mm, lowMm: interval.lowMm, highMm: interval.highMm, school: school.id };
}

/** Why a number is no label of a scale, or ''. */
function labelProblem(id: ScaleId, size: number): string {
  const scale = SCALE[id];
  const [low, high] = scale.range;
  if (size < low || size > high) return `${scale.name} runs from ${low} to ${high}; ${trim(size)} is outside it.`;
  if (!onStep(scale, size)) {
    const below = Math.floor(size / scale.step) * scale.step;
    return `${scale.name} goes in ${stepWord(scale)}: ${formatSize(below, scale.step)} or ${formatSize(below + scale.step, scale.step)}, not ${trim(size)}.`;
  }
  return '';
}
const trim = (n: number): string => `${Number(n.toFixed(2))}`;

/**
 * What a quick text may mean. Several meanings are listed, never guessed among.
 * @param text `us w 7.5`, `w7.5 in men's`, `42 eu`, `25.4 cm`, `9 3/4"`, `jp 24.5 EE`, `10 4E`, `39`
 * @param unit unit shown; only orders the meanings of a bare number
 * @param assumed scale of a bare number, where it has been told once for a whole column
 * @example readQuick('w7.5 in men’s').meanings[0] // { scale: 'us-w', size: 7.5, into: 'us-m', ... }
 */
export function readQuick(text: string, unit: LengthUnit = 'mm', assumed: ScaleId | null = null): QuickAnswer {
  const plain = text.trim().toLowerCase().replace(/[’`]/g, "'").replace(/\s+/g, ' ');
  if (plain === '') return { meanings: [], problem: '' };
  if (plain.length > 60) return { meanings: [], problem: 'That is longer than a size: write for example us w 7.5, 42 eu or 25.4 cm.' };

  const asked = / (?:in|to|into|as) ([a-z' -]+)$/.exec(plain);
  const target = asked ? wordAtStart(asked[1].trim()) : null;
  const into = asked && target && target.rest === '' ? target.ids[0] : undefined;
  const body = into ? plain.slice(0, asked!.index).trim() : plain;

  const length = parseLength(body, unit);
  if (length.ok && length.unitTyped) {
    const [low, high] = HUMAN_MM;
    if (length.mm < low || length.mm > high) {
      return { meanings: [], problem: `A foot of ${formatLength(length.mm, length.unit)} is not a human one: feet from ${low} to ${high} mm are read.` };
    }
    return { meanings: [footMeaning(length.mm, length.unit, into)], problem: '' };
  }

  const front = wordAtStart(body);
  const { rest: noWidth, width } = takeWidth(front ? front.rest : body);
  const back = front ? null : wordAtEnd(noWidth);
  const ids = front?.ids ?? back?.ids ?? (assumed ? [assumed] : null);
  const again = back ? takeWidth(back.rest) : { rest: noWidth, width };
  const letter = width ?? again.width;
  const size = parseMixedNumber(again.rest);
  if (size === null) {
    return { meanings: [], problem: `“${text.trim()}” is not read. Write a scale and a size (us w 7.5, 42 eu, jp 24.5 EE) or a foot (25.4 cm, 9 3/4 in).` };
  }
  if (size < 0) return { meanings: [], problem: `No scale has sizes below nought; ${trim(size)} was typed.` };

  if (ids) {
    const fine = ids.filter((id) => labelProblem(id, size) === '' && widthProblem(id, letter) === '' && human(id, size));
    if (fine.length > 0) return { meanings: fine.map((id) => ({ ...labelMeaning(id, size, letter), into })), problem: '' };
    return { meanings: [], problem: [...new Set(ids.map((id) => labelProblem(id, size) || widthProblem(id, letter)).filter(Boolean))].join(' ') };
  }
  return bare(size, unit, letter, into);
}

const human = (id: ScaleId, size: number): boolean => {
  const { footMm } = labelMeaning(id, size);
  return footMm >= HUMAN_MM[0] && footMm <= HUMAN_MM[1];
};

function footMeaning(mm: number, unit: LengthUnit, into?: ScaleId): Meaning {
  return { kind: 'foot', text: `foot of ${formatLength(mm, unit)}`, footMm: mm, lowMm: mm, highMm: mm, into };
}

/** A bare number: every scale it could be a label of, and the lengths it could be. */
function bare(size: number, unit: LengthUnit, width: string | undefined, into?: ScaleId): QuickAnswer {
  const meanings: Meaning[] = [];
  const units: LengthUnit[] = [unit, ...(['mm', 'cm', 'in'] as const).filter((u) => u !== unit)];
  for (const u of units) {
    const mm = size * MM_PER[u];
    if (mm >= HUMAN_MM[0] && mm <= HUMAN_MM[1] && !width) meanings.push({ ...footMeaning(mm, u, into), text: `foot of ${trim(size)} ${u}` });
  }
  for (const id of BARE) {
    if (FOOT_ITSELF.has(id) && id !== 'jp' && meanings.some((m) => m.kind === 'foot' && Math.abs(m.footMm - size) < 1e-6)) continue;
    if (labelProblem(id, size) === '' && widthProblem(id, width) === '' && human(id, size)) meanings.push({ ...labelMeaning(id, size, width), into });
  }
  const near = SCALES.filter((s) => BARE.includes(s.id) && size >= s.range[0] && size <= s.range[1]);
  // Between two steps the lengths it could be are still listed, and the steps are named: nothing is rounded unasked.
  const problem =
    meanings.some((m) => m.kind === 'label') || (meanings.length > 0 && near.length === 0)
      ? ''
      : near.length > 0
        ? labelProblem(near[0].id, size)
        : `${trim(size)} is no size in any scale, and no foot.`;
  return { meanings, problem };
}
