declare module 'perspective-transform' {
  /** Four source corners, then four destination corners, each as x, y in a row. */
  export default function PerspT(
    source: readonly number[],
    destination: readonly number[],
  ): { transform(x: number, y: number): [number, number] }
}
