import { readdirSync, readFileSync } from 'node:fs';

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

/** Numbers of the processes whose command line has a word and whose environment has all these settings; none where the machine does not tell. */
export function processesWith(word, settings) {
  const wanted = Object.entries(settings).map(([name, value]) => `${name}=${value}\0`);
  const has = (pid) => {
    try {
      const said = `\0${readFileSync(`/proc/${pid}/environ`, 'utf8')}\0`;
      return wanted.every((setting) => said.includes(`\0${setting}`));
    } catch {
      return false;
    }
  };
  try {
    return readdirSync('/proc')
      .map(Number)
      .filter((pid) => pid > 0 && runs(pid, word) && has(pid));
  } catch {
    return [];
  }
}
