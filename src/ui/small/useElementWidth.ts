'use client'
import { useEffect, useRef, useState } from 'react'

/** Width of an element in CSS pixels as it changes; the first render uses `initial`. */
export function useElementWidth<E extends HTMLElement>(initial: number) {
  const ref = useRef<E>(null)
  const [width, setWidth] = useState(initial)
  useEffect(() => {
    const element = ref.current
    if (!element) return
    const observer = new ResizeObserver(([entry]) => {
      if (entry) setWidth(Math.round(entry.contentRect.width))
    })
    observer.observe(element)
    return () => observer.disconnect()
  }, [])
  return { ref, width }
}
