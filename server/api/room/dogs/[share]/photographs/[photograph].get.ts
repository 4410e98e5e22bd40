import { idOf, route } from '../../../../../access/route'
import { sendPhotograph } from '../../../../../services/photographs'

export default route('GET /api/room/dogs/[share]/photographs/[photograph]', ({ event, share }) =>
  sendPhotograph(event, share, idOf(event, 'photograph')),
)
