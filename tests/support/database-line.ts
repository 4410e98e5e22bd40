import { connect, createServer } from 'node:net'
import type { AddressInfo, Server, Socket } from 'node:net'

/** The line between the program and its database, which can be cut, or freeze with nothing said. */
export class DatabaseLine {
  private frozen = false
  private readonly open = new Set<Socket>()
  private server: Server | null = null
  private constructor(
    private readonly to: number,
    private port: number,
  ) {}
  static async to(databaseUrl: string): Promise<{ line: DatabaseLine; url: string }> {
    const url = new URL(databaseUrl)
    const line = new DatabaseLine(Number(url.port), 0)
    await line.mend()
    url.port = String(line.port)
    return { line, url: String(url) }
  }
  private take(here: Socket) {
    const there = connect(this.to, '127.0.0.1')
    for (const [from, onto] of [
      [here, there],
      [there, here],
    ] as const) {
      this.open.add(from)
      from.on('data', (bytes) => void (this.frozen || onto.write(bytes)))
      from.on('error', () => onto.destroy())
      from.on('close', () => (this.open.delete(from), onto.destroy()))
    }
  }
  /** Nobody answers there any more. */
  async cut() {
    const { server } = this
    this.server = null
    const closed = new Promise((done) => server?.close(done))
    for (const socket of this.open) socket.destroy()
    await closed
  }
  freeze() {
    this.frozen = true
  }
  /** As it was; what was sent while it was frozen is lost. */
  async mend() {
    if (this.frozen) {
      this.frozen = false
      for (const socket of this.open) socket.destroy()
    }
    if (this.server) return
    const server = createServer((socket) => this.take(socket))
    await new Promise<void>((ready) => server.listen(this.port, '127.0.0.1', ready))
    this.port = (server.address() as AddressInfo).port
    this.server = server
  }
}
