/** Limits both ends keep, where a page needs them without the schemas. */
export const MOST_NOTE = 4000
/** Letters of a password (OWASP ASVS 4.0.3, 2.1.1 and 2.1.2). */
export const LEAST_PASSWORD = 12
export const MOST_PASSWORD = 128

/** What a member of a household may do: everything; log what happens; look. */
export const ROLES = ['owner', 'helper', 'viewer'] as const
export type Role = (typeof ROLES)[number]

/** What a share opens: the thread alone; the running stretch; all of the record. */
export const SCOPES = ['note', 'stretch', 'history'] as const
export type Scope = (typeof SCOPES)[number]

/** A session ends so many days after it began, and so many after it was last seen (judgement: a diary kept at the table). */
export const SESSION_DAYS = 60
export const IDLE_DAYS = 30
/** Whoever has just said who they are is not asked again for so many minutes (judgement). */
export const PROVED_MINUTES = 15
/** Hours a link opens in which a password is set anew, and one that moves an account to another address (OWASP ASVS 4.0.3, 2.3.1; judgement). */
export const RESET_HOURS = 1
export const MOVE_HOURS = 24

/** Days between asking for everything to be deleted and its going (judgement). */
export const GRACE_DAYS = 14

/** A header of every answer of ours: a login page of a café's network, answering in our place, has none. */
export const OURS = 'x-grumbo'
