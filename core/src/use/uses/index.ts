import type { Rule, UseDefinition } from '../rule';
import { BOOTS } from './boots';
import { CARE } from './care';
import { CHARACTER } from './character';
import { DEVICE } from './device';
import { HEELS_CLASS } from './heels-class';
import { NUMB } from './numb';
import { OCCASION } from './occasion';
import { POLE } from './pole';
import { RUNNING } from './running';
import { SLIPPER } from './slipper';
import { STANDING } from './standing';
import { WALKING } from './walking';

/** Every use once: nothing else knows one by name. Adding one is a file here and a line below. */
const DEFINITIONS = [HEELS_CLASS, POLE, SLIPPER, CHARACTER, RUNNING, WALKING, STANDING, BOOTS, OCCASION, DEVICE, NUMB, CARE] as const;
type AnyUse = (typeof DEFINITIONS)[number];
export type AnyUseId = AnyUse['id'];
export const ALL_USES: readonly UseDefinition<AnyUseId>[] = DEFINITIONS;
/** Uses that a customer names; what lies over everybody is never named. */
export type UseId = Exclude<AnyUseId, 'care'>;
export const USES = ALL_USES.filter((u) => u.over !== 'everybody') as readonly UseDefinition<UseId>[];
export const USE_IDS = USES.map((u) => u.id);
/** The first use one of whose own rules reads a figure: what a bench that draws the figure is for. */
export const useReading = (reads: Rule['reads']): UseDefinition<UseId> => USES.find((u) => u.rules.some((r) => r.reads === reads))!;
export const USE = Object.fromEntries(ALL_USES.map((u) => [u.id, u])) as Readonly<Record<AnyUseId, UseDefinition<AnyUseId>>>;
