import pino from 'pino';

/** The log: errors with an id, never names or measures of people. */
export const log = pino({ level: process.env.LOG_LEVEL ?? 'info' });
