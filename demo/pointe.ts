import type { GradeId, PasteId, PlatformShapeId, PointeSpec, ShankLengthId, TaperId, ThroatId } from '@chiave/core/pointe';
import { seeded } from './random';

/** The pointe shoes of the demo: five invented makers with scales of their own, fourteen models, six dancers. */
interface MakerDesign {
  id: string;
  name: string;
  zero: number;
  step: number;
  halves: boolean;
  run: [number, number];
  marks: string;
  girth: number;
  width: number;
  leadDays: number;
}
// prettier-ignore
export const POINTE_MAKERS: readonly MakerDesign[] = [
  { id: 'wrenholt', name: 'Wrenholt', zero: 195.5, step: 8.467, halves: true, run: [1, 9], marks: 'I II III IV V', girth: 5, width: 1.8, leadDays: 70 },
  { id: 'orlisande', name: 'Orlisande', zero: -3.5, step: 6.667, halves: true, run: [31, 43], marks: 'N M W XW', girth: 6, width: 2.4, leadDays: 45 },
  { id: 'tessandry', name: 'Tessandry', zero: 149, step: 5, halves: false, run: [10, 25], marks: 'X XX XXX XXXX', girth: 5.5, width: 2, leadDays: 90 },
  { id: 'marrowgate', name: 'Marrowgate', zero: 0, step: 5, halves: false, run: [41, 54], marks: 'A B C D E', girth: 4.5, width: 1.6, leadDays: 60 },
  { id: 'pettirel', name: 'Pettirel', zero: 184, step: 8.467, halves: true, run: [2, 9], marks: 'slim mid broad', girth: 6.5, width: 2.2, leadDays: 50 }
];
interface ModelDesign {
  id: string;
  name: string;
  maker: string;
  base: [number, string];
  joints: [number, number];
  taper: TaperId;
  platform: [number, number, PlatformShapeId];
  vamp: number;
  throat: ThroatId;
  wings: [number, number];
  grade: GradeId;
  shank: [ShankLengthId, number];
  paste: PasteId;
  heel: [number, number];
  string?: boolean;
  quiet?: boolean;
  price: number;
  note: string;
}
// prettier-ignore
const MODELS: readonly ModelDesign[] = [
  { id: 'sedge', name: 'Sedge', maker: 'wrenholt', base: [4, 'III'], joints: [199.5, 76], taper: 'tapered', platform: [46, 22, 'round'], vamp: 65, throat: 'u', wings: [68, 68], grade: 'medium', shank: ['full', 0.38], paste: 'hard', heel: [54, 53], price: 79, note: 'for tapered toes' },
  { id: 'sedge-quiet', name: 'Sedge Quiet', maker: 'wrenholt', base: [4, 'III'], joints: [199.5, 76], taper: 'tapered', platform: [46.5, 22, 'oval'], vamp: 65, throat: 'u', wings: [68, 68], grade: 'medium', shank: ['full', 0.38], paste: 'firm', heel: [54, 53], quiet: true, price: 88, note: 'felted platform; half a grade softer' },
  { id: 'rushlight', name: 'Rushlight', maker: 'wrenholt', base: [4, 'III'], joints: [201.5, 77.5], taper: 'slight', platform: [50, 24, 'oval'], vamp: 66, throat: 'deep-u', wings: [78, 80], grade: 'medium', shank: ['full', 0.38], paste: 'elastic', heel: [54, 53], price: 92, note: 'long wings' },
  { id: 'tern', name: 'Tern', maker: 'orlisande', base: [35, 'M'], joints: [201, 79.5], taper: 'square', platform: [55, 25, 'flat'], vamp: 63, throat: 'sweetheart', wings: [74, 74], grade: 'soft', shank: ['three-quarter', 0.36], paste: 'medium', heel: [50, 54], string: false, price: 84, note: 'for square toes' },
  { id: 'plover', name: 'Plover', maker: 'orlisande', base: [35, 'M'], joints: [203, 80.5], taper: 'broad', platform: [57, 26, 'flat'], vamp: 60, throat: 'u', wings: [72, 72], grade: 'medium', shank: ['full', 0.42], paste: 'medium', heel: [51, 54], string: false, price: 82, note: 'broad even at the tips' },
  { id: 'curlew', name: 'Curlew', maker: 'orlisande', base: [36, 'M'], joints: [205, 79], taper: 'medium', platform: [52, 24, 'oval'], vamp: 68, throat: 'v', wings: [76, 78], grade: 'firm', shank: ['full', 0.42], paste: 'firm', heel: [54, 53], price: 89, note: 'long V for long toes' },
  { id: 'ninth-stair', name: 'Ninth Stair', maker: 'tessandry', base: [16, 'XX'], joints: [199.5, 77], taper: 'medium', platform: [51, 24, 'oval'], vamp: 58, throat: 'u', wings: [70, 70], grade: 'soft', shank: ['half', 0.5], paste: 'soft', heel: [52, 52], price: 69, note: 'breaks in at the barre' },
  { id: 'landing', name: 'Landing', maker: 'tessandry', base: [16, 'XX'], joints: [201, 77.5], taper: 'medium', platform: [52, 24, 'oval'], vamp: 61, throat: 'u', wings: [72, 73], grade: 'medium', shank: ['three-quarter', 0.4], paste: 'medium', heel: [53, 52], price: 74, note: '' },
  { id: 'banister', name: 'Banister', maker: 'tessandry', base: [17, 'XX'], joints: [204, 79], taper: 'square', platform: [54, 25, 'oval'], vamp: 64, throat: 'deep-u', wings: [79, 82], grade: 'firm', shank: ['full', 0.44], paste: 'firm', heel: [55, 52], price: 81, note: 'holds joints that stand out' },
  { id: 'lintel', name: 'Lintel', maker: 'marrowgate', base: [46, 'C'], joints: [201, 77], taper: 'medium', platform: [52, 25, 'flat'], vamp: 71, throat: 'v', wings: [80, 84], grade: 'firm', shank: ['full', 0.44], paste: 'firm', heel: [58, 51], price: 96, note: 'high all round' },
  { id: 'transom', name: 'Transom', maker: 'marrowgate', base: [46, 'C'], joints: [199, 76], taper: 'slight', platform: [49, 23, 'oval'], vamp: 62, throat: 'u', wings: [72, 74], grade: 'medium', shank: ['full', 0.4], paste: 'medium', heel: [56, 49], price: 90, note: 'narrow heel' },
  { id: 'damson', name: 'Damson', maker: 'pettirel', base: [5.5, 'mid'], joints: [196, 75], taper: 'slight', platform: [48, 23, 'oval'], vamp: 62, throat: 'sweetheart', wings: [72, 74], grade: 'soft', shank: ['three-quarter', 0.38], paste: 'medium', heel: [55, 49], price: 86, note: 'for narrow feet and heels' },
  { id: 'medlar', name: 'Medlar', maker: 'pettirel', base: [5.5, 'mid'], joints: [198, 77], taper: 'medium', platform: [52, 24, 'oval'], vamp: 66, throat: 'u', wings: [78, 79], grade: 'firm', shank: ['full', 0.42], paste: 'elastic', heel: [55, 50], price: 94, note: '' },
  { id: 'quince', name: 'Quince', maker: 'pettirel', base: [5, 'mid'], joints: [0, 0], taper: 'medium', platform: [0, 0, 'oval'], vamp: 0, throat: 'u', wings: [0, 0], grade: 'medium', shank: ['full', 0], paste: 'medium', heel: [0, 0], price: 78, note: 'new: known by its label only' }
];

