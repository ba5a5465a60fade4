import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { Flag, OneOf, Optional } from '@water-clock/core/documents';
import { IsEmail, IsNotEmpty, IsString, IsUUID, Matches, MaxLength } from 'class-validator';
import type { Spans } from '@water-clock/core/dues';
import type { CoilLimits } from '@water-clock/core/visits';
import { Customary } from '@water-clock/core/needs';
import { UNITS, type Units } from '../schema/firm.entity.js';
import {
  CLOCKS,
  LINK_KINDS,
  ROLES,
  type Clock,
  type LinkKind,
  type Role,
} from '../schema/person.entity.js';
import { KnownPassword, NewPassword, TypedCode } from './account.dto.js';
import { ApiDocument, withDocument } from '../platform/core-documents.js';

const STATES = ['active', 'invited', 'disabled'] as const;

export class SignInFields {
  @ApiProperty({ example: 'ines@quillhaven.example' })
  @IsString({ message: 'must be a text' })
  @MaxLength(300, { message: 'must be at most 300 characters' })
  email!: string;

  @ApiProperty()
  @KnownPassword()
  password!: string;

  @ApiPropertyOptional({
    description: 'Of an authenticator, or a recovery code, where one is asked for',
  })
  @Optional()
  @TypedCode()
  code?: string;
}

export class DemoSignInFields {
  @ApiProperty({ format: 'uuid' })
  @IsUUID(undefined, { message: 'must be the id of a person' })
  personId!: string;
}

/** Who somebody is. */
class NameAndEmail {
  @ApiProperty({ example: 'Ines Okafor' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: who is it?' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name!: string;

  @ApiProperty({ example: 'ines@quillhaven.example' })
  @IsEmail({}, { message: 'must be an e-mail address, such as ines@quillhaven.example' })
  @MaxLength(300, { message: 'must be at most 300 characters' })
  email!: string;
}

export class InviteFields extends NameAndEmail {
  @ApiProperty({ enum: ROLES })
  @OneOf(ROLES)
  role!: Role;
}

export class PersonChange {
  @ApiPropertyOptional({ enum: ROLES })
  @Optional()
  @OneOf(ROLES)
  role?: Role;

  @ApiPropertyOptional({ description: 'Who is disabled cannot sign in, and is signed out' })
  @Optional()
  @Flag()
  isDisabled?: boolean;
}

/** The first firm of a new installation, and its owner. */
export class SetupFields extends NameAndEmail {
  @ApiProperty({ description: 'Printed where the installation was started' })
  @IsString({ message: 'must be a text' })
  @MaxLength(100, { message: 'must be at most 100 characters' })
  code!: string;

  @ApiProperty()
  @NewPassword()
  password!: string;

  @ApiProperty({ example: 'Quillhaven Sprinkler Care' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: what is your firm called?' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  firm!: string;
}

/** How the person reads times. */
export class PreferencesChange {
  @ApiProperty({ enum: CLOCKS })
  @OneOf(CLOCKS)
  clock!: Clock;
}

export class FirmChange {
  @ApiPropertyOptional()
  @Optional()
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name?: string;

  @ApiPropertyOptional({ description: 'Whom a household phones' })
  @Optional()
  @IsString({ message: 'must be a text' })
  @MaxLength(100, { message: 'must be at most 100 characters' })
  phone?: string;

  @ApiPropertyOptional({ enum: UNITS })
  @Optional()
  @OneOf(UNITS)
  units?: Units;

  @ApiPropertyOptional({ example: 'USD', description: 'ISO 4217' })
  @Optional()
  @Matches(/^[A-Z]{3}$/, { message: 'must be a currency such as USD' })
  currency?: string;

  @ApiPropertyOptional({ description: 'Whoever signs in needs an authenticator too' })
  @Optional()
  @Flag()
  wantsSecondFactor?: boolean;
}

export class FirmAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() phone!: string;
  @ApiProperty({ enum: UNITS }) units!: Units;
  @ApiProperty() currency!: string;
  @ApiProperty() wantsSecondFactor!: boolean;
  @ApiProperty({ description: 'Made up, for looking around' }) isDemo!: boolean;
  @ApiDocument('Customary') customary!: Customary;
  @ApiDocument('CoilLimits') coilLimits!: CoilLimits;
  @ApiDocument('Spans', 'After how many months things fall due again') spans!: Spans;
}

export class PersonAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() email!: string;
  @ApiProperty({ enum: ROLES }) role!: Role;
  @ApiProperty({ enum: CLOCKS }) clock!: Clock;
  @ApiProperty({ enum: STATES }) state!: (typeof STATES)[number];
  @ApiProperty() hasSecondFactor!: boolean;
}

/** A link that somebody is given, told once. */
export class AccountLinkAnswer {
  @ApiProperty({ type: PersonAnswer }) person!: PersonAnswer;
  @ApiProperty({ enum: LINK_KINDS }) kind!: LinkKind;
  @ApiProperty() token!: string;
  @ApiProperty({ format: 'date-time' }) expiresAt!: string;
}

/** One of the firms that somebody works for. */
export class FirmOfPerson {
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty() firm!: string;
}

export class SessionAnswer {
  @ApiProperty({ type: PersonAnswer }) person!: PersonAnswer;
  @ApiProperty({ type: FirmAnswer }) firm!: FirmAnswer;
  @ApiProperty({ type: [FirmOfPerson], description: 'All that the account may work for' })
  firms!: FirmOfPerson[];
  @ApiProperty({ description: 'The firm wants an authenticator: nothing else is open before' })
  lacksSecondFactor!: boolean;
}

export class DemoPerson {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ enum: ROLES }) role!: Role;
  @ApiProperty() firm!: string;
}

/** What the sign-in page needs to know before anyone has signed in. */
export class WelcomeAnswer {
  @ApiProperty({ description: 'There is nobody yet: the first firm must be set up' })
  needsSetup!: boolean;
  @ApiProperty({ type: [DemoPerson], description: 'Empty unless the demo data is loaded' })
  demoPeople!: DemoPerson[];
}

export class CustomaryFields extends withDocument('Customary') {}

export class CoilLimitsFields extends withDocument('CoilLimits') {}

export class SpansFields extends withDocument('Spans') {}
