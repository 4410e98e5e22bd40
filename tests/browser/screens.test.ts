import { millisecondsInDay } from 'date-fns/constants'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import type { Driver } from 'selenium-webdriver/chrome'
import { v7 as uuid } from 'uuid'
import { inventedWeather, nudgesOf } from '../../core/season/weather'
import type { FeedDay } from '../../core/season/weather'
import { currentInstant } from '../support/clock'
import { daysAgo, newDog, newOwner, PASSWORD, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'
import { DESK, Key, Page, PHONE, refused } from '../support/page'

/** Every screen: no axe violations in light and dark, no sideways scroll at both sizes, long words held. */
let running: Running
let owner: Visitor
let email = ''
let page: Page
let link = ''
const dog = newDog({
  name: 'Bartholomew the Uncombed of Alder Lane,',
  hard: ['hindfoot'],
  wish: 'x'.repeat(60) + ' and short behind the ears',
  groomer: 'Wilhelmina Featherstonehaugh-Vos of Elm',
})

beforeAll(async () => {
  running = (await startApp({ GRUMBO_DEMO: '1', NUXT_PUBLIC_DEMO: 'true' })).running
  owner = await newOwner(running.address, 'Ada')
  await owner.call('POST', '/api/dogs', dog)
  await owner.call(
    'POST',
    '/api/dogs',
    newDog({ name: 'Wisp', coat: 'smooth', minutes: [0, 0, 0, 0, 0, 0, 0] }),
  )
  await owner.call('POST', `/api/dogs/${dog.id}/notes`, {
    id: dog.id,
    body: `A word with no end: ${'comb'.repeat(90)}`,
  })
  const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
    id: dog.id,
    groomer: 'Imke',
    scope: 'stretch',
    days: 9,
  })
  link = `/l/${String(json.token)}`
  email = String((await owner.call('GET', '/api/me')).json.email)
  page = await Page.open(running.address, DESK)
  await page.signIn(email, PASSWORD)
})
afterAll(async () => {
  await page?.close()
  await running?.stop()
})

