import { CHECKS, TIME_AT, type CheckId } from '../life';
import { KIND_LIFE, LIFE_BAND } from '../by-kind';
import { addMonths, type DayNumber } from '../days';
import { lifeOfPair, rateOf, wearOfPair, type KeptPair, type KeptPerson, type KeptRecords } from '../records';
import { isTold, latestOf, reaches, rule, sentBackBy, subjectOf, type DueRule, type Figures, type Found } from '../rule';
import { KIND } from '../../fit';
import { TIP_DUE, tipDueHours } from '../../heel';
import { about } from './words';

/** Rules about one pair that somebody has. What one finds of a pair: the figures of its reason are made only where it is told. */
type Told = Omit<Found, 'subject' | 'name' | 'figures'> & { figures: () => Figures };
type FindPair = (pair: KeptPair, today: DayNumber, person: KeptPerson) => Told | null;
type Days = Pick<Found, 'earliest' | 'due' | 'latest' | 'gone'>;
/** What is told of a pair; nothing where no day is in sight. */
const told = (anchor: DayNumber, days: Days | null, figures: () => Figures): Told | null =>
  days && { anchor, earliest: days.earliest, due: days.due, latest: days.latest, gone: days.gone, figures };
const inUse = (pair: KeptPair): boolean => pair.state === 'owned';
/** Goes through the pairs of one state. */
const ofPairs =
  (find: FindPair, of: (pair: KeptPair) => boolean = inUse): DueRule['find'] =>
  ({ pairs, person }: KeptRecords, today: DayNumber, _done, until: DayNumber) => {
    const out: Found[] = [];
    for (const pair of pairs) {
      if (!of(pair)) continue;
      const found = find(pair, today, person);
      // Of tens of thousands of pairs nearly all are due some day: what is not told yet is let go at once.
      if (found && isTold(found, today, until)) out.push({ ...found, figures: found.figures(), subject: subjectOf(pair.key), name: pair.name });
    }
    return out;
  };
/** A mark so low that it is time, with its day. */
const lowMark = (pair: KeptPair, ids: readonly CheckId[], since: DayNumber | null): { on: DayNumber; id: CheckId; mark: number } | null => {
  if (pair.tally.checkedOn === null) return null;
  for (const id of ids) {
    const c = pair.tally.checks[id];
    if (c && c.mark <= TIME_AT && (since === null || c.on > since)) return { ...c, id };
  }
  return null;
};
const CHECK_NAME = Object.fromEntries(CHECKS.map((c) => [c.id, c.name])) as Record<CheckId, string>;
/** When a pair’s clock began. */
const began = (pair: KeptPair): DayNumber | null => pair.boughtOn ?? pair.tally.all.first;
const at = (on: DayNumber): Pick<Found, 'earliest' | 'due' | 'latest'> => ({ earliest: on, due: on, latest: on });

const returnDay = rule({
  id: 'return-day',
  name: 'last day to send back',
  source: { mark: 'practice', words: 'the maker’s own last day' },
  action: 'decide, or send it back',
  firm: true,
  because: (f) => (Number(f.worn) > 0 ? `worn ${f.worn} h since: ask the maker before anything is promised` : 'not worn outside yet'),
  remind: (name) => `The last day to send back your ${name} is near. Tell us how it is: what hurts goes back, and only while the soles are clean.`,
  find: ofPairs((pair, today) => {
    if (pair.returnBy === null) return null;
    return told(pair.returnBy, sentBackBy(pair.returnBy), () => ({ worn: about(wearOfPair(pair, today).hours) }));
  })
});
const ORDER_LATE = 7;
const orderComes = rule({
  id: 'order-comes',
  name: 'a special order comes',
  source: { mark: 'practice', words: 'the maker’s lead time' },
  action: 'ask the maker, then the customer in',
  because: (f) => (Number(f.days) > 0 ? `ordered ${f.days} days ago` : 'ordered'),
  remind: (name) => `Your ${name} should be here about now. We write as soon as it is, for a time to try it.`,
  find: ofPairs(
    (pair, today) => {
      if (pair.expectedOn === null) return null;
      const days = pair.orderedOn === null ? 0 : today - pair.orderedOn;
      return { anchor: pair.orderedOn ?? pair.expectedOn, ...at(pair.expectedOn), latest: pair.expectedOn + ORDER_LATE, figures: () => ({ days }) };
    },
    (pair) => pair.state === 'ordered'
  )
});

