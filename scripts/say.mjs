/** Progress in plain lines. */
export const step = (text) => console.log(`· ${text}`);
export const done = (text) => console.log(`  ${text}`);

export function fail(text) {
  console.error(`\n${text}\n`);
  process.exit(1);
}

/** What the system refused, and what mends it, by the system's own code. */
const SYSTEM = {
  ENOSPC: 'The disk is full. Nothing was lost: make room and try again.',
  EDQUOT: 'The disk is full. Nothing was lost: make room and try again.',
  EROFS: 'The folder is on a disk that can only be read. CHIAVE_DATA=/another/folder npm start takes another.',
  EACCES: 'The folder may not be written by this user. Give it to them, or take another with CHIAVE_DATA=/another/folder.',
  EPERM: 'The folder may not be written by this user. Give it to them, or take another with CHIAVE_DATA=/another/folder.',
  ENOTDIR: 'What should be a folder is a file. CHIAVE_DATA=/another/folder npm start takes another.',
  EEXIST: 'What should be a folder is a file. CHIAVE_DATA=/another/folder npm start takes another.',
  ENOENT: 'There is no such folder, and none can be made there. CHIAVE_DATA=/another/folder npm start takes another.'
};

/** From here on an error ends the script in words instead of a stack. */
export function inPlainWords() {
  const tell = (error) => fail(SYSTEM[error?.code] ? `${error.path ?? ''}\n${SYSTEM[error.code]}`.trim() : (error?.stack ?? String(error)));
  process.on('uncaughtException', tell);
  process.on('unhandledRejection', tell);
}
