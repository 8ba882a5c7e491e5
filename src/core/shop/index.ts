export { type Role, ROLES } from './roles';
