/** Version of the fit engine: kept with what was decided at a visit, so that an old decision can be told from a new sum. */
export const ENGINE_VERSION = '8';
