import { priceBody } from '../../../../../../shared/api'
import { route } from '../../../../../access/route'
import { priceFor } from '../../../../../services/wish-price'

export default route(
  'POST /api/room/dogs/[share]/price',
  ({ share, body }) => priceFor(share, body.lines),
  priceBody,
)
