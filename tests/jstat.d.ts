declare module 'jstat' {
  const jstat: { normal: { cdf(x: number, mean: number, standardDeviation: number): number } }
  export default jstat
}
