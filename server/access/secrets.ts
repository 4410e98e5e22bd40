/** Shorter than this and seals could be guessed at. */
const LEAST_SECRET = 32

/**
 * The secret that seals cookies and keys links, and those it was before, newest first: what they sealed is still read,
 * and is sealed anew by the one that counts.
 * @throws when the secret is missing or too short
 */
export function secrets(): readonly [string, ...string[]] {
  const now = process.env.NUXT_SESSION_PASSWORD ?? ''
  const before = (process.env.GRUMBO_SECRETS_BEFORE ?? '').split(',').filter(Boolean)
  if ([now, ...before].some((s) => s.length < LEAST_SECRET))
    throw new Error(
      `NUXT_SESSION_PASSWORD, and each of GRUMBO_SECRETS_BEFORE, wants ${LEAST_SECRET} characters or more.`,
    )
  return [now, ...before]
}