/** Who found a field out: seeded; a field that nobody saw stays away. */
function specOf(m: ModelDesign, index: number): PointeSpec {
  if (m.joints[0] === 0) return {};
  const random = seeded(6100 + index);
  const known = <T>(value: T) => ({ value, evidence: random.uniform() < 0.6 ? ('measured' as const) : ('claimed' as const) });
  return {
    jointGirthMm: known(m.joints[0]),
    jointWidthMm: known(m.joints[1]),
    taper: known(m.taper),
    platformWidthMm: known(m.platform[0]),
    platformDepthMm: known(m.platform[1]),
    platformShape: known(m.platform[2]),
    vampMm: known(m.vamp),
    throat: known(m.throat),
    wingMm: known(m.wings[0]),
    wingOuterMm: known(m.wings[1]),
    shankLength: known(m.shank[0]),
    bend: known(m.shank[1]),
    paste: known(m.paste),
    heelHeightMm: known(m.heel[0]),
    heelWidthMm: known(m.heel[1]),
    drawstring: known(m.string ?? true)
  };
}
const GRADE_RUN: readonly GradeId[] = ['very-soft', 'soft', 'medium', 'firm', 'very-firm'];
/** What a room like this one keeps: some sizes about the middle, in two grades. */
function stockOf(m: ModelDesign, maker: MakerDesign, index: number): { size: number; mark: string; grade: GradeId; count: number }[] {
  const random = seeded(6300 + index);
  const marks = maker.marks.split(' ');
  const each = maker.halves ? 0.5 : 1;
  return [-2, -1, 0, 1, 2, 3].flatMap((k) => {
    const size = m.base[0] + k * each;
    if (size < maker.run[0] || size > maker.run[1]) return [];
    return marks.flatMap((mark) => {
      const count = Math.floor(3 * random.uniform());
      return count > 0 ? [{ size, mark, grade: m.grade, count }] : [];
    });
  });
}
export const pointeFile = () => ({
  makers: POINTE_MAKERS.map(({ id, name, zero, step, halves, run, marks, girth, width, leadDays }) => ({
    id,
    name,
    leadDays,
    scale: {
      length: { zeroMm: zero, stepMm: step, halves, from: run[0], to: run[1] },
      width: { marks: marks.split(' '), girthStepMm: girth, widthStepMm: width }
    }
  })),
  models: MODELS.map((m, i) => ({
    id: m.id,
    makerId: m.maker,
    name: m.name,
    note: m.note,
    base: { size: m.base[0], mark: m.base[1] },
    perMarkMm: m.maker === 'marrowgate' ? 0.5 : m.maker === 'wrenholt' ? 0.6 : 0.8,
    grades: GRADE_RUN.filter((_, k) => Math.abs(k - GRADE_RUN.indexOf(m.grade)) <= 2),
    usualGrade: m.grade,
    lengthEvidence: m.joints[0] === 0 ? 'filled' : i % 3 === 1 ? 'claimed' : 'measured',
    quiet: m.quiet ?? false,
    spec: specOf(m, i),
    price: m.price,
    stock: stockOf(
      m,
      POINTE_MAKERS.find((k) => k.id === m.maker)!,
      i
    )
  })),
  dancers: DANCERS.map(({ person, asked, pairs, barre }) => ({ person, asked, pairs, barre }))
});

