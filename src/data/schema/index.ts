export * from './audit';
export * from './box';
export * from './client';
export * from './photo';
export * from './shop';
export * from './sign-in';
export * from './stock';
export * from './outbox';
