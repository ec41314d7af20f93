import { AuditInput } from '#shared/records/kit/standards'
import { neededAhead } from '../../services/days/ahead'
import { auditNow } from '../../services/plans/standards'
import { withComputing } from '../../utils/handlers'

// Only whoever wants to leave something at home has to wait for the plans of the days ahead.
export default withComputing(AuditInput, async (input, _event, asking) =>
  auditNow(input, asking, input.lighterG ? await neededAhead(asking) : undefined),
)
