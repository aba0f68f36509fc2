import { errorNumber, OutcomeUnknown } from './db';
import { invalid, Problem } from './problems';

const AWAY = /^Sequelize(Connection|HostNotFound|AccessDenied|InvalidConnection|ConnectionAcquireTimeout|ConnectionRefused|ConnectionTimedOut|Database)/;
const AWAY_CODES = new Set([
  'ECONNREFUSED',
  'ECONNRESET',
  'EPIPE',
  'ER_SOCKET_UNEXPECTED_CLOSE',
  'ER_CONNECTION_TIMEOUT',
  'ER_GET_CONNECTION_TIMEOUT',
  'ER_CMD_CONNECTION_CLOSED',
  'ER_SERVER_SHUTDOWN'
]);

/** MariaDB's number for a node of a cluster that has lost the others or is still joining them. */
const NODE_NOT_READY = 1047;
/** What a page says of a database that is away. */
export const DATABASE_AWAY = 'The database does not answer. Nothing is lost: wait a moment and open the page again.';
/** True when the database, not the request, is at fault: nothing was saved and trying again makes sense. */
export function isDatabaseAway(error: unknown): boolean {
  if (!(error instanceof Error)) return false;
  if (errorNumber(error) === NODE_NOT_READY) return true;
  const inner =
    (error as { original?: { code?: string; errno?: number }; parent?: { code?: string } }).original ?? (error as { parent?: { code?: string } }).parent;
  const code = inner?.code ?? (error as { code?: string }).code;
  if (code && AWAY_CODES.has(code)) return true;
  if (error.name === 'SequelizeTimeoutError') return true;
  return AWAY.test(error.name) && error.name !== 'SequelizeDatabaseError';
}

/** MariaDB's numbers for a value that does not go into its column: too long, not a text it knows, out of range, none at all. */
const DOES_NOT_GO_IN = new Set([1406, 1366, 1264, 1265, 1048, 1292, 4025]);
/** MariaDB's numbers for a disk or a table space that is full. */
const FULL = new Set([1021, 1114, 1030, 3]);

/** What MariaDB refused although its schema let it through, in words; null for what is nobody's input. */
function refusedByDatabase(error: unknown): Problem | null {
  if (!(error instanceof Error)) return null;
  if (error.name === 'SequelizeUniqueConstraintError')
    return new Problem(409, 'Taken', 'Somebody else has just kept the same. Nothing of yours was written.', [{ path: 'id', message: 'taken' }]);
  if (error.name === 'SequelizeForeignKeyConstraintError')
    return new Problem(409, 'Changed meanwhile', 'What this belongs to was taken away meanwhile, or something else hangs on it. Nothing was written.');
  const number = errorNumber(error) ?? 0;
  if (DOES_NOT_GO_IN.has(number)) {
    const column = /column '?`?(?:[^`']*`\.`)*([A-Za-z_]+)/.exec(error.message)?.[1] ?? 'body';
    return invalid([{ path: column, message: 'this value cannot be kept: it is too long or out of range' }]);
  }
  if (FULL.has(number)) return new Problem(507, 'The disk is full', 'The disk of the server is full. Nothing was saved; what you typed is still here.');
  return null;
}

/** Any error as problem details; what is not understood is noted with an id and told without its inside. */
export function toProblem(error: unknown, note: (id: string, status: number, error: unknown) => void): Problem {
  if (error instanceof Problem) return error;
  const refused = refusedByDatabase(error);
  if (refused && refused.status < 500) return refused;
  const id = crypto.randomUUID();
  const noted = (problem: Problem): Problem => {
    note(id, problem.status, error);
    return problem;
  };
  if (refused) return noted(refused);
  if (error instanceof OutcomeUnknown)
    return noted(
      new Problem(
        503,
        'Not known whether it was saved',
        'The database did not answer while this was being saved. Ask again with the same key: it is saved once. What you typed is still here.'
      )
    );
  if (isDatabaseAway(error))
    return noted(new Problem(503, 'The database does not answer', 'Nothing was saved. What you typed is still here; try again in a moment.'));
  return noted(new Problem(500, 'Something failed', `It has been noted as ${id}.`));
}
