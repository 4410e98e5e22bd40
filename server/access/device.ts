import bowser from 'bowser'
import { getHeader } from 'h3'
import type { H3Event } from 'h3'
import { MOST_DEVICE } from '../db/schema/sign-in'

/** What somebody is signed in from, in words they will know it by: a browser and a system, and nothing finer. */
export function deviceOf(event: H3Event): string {
  const says = getHeader(event, 'user-agent') ?? ''
  if (!says) return ''
  const { browser, os } = bowser.parse(says)
  return [browser.name, os.name].filter(Boolean).join(', ').slice(0, MOST_DEVICE)
}
