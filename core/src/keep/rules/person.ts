import { FLAG, stateOfFlags } from '../../fit';
import { remeasureAfter } from '../../foot';
import { addMonths } from '../days';
import { rule } from '../rule';
import { times } from './words';

/** Rules about a person, not about a pair. */
const YEAR_DAYS = 365.2425;
/** Years since 1970 as a day. */
const yearsAt = (day: number): number => 1970 + day / YEAR_DAYS;
/** Why a reading was due, for those where a date is told; the rest are measured when they buy. */
const WHY = {
  pregnant: 'feet change while somebody is pregnant',
  weight: 'the weight changed',
  'small-child': 'a small child’s feet',
  growing: 'growing feet',
  elder: 'feet change through the sixties and seventies',
  bought: 'bought without being measured'
} as const;
const toldWhy = (why: string): why is keyof typeof WHY => Object.hasOwn(WHY, why);
/** Grown feet are measured at each purchase: one this long after the last reading was without [model]. */
const PURCHASE = { afterMonths: 12, due: 7, latest: 30, gone: 90 } as const;
/** Told so many days before, and late half as long after again. */
const AHEAD = { short: 14, long: 30, shortMonths: 6 } as const;
const remeasure = rule({
  id: 'remeasure',
  name: 'measure again',
  source: {
    mark: 'standard',
    words: 'children by age (Gould 1990, from memory); at each purchase, in pregnancy, after a change of weight, through the sixties and seventies by practice'
  },
  action: 'measure both feet, standing',
  because: (f) =>
    f.why === 'bought' ? `${WHY.bought} for over ${times(f.months, 'month')}` : `${WHY[f.why as keyof typeof WHY]}; measured ${times(f.months, 'month')} apart`,
  remind: () => 'It is time to measure both feet again. It takes five minutes, in the afternoon, in the socks you wear.',
  find: ({ person, pairs }, today, doneOn) => {
    const on = person.measuredOn;
    if (on === null) return [];
    const age = person.born === null ? undefined : yearsAt(today) - person.born;
    const { months, why } = remeasureAfter(age, person.growsAs, { pregnant: stateOfFlags(person.flags).pregnant, weightChanged: person.weightChanged });
    if (!toldWhy(why)) {
      const bought = pairs.reduce((last, p) => Math.max(last, p.state === 'owned' ? (p.boughtOn ?? -Infinity) : -Infinity), -Infinity);
      if (bought > today || bought < addMonths(on, PURCHASE.afterMonths)) return [];
      return [{ subject: 'person', name: '', anchor: bought, earliest: bought, due: bought + PURCHASE.due, latest: bought + PURCHASE.latest, gone: bought + PURCHASE.gone, figures: { why: 'bought', months: PURCHASE.afterMonths } }]; // prettier-ignore
    }
    const anchor = Math.max(on, doneOn('person') ?? -Infinity);
    const due = addMonths(anchor, months);
    const ahead = months <= AHEAD.shortMonths ? AHEAD.short : AHEAD.long;
    return [{ subject: 'person', name: '', anchor, earliest: Math.max(anchor + 1, due - ahead), due, latest: due + ahead / 2, figures: { why, months } }];
  }
});
/** Days after the last inspection that was noted in which a missed one is told; after that it is no habit any more. */
const INSPECT = { late: 1, goneAfter: 30 } as const;
const inspect = rule({
  id: 'inspect',
  name: 'look at the feet',
  health: true,
  source: { mark: 'practice', words: 'wearers of a device, and feet that feel little, are looked at every day; what is found is for the clinician' },
  action: 'ask; a wound, a blister or a red place that stays: the clinician, today',
  because: (f) => (Number(f.missed) > 0 ? `${times(f.missed, 'day')} without a look noted` : 'every day'),
  remind: () =>
    'Have both feet been looked at today, under the sole and between the toes? A wound, a blister or a red place that stays is for your clinician, today.',
  find: ({ person }, today, doneOn) => {
    const at = person.inspectedOn;
    if (at === null || !person.flags.some((f) => FLAG[f].numb || FLAG[f].device)) return [];
    const last = Math.max(at, doneOn('person') ?? -Infinity);
    return [
      { subject: 'person', name: '', anchor: last, earliest: last + 1, due: last + 1, latest: last + 1 + INSPECT.late, gone: last + INSPECT.goneAfter, figures: { missed: Math.max(0, today - last - 1) } }
    ]; // prettier-ignore
  }
});
export const PERSON_RULES = [remeasure, inspect] as const;
