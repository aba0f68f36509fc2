import { closeSync, fsyncSync, mkdirSync, openSync, readFileSync, renameSync, rmSync, statSync, writeSync } from 'node:fs';
import { dirname } from 'node:path';

/** Makes a folder and those above it, for its owner only. Node’s own way never ends where none can be made and none is there. */
export function makeFolder(folder) {
  if (statSync(folder, { throwIfNoEntry: false })?.isDirectory()) return;
  const above = dirname(folder);
  if (above !== folder) makeFolder(above);
  mkdirSync(folder, { mode: 0o700 });
}

/** Writes a file whole or not at all, whatever happens meanwhile: beside its place first, then moved there. */
export function writeWhole(file, text, mode = 0o600) {
  const beside = `${file}.${process.pid}.part`;
  const handle = openSync(beside, 'w', mode);
  try {
    writeSync(handle, text);
    fsyncSync(handle);
  } catch (error) {
    rmSync(beside, { force: true });
    throw error;
  } finally {
    closeSync(handle);
  }
  renameSync(beside, file);
}

/** What a small JSON file holds; null when it is not there, empty or broken, as a crash of the machine may leave it. */
export function readJson(file) {
  try {
    const value = JSON.parse(readFileSync(file, 'utf8'));
    return typeof value === 'object' ? value : null;
  } catch (error) {
    if (['EACCES', 'EPERM', 'EIO'].includes(error.code)) throw error;
    return null;
  }
}
