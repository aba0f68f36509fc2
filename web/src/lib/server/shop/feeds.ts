import { createHash, randomBytes } from 'node:crypto';
import { dayText, DUE_RULE, sayDue, dayNumber } from '@chiave/core/keep';
import ical, { ICalCalendarMethod } from 'ical-generator';
import type { z } from 'zod';
import type { feedSchema, FeedRow } from '../../api/keep-schema';
import { database, tables } from '../db';
import { notFound } from '../problems';
import { dueList } from './due';
import { shopToday } from './settings';

/** What is due as a calendar that other programs read: under a private address that can be taken back. Nothing is sent anywhere. */
const hashed = (token: string): string => createHash('sha256').update(token).digest('hex');
/** Days ahead that a calendar holds. */
const AHEAD = 60;

export async function allFeeds(): Promise<FeedRow[]> {
  const rows = await tables(database()).CalendarFeed.findAll({ order: [['id', 'DESC']] });
  return rows.map(({ id, name, names, createdAt, readAt }) => ({ id: Number(id), name, names, createdAt: createdAt.toISOString(), readAt: readAt?.toISOString() ?? null })); // prettier-ignore
}
/** Makes an address. It is told once: only its hash is kept. */
export async function addFeed({ name, names }: z.infer<typeof feedSchema>, by: string): Promise<{ id: number; token: string }> {
  const token = randomBytes(24).toString('base64url');
  const row = await tables(database()).CalendarFeed.create({ token: hashed(token), name, names, byWhom: by, createdAt: new Date() });
  return { id: Number(row.id), token };
}
/** Takes an address back: from then on nothing is read under it. @throws Problem 404 */
export async function removeFeed(id: number): Promise<void> {
  if ((await tables(database()).CalendarFeed.destroy({ where: { id } })) === 0) throw notFound(`calendar ${id}`);
}
const initials = (name: string): string =>
  name
    .split(/\s+/)
    .filter(Boolean)
    .map((part) => `${part[0]}.`)
    .join(' ');

/** The calendar under an address: whole days, one for each thing that is due. @throws Problem 404 for an address that was taken back, or never was */
export async function calendarOf(token: string): Promise<string> {
  const feed = await tables(database()).CalendarFeed.findOne({ where: { token: hashed(token) } });
  if (!feed) throw notFound('calendar at this address; it may have been taken back');
  await feed.update({ readAt: new Date() });
  const today = await shopToday();
  const calendar = ical({
    name: 'Chiave: what is due',
    prodId: { company: 'Chiave', product: 'shoe room', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
    ttl: 3600
  });
  const day = dayNumber(today);
  for (const { id, name, items } of await dueList(today, { ahead: AHEAD })) {
    const who = feed.names === 'full' ? name : initials(name);
    for (const item of items) {
      if (DUE_RULE[item.rule].health) continue;
      const said = sayDue(item, day);
      // What is late is told today, not in days gone by.
      const on = dayText(Math.max(item.due, day));
      calendar.createEvent({
        id: `${item.rule}-${id}-${item.subject.replace(/\W/g, '-')}-${said.anchor}@chiave`,
        start: new Date(`${on}T00:00:00Z`),
        allDay: true,
        timezone: 'UTC',
        summary: `${who}: ${DUE_RULE[item.rule].name}${item.name ? `, ${item.name}` : ''}`,
        // Why is left out: a reason may tell of somebody’s health.
        description: `${said.action}. From ${said.earliest} to ${said.latest}. ${said.source}.`
      });
    }
  }
  return calendar.toString();
}
