/**
 * Who may do what: one table. A route and a page name what they need; a role has every need from its own rank down. Least first.
 */
export const ROLES = [
  { id: 'reader', name: 'Reader', words: 'reads stockroom, people and visits, without health notes; changes nothing' },
  { id: 'apprentice', name: 'Apprentice', words: 'measures, tries on and keeps; proposes changes to lasts and targets; sees no health notes' },
  { id: 'fitter', name: 'Fitter', words: 'all of the fitting, with health notes; changes stockroom, lasts and targets; erases people who ask for it' },
  { id: 'owner', name: 'Owner', words: 'everything, accounts and the shop’s settings too; decides what apprentices propose' }
] as const;
export type RoleId = (typeof ROLES)[number]['id'];
export const ROLE_IDS: readonly RoleId[] = ROLES.map((r) => r.id);
export const ROLE = Object.fromEntries(ROLES.map((r) => [r.id, r])) as Readonly<Record<RoleId, (typeof ROLES)[number]>>;

interface NeedDefinition {
  id: string;
  name: string;
  /** The least role that has it; null where nobody need be signed in. */
  least: RoleId | null;
  /** A token of the API may carry it. */
  token: boolean;
}
const NEED_DEFINITIONS = [
  { id: 'open', name: 'nothing: anyone may ask', least: null, token: false },
  { id: 'self', name: 'be signed in', least: 'reader', token: false },
  { id: 'look', name: 'read the stockroom and compute', least: 'reader', token: true },
  { id: 'people', name: 'read people and their visits', least: 'reader', token: true },
  { id: 'fit', name: 'measure, try on and keep', least: 'apprentice', token: true },
  { id: 'health', name: 'read and write health notes', least: 'fitter', token: true },
  { id: 'stock', name: 'change the stockroom', least: 'fitter', token: true },
  { id: 'lasts', name: 'change lasts and targets', least: 'fitter', token: true },
  { id: 'watch', name: 'watch how the application does', least: 'owner', token: true },
  { id: 'shop', name: 'run the shop: accounts, settings, the record', least: 'owner', token: false }
] as const satisfies readonly NeedDefinition[];
export type NeedId = (typeof NEED_DEFINITIONS)[number]['id'];
export const NEEDS: readonly (NeedDefinition & { id: NeedId })[] = NEED_DEFINITIONS;
export const NEED = Object.fromEntries(NEEDS.map((n) => [n.id, n])) as Readonly<Record<NeedId, NeedDefinition & { id: NeedId }>>;
/** What a token may be given. */
export const SCOPES = NEEDS.filter((n) => n.token);
export const SCOPE_IDS = SCOPES.map((n) => n.id);
/** An apprentice’s change to what needs this becomes a proposal. */
export const PROPOSED_BY: RoleId = 'apprentice';

export const rankOf = (role: RoleId): number => ROLE_IDS.indexOf(role);
/** True where a role has a need. Nobody (null) has only what is open. */
export function roleHas(role: RoleId | null, need: NeedId): boolean {
  const { least } = NEED[need];
  return least === null || (role !== null && rankOf(role) >= rankOf(least));
}
