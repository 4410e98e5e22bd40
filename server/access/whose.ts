import type { Groomer, Member } from './authorise'

/** Whose account: a member's of a household, or a groomer's. */
export type Whose =
  { realm: 'household'; householdId: string; accountId: string } | { realm: 'room'; groomerId: string }
export type Realm = Whose['realm']

export const whoseIs = (visitor: Member | Groomer): Whose =>
  visitor.kind === 'member'
    ? { realm: 'household', householdId: visitor.householdId, accountId: visitor.accountId }
    : { realm: 'room', groomerId: visitor.groomerId }

export const sameAccount = (a: Whose, b: Whose) =>
  a.realm === 'room'
    ? b.realm === 'room' && a.groomerId === b.groomerId
    : b.realm === 'household' && a.householdId === b.householdId && a.accountId === b.accountId

/** As the columns of what may be either's hold it. */
export const whoseColumns = (whose: Whose) => ({
  householdId: whose.realm === 'household' ? whose.householdId : null,
  accountId: whose.realm === 'household' ? whose.accountId : null,
  groomerId: whose.realm === 'room' ? whose.groomerId : null,
})
/** @returns null where a row names nobody, which the database keeps from being */
export function whoseOf(row: ReturnType<typeof whoseColumns>): Whose | null {
  if (row.groomerId) return { realm: 'room', groomerId: row.groomerId }
  return row.householdId && row.accountId
    ? { realm: 'household', householdId: row.householdId, accountId: row.accountId }
    : null
}