/** What the bench needs of six dancers, left and right. */
interface DancerDesign {
  person: string;
  values: Record<string, [number, number]>;
  asked: Record<string, unknown>;
  pairs: Record<string, unknown>[];
  barre: Record<string, unknown>[];
}
const both = (modelId: string, size: number, mark: string, grade: GradeId) => ({ left: { modelId, size, mark, grade }, right: { modelId, size, mark, grade } });
const one = (modelId: string, size: number, mark: string, grade: GradeId) => ({ modelId, size, mark, grade });
// prettier-ignore
export const DANCERS: readonly DancerDesign[] = [
  { person: 'oriele-macchiara', values: { pressedBallGirthMm: [200, 200.5], pressedBallWidthMm: [74, 74.5], pointReachDeg: [106, 105], demiReachDeg: [88, 88], rises: [24, 23] },
    asked: { level: 'professional', yields: 'soft', weightKg: 51, hypermobile: true, teacherSaidOn: '2020-09-14', hoursAWeek: 9, daysAWeek: 5, weeks: 40, sweat: 'some' },
    pairs: [{ ...both('damson', 6.5, 'mid', 'medium'), begunOn: '2026-10-02', hours: 9, died: 'shank' }, { ...both('damson', 6.5, 'mid', 'firm'), begunOn: '2026-11-02', hours: 3.5 }],
    barre: [{ shoe: one('damson', 6.5, 'mid', 'firm'), answers: { 'heel-bag': true, 'falls-over': false, sinks: false }, expected: { 'heel-bag': { value: 8.2, slope: 0.4 }, 'falls-over': { value: 1.5, slope: 5 }, sinks: { value: 3.1, slope: 0.4 } }, at: '2026-11-05' }] },
  { person: 'perla-ondavi', values: { pressedBallGirthMm: [202, 203], pressedBallWidthMm: [79, 79], pointReachDeg: [92, 93], demiReachDeg: [74, 75], rises: [19, 21] },
    asked: { level: 'first', yields: 'medium', weightKg: 44, growing: true, hoursAWeek: 1, daysAWeek: 2, weeks: 34, sweat: 'none', pads: { pouch: 'fabric', pouchMm: 1.5 } }, pairs: [], barre: [] },
  { person: 'tecla-brindavoll', values: { pressedBallGirthMm: [198, 199], pressedBallWidthMm: [76.5, 77], pointReachDeg: [97, 96], demiReachDeg: [80, 79], rises: [28, 27] },
    asked: { level: 'professional', yields: 'medium', weightKg: 50, teacherSaidOn: '2016-02-08', hoursAWeek: 8, daysAWeek: 5, weeks: 40, sweat: 'much', cure: 'shellac', pads: { pouch: 'gel', pouchMm: 1 } },
    pairs: [{ ...both('tern', 36, 'N', 'soft'), begunOn: '2026-01-12', hours: 6, died: 'box', note: 'too square for these tips' }, { ...both('lintel', 47, 'A', 'firm'), begunOn: '2026-01-28', hours: 2.5, died: 'shank', note: 'never got over it' }, { ...both('ninth-stair', 17, 'X', 'soft'), begunOn: '2026-02-16', hours: 4.5, died: 'box' }, { ...both('sedge', 4.5, 'IV', 'soft'), begunOn: '2026-11-09', hours: 3 }],
    barre: [{ shoe: one('tern', 36, 'N', 'soft'), answers: { sinks: true, 'gap-sides': true, 'big-nail': true }, expected: { sinks: { value: 5.9, slope: 0.5 } }, at: '2026-01-12' }, { shoe: one('lintel', 47, 'A', 'firm'), answers: { 'not-over': true, 'hard-to-roll': true, sinks: false }, expected: { 'not-over': { value: 1.1, slope: -5 }, sinks: { value: 2.4, slope: 0.4 } }, at: '2026-01-28' }, { shoe: one('ninth-stair', 17, 'X', 'soft'), answers: { 'falls-over': true, 'box-gives': true }, expected: { 'falls-over': { value: 2.5, slope: 7 } }, at: '2026-02-16' }] },
  { person: 'wanda-okebri', values: { pressedBallGirthMm: [199, 198], pressedBallWidthMm: [77, 77], pointReachDeg: [99, 100], demiReachDeg: [84, 84], rises: [32, 31] },
    asked: { level: 'professional', yields: 'soft', weightKg: 54, teacherSaidOn: '2004-05-03', hoursAWeek: 12, daysAWeek: 6, weeks: 42, sweat: 'some' },
    pairs: [{ ...both('transom', 50, 'A', 'medium'), begunOn: '2026-11-16', hours: 4 }], barre: [] },
  { person: 'bettina-caldrose', values: { pressedBallGirthMm: [191, 192], pressedBallWidthMm: [74, 74], pointReachDeg: [91, 90], demiReachDeg: [76, 76], rises: [22, 20] },
    asked: { level: 'student', yields: 'stiff', weightKg: 46, teacherSaidOn: '2015-03-21', hoursAWeek: 2, daysAWeek: 2, weeks: 36, sweat: 'some', pads: { pouch: 'fabric', pouchMm: 1.5 } }, pairs: [], barre: [] },
  { person: 'nives-orlumbra', values: { pressedBallGirthMm: [207, 209], pressedBallWidthMm: [81, 82], pointReachDeg: [86, 87], demiReachDeg: [72, 72], rises: [27, 26] },
    asked: { level: 'advanced', yields: 'medium', weightKg: 55, rolls: true, teacherSaidOn: '2014-11-10', hoursAWeek: 3, daysAWeek: 3, weeks: 36, sweat: 'some', pads: { pouch: 'gel', pouchMm: 1.5 } }, pairs: [], barre: [] }
];
