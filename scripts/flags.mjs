/** What stands behind a flag among the words of a command; null where the flag is not there. */
export const flagged = (words, flag) => (words.includes(flag) ? (words[words.indexOf(flag) + 1] ?? '') : null);

/** The first word that is neither a flag nor the value of one. @param valued flags that have a value */
export const bareWord = (words, valued) => words.find((word, i) => !word.startsWith('-') && !valued.includes(words[i - 1]));
