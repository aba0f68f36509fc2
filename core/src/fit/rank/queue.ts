/** A priority queue for priorities that are told apart to so many levels: a stack a level. */
export class LevelQueue<T> {
  #levels: T[][];
  /** @param levels priorities are whole numbers from nought to one less than this */
  constructor(levels: number) {
    this.#levels = Array.from({ length: levels }, () => []);
  }
  push(item: T, level: number): void {
    this.#levels[level].push(item);
  }
  /** Takes out one of a level; undefined where there is none. */
  pop(level: number): T | undefined {
    return this.#levels[level].pop();
  }
}
