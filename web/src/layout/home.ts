import { may, type Role } from '@tropaeum/core/people/permissions';

/** Where somebody begins. */
export const homeOf = (role: Role): string => (may(role, 'read') ? '/' : may(role, 'treat') ? '/care' : '/family');
