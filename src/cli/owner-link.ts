import { addDeeds } from '@data/audit';
import { connect } from '@data/db';
import { openOwners } from '@data/people/users';
import { makeLink } from '@server/people/links';

/**
 * Makes a one-time link to a new password for an owner, from the machine itself. Prints its path; exits 2 when there is no
 * such owner, with those there are.
 */
const url = process.env.DATABASE_URL;
if (!url) throw new Error('DATABASE_URL is wanted');
const { db, close } = connect(url, 2);
try {
  const email = (process.argv[2] ?? '').trim().toLowerCase();
  const owners = await openOwners(db);
  const owner = owners.find((each) => each.email === email);
  if (owner) {
    const now = new Date();
    const { path, expiresAt } = await db.transaction(async (tx) => {
      const made = await makeLink(
        tx,
        {
          shopId: owner.shopId,
          kind: 'reset',
          name: owner.name,
          email: owner.email,
          role: owner.role,
          userId: owner.id,
          createdBy: null,
        },
        now,
      );
      await addDeeds(tx, [
        {
          shopId: owner.shopId,
          actorId: null,
          action: 'owner link',
          entity: 'user',
          entityId: owner.id,
          details: {},
          at: now,
        },
      ]);
      return made;
    });
    process.stdout.write(
      `Open this behind the address of the shop; it works once, until ${expiresAt.toISOString()}:\n${path}\n`,
    );
  } else {
    process.stderr.write(
      `usage: bin/owner-link E-MAIL. Owners of this shop: ${owners.map((each) => each.email).join(', ') || 'none'}\n`,
    );
    process.exitCode = 2;
  }
} finally {
  await close();
}