/** Half a year of regular dance at three hours a week [practice], as hours. */
const TIP_HOURS = TIP_DUE.mostWeeks * TIP_DUE.hoursAWeek;
const HALF_YEAR_MONTHS = 6;
/** Tips are told so many days before half a year, and are late so many after it. */
const TIP_DAYS = { early: 14, late: 30 } as const;
/** A pair that was not worn for so many days is not in regular use. */
const REGULAR_DAYS = 45;
const tips = rule({
  id: 'tips',
  name: 'heel tips',
  source: { mark: 'practice', words: 'at bending, or about every six months of regular dance' },
  action: 'look at the tips; change both',
  writes: 'tipped',
  because: (f) => (f.mark ? `tip marked ${f.mark} of 5: bending upsets balance` : `${f.hours} h on these tips`),
  remind: (name) => `The heel tips of your ${name} are due. Bring both shoes; it takes ten minutes. Worn tips bend and upset the balance.`,
  find: ofPairs(
    (pair, today, person) => {
      const own = pair.tally.since.tip;
      const from = latestOf(own?.on ?? null, began(pair));
      if (!Number.isFinite(from)) return null;
      const low = lowMark(pair, ['tip'], own?.on ?? null);
      if (low) return told(from, at(low.on), () => ({ mark: low.mark }));
      const { hours } = wearOfPair(pair, today, own);
      const centre = pair.tip && person.weightKg ? Math.min(TIP_HOURS, tipDueHours(pair.tip, person.weightKg)) : TIP_HOURS;
      const byWear = reaches({ low: LIFE_BAND.low * centre, centre, high: LIFE_BAND.high * centre }, hours, rateOf(pair, today).hours, from, today);
      if (!byWear) return null;
      // Half a year at the latest while it is danced in regularly.
      const regular = KIND_LIFE[pair.kind].dance && (pair.habits.some((h) => h.until === null || h.until >= today) || today - (pair.tally.all.last ?? -Infinity) <= REGULAR_DAYS); // prettier-ignore
      const halfYear = regular ? addMonths(from, HALF_YEAR_MONTHS) : Infinity;
      return told(
        from,
        {
          earliest: Math.max(from + 1, Math.min(byWear.earliest, halfYear - TIP_DAYS.early)),
          due: Math.min(byWear.due, halfYear),
          latest: Math.min(byWear.latest, halfYear + TIP_DAYS.late)
        },
        () => ({ hours: about(hours) })
      );
    },
    (pair) => inUse(pair) && KIND_LIFE[pair.kind].tip
  )
});

