import type { Steps } from '../steps';

/** Answers at the barre teach more parts of a model than its girth: what is believed is kept by part, and with a sign what the sums expected. */
export async function up(s: Steps): Promise<void> {
  await s.changeRows(`UPDATE pointe_models SET belief = CONCAT('{"girth":', belief, '}') WHERE JSON_EXISTS(belief, '$.mean')`);
  // The study's usual slopes stand for those that were not kept.
  await s.changeRows(
    `UPDATE pointe_barre SET seen = JSON_REMOVE(JSON_SET(seen, '$.expected', JSON_OBJECT(
       'sinks', JSON_OBJECT('value', JSON_EXTRACT(seen, '$.sinkMm'), 'slope', 0.4),
       'numb', JSON_OBJECT('value', JSON_EXTRACT(seen, '$.hands'), 'slope', -0.18))), '$.sinkMm', '$.hands')
     WHERE JSON_EXISTS(seen, '$.sinkMm')`
  );
}

export async function down(s: Steps): Promise<void> {
  await s.changeRows(`UPDATE pointe_models SET belief = JSON_EXTRACT(belief, '$.girth') WHERE NOT JSON_EXISTS(belief, '$.mean')`);
  await s.changeRows(
    `UPDATE pointe_barre SET seen = JSON_REMOVE(JSON_SET(seen,
       '$.sinkMm', COALESCE(JSON_EXTRACT(seen, '$.expected.sinks.value'), 0), '$.hands', COALESCE(JSON_EXTRACT(seen, '$.expected.numb.value'), 0)), '$.expected')
     WHERE JSON_EXISTS(seen, '$.expected')`
  );
}