/** How a screen is reached, and what it says once it is there. */
const SCREENS: [string, () => Promise<void>, string | RegExp][] = [
  ['today', () => page.visit(`/dogs/${dog.id}`), /Comb|Nothing to comb|day off/],
  ['the stretch', () => page.visit(`/dogs/${dog.id}/stretch`), /best plan there is/i],
  [
    'what if',
    () => page.visit(`/dogs/${dog.id}/what-if?mm=12`),
    /At most one mat \d+ times in 100, not \d+|No different/,
  ],
  ['progress', () => page.visit(`/dogs/${dog.id}/progress`), 'What the comb said'],
  [
    'a place picked',
    async () => {
      await page.visit(`/dogs/${dog.id}`)
      await page.press('Under')
      await page.until(
        async () => (await page.all('[data-region="inner-thigh.left"]')).length,
        'no underside',
      )
      await page.driver.executeScript(
        `document.querySelector('[data-region="inner-thigh.left"]').dispatchEvent(new MouseEvent('click', { bubbles: true }))`,
      )
      await page.press('What that is made of')
    },
    'A coat like this, 25 mm',
  ],
  [
    'the head',
    async () => {
      await page.visit(`/dogs/${dog.id}`)
      await page.press('Head')
      await page.find('[data-region="fringe"]')
    },
    /Comb|Nothing|day off/,
  ],
  ['the table, before', () => page.visit(`/dogs/${dog.id}/table`), /on the table|Nothing waits/],
  [
    'the table',
    async () => {
      await page.visit(`/dogs/${dog.id}`)
      await page.press('40')
      await page.press('Start')
      await page.find('[data-finding=glides]')
    },
    'Glides',
  ],
  [
    'the table, paused',
    async () => {
      await page.visit(`/dogs/${dog.id}/table`)
      await page.press('Pause')
    },
    'Paused at',
  ],
  [
    'the summary',
    async () => {
      await page.visit(`/dogs/${dog.id}/table`)
      await page.says(/Praise and a treat|Glides/)
      if (!(await page.all('[data-finding=knot]')).length) return
      await page.tap(await page.find('[data-finding=knot]'))
      await page.says('How is the skin under it?')
      await page.press('End here')
    },
    'Praise and a treat',
  ],
  ['about the dog', () => page.visit(`/dogs/${dog.id}/about`), 'A line counts from its day'],
  ['how it is kept safe', () => page.visit('/safe'), /12 characters or more[^]*14 days after you ask/],
  ['a knot, where', () => page.visit(`/dogs/${dog.id}/knot`), 'Where is the knot?'],
  [
    'a knot, a question',
    async () => {
      await page.visit(`/dogs/${dog.id}/knot`)
      await page.says('Where is the knot?')
      await page.choose('[data-pick=region]', 'under-tail')
      await page.press('It looks and feels well')
    },
    'Is it at the anus',
  ],
  ['the diary', () => page.visit(`/dogs/${dog.id}/diary`), 'The diary'],
  [
    'the diary, an entry open',
    async () => {
      await page.visit(`/dogs/${dog.id}/diary`)
      await page.tap(await page.find('[data-entry=check] button'))
    },
    'Put it right',
  ],
  ['the bath', () => page.visit(`/dogs/${dog.id}/bath`), 'Make up'],
  ['the tidies', () => page.visit(`/dogs/${dog.id}/tidies?at=sanitary`), 'Never a blade at'],
  ['nails, led', () => page.visit(`/dogs/${dog.id}/tidies?at=nails`), 'In this order'],
  ['on paper', () => page.visit(`/dogs/${dog.id}/rehearse?of=sanitary`), 'Where may the blade not go?'],
  ['a clip at home', () => page.visit(`/dogs/${dog.id}/tidies?at=clip`), 'Flank fold and elbow web'],
  ['the card', () => page.visit(`/dogs/${dog.id}/card`), 'card back'],
  ['your data', () => page.visit(`/dogs/${dog.id}/data`), 'Bring in'],
  ['the look-over', () => page.visit(`/dogs/${dog.id}/look-over`), 'Begin at the eyes'],
  ['handling', () => page.visit(`/dogs/${dog.id}/handling`), /two minutes|Nothing is hard/],
  ['how you work', () => page.visit(`/dogs/${dog.id}/ways`), 'The weather here is invented'],
  ['the note', () => page.visit(`/dogs/${dog.id}/groomer`), 'Drafted from what you wrote down'],
  [
    'the note, sent',
    async () => {
      await page.visit(`/dogs/${dog.id}/groomer`)
      await page.type('[name=share-groomer]', 'Wilhelmina')
      await page.press('Make a link and a code')
      await page.find('[data-link]')
      await page.press('Send to')
    },
    'Write another',
  ],
  [
    'the keys',
    async () => {
      await page.visit(`/dogs/${dog.id}`)
      await page.find('[data-region]')
      await page.keys('?')
    },
    'walk the coat map',
  ],
  ['the household', () => page.visit('/household'), 'How you hear of things'],
  ['a visit, from the slip', () => page.visit(`/dogs/${dog.id}/visit`), 'Enter the visit'],
  ['the way into a room', () => page.visit('/room'), 'The groomer’s room'],
  ['an invitation that is over', () => page.visit('/join/nothing-of-the-kind-000000'), 'opens nothing'],
  ['setup, its first question', () => page.visit('/setup'), 'What is your dog called?'],
  [
    'setup, the coat',
    async () => {
      await page.visit('/setup')
      await page.type('[name=dog]', 'Moss')
      await page.press('Next')
    },
    'Which is most like Moss?',
  ],
  ['the link', () => page.visit(link), 'Write back to Ada'],
  [
    'a dead link',
    () => page.visit('/l/nothing-of-the-kind-000000000000'),
    'This link does not open anything',
  ],
  ['a dog of nobody’s', () => page.visit('/dogs/019f61c9-294a-7000-8011-2bd342b17f23'), 'No dog lives here'],
  ['a page of nothing', () => page.visit('/nowhere'), 'There is nothing here'],
]

/** How a screen is seen: opened on a phone in the dark, then the same at a desk by day. */
const SEEN = [
  ['a phone, dark', PHONE, true],
  ['a desk, light', DESK, false],
] as const
async function looksWell(says: string | RegExp) {
  for (const [where, screen, dark] of SEEN) {
    await page.size(screen, dark)
    // What if plays its thousands beside other work on a busy machine.
    await page.says(says, 60_000)
    expect(await page.violations(), where).toEqual([])
    expect(await page.sideways(), where).toBe(0)
    expect(await page.beyondKeys(), where).toEqual([])
  }
}
const onAPhone = () => page.size(PHONE, true)

/** Screens that are there for what the server refuses. */
const REFUSES: Record<string, number> = {
  'an invitation that is over': 404,
  'a dead link': 404,
  'a dog of nobody’s': 404,
  'a page of nothing': 404,
}
it.each(SCREENS)('%s: nothing axe minds, nothing sideways', async (name, go, says) => {
  if (REFUSES[name]) page.foresee(refused(REFUSES[name]))
  await onAPhone()
  await go()
  await looksWell(says)
})

