import { AsyncLocalStorage } from 'node:async_hooks';
import { Sequelize, Transaction } from 'sequelize';
import { database } from './connect';
import { chainDeeds } from './deeds';

/**
 * The transaction under way, for everything that is asked while it lasts: no query of a request leaves it by mistake, and
 * none waits for a second connection while it holds one.
 */
const scope = new AsyncLocalStorage<Map<string, unknown>>();
Sequelize.useCLS({
  bind: () => {},
  run: (work: (context: unknown) => unknown) => scope.run(new Map(), () => work(undefined)),
  get: (name: string) => scope.getStore()?.get(name),
  set: (name: string, value: unknown) => scope.getStore()?.set(name, value)
} as never);

/** Begins work that goes on when the request that began it has long been answered: in no transaction of it. */
export const apart = <T>(work: () => T): T => scope.exit(work);

/** MariaDB's own request to repeat: deadlock, lock wait timeout, row changed since it was read. */
const REPEAT = new Set([1213, 1205, 1020]);
const MOST_TURNS = 6;
/** Longest first pause before a transaction is repeated, ms; it grows with every turn. */
const PAUSE_MS = 25;

/** MariaDB's number of an error, however deep the driver wrapped it. */
export function errorNumber(error: unknown): number | undefined {
  const { errno, original, parent } = (error ?? {}) as { errno?: number; original?: { errno?: number }; parent?: { errno?: number } };
  return original?.errno ?? parent?.errno ?? errno;
}

/** The connection broke while a transaction was being committed: it may have been saved or not. */
export class OutcomeUnknown extends Error {
  constructor(override readonly cause: unknown) {
    super('the connection broke at commit');
  }
}

/**
 * Does work in a transaction, or in the one that is under way. What the database asks to have repeated is repeated, so the
 * work must change nothing but the database.
 * @throws OutcomeUnknown when commit did not answer
 */
export async function transacted<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  const around = scope.getStore()?.get('transaction') as Transaction | undefined;
  if (around) return work(around);
  for (let turn = 1; ; turn++) {
    try {
      return await once(work);
    } catch (error) {
      if (turn === MOST_TURNS || !REPEAT.has(errorNumber(error) ?? 0)) throw error;
      await new Promise((resolve) => setTimeout(resolve, Math.random() * PAUSE_MS * turn));
    }
  }
}

async function once<T>(work: (transaction: Transaction) => Promise<T>): Promise<T> {
  let worked = false;
  try {
    // Locks on what is there only: locks on the gaps between rows make two new fittings wait for each other.
    return await database().transaction({ isolationLevel: Transaction.ISOLATION_LEVELS.READ_COMMITTED }, async (transaction) => {
      const value = await work(transaction);
      await chainDeeds(transaction);
      worked = true;
      return value;
    });
  } catch (error) {
    if (worked && !REPEAT.has(errorNumber(error) ?? 0)) throw new OutcomeUnknown(error);
    throw error;
  }
}
