import { readFileSync } from 'node:fs'
import Ajv from 'ajv/dist/2020'
import fc from 'fast-check'
import ICAL from 'ical.js'
import { v7 as uuid } from 'uuid'
import { describe, expect, it } from 'vitest'
import { demoDogs } from '../demo/household'
import { assess, assessEach } from '../core/record/fold'
import { addDays } from '../core/record/day'
import type { Entry } from '../core/record/entries'
import { entry } from '../tests/support/dogs'
import { anyEntry } from '../tests/support/facts'
import { happeningsOf, readCalendar, writeCalendar } from './calendar'
import { COLUMNS, readDiaryCsv, writeDiaryCsv } from './diary-csv'
import { readRecordFile, recordFileJsonSchema, writeRecordFile } from './record-file'

const TODAY = '2026-11-25'
const NOW = new Date('2026-11-25T18:40:00Z')
const DOGS = demoDogs(TODAY)
const DOG = DOGS[0]!
const fileOf = (d: (typeof DOGS)[number]) => writeRecordFile({ id: d.id, profile: d.began }, d.entries, NOW)

describe('the record as a file', () => {
  it('out, wiped, and in again: the same state to the last digit', () => {
    fc.assert(
      fc.property(fc.constantFrom(...DOGS), fc.nat(), fc.integer({ min: 0, max: 60 }), (d, cut, ahead) => {
        const entries = d.entries.slice(0, 1 + (cut % d.entries.length))
        const { file, wrong } = readRecordFile(writeRecordFile({ id: d.id, profile: d.began }, entries, NOW))
        expect(wrong).toEqual([])
        const at = addDays(TODAY, ahead)
        expect(assess({ profile: file.dog.profile, entries: file.entries }, at)).toEqual(
          assess({ profile: d.began, entries }, at),
        )
      }),
      { numRuns: 20 },
    )
  })
  it.each([1, 2])('one of version %i is read, written, read again: the same on every day', (version) => {
    for (const d of DOGS) {
      const old = JSON.stringify({ ...(JSON.parse(fileOf(d)) as object), version })
      const read = readRecordFile(old)
      const again = readRecordFile(writeRecordFile(read.file.dog, read.file.entries, NOW)).file
      expect([read.wrong, read.file.version, again.version]).toEqual([[], version, 3])
      const states = ({ dog, entries }: typeof again) =>
        assessEach({ profile: dog.profile, entries }, dog.profile.since, TODAY)
      expect(states(again)).toEqual(
        assessEach({ profile: d.began, entries: d.entries }, d.began.since, TODAY),
      )
      expect(states(read.file)).toEqual(states(again))
    }
  })
  it('holds entries of every kind, letter for letter', () => {
    fc.assert(
      fc.property(fc.array(anyEntry('2026-09-01', 90), { maxLength: 12 }), (entries) => {
        const { file, wrong } = readRecordFile(
          writeRecordFile({ id: DOG.id, profile: DOG.began }, entries, NOW),
        )
        expect(wrong).toEqual([])
        expect(file.entries).toEqual(entries)
      }),
    )
  })
  it('validates against its published schema with a standard validator', () => {
    const validate = new Ajv({ strict: false, validateFormats: false }).compile(recordFileJsonSchema())
    for (const d of DOGS) {
      expect(validate(JSON.parse(fileOf(d))), JSON.stringify(validate.errors?.slice(0, 2))).toBe(true)
    }
    const broken = JSON.parse(fileOf(DOGS[0]!)) as { dog: { profile: { weightKg: unknown } } }
    broken.dog.profile.weightKg = 'heavy'
    expect(validate(broken)).toBe(false)
  })
  it('the published schema is this one: npm run schema writes it', () => {
    const published = JSON.parse(readFileSync('docs/record-file.schema.json', 'utf8')) as { title: string }
    expect(published).toEqual({
      title: published.title,
      ...JSON.parse(JSON.stringify(recordFileJsonSchema())),
    })
  })
  it('one wrong entry is told by its number, and loses none of the others', () => {
    const json = JSON.parse(fileOf(DOGS[0]!)) as { entries: { what: Record<string, unknown> }[] }
    json.entries[4]!.what = { kind: 'check', region: 'wing', finding: 'glides' }
    const read = readRecordFile(JSON.stringify(json))
    expect(read.wrong).toEqual([{ line: 5, why: 'The coat map has no such place.' }])
    expect(read.file.entries).toHaveLength(json.entries.length - 1)
  })
  it('what is no record, and one of a newer version, are refused in words', () => {
    expect(() => readRecordFile('{')).toThrow('not JSON')
    expect(() => readRecordFile('[]')).toThrow('not a record')
    const newer = { ...(JSON.parse(fileOf(DOGS[0]!)) as object), version: 9 }
    expect(() => readRecordFile(JSON.stringify(newer))).toThrow('written by a newer Grumbo (version 9')
    fc.assert(
      fc.property(fc.json(), (text) => {
        try {
          readRecordFile(text)
        } catch (error) {
          expect((error as Error).message).toMatch(/^That (file|record)|^[A-Z]/)
        }
      }),
    )
  })
})