it('the check itself can fail: axe minds a picture with no name and words too pale, keys a button without', async () => {
  await page.driver.executeScript(
    `document.body.insertAdjacentHTML('beforeend', '<div role="button" id="deaf">no keys</div><img src="/mark.svg" id="bad"><p id="pale" style="color:#999;background:#fff">too pale</p>')`,
  )
  const minded = (await page.violations()).map((v) => v.split(':')[0])
  expect(minded).toEqual(expect.arrayContaining(['image-alt', 'color-contrast']))
  expect(await page.beyondKeys()).toEqual(['button no keys'])
})

it('setup, every question: nothing axe minds, nothing sideways', async () => {
  await onAPhone()
  await page.visit('/setup')
  await page.type('[name=dog]', 'Moss')
  await page.press('Next')
  await page.press('Tight curl')
  const on = () => page.driver.executeScript(`document.querySelector('form button[type=submit]').click()`)
  for (const words of [
    'How heavy',
    'born',
    'last visit',
    'How long is the coat',
    'next visit',
    'wear',
    'How many minutes',
    'mind being touched',
    'Who is the groomer',
  ]) {
    await on()
    if (words === 'How heavy') await page.type('[name=weight]', '8')
    if (words === 'last visit') {
      await page.press('some weeks ago')
      await page.press('nothing')
    }
    await looksWell(words)
  }
})

it('a dog no groomer has seen begins from when a comb last went through', async () => {
  await page.type('[name=groomer]', 'Imke')
  await page.press('Make the plan')
  await page.until(async () => (await page.at()).startsWith('/dogs/'), 'no dog was made')
  await page.says('A first going-over,')
  await page.says('41 places to meet')
  await page.visit(`${await page.at()}/bath`)
  await page.says('0 of 41 places')
})

it('the invented weather moves nothing until it is turned on, and never passes for fact', async () => {
  const feed = (await owner.call('GET', '/api/weather')).json as unknown as { days: FeedDay[] }
  expect(feed.days.every((d) => d.invented)).toBe(true)
  await page.visit(`/dogs/${dog.id}`)
  await page.says('Since then')
  // Midnight may pass meanwhile, and the new day's weather have nothing to say.
  await page.until(
    async () =>
      !nudgesOf(inventedWeather(daysAgo(0), 'north')).length ||
      (await page.words()).includes('Invented weather:'),
    'the invented weather says nothing',
  )
  expect(await page.words()).not.toMatch(/\nRain today/)
  await page.visit(`/dogs/${dog.id}/ways`)
  await page.until(
    async () => !(await (await page.find('[name=weather]')).isSelected()),
    'an invention moves the plan unasked',
  )
})

it('at a desk each of these has the drawing it is about', async () => {
  await page.size(DESK)
  for (const path of [
    ...['handling', 'look-over', 'knot', 'data'].map((p) => `/dogs/${dog.id}/${p}`),
    '/household',
  ]) {
    await page.visit(path)
    await page.until(
      () =>
        page.driver.executeScript(
          `return [...document.querySelectorAll('main svg')].some((s) => s.getBoundingClientRect().width >= 200 && s.querySelectorAll('path').length > 20)`,
        ),
      `${path} has no drawing`,
    )
  }
  // A table with nothing on it shows the dog as it stands.
  await page.visit('/household')
  await page.press('Wisp')
  await page.says(/Rub down|Nothing to comb/)
  await page.visit(`${await page.at()}/table`)
  await page.says('Nothing waits on the table')
  await page.find('section[aria-label="What to comb"] svg path')
})

