import type { Role } from '#shared/limits'

/** What each role may do, in a few words, and beside a name. */
export const ROLE_SAYS: Record<Role, { short: string; long: string }> = {
  owner: { short: 'owner', long: 'owner: everything' },
  helper: { short: 'helper', long: 'helper: logs what is done' },
  viewer: { short: 'looks', long: 'viewer: looks' },
}
