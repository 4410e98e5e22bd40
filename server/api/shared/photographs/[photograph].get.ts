import { idOf, route } from '../../../access/route'
import { sendPhotograph } from '../../../services/photographs'

export default route('GET /api/shared/photographs/[photograph]', ({ event, visitor }) =>
  sendPhotograph(event, visitor, idOf(event, 'photograph')),
)
