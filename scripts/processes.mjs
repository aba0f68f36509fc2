import { readFileSync } from 'node:fs';

export const alive = (pid) => {
  try {
    process.kill(pid, 0);
    return true;
  } catch {
    return false;
  }
};

/** True when a process runs whose command line has a word: not another that was given the same number since. */
export const runs = (pid, word) => {
  try {
    return alive(pid) && readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes(word);
  } catch {
    return false;
  }
};
