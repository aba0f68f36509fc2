import { completeFoot, type FootToeShape } from '../src/measure';
import { compileForefoot, GRADE_IDS, pointeFootOf, type Box, type Forefoot, type Pads, type PointeFoot, type PointeMaker, type PointeModel, type PointeSpec, type YieldId } from '../src/pointe'; // prettier-ignore

/** The reference foot and shoe of the model's study, and its invented makers and dancers: check values, used nowhere but here. */
export interface FootCase {
  lengthMm?: number;
  widthMm?: number;
  girthMm?: number;
  heelMm?: number;
  toes?: FootToeShape;
  yields?: YieldId;
  weightKg?: number;
  reach?: number | null;
  rises?: number;
  ankle?: number;
  bunion?: number;
  hypermobile?: boolean;
  rolls?: boolean;
  bigToe?: number;
  side?: 'left' | 'right';
}
export function footCase(o: FootCase = {}): PointeFoot {
  const foot = completeFoot({
    side: o.side ?? 'left',
    toeShape: o.toes ?? 'egyptian',
    bunionMm: o.bunion,
    ankleReachDeg: o.ankle,
    values: {
      lengthMm: { mm: o.lengthMm ?? 230 },
      ballWidthMm: { mm: o.widthMm ?? 84 },
      ballGirthMm: { mm: o.girthMm ?? 212 },
      heelWidthMm: { mm: o.heelMm ?? 57.5 }
    }
  });
  const reach = o.reach === undefined ? 92 : o.reach;
  return pointeFootOf(
    foot,
    { ...(reach === null ? {} : { pointReachDeg: reach }), rises: o.rises ?? 20, ...(o.bigToe === undefined ? {} : { bigToeLengthMm: o.bigToe }) },
    { weightKg: o.weightKg ?? 50, yields: o.yields ?? 'medium', hypermobile: o.hypermobile, rolls: o.rolls }
  );
}
export const forefootCase = (o: FootCase = {}, pads: Pads = {}): Forefoot => compileForefoot(footCase(o), pads);

export const REFERENCE: Box = {
  insideLengthMm: 229,
  jointGirthMm: 200,
  jointWidthMm: 77,
  taper: 'medium',
  platform: { widthMm: 51, depthMm: 24, shape: 'oval' },
  vampMm: 63,
  throat: 'u',
  wingMm: 72,
  wingOuterMm: 72,
  shank: { nm: 9, length: 'full', bend: 0.42 },
  paste: 'medium',
  heelHeightMm: 54,
  heelWidthMm: 53,
  drawstring: true
};
export const boxCase = (over: Partial<Box> = {}): Box => ({ ...REFERENCE, ...over });
/** The reference box so many width marks wider. */
export const marksWider = (k: number): Box =>
  boxCase({ jointGirthMm: 200 + 5 * k, jointWidthMm: 77 + 1.8 * k, platform: { ...REFERENCE.platform, widthMm: 51 + 0.6 * k } });
export const tapered = (taper: 'tapered' | 'medium' | 'square'): Box =>
  boxCase({ taper, platform: { ...REFERENCE.platform, widthMm: { tapered: 46, medium: 51, square: 54 }[taper] } });

const maker = (name: string, zeroMm: number, stepMm: number, halves: boolean, from: number, to: number, marks: string, girthStepMm: number, widthStepMm: number): PointeMaker => ({ id: name, name, length: { zeroMm, stepMm, halves, from, to }, width: { marks: marks.split(' '), girthStepMm, widthStepMm } }); // prettier-ignore
const WRENHOLT = maker('Wrenholt', 196, 8.467, true, 1, 8, 'I II III IV V', 5, 1.8);
const ORLISANDE = maker('Orlisande', -3, 6.667, true, 32, 42, 'N M W XW', 6, 2.4);
const TESSANDRY = maker('Tessandry', 150, 5, false, 10, 24, 'X XX XXX XXXX', 5.5, 2);
const MARROWGATE = maker('Marrowgate', 0, 5, false, 42, 54, 'A B C D E', 4.5, 1.6);
const PETTIREL = maker('Pettirel', 183.5, 8.467, true, 2, 9, 'slim mid broad', 6.5, 2.2);

