/**
 * `npm run learn`: learns a whole shop anew from every try-on, with progress, in the application that runs. What was learned before stands
 * until it is done; Ctrl-C ends it and changes nothing.
 *
 *   npm run learn
 *   CHIAVE_URL=http://127.0.0.1:5200 CHIAVE_TOKEN=… npm run learn   where people sign in: a token that may “stock”
 */
const base = process.env.CHIAVE_URL ?? `http://127.0.0.1:${process.env.PORT ?? 5150}`;
const EVERY_MS = 500;
const token = process.env.CHIAVE_TOKEN;

async function ask(path, method = 'GET', body) {
  const response = await fetch(`${base}/api/v1${path}`, {
    method,
    headers: { ...(token ? { authorization: `Bearer ${token}` } : {}), ...(body ? { 'content-type': 'application/json' } : {}) },
    body: body && JSON.stringify(body)
  });
  const value = await response.json();
  if (!response.ok) throw new Error(value.detail ?? `answer ${response.status}`);
  return { value };
}
async function main() {
  const { value: began } = await ask('/learn/shop', 'POST');
  console.log(began.began ? 'Learning from all try-ons.' : 'A reckoning is under way already; this follows it.');
  process.once('SIGINT', () => void ask('/learn/shop', 'DELETE').finally(() => process.exit(130)));
  for (let shown = -1; ;) {
    const { value: now } = await ask('/learn/shop');
    if (now.state === 'running') {
      const percent = Math.floor((100 * now.done) / Math.max(1, now.of));
      if (percent !== shown) console.log(`  ${percent} of 100`);
      shown = percent;
      await new Promise((resolve) => setTimeout(resolve, EVERY_MS));
      continue;
    }
    if (now.state !== 'done') throw new Error(`it ${now.state}; what was learned before stands`);
    const { people, pairs, words, lasts, targets } = now.learned;
    const proposed = lasts.filter((l) => l.verdict === 'propose').map((l) => `${l.last} ${l.channel} ${l.net.mm.toFixed(1)} ± ${l.net.sdMm.toFixed(1)} mm`);
    console.log(`Done: ${people} people, ${pairs} pairs, ${words} words.`);
    console.log(proposed.length > 0 ? `Proposed: ${proposed.join('; ')}.` : 'No last stands off its sheet.');
    const moves = targets.filter((t) => t.move !== null).map((t) => `${t.kind} ${t.channel} by ${t.move.toFixed(1)} mm`);
    if (moves.length > 0) console.log(`Targets that could move: ${moves.join('; ')}.`);
    return;
  }
}
main().catch((error) => {
  console.error(error.cause?.code === 'ECONNREFUSED' ? `Nothing answers at ${base}: start the application first (npm start).` : error.message);
  process.exit(1);
});
