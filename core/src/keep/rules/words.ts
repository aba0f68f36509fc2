/** Small words that reasons share. */
export const times = (n: number | string, one: string, many = `${one}s`): string => `${n} ${Number(n) === 1 ? one : many}`;
export const about = (n: number | string): string => String(Math.round(Number(n)));
