import type { z } from 'zod';
import type { PhotoRow } from '../../api/rows';
import type { photoSchema } from '../../api/stock-schema';
import { database, tables } from '../db';
import { notFound } from '../problems';
import { styleOf } from './stockroom';

/** Photographs kept with a style, without their pixels. */
export async function photosOf(styleId: string): Promise<PhotoRow[]> {
  const rows = await tables(database()).StylePhoto.findAll({ where: { styleId }, attributes: ['id', 'shows', 'caption'], order: [['id', 'ASC']] });
  return rows.map(({ id, shows, caption }) => ({ id, shows, caption }));
}

/** Keeps a photograph. @throws Problem 404 */
export async function addPhoto(styleId: string, body: z.infer<typeof photoSchema>): Promise<{ id: number }> {
  await styleOf(styleId);
  const row = await tables(database()).StylePhoto.create({ ...body, styleId, createdAt: new Date() });
  return { id: row.id };
}

/** The picture itself. @throws Problem 404 */
export async function photo(id: number): Promise<Response> {
  const row = await tables(database()).StylePhoto.findByPk(id);
  if (!row) throw notFound(`photograph ${id}`);
  return new Response(Buffer.from(row.content, 'base64'), {
    headers: { 'content-type': row.mime, 'cache-control': 'private, max-age=86400', 'x-content-type-options': 'nosniff' }
  });
}

/** Takes a photograph away. @throws Problem 404 */
export async function removePhoto(id: number): Promise<void> {
  if ((await tables(database()).StylePhoto.destroy({ where: { id } })) === 0) throw notFound(`photograph ${id}`);
}
