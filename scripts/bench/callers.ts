import pg from 'pg'

/** How long each took, ms, so many at a time. */
export async function times(
  callers: number,
  many: number,
  call: (n: number) => Promise<unknown>,
): Promise<number[]> {
  const took: number[] = []
  let next = 0
  const caller = async () => {
    for (let n = next++; n < many; n = next++) {
      const begun = performance.now()
      await call(n)
      took.push(performance.now() - begun)
    }
  }
  await Promise.all(Array.from({ length: callers }, caller))
  return took
}
/** At the 95th of 100. */
export const slow = (took: readonly number[]) =>
  took.toSorted((a, b) => a - b)[Math.floor(0.95 * (took.length - 1))]!

export async function at<T>(address: string, work: (client: pg.Client) => Promise<T>): Promise<T> {
  const client = new pg.Client({ connectionString: address })
  await client.connect()
  try {
    return await work(client)
  } finally {
    await client.end()
  }
}
