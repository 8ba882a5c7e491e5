import { datesIcs } from '@server/box/dates-ics';
import { boxPage } from '@server/box/page';
import { signedIn } from '@server/context';
import { database } from '@server/database';
import { calendarResponse } from '@server/http';
import { shopOf } from '@server/shop/settings';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = ({ params, locals }) =>
  calendarResponse('/dates.ics', async () => {
    const actor = signedIn(locals);
    const view = await boxPage(actor, params.id ?? '');
    const { zone } = await shopOf(database(), actor.shopId);
    return datesIcs(view, zone, new Date());
  });
