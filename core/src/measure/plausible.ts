import { ACCEPTED_LENGTH_MM, MEASURE, MEASURES, QUESTIONED_ASYMMETRY_MM, type MeasureId } from './measures';
import { completeFoot, type FootInput } from './foot';
import { formatLength } from './format-length';
import { otherReadings, parseLength, type LengthUnit } from './parse-length';

/** What a finding is about: a text, one value alone, a value beside the foot's length, or the two feet beside each other. */
export type FindingCode = 'unreadable' | 'impossible' | 'rare' | 'off-proportion' | 'feet-differ';

export interface Finding {
  code: FindingCode;
  side?: 'left' | 'right';
  field: string;
  /** `question` is asked and kept; `refuse` is not taken. */
  level: 'question' | 'refuse';
  message: string;
  /** What the same figures would mean otherwise; offered, never applied unasked. */
  offer?: { mm: number; text: string };
}

/** Adult and child lengths in which another unit's reading is believable, mm. */
const BELIEVABLE_LENGTH: readonly [number, number] = [100, 330];
/** Deviations from the proportion beyond which a value is asked about. */
const QUESTION_AT_SD = 3;

/**
 * Reads one field of the Measure step: the text, then whether the value can be.
 * @param field which measure
 * @param text what was typed
 * @param unit unit of a bare number
 * @param lengthMm foot length of the same side, when known
 */
export function readMeasure(field: MeasureId, text: string, unit: LengthUnit, lengthMm?: number): { mm: number | null; unit: LengthUnit; findings: Finding[] } {
  const name = MEASURE[field].name;
  const parsed = parseLength(text, unit);
  if (!parsed.ok) return { mm: null, unit, findings: [{ code: 'unreadable', field, level: 'refuse', message: parsed.message }] };
  const range = believableRange(field, lengthMm);
  const offers = otherReadings(text, parsed.unit, range[0], range[1]).map(({ unit: u, mm }) => ({
    mm,
    text: formatLength(mm, u)
  }));
  const finding = judgeMeasure(field, parsed.mm, lengthMm);
  if (!finding) return { mm: parsed.mm, unit: parsed.unit, findings: [] };
  if (offers[0]) {
    finding.offer = offers[0];
    finding.message += ` Did you mean ${offers[0].text} (${formatLength(offers[0].mm, 'mm')})?`;
  } else if (finding.level === 'refuse') {
    finding.message += ` Check the ${name} and its unit.`;
  }
  return { mm: finding.level === 'refuse' ? null : parsed.mm, unit: parsed.unit, findings: [finding] };
}

function believableRange(field: MeasureId, lengthMm?: number): readonly [number, number] {
  if (field === 'lengthMm') return BELIEVABLE_LENGTH;
  const length = lengthMm ?? 250;
  const rule = MEASURE[field].from[MEASURE[field].from.length - 1];
  return [length * rule.ratio * (1 - 4 * rule.spread), length * rule.ratio * (1 + 4 * rule.spread)];
}

/** Judges one value: null when ordinary, else asked about or refused with the reason. */
export function judgeMeasure(field: MeasureId, mm: number, lengthMm?: number): Finding | null {
  const name = MEASURE[field].name;
  if (field === 'lengthMm') {
    const [low, high] = ACCEPTED_LENGTH_MM;
    if (!(mm >= low && mm <= high)) {
      return {
        code: 'impossible',
        field,
        level: 'refuse',
        message: `A foot of ${formatLength(mm, 'mm')} cannot be: feet from ${low} to ${high} mm are taken.`
      };
    }
    if (mm < BELIEVABLE_LENGTH[0] || mm > BELIEVABLE_LENGTH[1]) {
      return { code: 'rare', field, level: 'question', message: `${formatLength(mm, 'mm')} is a rare foot length.` };
    }
    return null;
  }
  const [low, high] = MEASURE[field].impossible;
  if (lengthMm === undefined) {
    return mm > 0 && mm < 700 ? null : { code: 'impossible', field, level: 'refuse', message: `A ${name} of ${formatLength(mm, 'mm')} cannot be.` };
  }
  if (!(mm >= low * lengthMm && mm <= high * lengthMm)) {
    return {
      code: 'impossible',
      field,
      level: 'refuse',
      message: `A ${name} of ${formatLength(mm, 'mm')} cannot be on a foot ${formatLength(lengthMm, 'mm')} long (${formatLength(low * lengthMm, 'mm')} to ${formatLength(high * lengthMm, 'mm')}).`
    };
  }
  const rule = MEASURE[field].from[MEASURE[field].from.length - 1];
  const usual = rule.ratio * lengthMm;
  const sd = Math.hypot(rule.spread * usual, MEASURE[field].tapeSdMm);
  if (Math.abs(mm - usual) > QUESTION_AT_SD * sd) {
    return {
      code: 'off-proportion',
      field,
      level: 'question',
      message: `${formatLength(mm, 'mm')} is ${mm > usual ? 'large' : 'small'} for a ${name} on this length; about ${formatLength(usual, 'mm')} is usual.${confusedWith(field, mm, lengthMm)}`
    };
  }
  return null;
}

/** Names another measure that the value would suit: “is that the heel?”. */
function confusedWith(field: MeasureId, mm: number, lengthMm: number): string {
  const other = MEASURES.find((m) => {
    const rule = m.from[m.from.length - 1];
    return rule && m.id !== field && Math.abs(mm - rule.ratio * lengthMm) < rule.spread * rule.ratio * lengthMm;
  });
  return other ? ` It would suit the ${other.name}: was that measured?` : '';
}

/** Findings over both feet together: each value against its length, and left against right. */
export function judgeFeet(feet: readonly FootInput[]): Finding[] {
  const findings: Finding[] = [];
  for (const foot of feet) {
    const lengthMm = foot.values.lengthMm?.mm;
    for (const [field, value] of Object.entries(foot.values)) {
      const finding = judgeMeasure(field as MeasureId, value.mm, lengthMm);
      if (finding) findings.push({ ...finding, side: foot.side });
    }
  }
  const [left, right] = ['left', 'right'].map((side) => feet.find((f) => f.side === side)?.values.lengthMm?.mm);
  if (left !== undefined && right !== undefined && Math.abs(left - right) > QUESTIONED_ASYMMETRY_MM) {
    const longer = left > right ? 'left' : 'right';
    findings.push({
      code: 'feet-differ',
      side: longer,
      field: 'lengthMm',
      level: 'question',
      message: `The ${longer} foot is ${formatLength(Math.abs(left - right), 'mm')} longer than the other. That happens, but measure both again.`
    });
  }
  return findings;
}

/** True when both balls of a foot are in the order they grow: the outer joint behind the inner one. */
export function ballsInOrder(input: FootInput): boolean {
  const foot = completeFoot(input);
  return foot.values.outerBallLengthMm.mm < foot.values.ballLengthMm.mm;
}
