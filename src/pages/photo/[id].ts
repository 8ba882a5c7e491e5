import { signedIn } from '@server/context';
import { database } from '@server/database';
import { problemResponse } from '@server/http';
import { photoBytes } from '@server/photo/photos';
import type { APIRoute } from 'astro';

export const prerender = false;

export const GET: APIRoute = async ({ params, locals }) => {
  try {
    const { jpeg, personal } = await photoBytes(database(), signedIn(locals), params.id ?? '');
    return new Response(new Uint8Array(jpeg), {
      headers: {
        'content-type': 'image/jpeg',
        // A photo never changes under its id. What a client owns is kept nowhere; a garment's by whoever asked.
        'cache-control': personal ? 'no-store' : 'private, max-age=86400, immutable',
        'content-disposition': 'inline; filename="photo.jpg"',
      },
    });
  } catch (error) {
    return problemResponse(error, '/photo');
  }
};
