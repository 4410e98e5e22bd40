import type { z } from 'zod'
import { afterVisit } from '../../core/care/note/after-visit'
import type { Entry } from '../../core/record/entries'
import { isVisit } from '../../core/record/visits'
import type { groomersWordsBody, visitBody } from '../../shared/api'
import type { Groomer, LinkHolder } from '../access/authorise'
import { refuse } from '../access/refuse'
import { inTransaction } from '../db/client'
import { insertEntries, tellOf } from './entries'
import { mailWords } from './note-mail'

const from = ({ name, groomerId }: Groomer, { householdId, dogId }: LinkHolder) => ({
  householdId,
  dogId,
  author: 'groomer' as const,
  authorName: name,
  groomerId,
})

/**
 * A visit as the groomer enters it: it closes the stretch, and leaves the profile as a visit does.
 * Whoever enters it is who it is by. Entering the same one twice changes nothing.
 * @throws 422 in words for what is no visit
 */
export async function enterVisit(
  groomer: Groomer,
  share: LinkHolder,
  { visit, advice }: z.output<typeof visitBody>,
) {
  if (visit.what.kind === 'correction' || !isVisit(visit.what)) throw refuse(422, 'That is not a visit.')
  const what = { ...visit.what, by: groomer.name }
  const given = advice.map((a): Entry => {
    if (a.what.kind !== 'advice' && a.what.kind !== 'proposed')
      throw refuse(422, 'That is neither an instruction for home nor days to come again.')
    return { ...a, what: { ...a.what, from: groomer.name } }
  })
  const { householdId, dogId } = share
  await inTransaction(async (tx) => {
    const { profile, added } = await insertEntries(tx, householdId, dogId, groomer.groomerId, [
      { ...visit, what },
      ...given,
    ])
    if (!added.includes(visit.id)) return
    await mailWords(tx, from(groomer, share), given)
    const left = afterVisit(profile, visit.day, what)
    await tellOf(tx, householdId, dogId, groomer.groomerId, visit.day, left)
  })
}

/**
 * What a groomer says between visits, under their own name: an answer to a wish, or days that there are. Sent twice it
 * changes nothing.
 * @throws 422 in words for what is neither
 */
export async function enterWords(
  groomer: Groomer,
  share: LinkHolder,
  { entry }: z.output<typeof groomersWordsBody>,
) {
  const { what } = entry
  if (what.kind !== 'wish-answer' && what.kind !== 'proposed')
    throw refuse(422, 'A groomer answers a wish, or says which days there are.')
  const said = { ...entry, what: { ...what, from: groomer.name } }
  await inTransaction(async (tx) => {
    const { added } = await insertEntries(tx, share.householdId, share.dogId, groomer.groomerId, [said])
    if (added.length) await mailWords(tx, from(groomer, share), [said])
  })
}
