import { strToU8, zip } from 'fflate'
import { careInPlan } from '#core/care/due'
import type { StretchPlan } from '#core/plan/standing'
import type { Coat } from '#core/record/coat'
import { timeline } from '#core/record/timeline'
import type { DogFile, Thread } from '#shared/api'
import { happeningsOf, writeCalendar } from '#shared/calendar'
import { writeDiaryCsv } from '#shared/diary-csv'
import { writeRecordFile } from '#shared/record-file'

/** The plan from today on, care and the visit, as iCalendar. */
export function calendarOf(file: DogFile, plan: StretchPlan | null, coat: Coat, today: string): string {
  const { profile } = file
  const sessions = plan?.sessions.filter((s) => s.day >= today) ?? []
  const care = plan
    ? careInPlan(file, sessions, today, plan.to, plan.to === profile.nextVisit, coat.learnedGrowth.now)
    : []
  const dog = { id: file.id, name: profile.name, groomer: profile.groomer, nextVisit: profile.nextVisit }
  return writeCalendar(profile.name, happeningsOf(dog, sessions, care), currentInstant())
}

/**
 * All there is of a dog in one zip: record, diary, calendar, thread and photographs.
 * @param gathered told the share that is done
 * @throws NoSignal, Refused
 */
export async function gatherAll(
  file: DogFile,
  plan: StretchPlan | null,
  coat: Coat,
  today: string,
  gathered: (share: number) => void,
): Promise<Blob> {
  const photos = timeline(file.entries).filter((f) => f.what.kind === 'photo')
  const { notes } = await api<Thread>(`/api/dogs/${file.id}/notes`)
  const files: Record<string, Uint8Array> = {
    'record.json': strToU8(writeRecordFile({ id: file.id, profile: file.profile }, file.entries, currentInstant())),
    'diary.csv': strToU8(writeDiaryCsv(file.entries)),
    'plan.ics': strToU8(calendarOf(file, plan, coat, today)),
    'thread.json': strToU8(JSON.stringify(notes, null, 2)),
  }
  for (const [i, p] of photos.entries()) {
    try {
      const jpeg = await api<Blob>(`/api/dogs/${file.id}/photographs/${p.id}`, { responseType: 'blob' })
      files[`photographs/${p.day}-${p.id}.jpg`] = new Uint8Array(await jpeg.arrayBuffer())
    } catch (error) {
      // One that never went up from its device cannot be gathered here.
      if (!(error instanceof Refused)) throw error
    }
    gathered((i + 1) / (photos.length + 1))
  }
  return new Promise((resolve, reject) =>
    // Pictures are compressed already.
    zip(files, { level: 6 }, (error, bytes) =>
      error
        ? reject(error)
        : resolve(new Blob([bytes as Uint8Array<ArrayBuffer>], { type: 'application/zip' })),
    ),
  )
}
