declare module 'jstat' {
  const jstat: { studentt: { inv: (p: number, degrees: number) => number } };
  export default jstat;
}