type Values = { [F in keyof PointeSpec]?: NonNullable<PointeSpec[F]>['value'] };
/** A model all of whose fields are as sure as is said. */
export const modelCase = (name: string, by: PointeMaker, base: { size: number; mark: string }, perMarkMm: number, usualGrade: PointeModel['usualGrade'], values: Values, evidence: 'measured' | 'claimed' = 'measured'): PointeModel => ({
  id: name, name, maker: by, base, perMarkMm, grades: GRADE_IDS, usualGrade, lengthEvidence: evidence,
  spec: Object.fromEntries(Object.entries(values).map(([field, value]) => [field, { value, evidence }])) as PointeSpec
}); // prettier-ignore
export const RUSHLIGHT_VALUES: Values = { jointGirthMm: 201, jointWidthMm: 77.5, taper: 'slight', platformWidthMm: 50, platformDepthMm: 24, platformShape: 'oval', vampMm: 66, throat: 'deep-u', wingMm: 78, wingOuterMm: 80, shankLength: 'full', bend: 0.38, paste: 'elastic', heelHeightMm: 54, heelWidthMm: 53, drawstring: true }; // prettier-ignore
export const rushlightCase = (evidence: 'measured' | 'claimed'): PointeModel => modelCase('Rushlight', WRENHOLT, { size: 4, mark: 'III' }, 0.6, 'medium', RUSHLIGHT_VALUES, evidence); // prettier-ignore
/** The same model known by its label alone. */
export const labelOnly = (): PointeModel => ({ ...modelCase('Rushlight', WRENHOLT, { size: 4, mark: 'III' }, 0.6, 'medium', {}), lengthEvidence: 'filled' });
export const MODELS: readonly PointeModel[] = [
  modelCase('Sedge', WRENHOLT, { size: 4, mark: 'III' }, 0.6, 'medium', { jointGirthMm: 200, jointWidthMm: 76, taper: 'tapered', platformWidthMm: 46, platformDepthMm: 22, platformShape: 'round', vampMm: 66, throat: 'u', wingMm: 68, wingOuterMm: 68, shankLength: 'full', bend: 0.38, paste: 'hard', heelHeightMm: 54, heelWidthMm: 53, drawstring: true }),
  rushlightCase('measured'),
  modelCase('Tern', ORLISANDE, { size: 35, mark: 'M' }, 0.8, 'soft', { jointGirthMm: 201, jointWidthMm: 79.5, taper: 'square', platformWidthMm: 55, platformDepthMm: 25, platformShape: 'flat', vampMm: 63, throat: 'sweetheart', wingMm: 74, wingOuterMm: 74, shankLength: 'three-quarter', bend: 0.36, paste: 'medium', heelHeightMm: 50, heelWidthMm: 54, drawstring: false }),
  modelCase('Ninth Stair', TESSANDRY, { size: 16, mark: 'XX' }, 0.7, 'soft', { jointGirthMm: 200, jointWidthMm: 77, taper: 'medium', platformWidthMm: 51, platformDepthMm: 24, platformShape: 'oval', vampMm: 58, throat: 'u', wingMm: 70, wingOuterMm: 70, shankLength: 'half', bend: 0.5, paste: 'soft', heelHeightMm: 52, heelWidthMm: 52, drawstring: true }),
  modelCase('Lintel', MARROWGATE, { size: 46, mark: 'C' }, 0.5, 'firm', { jointGirthMm: 201, jointWidthMm: 77, taper: 'medium', platformWidthMm: 52, platformDepthMm: 25, platformShape: 'flat', vampMm: 72, throat: 'v', wingMm: 80, wingOuterMm: 84, shankLength: 'full', bend: 0.44, paste: 'firm', heelHeightMm: 58, heelWidthMm: 51, drawstring: true }),
  modelCase('Damson', PETTIREL, { size: 5.5, mark: 'mid' }, 0.8, 'soft', { jointGirthMm: 196, jointWidthMm: 75, taper: 'slight', platformWidthMm: 48, platformDepthMm: 23, platformShape: 'oval', vampMm: 62, throat: 'sweetheart', wingMm: 72, wingOuterMm: 74, shankLength: 'three-quarter', bend: 0.38, paste: 'medium', heelHeightMm: 55, heelWidthMm: 49, drawstring: true })
]; // prettier-ignore
export const modelNamed = (name: string): PointeModel => MODELS.find((m) => m.name === name)!;

const FABRIC: Pads = { pouch: 'fabric', pouchMm: 1.5 };
const GEL: Pads = { pouch: 'gel', pouchMm: 1.5 };
export const DANCERS = {
  firstPair: forefootCase({ lengthMm: 222, widthMm: 81, girthMm: 204, heelMm: 54, weightKg: 38, reach: 91, rises: 21 }, FABRIC),
  squareToes: forefootCase({ lengthMm: 231, widthMm: 87, girthMm: 217, heelMm: 58, toes: 'square', yields: 'stiff', weightKg: 52, reach: 91, rises: 22 }, FABRIC),
  hypermobile: forefootCase({ lengthMm: 240, widthMm: 86, girthMm: 214, heelMm: 57, toes: 'greek', yields: 'soft', weightKg: 51, reach: 108, ankle: 68, rises: 24, hypermobile: true }),
  bunion: forefootCase({ lengthMm: 236, widthMm: 91, girthMm: 224, heelMm: 58, bunion: 7, rolls: true, weightKg: 58, reach: 96, rises: 26 }, GEL),
  shortReach: forefootCase({ lengthMm: 228, widthMm: 85, girthMm: 213, heelMm: 57, weightKg: 55, reach: 85, rises: 28 }, FABRIC),
  professional: forefootCase({ lengthMm: 233, widthMm: 83, girthMm: 208, heelMm: 52, yields: 'soft', weightKg: 47, reach: 98, rises: 30 }),
  professionalRight: forefootCase({ lengthMm: 237, widthMm: 84, girthMm: 210, heelMm: 52, yields: 'soft', weightKg: 47, reach: 98, rises: 30, side: 'right' })
} as const; // prettier-ignore
