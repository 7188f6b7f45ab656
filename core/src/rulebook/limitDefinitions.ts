import type { LimitName } from '../rig/limitNames.ts';
import type { Side } from '../statics/pointLoad.ts';
import type { QuantityName } from '../statics/rigRows.ts';
import type { CheckGroup } from '../checks/check.ts';
import type { RuleId } from '../checks/ruleFacts.ts';

/** A plain comparison: one load, one plated limit. */
export interface LimitCheck {
  readonly rule: RuleId;
  readonly group: CheckGroup;
  readonly limit: LimitName;
  readonly quantity: QuantityName;
  /** Whose registration decides, and whose plates hold the limit first. */
  readonly side: Side;
  readonly sense?: 'min';
  /** Judged only where a figure is stated: no owner can be asked for a limit that plates need not show. */
  readonly optional?: true;
  readonly required?: true;
}

type Rest = Partial<Pick<LimitCheck, 'sense' | 'optional' | 'required'>>;
const define = (
  side: Side,
  group: CheckGroup,
  rule: RuleId,
  limit: LimitName,
  quantity: QuantityName,
  rest: Rest,
): LimitCheck => ({ rule, group, limit, quantity, side, ...rest });

const required: Rest = { required: true };
const optional: Rest = { optional: true };

export const limitChecks: readonly LimitCheck[] = [
  define('vehicle', 'vehicle', 'vehicle.max', 'vehicleMax', 'vehicleTotal', required),
  define('vehicle', 'vehicle', 'vehicle.technicalMax', 'vehicleTechnicalMax', 'vehicleTotal', optional),
  define('vehicle', 'axles', 'axle.front', 'frontAxleMax', 'frontAxle', required),
  define('vehicle', 'axles', 'axle.frontMin', 'frontAxleMin', 'frontAxle', { sense: 'min', optional: true }),
  define('vehicle', 'axles', 'axle.rear', 'rearAxleMax', 'rearAxle', required),
  define('vehicle', 'axles', 'axle.tag', 'tagAxleMax', 'tagAxle', required),
  define('trailer', 'trailer', 'trailer.max', 'trailerMax', 'trailerTotal', required),
  define('trailer', 'trailer', 'trailer.technicalMax', 'trailerTechnicalMax', 'trailerTotal', optional),
  define('trailer', 'trailer', 'trailer.axles', 'trailerAxlesMax', 'trailerAxles', required),
  define('trailer', 'trailer', 'trailer.axleGroup', 'axleGroupMax', 'trailerAxles', optional),
  define('trailer', 'coupling', 'coupling.part', 'trailerPartMax', 'trailerTotal', optional),
  define('vehicle', 'combination', 'combination.max', 'combinationMax', 'combination', required),
  define('vehicle', 'coupling', 'tow.braked', 'towBraked', 'trailerTotal', {}),
  define('vehicle', 'coupling', 'tow.unbraked', 'towUnbraked', 'trailerTotal', {}),
  define('vehicle', 'coupling', 'ball.max', 'ballMax', 'ballLoad', required),
];
