import type { Day } from '../core/record/day'
import { live } from './live'
import { newcomer } from './newcomer'
import { STORIES } from './stories'
import type { DemoDog } from './story'

/**
 * The demo household: three invented dogs and their diaries, two finished stretches and a running
 * one each, as real logs go, and one that came a few days ago. Made from a seed and today's date, so it is the same all day.
 */
export const demoDogs = (today: Day): DemoDog[] => [...STORIES.map((s) => live(s, today)), newcomer(today)]
