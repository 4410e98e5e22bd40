/**
 * Every route of the API and who may call it. A route that is not here cannot be defined, and a test
 * walks this list for every kind of caller.
 */
export const CALLERS = ['anonymous', 'owner', 'other-owner', 'link'] as const
export type Caller = (typeof CALLERS)[number]

interface RouteRow {
  /** Who is let in: anyone, a member signed in, a member of the dog's household, or a live link. */
  access: 'anyone' | 'member' | 'household' | 'link'
  /** Guesses are rationed: so many from one address in so many seconds. */
  ration?: { points: number; seconds: number }
}

export const ROUTES = {
  'GET /api/health': { access: 'anyone' },
  'POST /api/account': { access: 'anyone', ration: { points: 20, seconds: 3600 } },
  'POST /api/session': { access: 'anyone', ration: { points: 10, seconds: 300 } },
  'POST /api/demo': { access: 'anyone', ration: { points: 60, seconds: 300 } },
  'DELETE /api/session': { access: 'member' },
  'GET /api/me': { access: 'member' },
  'GET /api/weather': { access: 'member' },
  'POST /api/dogs': { access: 'member' },
  'GET /api/dogs/[dog]': { access: 'household' },
  'PUT /api/dogs/[dog]': { access: 'household' },
  'POST /api/dogs/[dog]/entries': { access: 'household' },
  'GET /api/dogs/[dog]/photographs/[photograph]': { access: 'household' },
  'PUT /api/dogs/[dog]/photographs/[photograph]': {
    access: 'household',
    ration: { points: 200, seconds: 3600 },
  },
  'GET /api/dogs/[dog]/notes': { access: 'household' },
  'POST /api/dogs/[dog]/notes': { access: 'household' },
  'POST /api/dogs/[dog]/shares': { access: 'household' },
  'DELETE /api/dogs/[dog]/shares/[share]': { access: 'household' },
  'GET /api/shared': { access: 'link', ration: { points: 120, seconds: 300 } },
  'POST /api/shared/notes': { access: 'link', ration: { points: 30, seconds: 300 } },
} as const satisfies Record<string, RouteRow>

export type RouteKey = keyof typeof ROUTES
export type AccessOf<K extends RouteKey> = (typeof ROUTES)[K]['access']
export const routeRow = (key: RouteKey): RouteRow => ROUTES[key]
