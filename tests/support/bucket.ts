import { createHash, createHmac } from 'node:crypto'
import { createServer } from 'node:http'
import type { IncomingMessage } from 'node:http'
import type { AddressInfo } from 'node:net'
import { buffer } from 'node:stream/consumers'

/**
 * A stand-in for an S3-like store: one bucket on loopback that puts, gets and deletes, and turns away what is not
 * signed with its secret (Signature Version 4, as AWS publishes it).
 */
export async function openBucket(secret: string) {
  const kept = new Map<string, Buffer>()
  let away = false
  const server = createServer((request, response) => {
    void buffer(request).then((body) => {
      const end = (status: number, what?: Buffer | string) => response.writeHead(status).end(what)
      const path = request.url!
      if (away) return request.socket.destroy()
      if (!signedWith(secret, request)) return end(403, 'SignatureDoesNotMatch')
      if (request.method === 'PUT') kept.set(path, body)
      if (request.method === 'GET') return kept.has(path) ? end(200, kept.get(path)) : end(404)
      if (request.method === 'DELETE') kept.delete(path)
      return end(request.method === 'DELETE' ? 204 : 200)
    })
  })
  await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready))
  const { port } = server.address() as AddressInfo
  return {
    address: `http://127.0.0.1:${port}/pictures`,
    kept,
    setAway: (is: boolean) => (away = is),
    close: () => new Promise((closed) => server.close(closed)),
  }
}

const hmac = (key: string | Buffer, words: string) => createHmac('sha256', key).update(words).digest()
function signedWith(secret: string, { method, url, headers }: IncomingMessage): boolean {
  const said = /Credential=[^/]+\/([^,]+), SignedHeaders=([^,]+), Signature=(\w+)/.exec(
    headers.authorization ?? '',
  )
  if (!said) return false
  const [, scope, names, signature] = said
  const canonical = [
    method,
    url,
    '',
    ...names!.split(';').map((name) => `${name}:${String(headers[name])}`),
    '',
    names,
    headers['x-amz-content-sha256'],
  ].join('\n')
  const digest = createHash('sha256').update(canonical).digest('hex')
  const key = scope!.split('/').reduce<string | Buffer>(hmac, `AWS4${secret}`)
  return (
    signature ===
    hmac(key, ['AWS4-HMAC-SHA256', headers['x-amz-date'], scope, digest].join('\n')).toString('hex')
  )
}
