/** Problems of a file that are told: a file with more is another file, or of another kind, and is not read on. */
export const MOST_PROBLEMS = 200;
