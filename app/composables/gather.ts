import { strToU8 } from 'fflate'
import { careDays } from '#core/plan/standing'
import type { StretchPlan } from '#core/plan/standing'
import { timeline } from '#core/record/timeline'
import type { DogFile } from '#shared/answers'
import { happeningsOf, writeCalendar } from '#shared/calendar'
import { writeDiaryCsv } from '#shared/diary-csv'
import { writeRecordFile } from '#shared/record-file'
import { Dismissed, hire } from '~/workers/hire'
import type { ZipWork } from '~/workers/zip.worker'

/** The plan from today on, care and the visit, as iCalendar. */
export function calendarOf(file: DogFile, plan: StretchPlan | null, today: string): string {
  const { profile } = file
  const sessions = plan?.sessions.filter((s) => s.day >= today) ?? []
  const care = careDays(plan).filter((c) => c.day >= today)
  const dog = { id: file.id, name: profile.name, groomer: profile.groomer, nextVisit: profile.nextVisit }
  return writeCalendar(profile.name, happeningsOf(dog, sessions, care), currentInstant())
}

/** The owner would rather not. */
export class Cancelled extends Error {}

/**
 * All there is of a dog in one zip: record, diary, calendar, thread and photographs.
 * @param gathered told the share that is done
 * @param signal ends it part way
 * @throws NoAnswer, Refused, Cancelled, Error in words where it could not be packed
 */
export async function gatherAll(
  file: DogFile,
  plan: StretchPlan | null,
  today: string,
  gathered: (share: number) => void,
  signal: AbortSignal,
): Promise<Blob> {
  const photos = timeline(file.entries).filter((f) => f.what.kind === 'photo')
  const goOn = () => {
    if (signal.aborted) throw new Cancelled()
  }
  const { notes } = await ask('threadAnswer', `/api/dogs/${file.id}/notes`)
  const files: Record<string, Uint8Array> = {
    'record.json': strToU8(
      writeRecordFile({ id: file.id, profile: file.began ?? file.profile }, file.entries, currentInstant()),
    ),
    'diary.csv': strToU8(writeDiaryCsv(file.entries)),
    'plan.ics': strToU8(calendarOf(file, plan, today)),
    'thread.json': strToU8(JSON.stringify(notes, null, 2)),
  }
  for (const [i, p] of photos.entries()) {
    goOn()
    try {
      const jpeg = await askForFile(`/api/dogs/${file.id}/photographs/${p.id}`)
      files[`photographs/${p.day}-${p.id}.jpg`] = new Uint8Array(await jpeg.arrayBuffer())
    } catch (error) {
      // One that never went up from its device cannot be gathered here.
      if (!(error instanceof Refused && error.statusCode === 404)) throw error
    }
    gathered((i + 1) / (photos.length + 1))
  }
  goOn()
  const bytes = await packed(files, signal)
  return new Blob([bytes], { type: 'application/zip' })
}

/** Packs in a worker of our own: the content policy lets no worker be made from text. */
async function packed(files: Record<string, Uint8Array>, signal: AbortSignal) {
  const packer = hire<ZipWork>(
    () => new Worker(new URL('../workers/zip.worker.ts', import.meta.url), { type: 'module' }),
  )
  signal.addEventListener('abort', packer.dismiss)
  try {
    return await packer.ask((w) => w.zip(files))
  } catch (error) {
    if (error instanceof Dismissed) throw new Cancelled()
    throw new Error('The zip could not be made on this device.')
  } finally {
    packer.dismiss()
  }
}
