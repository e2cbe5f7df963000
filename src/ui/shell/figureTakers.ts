let takers = 0

/** Says that a page takes the figures typed on it, until the function returned is called. */
export function takeFigures(): () => void {
  takers++
  return () => {
    takers--
  }
}

/** Whether some page takes the figures that are typed now. */
export function figuresAreTaken(): boolean {
  return takers > 0
}
