import type { ModelStatic } from 'sequelize';
import { database, tables, transacted, type OfPersonModel, type Tables } from '../db';
import { mayNow } from '../doors/who';
import { logChange, whatChanged } from './changes';
import { customerOf, heldOf, heldPerson } from './customers';

/** Rows that hang on a person, with a day and a body: listed, added, changed and taken away in one way. */
type Named = 'EventAhead' | 'Appointment' | 'Wish' | 'Trouble' | 'FeetLooked';
type BodyOf<N extends Named> = NonNullable<InstanceType<Tables[N]>['body']>;
export interface PersonRow<B> {
  id: number;
  version: number;
  by: string;
  body: B;
}
/**
 * @param name the model
 * @param what what one is called: “wish”
 * @param dayOf the day it stands under
 * @param health tells of health: others see none
 */
export function personRows<N extends Named>(name: N, what: string, dayOf: (body: BodyOf<N>) => string | null, health = false) {
  type B = BodyOf<N>;
  const model = (): ModelStatic<OfPersonModel<B>> => tables(database())[name] as unknown as ModelStatic<OfPersonModel<B>>;
  const rowOf = (row: OfPersonModel<B>): PersonRow<B>[] => (row.body ? [{ id: Number(row.id), version: row.version, by: row.byWhom, body: row.body }] : []);
  return {
    /** The newest day first. @throws Problem 404 */
    list: async (customerId: number): Promise<PersonRow<B>[]> => {
      await customerOf(customerId);
      if (health && !mayNow('health')) return [];
      return (await model().findAll({ where: { customerId } as never, order: [['onDay', 'DESC'], ['id', 'DESC']] })).flatMap(rowOf); // prettier-ignore
    },
    /** @throws Problem 404, 410 */
    add: (customerId: number, body: B, by: string): Promise<{ id: number; version: number }> =>
      transacted(async (transaction) => {
        await heldPerson(customerId, transaction, 'share');
        const row = await model().create({ customerId, onDay: dayOf(body), body, byWhom: by, version: 0, createdAt: new Date() } as never, { transaction });
        await logChange({ by, customerId, what, changed: { now: body } }, transaction);
        return { id: Number(row.id), version: 0 };
      }),
    /** @throws Problem 404, 409, 410 */
    change: (id: number, body: B, seen: number | undefined, by: string): Promise<{ id: number; version: number }> =>
      transacted(async (transaction) => {
        const row = await heldOf(model(), id, what, transaction, seen);
        const before = row.body;
        const version = row.version + 1;
        await row.update({ body, onDay: dayOf(body), version } as never, { transaction });
        await logChange({ by, customerId: row.customerId, what: `${what} ${id}`, changed: whatChanged({ ...before }, { ...body }) }, transaction);
        return { id, version };
      }),
    /** @throws Problem 404, 410 */
    remove: (id: number, by: string): Promise<void> =>
      transacted(async (transaction) => {
        const row = await heldOf(model(), id, what, transaction);
        await row.destroy({ transaction });
        await logChange({ by, customerId: row.customerId, what: `${what} taken away`, changed: { was: row.body } }, transaction);
      })
  };
}
export const events = personRows('EventAhead', 'event', (b) => b.on);
export const appointments = personRows('Appointment', 'appointment', (b) => b.on);
export const wishes = personRows('Wish', 'wish', () => null);
export const troubles = personRows('Trouble', 'trouble', (b) => b.on, true);
export const looks = personRows('FeetLooked', 'look at the feet', (b) => b.on, true);
