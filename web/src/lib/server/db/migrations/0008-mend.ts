import { DataTypes } from 'sequelize';
import { personWords } from '../person-words';
import type { Steps } from '../steps';

const { STRING, INTEGER, SMALLINT, TEXT, DATE } = DataTypes;

/** Words people are found by, an index for their list, a version for pairs tried, and writes that were answered already. */
export async function up(s: Steps): Promise<void> {
  await s.addIndex('customers', ['erased_at', 'name']);
  await s.createTable('customer_words', {
    word: { type: STRING(40), primaryKey: true },
    customer_id: {
      type: INTEGER.UNSIGNED,
      primaryKey: true,
      references: { model: 'customers', key: 'id' },
      onDelete: 'CASCADE',
      onUpdate: 'CASCADE'
    }
  });
  await s.rows('customers', ['name', 'work', 'story', 'erased_at'], (people) =>
    s.addRows(
      'customer_words',
      people.flatMap((p) => (p.erased_at ? [] : personWords(p).map((word) => ({ word, customer_id: p.id }))))
    )
  );
  await s.addColumn('try_ons', 'version', { type: INTEGER.UNSIGNED, allowNull: false, defaultValue: 0 });
  await s.createTable('answered_writes', {
    write_key: { type: STRING(64), primaryKey: true },
    /** SHA-256 of what was asked, so that a key is not used for two things. */
    request: { type: STRING(64), allowNull: false },
    status: { type: SMALLINT.UNSIGNED, allowNull: false, defaultValue: 0 },
    answer: { type: TEXT('medium') },
    at: { type: DATE(3), allowNull: false }
  });
  await s.addIndex('answered_writes', ['at']);
  await s.changeColumn('size_matrices', 'name', { type: STRING(120), allowNull: false });
}

export async function down(s: Steps): Promise<void> {
  await s.changeColumn('size_matrices', 'name', { type: STRING(80), allowNull: false });
  await s.dropTable('answered_writes');
  await s.removeColumn('try_ons', 'version');
  await s.dropTable('customer_words');
  await s.removeIndex('customers', ['erased_at', 'name']);
}
