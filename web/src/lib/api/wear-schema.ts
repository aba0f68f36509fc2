import { hourOf } from '@chiave/core/measure';
import { BETWEEN_SCHOOLS, BREAK_INS, PREFERENCES, ROOM_SCHOOLS, stateOfFlags, type FlagId, type Wear } from '@chiave/core/fit';
import { z } from 'zod';
import { idOf } from './values';

const clock = (text: string): boolean => hourOf(text) !== null;

/** How the shoe is worn; everything may be left out. */
export const wearSchema = z
  .strictObject({
    sockMm: z.number().min(0).max(12).default(0).describe('one uncompressed layer, mm'),
    insertMm: z.number().min(-12).max(20).default(0).describe('added to the shoe as sold; negative when an insole is taken out, mm'),
    preference: z.enum(PREFERENCES).default('regular'),
    measuredAt: z.string().max(10).refine(clock, 'must be a time as HH:MM').optional(),
    wornAt: z.string().max(10).refine(clock, 'must be morning, noon, evening or a time as HH:MM').optional(),
    hoursWorn: z.number().min(0).max(5000).default(0).describe('hours the pair has been worn: girth grows by material'),
    age: z.number().min(0).max(120).optional(),
    schools: z
      .strictObject({
        breakIn: z.enum(idOf(BREAK_INS)).default('now'),
        room: z.enum(idOf(ROOM_SCHOOLS)).default('middle'),
        between: z.enum(idOf(BETWEEN_SCHOOLS)).default('middle').describe('sandals and boots between two sizes')
      })
      .default({ breakIn: 'now', room: 'middle', between: 'middle' })
  })
  .meta({ id: 'Wear' });

/** Wear as the fit takes it. @param flags what is told of the wearer: some change the foot itself */
export const toWear = ({ schools, ...wear }: z.infer<typeof wearSchema>, flags: readonly FlagId[]): Wear => ({
  ...wear,
  ...stateOfFlags(flags),
  breakIn: schools.breakIn,
  roomSchool: schools.room,
  betweenSchool: schools.between
});
