import fc from 'fast-check';

/**
 * The seed of the property tests. `npm test` takes the same made-up cases every time, so that it passes or fails for
 * what was changed and never by chance. Other cases are looked for on purpose:
 * `CHIAVE_SEED=random CHIAVE_RUNS=20 npm test -- unit` takes new ones, twenty times as many of each test that does not say how many.
 */
const { CHIAVE_SEED: seed = '20261129', CHIAVE_RUNS: times = '1' } = process.env;
fc.configureGlobal({ ...(seed === 'random' ? {} : { seed: Number(seed) }), numRuns: 100 * Number(times) });
