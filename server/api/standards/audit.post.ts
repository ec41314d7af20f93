import { AuditInput } from '#shared/records/kit/standards'
import { auditNow } from '../../services/plans/standards'
import { withComputing } from '../../utils/handlers'

export default withComputing(AuditInput, (input, _event, asking) => auditNow(input, asking))
