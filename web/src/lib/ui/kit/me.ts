import { page } from '$app/state';
import { roleHas, type NeedId } from '../../roles';

/** True where whoever is signed in may do this: what they may not is not offered. The server judges by itself. */
export const can = (need: NeedId): boolean => roleHas(page.data.me?.role ?? null, need);
