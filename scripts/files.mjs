import { closeSync, fsyncSync, openSync, readFileSync, renameSync, rmSync, writeSync } from 'node:fs';

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
