/** How long the pages wait: no request for ever, and as long as the server asks where it has too much to do. */

/** After so long, in ms, a request counts as lost. */
export const timeLimit = 15_000
/** Longer, in s, is not waited for silently: then the page says so. */
const longestWait = 10
const mostRounds = 3

/** A request with a time limit. Where the server says "too much at once", it is made again when the server wants it. */
export async function patient(request: Request): Promise<Response> {
  for (let round = 1; ; round++) {
    const reply = await fetch(new Request(request.clone(), { signal: limited(request.signal) }))
    const seconds = Number(reply.headers.get('Retry-After'))
    if (reply.status !== 429 || !(seconds <= longestWait) || round === mostRounds) return reply
    await new Promise((resolve) => setTimeout(resolve, seconds * 1000))
    request.signal.throwIfAborted()
  }
}

function limited(signal: AbortSignal): AbortSignal {
  const limit = AbortSignal.timeout(timeLimit)
  return 'any' in AbortSignal ? AbortSignal.any([signal, limit]) : limit
}
