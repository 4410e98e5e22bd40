import { expose, transfer } from 'comlink'
import { zipSync } from 'fflate'
import type { Zippable } from 'fflate'

const PICTURE = /\.jpg$/

/** Files by name, packed into one. Pictures are compressed already, and go in as they are. */
const work = {
  zip(files: Record<string, Uint8Array>): Uint8Array<ArrayBuffer> {
    const zippable: Zippable = Object.fromEntries(
      Object.entries(files).map(([name, bytes]) => [name, [bytes, { level: PICTURE.test(name) ? 0 : 6 }]]),
    )
    const bytes = zipSync(zippable) as Uint8Array<ArrayBuffer>
    return transfer(bytes, [bytes.buffer])
  },
}
export type ZipWork = typeof work
expose(work)
