/** Writes the demo's open files. Run `npx tsx demo/generate.ts` after a change to the design tables. */
import { writeFileSync } from 'node:fs';
import { sizesOf } from '@chiave/core/fit';
import { LASTS, MAKERS } from './design';
import { history } from './history';
import { DEMO_TODAY, keptFile } from './keep';
import { allStyles } from './lasts';
import { pastVisits } from './past';
import { PEOPLE } from './people';
import { DANCERS, pointeFile } from './pointe';
import { alongItsLine, readings } from './readings';
import { comparedFeet } from './compared';
import { tracedFeet } from './traced';

const write = (name: string, data: unknown[]): void => {
  const rows = data.map((row) => `  ${JSON.stringify(row)}`).join(',\n');
  writeFileSync(new URL(`./data/${name}.json`, import.meta.url), `[\n${rows}\n]\n`);
};

const styles = allStyles();
write(
  'makers',
  MAKERS.map(({ id, name, note, letters }) => ({ id, name, note, letters }))
);
write('lasts', LASTS.map(alongItsLine));
write('traced', tracedFeet());
write('compared', comparedFeet());
write(
  'styles',
  styles.map(({ last, maker, letters: _letters, ...rest }) => ({ ...rest, last: last.id, maker: maker.id }))
);
write(
  'people',
  PEOPLE.map(({ id, name, born, work, story, group, flags }) => ({ id, name, born, work, story, group, flags: flags ?? [] }))
);
/** What the pointe bench needs is taken at a dancer's last visit. */
const fittings = history(styles);
for (const { person, values } of DANCERS) {
  const { feet } = fittings.filter((f) => f.person === person).at(-1)!;
  for (const [field, [left, right]] of Object.entries(values)) {
    feet.left.values[field] = left;
    feet.right.values[field] = right;
  }
}
write('fittings', fittings);
write('past', pastVisits(styles));
const kept = keptFile(fittings, styles);
writeFileSync(new URL('./data/keep.json', import.meta.url), `{\n"today": "${DEMO_TODAY}",\n${Object.entries(kept).map(([name, rows]) => `"${name}": [\n${(rows as unknown[]).map((r) => `  ${JSON.stringify(r)}`).join(',\n')}\n]`).join(',\n')}\n}\n`); // prettier-ignore
writeFileSync(new URL('./data/pointe.json', import.meta.url), `${JSON.stringify(pointeFile(), null, 1)}\n`);
write('readings', readings());
console.log(
  `${MAKERS.length} makers, ${LASTS.length} lasts, ${styles.length} styles, ${styles.reduce((sum, s) => sum + sizesOf(s).length * s.widths.length, 0)} sizes and widths, ${PEOPLE.length} people`
);
