import { zipSync } from 'fflate'
import type { Zippable } from 'fflate'

/** Files by name, packed into one. Pictures are compressed already, and go in as they are. */
export interface ZipRequest {
  files: Record<string, Uint8Array>
}
export type ZipAnswer = { bytes: Uint8Array<ArrayBuffer> } | { problem: string }

const PICTURE = /\.jpg$/

self.onmessage = ({ data }: MessageEvent<ZipRequest>) => {
  try {
    const files: Zippable = Object.fromEntries(
      Object.entries(data.files).map(([name, bytes]) => [
        name,
        [bytes, { level: PICTURE.test(name) ? 0 : 6 }],
      ]),
    )
    const bytes = zipSync(files) as Uint8Array<ArrayBuffer>
    self.postMessage({ bytes } satisfies ZipAnswer, { transfer: [bytes.buffer] })
  } catch (error) {
    self.postMessage({ problem: error instanceof Error ? error.message : 'unknown' } satisfies ZipAnswer)
  }
}
