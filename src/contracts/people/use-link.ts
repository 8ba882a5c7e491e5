import { z } from 'zod';
import { name } from '../fields';
import { passwordField } from './password-field';

/** What the page behind a one-time link asks. */
export const useLinkInput = z.strictObject({ name: name.optional(), password: passwordField });
