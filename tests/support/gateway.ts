import { createServer, request } from 'node:http'
import type { IncomingMessage, ServerResponse } from 'node:http'
import type { AddressInfo } from 'node:net'

/** What a network does with a call on its way: lets it through, or answers in the server's place. */
export type Way =
  | 'through'
  /** A café's login page, straight away or by way of a redirect. */
  | 'login-page'
  | 'login-redirect'
  | { status: number; headers?: Record<string, string>; says?: string; ours?: boolean }

const LOGIN = '<!doctype html><title>The Copper Kettle</title><p>Welcome. Sign in to the network.</p>'

/** A small gateway between a browser and the app, that answers as cafés and gateways do. */
export class Gateway {
  /** Decides for each call to the API; the pages themselves always pass. */
  way: (method: string, path: string, body: string) => Way = () => 'through'
  /** An answer that is under way for so long as this has not been let go. */
  private held: { path: string; until: Promise<void> } | null = null
  /** Holds the next answer to a call of this path back. @returns how to let it go */
  hold(path: string): () => void {
    let letGo = () => {}
    this.held = { path, until: new Promise((go) => (letGo = go)) }
    return letGo
  }
  /** Calls to the API so far, newest last; a path without what is asked of it. */
  readonly calls: { method: string; path: string; body: string }[] = []
  private constructor(
    private readonly target: URL,
    private readonly server: ReturnType<typeof createServer>,
  ) {}

  static async open(target: string): Promise<Gateway> {
    const server = createServer()
    await new Promise<void>((ready) => server.listen(0, '127.0.0.1', ready))
    const gateway = new Gateway(new URL(target), server)
    server.on('request', (req, res) => void gateway.take(req, res))
    return gateway
  }
  get address() {
    return `http://127.0.0.1:${(this.server.address() as AddressInfo).port}`
  }
  close() {
    this.server.closeAllConnections()
    return new Promise<void>((done) => this.server.close(() => done()))
  }

  private async take(req: IncomingMessage, res: ServerResponse) {
    const chunks: Buffer[] = []
    for await (const chunk of req as AsyncIterable<Buffer>) chunks.push(chunk)
    const body = Buffer.concat(chunks)
    const [method, path] = [req.method ?? 'GET', req.url?.split('?')[0] ?? '/']
    if (path === '/login') return res.writeHead(200, { 'content-type': 'text/html' }).end(LOGIN)
    if (!path.startsWith('/api/')) return this.pass(req, res, body)
    this.calls.push({ method, path, body: body.toString('utf8') })
    const way = this.way(method, path, body.toString('utf8'))
    if (way === 'through') return this.pass(req, res, body)
    if (way === 'login-page') return res.writeHead(200, { 'content-type': 'text/html' }).end(LOGIN)
    if (way === 'login-redirect') return res.writeHead(302, { location: '/login' }).end()
    const { status, headers = {}, says = 'No.', ours = true } = way
    return res
      .writeHead(status, {
        'content-type': 'application/json',
        ...(ours ? { 'x-grumbo': '1' } : {}),
        ...headers,
      })
      .end(JSON.stringify({ statusCode: status, message: says }))
  }
  private pass(req: IncomingMessage, res: ServerResponse, body: Buffer) {
    const held = this.held?.path === req.url?.split('?')[0] && req.method === 'GET' ? this.held : null
    if (held) this.held = null
    const on = request(
      {
        host: this.target.hostname,
        port: this.target.port,
        method: req.method,
        path: req.url,
        headers: { ...req.headers, 'x-forwarded-host': req.headers.host ?? '' },
      },
      async (back) => {
        await held?.until
        res.writeHead(back.statusCode ?? 502, back.headers)
        back.pipe(res)
      },
    )
    on.on('error', () => res.writeHead(502).end())
    on.end(body)
  }
}
