declare module 'jstat' {
  const jstat: {
    studentt: { inv(p: number, degrees: number): number };
    normal: { cdf(x: number, mean: number, sd: number): number; inv(p: number, mean: number, sd: number): number };
  };
  export default jstat;
}
