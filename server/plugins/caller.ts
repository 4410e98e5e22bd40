import { callNumberOf } from '../access/call-number'
import { callerOf } from '../access/caller'

/** Known before anything is drawn, so that what a page asks for while it is drawn is its reader's asking. */
export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('request', (event) => {
    callerOf(event)
    callNumberOf(event)
  })
})
