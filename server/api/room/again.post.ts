import { againBody } from '../../../shared/api'
import { route } from '../../access/route'
import { sayAgain } from '../../access/again'

export default route(
  'POST /api/room/again',
  ({ event, visitor, body }) => sayAgain(event, visitor, body),
  againBody,
)
