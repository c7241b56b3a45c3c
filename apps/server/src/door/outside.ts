import { SetMetadata } from '@nestjs/common';

/** The name under which it is noted that something is answered outside the door. */
export const OUTSIDE = 'outside the door';

/** What everyone may ask, also where the book has a passphrase. */
export const Outside = () => SetMetadata(OUTSIDE, true);
