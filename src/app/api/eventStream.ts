export interface EventSink {
  readonly emit: (event: string, data: string) => void
  readonly close: () => void
}

/**
 * Events for one page for as long as it listens.
 * @param begin - is given where to put them; returns what stops them
 */
export function eventStream(request: Request, begin: (sink: EventSink) => () => void): Response {
  const encoder = new TextEncoder()
  let stop: () => void = () => undefined
  let open = true
  const stream = new ReadableStream<Uint8Array>({
    start(controller) {
      const close = () => {
        if (!open) return
        open = false
        stop()
        controller.close()
      }
      const emit = (event: string, data: string) => {
        if (open) controller.enqueue(encoder.encode(`event: ${event}\ndata: ${data}\n\n`))
      }
      // A first comment opens the stream at once: the page knows that it is heard.
      controller.enqueue(encoder.encode(': listening\n\n'))
      stop = begin({ emit, close })
      if (!open) stop()
      request.signal.addEventListener('abort', close)
    },
    cancel: () => {
      open = false
      stop()
    },
  })
  return new Response(stream, {
    headers: {
      'content-type': 'text/event-stream',
      'cache-control': 'no-cache, no-transform',
      'x-accel-buffering': 'no',
    },
  })
}
