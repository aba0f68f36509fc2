/** Progress in plain lines. */
export const step = (text) => console.log(`· ${text}`);
export const done = (text) => console.log(`  ${text}`);

export function fail(text) {
  console.error(`\n${text}\n`);
  process.exit(1);
}
