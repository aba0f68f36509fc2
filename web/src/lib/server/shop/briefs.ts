import { packBriefs } from '../../style-brief';
import { stockroomNow } from './stockroom';

let kept: { stamp: string; briefs: string } | undefined;

/** Every style in few words, put together once for each state of the stockroom. */
export async function briefsNow(): Promise<{ stamp: string; briefs: string }> {
  const { stamp, styles } = await stockroomNow();
  if (kept?.stamp !== stamp) kept = { stamp, briefs: packBriefs(styles) };
  return kept;
}
