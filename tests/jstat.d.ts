declare module 'jstat' {
  const jstat: {
    normal: { cdf(x: number, mean: number, standardDeviation: number): number }
    studentt: { inv(probability: number, degreesOfFreedom: number): number }
  }
  export default jstat
}
