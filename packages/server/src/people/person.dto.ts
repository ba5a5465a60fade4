import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { OneOf, Optional } from '@water-clock/core/documents';
import {
  IsEmail,
  IsNotEmpty,
  IsString,
  IsUUID,
  Matches,
  MaxLength,
  MinLength,
} from 'class-validator';
import { Customary } from '@water-clock/core/needs';
import { UNITS, type Units } from '../schema/firm.entity.js';
import { CLOCKS, ROLES, type Clock, type Role } from '../schema/person.entity.js';
import { ApiDocument, withDocument } from '../platform/core-documents.js';

const LONGEST_PASSWORD = 200;

export class SignInFields {
  @ApiProperty({ example: 'ines@quillhaven.example' })
  @IsString({ message: 'must be a text' })
  @MaxLength(300, { message: 'must be at most 300 characters' })
  email!: string;

  @ApiProperty()
  @IsString({ message: 'must be a text' })
  @MaxLength(LONGEST_PASSWORD, { message: `must be at most ${LONGEST_PASSWORD} characters` })
  password!: string;
}

export class DemoSignInFields {
  @ApiProperty({ format: 'uuid' })
  @IsUUID(undefined, { message: 'must be the id of a person' })
  personId!: string;
}

/** Who somebody is, and how they sign in. */
class AccountFields {
  @ApiProperty({ example: 'Ines Okafor' })
  @IsString({ message: 'must be a text' })
  @IsNotEmpty({ message: 'must not be empty: who is it?' })
  @MaxLength(200, { message: 'must be at most 200 characters' })
  name!: string;

  @ApiProperty({ example: 'ines@quillhaven.example' })
  @IsEmail({}, { message: 'must be an e-mail address, such as ines@quillhaven.example' })
  @MaxLength(300, { message: 'must be at most 300 characters' })
  email!: string;

  @ApiProperty()
  @IsString({ message: 'must be a text' })
  @MinLength(10, { message: 'must be at least 10 characters' })
  @MaxLength(LONGEST_PASSWORD, { message: `must be at most ${LONGEST_PASSWORD} characters` })
  password!: string;
}

export class PersonFields extends AccountFields {
  @ApiProperty({ enum: ROLES })
  @OneOf(ROLES)
  role!: Role;
}

/** The first firm of a new installation, and its owner. */
export class SetupFields extends AccountFields {
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
}

export class FirmAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() phone!: string;
  @ApiProperty({ enum: UNITS }) units!: Units;
  @ApiProperty() currency!: string;
  @ApiDocument('Customary') customary!: Customary;
}

export class PersonAnswer {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() name!: string;
  @ApiProperty() email!: string;
  @ApiProperty({ enum: ROLES }) role!: Role;
  @ApiProperty({ enum: CLOCKS }) clock!: Clock;
}

export class SessionAnswer {
  @ApiProperty({ type: PersonAnswer }) person!: PersonAnswer;
  @ApiProperty({ type: FirmAnswer }) firm!: FirmAnswer;
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
