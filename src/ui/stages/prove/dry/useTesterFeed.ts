'use client'
import { useEffect, useEffectEvent } from 'react'

/** Hears the records a tester sends over the bridge. @param testerId - null while none is listened to */
export function useTesterFeed(testerId: string | null, onRecord: (text: string) => void): void {
  const heard = useEffectEvent(onRecord)
  useEffect(() => {
    if (testerId === null) return
    const stream = new EventSource(`/api/testers/feed?tester=${encodeURIComponent(testerId)}`)
    stream.addEventListener('record', ({ data }: MessageEvent<string>) => heard(JSON.parse(data) as string))
    return () => stream.close()
  }, [testerId])
}