/** Caps are looked at after so many hours, and every eight weeks that they are on [model]. */
const CAP_HOURS = { low: 25, centre: 40, high: 60 } as const;
const caps = rule({
  id: 'caps',
  name: 'heel caps',
  source: { mark: 'model', words: 'our estimate: forty hours, and before every wear by hand' },
  action: 'push them: a cap that turns trips',
  writes: 'capped',
  because: (f) => `${f.hours} h on these caps`,
  remind: (name) => `Bring your ${name}: its heel caps want looking at. A loose cap trips.`,
  find: ofPairs((pair, today) => {
    const own = pair.tally.since.cap;
    if (!own) return null;
    const { hours } = wearOfPair(pair, today, own);
    return told(own.on, reaches(CAP_HOURS, hours, rateOf(pair, today).hours, own.on, today), () => ({ hours: about(hours) }));
  })
});
const runningEnds = rule({
  id: 'running-pair',
  name: 'its distance is run',
  source: { mark: 'standard', words: '300 to 500 miles, by weight, foam and surface (published advice, from memory)' },
  action: 'look at foam and tread; fit the next pair',
  writes: 'retired',
  because: (f) => (f.mark ? `${f.what} marked ${f.mark} of 5` : `${f.km} km of ${f.low} to ${f.high}`),
  remind: (name) => `Your ${name} has nearly run its distance. Bring it with you: we look at foam and tread and fit the next pair in time.`,
  find: ofPairs(
    (pair, today) => {
      const life = lifeOfPair(pair);
      const from = began(pair);
      if (from === null) return null;
      const low = lowMark(pair, ['firmness', 'tread'], null);
      if (low) return told(from, at(low.on), () => ({ mark: low.mark, what: CHECK_NAME[low.id] }));
      const { km } = wearOfPair(pair, today);
      const days = reaches(life, km, rateOf(pair, today).km, from, today);
      return told(from, days, () => ({ km: about(km), low: about(life.low), high: about(life.high) }));
    },
    (pair) => inUse(pair) && KIND_LIFE[pair.kind].counts === 'km'
  )
});
/** A thumb on the foam and a look at the tread, from this share of the least life on [model]. */
const LOOK_AT = { low: 0.6, centre: 0.75, high: 0.95 } as const;
const lookAtFoam = rule({
  id: 'foam-and-tread',
  name: 'foam and tread',
  source: { mark: 'practice', words: 'tread and firmness are looked at before the distance is reached' },
  action: 'press the foam with a thumb, look at the tread, mark them',
  writes: 'checked',
  because: (f) => `${f.km} km, and not looked at since it was new`,
  find: ofPairs(
    (pair, today) => {
      const from = began(pair);
      if (from === null || pair.tally.checkedOn !== null) return null;
      const { low } = lifeOfPair(pair);
      const { km } = wearOfPair(pair, today);
      // From there on the pair’s end is told, which says the same.
      if (km >= low) return null;
      const days = reaches({ low: LOOK_AT.low * low, centre: LOOK_AT.centre * low, high: LOOK_AT.high * low }, km, rateOf(pair, today).km, from, today);
      return told(from, days, () => ({ km: about(km) }));
    },
    (pair) => inUse(pair) && KIND_LIFE[pair.kind].counts === 'km'
  )
});
const pointeEnds = rule({
  id: 'pointe-pair',
  name: 'a pointe pair ends',
  source: { mark: 'practice', words: 'students about 10 to 20 hours, professionals a performance to about 12; worked out by weight, sweat, paste and floor' },
  action: 'press box and shank; have the next pair ready. Never dance a dead box',
  because: (f) => (f.mark ? `${f.what} marked ${f.mark} of 5` : `${f.hours} h of ${f.low} to ${f.high}`),
  remind: (name) => `Your ${name} is near its end. Never dance a dead box: come by, and we have the next pair ready.`,
  find: ofPairs(
    (pair, today) => {
      const from = began(pair);
      const { life } = pair;
      if (from === null || !life) return null;
      const low = lowMark(pair, ['box', 'shank'], null);
      if (low) return told(from, at(low.on), () => ({ mark: low.mark, what: CHECK_NAME[low.id] }));
      const { hours } = wearOfPair(pair, today);
      const days = reaches(life, hours, rateOf(pair, today).hours, from, today);
      return told(from, days, () => ({ hours: hours.toFixed(1), low: about(life.low), high: about(life.high) }));
    },
    (pair) => inUse(pair) && pair.kind === 'pointe'
  )
});
/** Dance heels are gone over after so many years, told so many days ahead. */
const YEARS = { early: 60, late: 180 } as const;
const danceHeel = rule({
  id: 'dance-heel',
  name: 'a dance heel’s years',
  source: { mark: 'practice', words: 'at least four years with care: indoors, in its own bag, not in rain' },
  action: 'go over shank, heel and straps',
  writes: 'checked',
  because: (f) => `had for ${f.years} years`,
  find: ofPairs(
    (pair) => {
      const { years } = KIND_LIFE[pair.kind];
      if (pair.boughtOn === null) return null;
      const due = addMonths(pair.boughtOn, 12 * years);
      if (pair.tally.checkedOn !== null && pair.tally.checkedOn >= due - YEARS.early) return null;
      return { anchor: pair.boughtOn, earliest: due - YEARS.early, due, latest: due + YEARS.late, figures: () => ({ years }) };
    },
    (pair) => inUse(pair) && KIND_LIFE[pair.kind].years > 0
  )
});
const leather = (pair: KeptPair): boolean => pair.leatherSole ?? KIND_LIFE[pair.kind].leatherSole;
const NO_FIGURES = (): Figures => ({});
/** Until the day after it was worn last. */
const wornLast: FindPair = ({ tally }, today) => {
  const { last } = tally.all;
  return last === null || last > today ? null : told(last, { earliest: last, due: last, latest: last + 1, gone: last + 1 }, NO_FIGURES);
};
const leatherRest = rule({
  id: 'leather-rest',
  name: 'leather rests a day',
  source: { mark: 'practice', words: 'leather soles and welts rest a day between wears' },
  action: 'another pair tomorrow; trees in',
  quiet: true,
  because: () => 'worn last',
  find: ofPairs(wornLast, (pair) => inUse(pair) && leather(pair))
});
const pointeDries = rule({
  id: 'pointe-dries',
  name: 'a pointe pair dries',
  source: { mark: 'practice', words: 'dry for 24 hours, two or three pairs in turn' },
  action: 'in the air, not in the bag; another pair tomorrow',
  quiet: true,
  because: () => 'worn last',
  find: ofPairs(wornLast, (pair) => inUse(pair) && pair.kind === 'pointe')
});
/** A leather sole wears through in so many hours outdoors [model]. */
const SOLE_HOURS = 350;
const resole = rule({
  id: 'resole',
  name: 'resole in time',
  source: { mark: 'practice', words: 'resole before the welt is touched; the hours are our estimate' },
  action: 'look at the sole: before it is through',
  writes: 'resoled',
  because: (f) => (f.mark ? `sole marked ${f.mark} of 5` : `${f.hours} h on this sole`),
  remind: (name) => `The soles of your ${name} want looking at: resoled in time they last for years, too late the welt goes with them.`,
  find: ofPairs(
    (pair, today) => {
      const own = pair.tally.since.sole;
      const from = latestOf(own?.on ?? null, began(pair));
      if (!Number.isFinite(from)) return null;
      const low = lowMark(pair, ['tread'], own?.on ?? null);
      if (low) return told(from, at(low.on), () => ({ mark: low.mark }));
      const { hours } = wearOfPair(pair, today, own);
      const band = { low: LIFE_BAND.low * SOLE_HOURS, centre: SOLE_HOURS, high: LIFE_BAND.high * SOLE_HOURS };
      return told(from, reaches(band, hours, rateOf(pair, today).hours, from, today), () => ({ hours: about(hours) }));
    },
    (pair) => inUse(pair) && leather(pair) && !KIND_LIFE[pair.kind].dance
  )
});
/** After some hours at home: asked the day after, better within three, ten at the latest, and let go after three weeks. */
const RECHECK = { from: 1, due: 3, latest: 10, gone: 21 } as const;
const recheck = rule({
  id: 'recheck',
  name: 'how it is after some hours',
  source: { mark: 'practice', words: 'recheck after 15 to 20 minutes on carpet and after some hours: heat and hours take what the shop showed' },
  action: 'ask how it is, foot by foot, before the soles are dirty',
  because: () => 'new, and nobody asked yet',
  remind: (name) => `How is your ${name} after some hours indoors? Tell us by zone: toes, ball, instep, heel. What hurts, comes back.`,
  find: ofPairs((pair) => {
    const on = pair.boughtOn;
    if (on === null || KIND[pair.kind].teacherLeads || (pair.tally.checkedOn !== null && pair.tally.checkedOn > on)) return null;
    return { anchor: on, earliest: on + RECHECK.from, due: on + RECHECK.due, latest: on + RECHECK.latest, gone: on + RECHECK.gone, figures: NO_FIGURES };
  })
});
const OUTGROWN_DAYS = 30;
const outgrown = rule({
  id: 'outgrown',
  name: 'outgrown',
  source: { mark: 'standard', words: 'at least 9 to 12 mm in front (published, from memory), with growth by age' },
  action: 'measure, and try the next size',
  because: () => 'no room left to grow, as far as the feet grow by their age',
  remind: (name) => `Growing feet: your ${name} is about to be too short. Come by to be measured; it takes five minutes.`,
  find: ofPairs((pair) => {
    const on = pair.outgrownOn;
    if (on === null) return null;
    return { anchor: on, earliest: on - OUTGROWN_DAYS, due: on, latest: on + OUTGROWN_DAYS, figures: NO_FIGURES };
  })
});

export const PAIR_RULES = [returnDay, orderComes, recheck, outgrown, tips, caps, runningEnds, lookAtFoam, pointeEnds, danceHeel, resole, leatherRest, pointeDries] as const; // prettier-ignore
