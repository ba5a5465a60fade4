import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Optional } from '@water-clock/core/documents';
import { IsString, IsUUID, Matches, MaxLength, MinLength } from 'class-validator';
import { LINK_KINDS, type LinkKind } from '../schema/person.entity.js';

export const LONGEST_PASSWORD = 200;
export const LEAST_PASSWORD = 12;

/** A password that somebody chooses; whether it is a common one is looked at later. */
export const NewPassword = () => (target: object, field: string) => {
  IsString({ message: 'must be a text' })(target, field);
  MinLength(LEAST_PASSWORD, { message: `must be at least ${LEAST_PASSWORD} characters` })(
    target,
    field,
  );
  MaxLength(LONGEST_PASSWORD, { message: `must be at most ${LONGEST_PASSWORD} characters` })(
    target,
    field,
  );
};

/** What an authenticator shows, or a recovery code, as it was typed. */
export const TypedCode = () => (target: object, field: string) => {
  IsString({ message: 'must be a text' })(target, field);
  MaxLength(40, { message: 'must be at most 40 characters' })(target, field);
};

/** A password as it is known, whatever the rules were when it was chosen. */
export const KnownPassword = () => (target: object, field: string) => {
  IsString({ message: 'must be a text' })(target, field);
  MaxLength(LONGEST_PASSWORD, { message: `must be at most ${LONGEST_PASSWORD} characters` })(
    target,
    field,
  );
};

export class PasswordChange {
  @ApiPropertyOptional({ description: 'The one that is known; not asked where there is none yet' })
  @Optional()
  @KnownPassword()
  current?: string;

  @ApiProperty()
  @NewPassword()
  password!: string;
}

export class StrengthFields {
  @ApiProperty()
  @KnownPassword()
  password!: string;
}

export class StrengthAnswer {
  @ApiProperty({ description: '0 and 1: among those that are guessed first; 4: out of reach' })
  strength!: number;
}

export class SecondFactorFields {
  @ApiProperty({ example: '123456', description: 'What the authenticator shows' })
  @Matches(/^\d{6}$/, { message: 'must be the six digits that the authenticator shows' })
  code!: string;
}

/** That it is the person themselves who asks. */
export class PasswordAsked {
  @ApiProperty({ description: 'Empty where the account has none yet' })
  @KnownPassword()
  password!: string;
}

/** What an authenticator is set up by, told once. */
export class SecretAnswer {
  @ApiProperty({ description: 'To be typed in, base32' }) secret!: string;
  @ApiProperty({ description: 'To be read as a picture' }) link!: string;
}

export class RecoveryCodesAnswer {
  @ApiProperty({ type: [String], description: 'Each is good once; told now and never again' })
  codes!: string[];
}

export class SessionListing {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'date-time' }) openedAt!: string;
  @ApiProperty({ format: 'date-time' }) seenAt!: string;
  @ApiProperty({ description: 'What the browser says that it is' }) agent!: string;
  @ApiProperty() firm!: string;
  @ApiProperty({ description: 'The one that this is asked in' }) isThis!: boolean;
}

export class AccountAnswer {
  @ApiProperty() email!: string;
  @ApiProperty() hasPassword!: boolean;
  @ApiProperty() hasSecondFactor!: boolean;
  @ApiProperty({ description: 'How many recovery codes are left' }) recoveryCodes!: number;
  @ApiProperty({ type: [SessionListing] }) sessions!: SessionListing[];
}

/** What a link is for, told to whoever holds it. */
export class LinkHeld {
  @ApiProperty({ enum: LINK_KINDS }) kind!: LinkKind;
  @ApiProperty() firm!: string;
  @ApiProperty() name!: string;
  @ApiProperty() email!: string;
  @ApiProperty({ description: 'The password that is known is asked for, not a new one' })
  hasPassword!: boolean;
  @ApiProperty({ description: 'A code of the authenticator is asked for beside the new password' })
  wantsCode!: boolean;
}

export class LinkUse {
  @ApiProperty({ description: 'A new one; or, for whoever has an account, the one that is known' })
  @KnownPassword()
  password!: string;

  @ApiPropertyOptional({
    description: 'Of the authenticator, or a recovery code, where it is wanted',
  })
  @Optional()
  @TypedCode()
  code?: string;
}

export class LinkUsed {
  @ApiProperty({ description: 'False: sign in as always' }) isSignedIn!: boolean;
}

export class FirmChoice {
  @ApiProperty({ format: 'uuid', description: 'Who somebody is in that firm' })
  @IsUUID(undefined, { message: 'must be the id of a person' })
  personId!: string;
}

export class WrittenMailAnswer {
  @ApiProperty() to!: string;
  @ApiProperty() subject!: string;
  @ApiProperty() text!: string;
  @ApiProperty({ format: 'date-time' }) writtenAt!: string;
}
