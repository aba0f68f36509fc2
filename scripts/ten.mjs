import { join } from 'node:path';
import { run, sleep } from './run.mjs';
import { ask } from './scratch-schemas.mjs';

/** Fills a migrated database with a seeded crowd. @returns ids of the person who comes most often and of an ordinary one; null when it failed */
export function crowdOf(root, url, people) {
  const filled = run(join(root, 'node_modules/.bin/tsx'), [join(root, 'web/src/lib/server/db/cli.ts'), 'crowd', String(people)], {
    cwd: join(root, 'web'),
    env: { DATABASE_URL: url },
    quiet: true
  });
  const often = Number(/visits is (\d+)/.exec(filled.out)?.[1]);
  return filled.ok ? { often, ordinary: often - 1 } : null;
}

/** Waits until what is due of everybody has been worked out once, as it is in a shop that was open yesterday. */
export async function untilReckoned(address, url) {
  const { pathname } = new URL(url);
  for (let i = 0; i < 600; i++) {
    if (i % 20 === 0) await fetch(address);
    if (Number(ask(url, `SELECT COUNT(*) FROM ${pathname.slice(1)}.due_people WHERE stale > 0;`)?.[0][0]) === 0) return;
    await sleep(500);
  }
}

const json = { 'content-type': 'application/json' };
const value = (mm) => ({ mm, typed: `${mm} mm` });
const foot = { lengthMm: value(251), ballWidthMm: value(96), ballGirthMm: value(238), instepGirthMm: value(246) };
const feet = JSON.stringify({ left: foot, right: foot });

/**
 * The ten commonest requests of a day in the shop, on one person of a crowd who has a visit under way. Pages are gone to from
 * one another, as a browser that has the application open does it: it asks for what is new of the page, and not for the page.
 * @returns each as { name, path, method?, headers?, body? }; and `fitting`, the visit
 */
export async function tenCommonest(address, person) {
  const api = async (method, path, body) => (await fetch(`${address}/api/v1${path}`, { method, headers: json, body: body && JSON.stringify(body) })).json();
  const { id: fitting } = await api('POST', `/customers/${person}/fittings`);
  await api('PUT', `/fittings/${fitting}/feet`, JSON.parse(feet));
  const style = (await api('GET', '/styles')).styles[0];
  const { id: tried } = await api('POST', `/fittings/${fitting}/tries`, { styleId: style.id, size: String(style.from), width: style.widths[0] });
  const write = (method, path, body) => ({ method, path: `/api/v1${path}`, headers: json, body });
  /** The data of a page; a digit for each part of it, from the frame to the page itself: 1 for those that are new. */
  const page = (path, parts) => `${path === '/' ? '' : path}/__data.json?x-sveltekit-invalidated=${parts}`;
  const ten = [
    { name: 'Today', path: page('/', '01') },
    { name: 'people, the first of them', path: '/api/v1/customers' },
    { name: 'people found by name', path: '/api/v1/customers?search=gilda%20bell' },
    { name: 'a person', path: page(`/people/${person}`, '01') },
    { name: 'Measure', path: page(`/fittings/${fitting}/measure`, '011') },
    { name: 'saving both feet', ...write('PUT', `/fittings/${fitting}/feet`, feet) },
    { name: 'saving an answer', ...write('PATCH', `/fittings/${fitting}`, JSON.stringify({ note: 'narrow heel' })) },
    { name: 'what to pull from the shelf', path: page(`/fittings/${fitting}/pull`, '001') },
    { name: 'Try', path: page(`/fittings/${fitting}/try`, '001') },
    { name: 'saving what was felt', ...write('PATCH', `/tries/${tried}`, JSON.stringify({ felt: { left: { 'toe-room': 'right' }, right: {} } })) }
  ];
  return { ten, fitting };
}
