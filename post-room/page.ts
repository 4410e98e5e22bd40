import { createServer } from 'node:http'
import type { PostRoom, Received } from './box'

const escape = (s: string) =>
  s.replace(/[&<>"']/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[c]!)
const clock = (iso: string) =>
  new Date(iso).toLocaleString('en-GB', { dateStyle: 'medium', timeStyle: 'short' })

const STYLE = `
:root{--paper:#f4ecdb;--ink:#2b211a;--ink-2:#5c4d40;--rule:#d3c5aa;--coat:#fdf8ec;--due:#a1420f}
@media(prefers-color-scheme:dark){:root{--paper:#1b1612;--ink:#f2e8d5;--ink-2:#cabca6;--rule:#40362c;--coat:#2e261f;--due:#f2995f}}
body{margin:0;background:var(--paper);color:var(--ink);font:16px/1.5 Georgia,serif}
main{max-width:46rem;margin:0 auto;padding:24px 16px}
h1{font-weight:500;font-size:32px;margin:0 0 4px}
p{margin:0 0 12px}.small{color:var(--ink-2);font-size:15px}
ol{list-style:none;margin:16px 0 0;padding:0;border-top:1px solid var(--ink)}
li a{display:grid;grid-template-columns:1fr auto;gap:2px 16px;padding:12px 0;border-bottom:1px solid var(--rule);color:inherit;text-decoration:none}
li b{font-weight:600}a{color:var(--due)}
pre{white-space:pre-wrap;overflow-wrap:anywhere;background:var(--coat);border:1px solid var(--rule);padding:16px;font:inherit}
iframe{width:100%;height:420px;border:1px solid var(--rule);background:#f4ecdb}`

const frame = (title: string, body: string) =>
  `<!doctype html><html lang="en"><head><meta charset="utf-8"><meta name="viewport" content="width=device-width, initial-scale=1"><title>${escape(title)}</title><style>${STYLE}</style></head><body><main>${body}</main></body></html>`

const list = (letters: readonly Received[]) =>
  frame(
    'Post room',
    `<h1>Post room</h1><p class="small">What Grumbo has mailed here. Nothing leaves this machine.</p>${
      letters.length
        ? `<ol>${[...letters]
            .reverse()
            .map(
              (l) =>
                `<li><a href="/${l.n}"><b>${escape(l.subject)}</b><span class="small">${escape(clock(l.at))}</span><span class="small">to ${escape(l.to.join(', '))}</span></a></li>`,
            )
            .join('')}</ol>`
        : '<p>Nothing yet. A note to the groomer is the first that comes.</p>'
    }`,
  )

const one = (l: Received) =>
  frame(
    l.subject,
    `<p><a href="/">All letters</a></p><h1>${escape(l.subject)}</h1><p class="small">from ${escape(l.from)} to ${escape(l.to.join(', '))}, ${escape(clock(l.at))}</p><h2>As words</h2><pre>${escape(l.text)}</pre><h2>As a page</h2><iframe sandbox="allow-popups" title="The letter as a page" srcdoc="${escape(l.html)}"></iframe>`,
  )

/** The post room's own page, to read what came. A letter's page is shown in a frame that runs nothing. */
export async function servePostRoom(
  room: PostRoom,
  port: number,
): Promise<{ address: string; close: () => void }> {
  const server = createServer((request, response) => {
    const path = request.url ?? '/'
    const letter = room.letters.find((l) => path === `/${l.n}`)
    response.writeHead(path === '/' || letter ? 200 : 404, {
      'content-type': 'text/html; charset=utf-8',
      'content-security-policy': "default-src 'none'; style-src 'unsafe-inline'; frame-src 'self'",
      'referrer-policy': 'no-referrer',
      'cache-control': 'no-store',
    })
    response.end(letter ? one(letter) : list(room.letters))
  })
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, '127.0.0.1', resolve)
  })
  return { address: `http://127.0.0.1:${port}`, close: () => server.close() }
}
