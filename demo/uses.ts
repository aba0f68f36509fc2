import type { Answers, UseId } from '@chiave/core/use';
import type { Side } from '@chiave/core/measure';
import type { Looks } from '@chiave/core/use';

/** What some people's shoes are for: the answers of their last visit, what was looked at, and what they weigh. */
export interface DemoUse {
  uses: UseId[];
  answers: Answers;
  looks?: Partial<Record<Side, Looks>>;
  schools?: Record<string, Record<string, string>>;
  weightKg?: number;
}
// prettier-ignore
export const USES_OF: Readonly<Record<string, DemoUse>> = {
  'oriele-macchiara': { uses: ['heels-class'], answers: { level: 'new', turns: 'many', floor: 'wood' }, weightKg: 51 },
  'kilian-porrovecchio': { uses: ['pole'], answers: { level: 'some', where: ['pole', 'floor'], floor: 'glossy', pole: 'chrome', before: 'none', hot: 'no' }, weightKg: 68 },
  'jory-tamblin': { uses: ['running'], answers: { workout: 'long', surface: 'road', kmWeek: 32, wornDrop: 8, pairs: 1, kmToRace: 150 }, weightKg: 69,
    looks: { left: { roll: { is: 'in', watched: 'eye' }, wornAt: 'inner', strike: { is: 'heel', watched: 'eye' }, arch: ['low'] }, right: { roll: { is: 'neutral', watched: 'eye' }, wornAt: 'even', strike: { is: 'heel', watched: 'eye' } } } },
  'renzo-kallamby': { uses: ['running'], answers: { workout: 'race', surface: 'road', kmWeek: 45, wornDrop: 6, pairs: 2, kmToRace: 220 }, weightKg: 74, looks: { left: { strike: { is: 'middle', watched: 'filmed' } }, right: { strike: { is: 'middle', watched: 'filmed' } } } },
  'ombretta-sallinger': { uses: ['walking'], answers: { surface: 'trail', wet: 'yes' }, weightKg: 66, schools: { walking: { firm: 'soft' } } },
  'savina-grell': { uses: ['standing'], answers: { hours: 5, floor: 'tile', wet: 'no', insert: 4, open: 'no' }, weightKg: 80 },
  'amos-kellendrin': { uses: ['standing'], answers: { hours: 9, floor: 'tile', wet: 'no' }, weightKg: 92 },
  'ruben-castegno': { uses: ['walking'], answers: { surface: 'road', deviceDrop: 9, tol: 1.5, adjustable: 'no', dropFoot: 'yes', deviceGirth: 335, insert: 3, wet: 'no' }, weightKg: 79 },
  'baldo-fiorante': { uses: ['boots'], answers: { boot: 'everyday', deviceDrop: 10, tol: 2, adjustable: 'no', dropFoot: 'no', deviceGirth: 345 }, weightKg: 96 },
  'eleonora-quist': { uses: ['boots'], answers: { boot: 'riding', stirrup: 122 }, weightKg: 67 },
  'cosima-travaglin': { uses: ['occasion'], answers: { ground: 'lawn', hours: 9, danceHours: 3, habit: 'sometimes', formal: 'formal', wish: 65 }, weightKg: 62 },
  'perla-ondavi': { uses: ['slipper'], answers: { floor: 'vinyl', sweats: 'no', showArch: 'yes' } },
  'nives-orlumbra': { uses: ['character'], answers: { dance: 'character', level: 'able', floor: 'wood' } }
};
