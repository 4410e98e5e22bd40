import { LEAST_HOUSEHOLDS } from '#core/learn/shared-counts'
import {
  GRACE_DAYS,
  IDLE_DAYS,
  LEAST_PASSWORD,
  PROVED_MINUTES,
  RESET_HOURS,
  SESSION_DAYS,
} from '#shared/limits'
import { plural } from './numbers'

/** What stands between an account or a diary and everybody else, in plain words: what of it, and how it is kept. */
export const KEPT_SAFE: readonly { of: string; rows: readonly (readonly [string, string])[] }[] = [
  {
    of: 'Your account',
    rows: [
      [
        'password',
        `Kept only as a print that cannot be turned back into it. ${LEAST_PASSWORD} characters or more, and none of those that are tried first. Whoever guesses waits longer each time; you are not locked out by it.`,
      ],
      [
        'passkey',
        'In place of a password, if you like: the finger, face or code of your own device. What is kept here opens nothing.',
      ],
      [
        'forgotten',
        `A letter with a link that serves once, within ${plural(RESET_HOURS, 'hour')}. It ends every place you are signed in. Any change of password, keys or address is told you by letter, at the old address too.`,
      ],
      [
        'signed in',
        `It ends after ${IDLE_DAYS} days unused, and after ${SESSION_DAYS} in any case. Your account lists every place, and ends one or all the others.`,
      ],
      [
        'once more',
        `Sharing, inviting, another address, keys, saving everything and deleting ask who you are, if that was not said in the last ${plural(PROVED_MINUTES, 'minute')}.`,
      ],
      [
        'who has one',
        'Nobody is told: not by signing up with an address, nor by having forgotten a password.',
      ],
      [
        'cookies',
        'Only our own: that you are signed in, and that this browser has been before, so that nobody’s guesses keep you waiting. None follows you.',
      ],
    ],
  },
  {
    of: 'The dog’s diary',
    rows: [
      ['who reads it', 'Your household, by what each may do. Nobody else, unless you share it.'],
      [
        'shared',
        'A link or a code opens what you chose, of one dog, for as long as you chose. It ends by a press. You see who had the dog before their eyes, and when, who gave it and who closed it.',
      ],
      [
        'photographs',
        'Written anew when they come, with nothing of the camera or the place in them. Only the household sees them, and who you share them with.',
      ],
      [
        'counts',
        `Only if you share them, and until you stop: by coat and kind of place, how many knots were met and how many were to be expected, summed over your dogs. Nothing is told from fewer than ${LEAST_HOUSEHOLDS} households.`,
      ],
      ['this device', 'Keeps the diary, because the table has no signal. Signing out takes it off again.'],
      [
        'letters',
        'None comes to an address whose reader has not said that it may. Each has the way out at its end.',
      ],
      [
        'the log',
        'That something was asked, of which kind, and how long it took. No name, no address, no word of yours.',
      ],
    ],
  },
  {
    of: 'Leaving',
    rows: [
      ['take it along', 'Everything that is yours, in one file, in open formats, whenever you like.'],
      [
        'deleted',
        `A dog, your account or the whole household goes for good ${GRACE_DAYS} days after you ask. Until then it can be taken back.`,
      ],
    ],
  },
]
