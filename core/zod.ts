import { z } from 'zod'

// Zod would try whether functions may be made from text; the page's content policy forbids it, and says so.
z.config({ jitless: true })

export { z }
