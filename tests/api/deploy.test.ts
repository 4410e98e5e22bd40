import { readFileSync } from 'node:fs'
import { validate } from 'dockerfile-utils'
import { describe, expect, it } from 'vitest'
import { parse } from 'yaml'

/** What the service is run by on other machines: it cannot be built here, and is read and held together instead. */
const read = (path: string) => readFileSync(path, 'utf8')
interface Service {
  image?: string
  command?: string[]
  environment?: Record<string, string>
  ports?: string[]
  expose?: string[]
  volumes?: string[]
  depends_on?: string[] | Record<string, { condition: string }>
  read_only?: boolean
  cap_drop?: string[]
}
const compose = parse(read('deploy/compose.yaml'), { merge: true }) as {
  services: Record<string, Service>
  volumes: Record<string, unknown>
}
const { services } = compose
const proxy = read('deploy/proxy.conf')

describe('the container file', () => {
  const text = read('deploy/Containerfile')
  it('says nothing its readers would stumble over', () => {
    expect(validate(text)).toEqual([])
  })
  it('copies what the build needs and nothing that was made here, and runs as nobody in particular', () => {
    const scripts = (JSON.parse(read('package.json')) as { scripts: Record<string, string> }).scripts
    expect(scripts.build).toBeDefined()
    expect(text).toMatch(/^USER node$/m)
    expect(read('.dockerignore').split('\n')[0]).toBe('**')
    for (const folder of ['app', 'core', 'drawing', 'public', 'scripts', 'server', 'shared'])
      expect(read('.dockerignore')).toMatch(new RegExp(`^!${folder}$`, 'm'))
  })
})

describe('the compose file', () => {
  it('opens the proxy to the world, and nothing else', () => {
    expect(Object.entries(services).flatMap(([name, s]) => (s.ports ? [name] : []))).toEqual(['proxy'])
    for (const app of [services.app!, services.backups!]) {
      expect(app.read_only).toBe(true)
      expect(app.cap_drop).toEqual(['ALL'])
    }
  })
  it('asks for every secret and holds none', () => {
    for (const s of Object.values(services))
      for (const [name, value] of Object.entries(s.environment ?? {}))
        if (/PASSWORD|SECRET|DATABASE_URL/.test(name)) expect(value, name).toMatch(/\$\{\w+:[?-]/)
  })
  it('sets no variable that is not told of, and none that nobody reads', () => {
    const told = [...read('docs/running.md').matchAll(/`([A-Z][A-Z_]{3,})`/g)].map((m) => m[1]!)
    for (const name of Object.keys({ ...services.app!.environment, ...services.backups!.environment }))
      expect(told).toContain(name)
  })
  it('names only services and volumes that are there', () => {
    for (const s of Object.values(services)) {
      const on = s.depends_on ?? []
      for (const name of Array.isArray(on) ? on : Object.keys(on))
        expect(Object.keys(services)).toContain(name)
      for (const v of s.volumes ?? []) {
        const [from = ''] = v.split(':')
        if (/^\w+$/.test(from)) expect(Object.keys(compose.volumes)).toContain(from)
      }
    }
    expect(Object.keys(services)).toContain(/server (\w+):3000/.exec(proxy)![1])
    expect(services.app!.expose).toContain('3000')
  })
})

describe('the proxy', () => {
  it('closes every brace and ends every line', () => {
    const lines = proxy
      .split('\n')
      .map((l) => l.replace(/#.*/, '').trim())
      .filter(Boolean)
    let depth = 0
    for (const l of lines) {
      expect(l, l).toMatch(/[;{}]$/)
      depth += (l.match(/\{/g) ?? []).length - (l.match(/\}/g) ?? []).length
      expect(depth).toBeGreaterThanOrEqual(0)
    }
    expect(depth).toBe(0)
  })
  it('says whom it speaks for, by what name and by TLS, and gives its number on; a caller says none of that', () => {
    for (const header of ['X-Forwarded-For', 'X-Forwarded-Host', 'X-Forwarded-Proto', 'X-Request-Id'])
      expect(proxy).toMatch(new RegExp(`proxy_set_header ${header} `))
    // What the caller wrote there is not added to, but replaced.
    expect(proxy).not.toContain('$proxy_add_x_forwarded_for')
    expect(proxy).toContain('access_log off;')
  })
})
