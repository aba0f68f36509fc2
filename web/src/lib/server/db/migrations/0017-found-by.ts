import { DataTypes } from 'sequelize';
import { foundBy } from '../person-words';
import type { Steps } from '../steps';

/** Words that only a story has are told apart; who has something due, and who is to be reckoned anew, is found by an index, and so are the pairs of a parcel. */
export async function up(s: Steps): Promise<void> {
  await s.addColumn('customer_words', 'of_health', { type: DataTypes.BOOLEAN, allowNull: false, defaultValue: false });
  await s.changeRows('DELETE FROM customer_words');
  await s.rows('customers', ['name', 'work', 'story', 'erased_at'], (people) =>
    s.addRows(
      'customer_words',
      people.flatMap((p) => (p.erased_at ? [] : foundBy(p).map(({ word, ofHealth }) => ({ word, customer_id: p.id, of_health: ofHealth }))))
    )
  );
  await s.addIndex('due_people', ['next_on']);
  await s.addIndex('due_people', ['stale']);
  await s.addIndex('try_ons', ['post_id']);
}

export async function down(s: Steps): Promise<void> {
  await s.removeIndex('try_ons', ['post_id']);
  for (const column of ['stale', 'next_on']) await s.removeIndex('due_people', [column]);
  await s.removeColumn('customer_words', 'of_health');
}
