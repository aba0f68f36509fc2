/** Writes the demo's open files. Run `npx tsx demo/generate.ts` after a change to the design tables. */
import { writeFileSync } from 'node:fs';
import { sizesOf } from '@chiave/core/fit';
import { LASTS, MAKERS } from './design';
import { history } from './history';
import { allStyles, lastOf } from './lasts';
import { PEOPLE } from './people';
import { readings } from './readings';

const write = (name: string, data: unknown[]): void => {
  const rows = data.map((row) => `  ${JSON.stringify(row)}`).join(',\n');
  writeFileSync(new URL(`./data/${name}.json`, import.meta.url), `[\n${rows}\n]\n`);
};

const styles = allStyles();
write(
  'makers',
  MAKERS.map(({ id, name, note, letters }) => ({ id, name, note, letters }))
);
write('lasts', LASTS.map(lastOf));
write(
  'styles',
  styles.map(({ last, maker, letters: _letters, ...rest }) => ({ ...rest, last: last.id, maker: maker.id }))
);
write(
  'people',
  PEOPLE.map(({ id, name, born, work, story, group, flags }) => ({ id, name, born, work, story, group, flags: flags ?? [] }))
);
write('fittings', history(styles));
write('readings', readings());
console.log(
  `${MAKERS.length} makers, ${LASTS.length} lasts, ${styles.length} styles, ${styles.reduce((sum, s) => sum + sizesOf(s).length * s.widths.length, 0)} sizes and widths, ${PEOPLE.length} people`
);
