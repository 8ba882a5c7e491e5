import { DEMO_ZONE } from '@server/demo/load-demo';
import { dayIn } from '@server/shop/settings';

/** The calendar day of an instant where the invented shop is: for an hour or two a night it is not that of UTC. */
export const shopDay = (at: Date | number = new Date()): string => dayIn(DEMO_ZONE, new Date(at));
