/** Longest word kept, characters; `customer_words.word` has as many. */
const MOST = 40;
/** Letters that stand without spaces between words: each of them may begin what is looked for. */
const UNSPACED = /[\p{Script=Han}\p{Script=Hiragana}\p{Script=Katakana}\p{Script=Hangul}\p{Script=Thai}]/u;

/** Words of a text as they are looked for: lower case, without marks that only change how a letter looks. */
export const wordsOf = (text: string): string[] =>
  text
    .normalize('NFKC')
    .toLowerCase()
    .split(/[^\p{L}\p{N}\p{M}]+/u)
    .filter(Boolean)
    .map((word) => [...word].slice(0, MOST).join(''));

/** Everything a person may be found by: the words of the name, the work and the story. */
export function personWords(person: { name?: unknown; work?: unknown; story?: unknown }): string[] {
  const words = wordsOf([person.name, person.work, person.story].filter((t) => typeof t === 'string').join(' '));
  const inside = words.filter((w) => UNSPACED.test(w)).flatMap((w) => [...w].map((_, i) => [...w].slice(i).join('')));
  return [...new Set([...words, ...inside])];
}

/** A word somebody is found by. Words that stand in their story only may tell of their health: they find for those who may read it. */
export interface FoundBy {
  word: string;
  ofHealth: boolean;
}
export function foundBy(person: { name?: unknown; work?: unknown; story?: unknown }): FoundBy[] {
  const open = new Set(personWords({ name: person.name, work: person.work }));
  return personWords(person).map((word) => ({ word, ofHealth: !open.has(word) }));
}
