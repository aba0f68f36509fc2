import { FLAG, KIND } from '../../fit';
import { lastBuyDays, wearIn } from '../../use';
import { wearOfPair, type KeptRecords } from '../records';
import { rule, sentBackBy, type Found } from '../rule';
import { pairFor } from '../season';

/** Rules about what comes: events, parcels, wishes. */
const parcels = rule({
  id: 'parcel-back',
  name: 'a parcel to come back',
  source: { mark: 'practice', words: 'the maker’s own last day' },
  action: 'ask what stays, and have the rest sent back',
  firm: true,
  because: () => 'sent to be tried at home',
  remind: (name) => `The last day to send back what does not fit of your parcel (${name}) is near. Tell us what stays.`,
  find: ({ parcels: out }) => out.map((p): Found => ({ subject: `parcel:${p.id}`, name: p.name, anchor: p.dueOn, ...sentBackBy(p.dueOn), figures: {} }))
});

const withDevice = ({ person }: KeptRecords): boolean => person.flags.some((f) => FLAG[f].device);
/** Something to buy is told so many days before the better day. */
const BUY_AHEAD = 21;
const buyFor = rule({
  id: 'buy-for-event',
  name: 'buy for an event',
  source: { mark: 'practice', words: 'one or two weeks of wear before; nothing new on the day' },
  action: 'fit a pair in time to wear it in',
  firm: true,
  because: (f) => (f.ends ? `${f.pair} ends before ${f.event}` : `no ${f.kind} for ${f.event} yet`),
  remind: (name) => `Shoes for ${name}: come in time, so that one or two weeks of wear lie before the day.`,
  find: (records, today) =>
    records.events.flatMap((event): Found[] => {
      if (event.kind === null || event.on < today || pairFor(event, records.pairs, today)) return [];
      const { least, better } = lastBuyDays(event.kind, withDevice(records), event.postDays);
      const old = records.pairs.find((p) => p.state === 'owned' && p.kind === event.kind);
      const figures: Record<string, string> = { event: event.name, kind: KIND[event.kind].name, ...(old ? { ends: 'yes', pair: old.name } : {}) };
      return [{ subject: `event:${event.id}`, name: event.name, anchor: event.on, earliest: event.on - better - BUY_AHEAD, due: event.on - better, latest: event.on - least, gone: event.on, figures }];
    }) // prettier-ignore
});
/** Worn in once it was worn so many hours [model]. */
const WORN_IN_HOURS = 8;
const wearInFor = rule({
  id: 'wear-in',
  name: 'wear in for an event',
  source: { mark: 'practice', words: 'one or two weeks of wear before; nothing new on the day' },
  action: 'an hour a day, indoors, with the sock of the day',
  because: (f) => `worn ${f.hours} h; ${f.event} comes`,
  remind: (name) => `Begin to wear in your shoes for ${name}: an hour a day, indoors, with the sock of the day.`,
  find: (records, today) =>
    records.events.flatMap((event): Found[] => {
      const pair = event.on < today ? null : pairFor(event, records.pairs, today);
      if (!pair) return [];
      const { hours } = wearOfPair(pair, today);
      if (hours >= WORN_IN_HOURS) return [];
      const { least, better } = wearIn(pair.kind, withDevice(records));
      return [{ subject: `event:${event.id}`, name: `${pair.name} for ${event.name}`, anchor: event.on, earliest: event.on - better, due: event.on - better, latest: event.on - least, gone: event.on, figures: { hours: Math.round(hours), event: event.name } }];
    }) // prettier-ignore
});
/** A hem is taken up so many days before [model]. */
const HEM = { early: 28, due: 21, latest: 10 } as const;
const hem = rule({
  id: 'hem',
  name: 'the hem',
  source: { mark: 'practice', words: 'cut for one height: hem with the shoes on; the days are our estimate' },
  action: 'to the tailor with the shoes',
  firm: true,
  because: (f) => `a long hem for ${f.event}`,
  remind: (name) => `Take the shoes for ${name} to the tailor: the hem is cut with them on.`,
  find: ({ events }, today) =>
    events.flatMap((event): Found[] => {
      const subject = `event:${event.id}`;
      if (!event.hem || event.on < today) return [];
      return [{ subject, name: event.name, anchor: event.on, earliest: event.on - HEM.early, due: event.on - HEM.due, latest: event.on - HEM.latest, gone: event.on, figures: { event: event.name } }]; // prettier-ignore
    })
});
const WISH_DAYS = 14;
const wish = rule({
  id: 'wish-in-stock',
  name: 'wished for, and here now',
  source: { mark: 'practice', words: 'the wish list against the stockroom' },
  action: 'tell them, and lay it aside for a fortnight',
  because: () => 'in the stockroom now',
  remind: (name) => `What you wished for is here: ${name}. We lay it aside for a fortnight.`,
  find: ({ wishes }) => wishes.map((w) => ({ subject: `wish:${w.id}`, name: w.name, anchor: w.since, earliest: w.since, due: w.since, latest: w.since + WISH_DAYS, gone: w.since + 3 * WISH_DAYS, figures: {} })) // prettier-ignore
});
export const AHEAD_RULES = [parcels, buyFor, wearInFor, hem, wish] as const;
