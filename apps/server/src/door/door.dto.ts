import type { EnterFields, PassphraseFields } from '@drop-close/core';
import { IsOptional, IsString, MaxLength, MinLength } from 'class-validator';
import type { SameShape } from '../problem/shape';

/** Source: OWASP ASVS 4.0.3, 2.1.1 and 2.1.2. */
const SHORTEST = 12;
const LONGEST = 128;

export class EnterBody {
  @IsString() @MaxLength(LONGEST) passphrase!: string;
}

export class PassphraseBody {
  @IsString()
  @MinLength(SHORTEST, { message: `passphrase should have at least ${SHORTEST} characters` })
  @MaxLength(LONGEST)
  passphrase!: string;

  /** The one that is set; needed to change it. */
  @IsOptional() @IsString() @MaxLength(LONGEST) current?: string;
}

export const enterChecked: SameShape<EnterBody, EnterFields> = true;
export const passphraseChecked: SameShape<PassphraseBody, PassphraseFields> = true;
