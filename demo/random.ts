/** The seeded generator of the core, so that every start gives the same demo. */
export { seeded } from '@chiave/core/learn';