describe('controls', () => {
  it('More closes on Escape, on a press beside it, and on going there', async () => {
    await page.size(PHONE)
    await page.visit(`/dogs/${dog.id}`)
    const open = async () => (await page.all('[data-more]')).length > 0
    await page.press('More')
    await page.until(open, 'it does not open')
    expect(await page.violations()).toEqual([])
    await page.keys(Key.ESCAPE)
    await page.until(async () => !(await open()), 'Escape does not close it')
    await page.press('More')
    await page.until(open, 'it does not open again')
    await page.tap(await page.find('#main h1'))
    await page.until(async () => !(await open()), 'a press beside it does not close it')
    await page.press('More')
    await page.press('Diary')
    await page.until(async () => (await page.at()).endsWith('/diary'), 'it leads nowhere')
    await page.until(async () => !(await open()), 'it stays open')
  })
  it('a strokes worker that fails is told in words, and the places can still be pressed', async () => {
    const bare = await Page.open(running.address, DESK)
    // Workers that draw hair end before they begin, until they are let.
    await (bare.driver as Driver).sendDevToolsCommand('Page.addScriptToEvaluateOnNewDocument', {
      source: `const Theirs = Worker
        globalThis.noHair = true
        globalThis.Worker = function (url, options) {
          if (!globalThis.noHair || !String(url).includes('strokes')) return new Theirs(url, options)
          const dead = { postMessage() { setTimeout(() => dead.onerror?.(new Event('error'))) }, terminate() {}, addEventListener() {}, removeEventListener() {} }
          return dead
        }`,
    })
    await bare.signIn(email, PASSWORD)
    await bare.visit(`/dogs/${dog.id}`)
    await bare.says('The map could not be drawn.')
    await bare.tap(await bare.find('[data-region=beard]'))
    await bare.says('Comb just this')
    await bare.driver.executeScript('globalThis.noHair = false')
    await bare.press('Try again')
    await bare.until(
      async () => !(await bare.words()).includes('could not be drawn'),
      'it is not drawn again',
    )
    await bare.close()
  })
})

describe('days of instants', () => {
  it('are the reader’s: a note sent this evening is of today, wherever that is; far dates say their year', async () => {
    // Where the day is not UTC's now.
    const zone = currentInstant().getUTCHours() < 11 ? 'Pacific/Pago_Pago' : 'Pacific/Kiritimati'
    const home = (await owner.call('GET', '/api/household')).json
    await owner.call('PUT', '/api/household', { name: home.name, timeZone: zone })
    await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: uuid(), body: 'This evening.' })
    const { json } = await owner.call('POST', `/api/dogs/${dog.id}/shares`, {
      id: uuid(),
      groomer: 'Imke',
      scope: 'stretch',
      days: 365,
    })
    const there = await Page.open(running.address, DESK)
    await there.timeZone(zone)
    await there.visit(`/l/${String(json.token)}`)
    await there.says('This evening.')
    await there.until(
      async () =>
        /today/.test(
          await there.driver.executeScript<string>(
            `return [...document.querySelectorAll('li')].find((l) => l.textContent.includes('This evening.')).textContent`,
          ),
        ),
      'the note is not of today',
    )
    const ends = new Date(currentInstant().getTime() + 365 * millisecondsInDay)
    const year = new Intl.DateTimeFormat('en', { timeZone: zone, year: 'numeric' }).format(ends)
    await there.says(new RegExp(`open until \\d+ [A-Z][a-z]+ ${year}`))
    await there.close()
  })
})

it('a smooth coat is asked for nothing but a rub-down, and it is written in one press', async () => {
  await page.visit('/household')
  await page.press('Wisp')
  await page.says('Rub down the whole coat')
  await page.press('Rubbed down')
  await page.says('Nothing to comb today')
})

describe('outside', () => {
  it('signing out leads to the welcome page, and nothing of the household stays on the device', async () => {
    /** Rows in what the browser keeps. */
    const kept = () =>
      page.driver.executeScript<number>(`return (async () => {
        const done = (q) => new Promise((go, no) => { q.onsuccess = () => go(q.result); q.onerror = no })
        let rows = 0
        for (const { name } of await indexedDB.databases()) {
          const db = await done(indexedDB.open(name))
          for (const s of db.objectStoreNames) rows += await done(db.transaction(s).objectStore(s).count())
          db.close()
        }
        return rows
      })()`)
    await page.visit('/household')
    expect(await kept()).toBeGreaterThan(0)
    await page.press('Sign out')
    await page.until(async () => (await page.at()) === '/', 'signing out led nowhere')
    expect(await kept()).toBe(0)
  })
  it.each([
    ['welcome', '/', 'What to comb today'],
    ['sign-up', '/sign-up', 'First you, then the dog'],
  ])('%s', async (_n, path, says) => {
    await onAPhone()
    await page.visit(path)
    await looksWell(says)
  })
  it('pages behind sign-in lead to the welcome page', async () => {
    await page.visit(`/dogs/${dog.id}`)
    await page.says('What to comb today')
  })
  it('a wrong password is told in words, and what was typed stays', async () => {
    page.foresee(refused(401))
    await page.type('[name=email]', 'ada@example.org')
    await page.type('[name=password]', 'not it')
    await page.press('Sign in')
    await page.says('do not go together')
    expect(await (await page.find('[name=email]')).getAttribute('value')).toBe('ada@example.org')
  })
})
