import type { Room } from '../../../shared/answers'
import { route } from '../../access/route'
import { roomOf } from '../../services/room'

export default route('GET /api/room', ({ visitor }): Promise<Room> => roomOf(visitor))
