import type { Room } from '../../../shared/api'
import { route } from '../../access/route'
import { roomOf } from '../../services/room'

export default route('GET /api/room', ({ visitor }): Promise<Room> => roomOf(visitor))
