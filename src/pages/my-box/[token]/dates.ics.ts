import { myBoxDates } from '@server/box/box-link';
import { database } from '@server/database';
import { calendarResponse } from '@server/http';
import { clientAddress } from '@server/origin';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = ({ params, request }) =>
  calendarResponse('/my-box/dates.ics', () =>
    myBoxDates(database(), params.token ?? '', clientAddress(request), new Date()),
  );
