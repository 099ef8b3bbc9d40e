import { useHall } from '../../data/hall/useHall.js';
import { useOwnVariants } from '../../data/ownVariants/useOwnVariants.js';
import { today } from '../../data/today.js';

/** What a plan is worked out by before it has a day: today's rules of the hall, and its own variants. */
export function useDayRules() {
  const { houseView, rules, pace } = useHall();
  const { data: own = [] } = useOwnVariants();
  return { settings: { on: today(), houseView, hall: rules, pace }, own };
}
