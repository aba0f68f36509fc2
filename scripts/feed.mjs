/**
 * `npm run feed`: a stand-in for a till and a delivery van. It sells and restocks a few pairs at a time and sends the counts through
 * the same import as a file would be. A real feed needs nothing else: POST /api/v1/import/stock with a CSV of counts.
 *
 *   npm run feed                     every five seconds, until Ctrl-C
 *   npm run feed -- --rounds 3 --every 1 --seed 7
 */
const word = (name, otherwise) => {
  const at = process.argv.indexOf(`--${name}`);
  return at < 0 ? otherwise : Number(process.argv[at + 1]);
};
const base = process.env.CHIAVE_URL ?? 'http://127.0.0.1:5150';
const rounds = word('rounds', Infinity);
const every = word('every', 5);
/** Pairs that move in a round. */
const MOVES = 12;
/** Of a hundred moves so many are sales; the rest are deliveries. */
const SALES = 60;

let state = word('seed', Date.now() % 2147483647) || 1;
const random = () => (state = (state * 48271) % 2147483647) / 2147483647;

async function ask(path, body) {
  const response = await fetch(
    `${base}/api/v1${path}`,
    body && { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }
  );
  const value = await response.json();
  if (!response.ok) throw new Error(value.detail ?? `answer ${response.status}`);
  return value;
}
const pick = (list) => list[Math.floor(random() * list.length)];
const quoted = (text) => (/[",\n]/.test(text) ? `"${text.replaceAll('"', '""')}"` : text);

async function round() {
  const { styles } = await ask('/styles');
  const counts = new Map();
  let [sold, came] = [0, 0];
  for (let i = 0; i < MOVES; i++) {
    const style = pick(styles);
    const keys = Object.keys(style.stock);
    if (keys.length === 0) continue;
    const key = pick(keys);
    const id = `${style.id}|${key}`;
    const now = counts.get(id) ?? style.stock[key];
    if (random() * 100 < SALES) {
      if (now === 0) continue;
      counts.set(id, now - 1);
      sold++;
    } else {
      const more = 1 + Math.floor(random() * 3);
      counts.set(id, now + more);
      came += more;
    }
  }
  const lines = [...counts].map(([id, count]) => [...id.split('|'), String(count)].map(quoted).join(','));
  const report = await ask('/import/stock', { kind: 'counts', dryRun: false, text: ['style,size,width,count', ...lines].join('\n') });
  console.log(`${sold} sold, ${came} delivered: ${report.changed.counts} counts changed`);
}

for (let n = 0; n < rounds; n++) {
  if (n > 0) await new Promise((go) => setTimeout(go, every * 1000));
  try {
    await round();
  } catch (error) {
    // A shop that is closed for a moment is asked again; the next round starts from what it says then.
    console.error(`Not sent: ${error.message}`);
    if (rounds !== Infinity) process.exitCode = 1;
  }
}
