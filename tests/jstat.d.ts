declare module 'jstat' {
  const jstat: {
    normal: { cdf(x: number, mean: number, standardDeviation: number): number }
    models: { ols(y: number[], x: number[][]): { coef: number[] } }
    studentt: { inv(probability: number, degreesOfFreedom: number): number }
  }
  export default jstat
}
