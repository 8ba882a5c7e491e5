import { DEMO_USERS } from '@server/demo/users';

for (const { role, email, password } of DEMO_USERS)
  process.stdout.write(`  ${role.padEnd(8)} ${email}  ${password}\n`);