describe('the diary as a table', () => {
  it('out and in again: the same entries, and the same state', () => {
    for (const d of DOGS) {
      const text = writeDiaryCsv(d.entries)
      const { entries, wrong } = readDiaryCsv(text, uuid)
      expect(wrong).toEqual([])
      expect(assess({ profile: d.began, entries }, TODAY)).toEqual(
        assess({ profile: d.began, entries: d.entries }, TODAY),
      )
    }
  })
  it('holds entries of every kind, letter for letter, whatever they say', () => {
    fc.assert(
      fc.property(
        fc.uniqueArray(anyEntry('2026-09-01', 90), { maxLength: 12, selector: (e) => e.id }),
        (entries) => {
          const { entries: back, wrong } = readDiaryCsv(writeDiaryCsv(entries), uuid)
          expect(wrong).toEqual([])
          const byId = (list: Entry[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1))
          expect(byId(back)).toEqual(byId(entries))
        },
      ),
    )
  })
  it('keeps to RFC 4180: CRLF, one header, as many fields a line, quotes doubled', () => {
    const says = 'a "knot",\r\nor two'
    const text = writeDiaryCsv([entry(TODAY, { kind: 'photo', place: 'beard', says })])
    const [header] = text.split('\r\n')
    expect(header).toBe(COLUMNS.join(','))
    expect(text).toContain('""says""')
    expect(text.replaceAll('\r\n', '')).not.toContain('\n')
    const [back] = readDiaryCsv(text, uuid).entries
    expect(back!.what).toMatchObject({ says })
  })
  it('a cell that would be a formula is written harmless and read as it was', () => {
    fc.assert(
      fc.property(fc.constantFrom('=', '+', '-', '@'), fc.string({ maxLength: 20 }), (sign, rest) => {
        const time = undefined
        const text = writeDiaryCsv([
          { ...entry(TODAY, { kind: 'wash', combedOut: true }), time, id: `${sign}${rest}` },
        ])
        const cells = text.split('\r\n').slice(1).join('\r\n')
        expect(/^"?[=+\-@]/.test(cells)).toBe(false)
      }),
    )
  })
  it('takes another’s table line by line, and says what is wrong with which', () => {
    const table = [
      'Day,Kind,Where,Finding,Count',
      '2026-11-20,check,Left armpit,glides,',
      '2026-11-20,check,beard,knot,2',
      '2026-13-40,check,beard,glides,',
      '2026-11-21,check,wing,glides,',
      '2026-11-22,check,beard,mat,400',
      '2026-11-23,sang,,,',
    ].join('\r\n')
    const { entries, wrong } = readDiaryCsv(table, uuid)
    expect(entries.map((e) => e.what)).toEqual([
      { kind: 'check', region: 'armpit.left', finding: 'glides' },
      { kind: 'check', region: 'beard', finding: 'knot', count: 2 },
    ])
    expect(wrong.map((w) => w.line)).toEqual([4, 5, 6, 7])
    expect(wrong[0]!.why).toContain('year-month-day')
    expect(wrong[1]!.why).toContain('no such place')
    expect(wrong[2]!.why).toContain('felt')
  })
  it('another encoding, and no table at all, are refused in words', () => {
    const latin = new TextDecoder().decode(
      Uint8Array.from([...'day,kind\r\n2026-11-20,Bürste'].map((c) => c.charCodeAt(0) & 255)),
    )
    expect(() => readDiaryCsv(latin, uuid)).toThrow('not UTF-8')
    expect(() => readDiaryCsv('hello', uuid)).toThrow('no column called day or kind')
    fc.assert(
      fc.property(fc.string({ maxLength: 200 }), (text) => {
        try {
          readDiaryCsv(`day,kind\n${text}`, uuid)
        } catch (error) {
          expect((error as Error).message).toMatch(/^That table/)
        }
      }),
    )
  })
})

describe('the calendar', () => {
  const plan = happeningsOf(
    { id: 'd', name: 'Tansy', groomer: 'Imke', nextVisit: '2026-11-03' },
    [
      { day: '2026-10-24', places: ['beard', 'armpit'] },
      { day: '2026-10-25', places: ['beard'] },
      { day: '2026-03-29', places: ['tail'] },
    ],
    [{ care: 'bath', day: '2026-10-25' }],
  )
  /** Reference: ical.js, a reader of RFC 5545. */
  it('is read back equal by a reference library, across both clock changes', () => {
    const text = writeCalendar('Tansy', plan, NOW)
    for (const line of text.split('\r\n'))
      expect(new TextEncoder().encode(line).length).toBeLessThanOrEqual(75)
    const events = new ICAL.Component(ICAL.parse(text) as never)
      .getAllSubcomponents('vevent')
      .map((c) => new ICAL.Event(c))
    expect(
      events.map((e) => [e.startDate.toString(), e.endDate.toString(), e.summary, e.description ?? '']),
    ).toEqual(plan.map((h) => [h.day, addDays(h.day, 1), h.title, h.says]))
    expect(new Set(events.map((e) => e.uid)).size).toBe(plan.length)
    expect(readCalendar(text).visits.map((v) => v.day)).toEqual(plan.map((h) => h.day))
  })
  /** Published: RFC 5545, sections 3.6.1 and 3.6.5, their own examples. */
  it('reads the examples of RFC 5545', () => {
    const wrap = (event: string) =>
      `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//x//y//EN\r\n${event}\r\nEND:VCALENDAR`
    const birthday = [
      'BEGIN:VEVENT',
      'UID:19970901T130000Z-123403@example.com',
      'DTSTAMP:19970901T130000Z',
      'DTSTART;VALUE=DATE:19971102',
      'SUMMARY:Our Blissful Anniversary',
      'TRANSP:TRANSPARENT',
      'RRULE:FREQ=YEARLY',
      'END:VEVENT',
    ].join('\r\n')
    expect(readCalendar(wrap(birthday)).visits).toEqual([
      { day: '1997-11-02', title: 'Our Blissful Anniversary' },
    ])
    const review = [
      'BEGIN:VEVENT',
      'UID:19970901T130000Z-123401@example.com',
      'DTSTAMP:19970901T130000Z',
      'DTSTART:19970903T163000Z',
      'DTEND:19970903T190000Z',
      'SUMMARY:Annual Employee Review',
      'CLASS:PRIVATE',
      'CATEGORIES:BUSINESS,HUMAN RESOURCES',
      'END:VEVENT',
    ].join('\r\n')
    expect(readCalendar(wrap(review)).visits[0]!.day).toBe('1997-09-03')
  })
  it('an event has its hours, by its end or its length, and ends with its day; a whole day has none', () => {
    const span = (...lines: string[]) =>
      readCalendar(
        `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\n${lines.join('\r\n')}\r\nEND:VEVENT\r\nEND:VCALENDAR`,
      ).visits[0]!.span
    expect(span('DTSTART:20261222T093000', 'DTEND:20261222T110000')).toEqual([570, 660])
    expect(span('DTSTART:20261222T093000', 'DURATION:PT45M')).toEqual([570, 615])
    expect(span('DTSTART:20261222T233000', 'DURATION:PT2H')).toEqual([1410, 1440])
    expect(span('DTSTART:20261222T093000')).toBeUndefined()
    expect(span('DTSTART;VALUE=DATE:20261222', 'DTEND;VALUE=DATE:20261223')).toBeUndefined()
    const length = span('DTSTART:20261222T120000Z', 'DURATION:PT30M')!
    expect(length[1] - length[0]).toBe(30)
  })
  it('a broken time zone does not move the day; what is no calendar is refused in words', () => {
    const event = (start: string) =>
      `BEGIN:VCALENDAR\r\nVERSION:2.0\r\nBEGIN:VEVENT\r\nUID:1\r\n${start}\r\nSUMMARY:Merle, Imke\r\nEND:VEVENT\r\nEND:VCALENDAR`
    expect(readCalendar(event('DTSTART;TZID=Nowhere/Lost:20261222T093000')).visits[0]!.day).toBe('2026-12-22')
    expect(readCalendar(event('LOCATION:here')).wrong[0]!.why).toContain('without a day')
    for (const text of ['', 'hello', 'BEGIN:VCARD\r\nEND:VCARD'])
      expect(() => readCalendar(text)).toThrow('not a calendar')
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        try {
          readCalendar(event(text))
        } catch (error) {
          expect((error as Error).message).toMatch(/^That/)
        }
      }),
    )
  })
})
