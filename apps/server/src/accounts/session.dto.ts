import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsString, IsUUID, MaxLength, MinLength } from 'class-validator';
import { IsLine } from '../common/checks.js';
import { MayBeLeftOut } from '../common/mayBeLeftOut.js';
import { ROLES, type Role } from '../common/context.js';
import { PASSWORD_MOST } from './passwords.js';

export class HallOfAccountDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  /** Its people are made up. */
  @ApiProperty() isDemo!: boolean;
  @ApiProperty({ enum: ROLES }) role!: Role;
}

export class AccountNameDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiPropertyOptional() signIn?: string;
  /** Whether she is asked for a one-time code. */
  @ApiProperty() hasCodes!: boolean;
}

/** The demo's hall and its teacher. */
export class DemoDoorDto {
  @ApiProperty() hall!: string;
  @ApiProperty() teacher!: string;
}

/** What may be begun here without being signed in; only from this computer. */
export class BeginDto {
  /** `first`: nobody has an account yet; `own`: nobody but the demo's teacher has. */
  @ApiPropertyOptional({ enum: ['first', 'own'] }) hall?: 'first' | 'own';
  @ApiPropertyOptional({ type: DemoDoorDto }) demo?: DemoDoorDto;
}

/** Who is signed in, and where. */
export class SessionDto {
  @ApiPropertyOptional({ type: AccountNameDto }) account?: AccountNameDto;
  /** The hall she is in. */
  @ApiPropertyOptional({ type: HallOfAccountDto }) hall?: HallOfAccountDto;
  @ApiProperty({ type: [HallOfAccountDto] }) halls!: HallOfAccountDto[];
  @ApiProperty({ type: BeginDto }) begin!: BeginDto;
}

export class SignInDto {
  @ApiProperty() @IsString() @IsLine('a name to sign in with') @MinLength(1) @MaxLength(160) signIn!: string;
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(PASSWORD_MOST) password!: string;
  /** From the program on her phone, or one of her recovery codes. */
  @ApiPropertyOptional() @MayBeLeftOut() @IsString() @MaxLength(40) code?: string;
}

export class HallChoiceDto {
  @ApiProperty() @IsUUID() hallId!: string;
}

/** The first owner of a hall. */
export class FirstOwnerDto {
  /** What the hall is called. */
  @ApiProperty() @IsString() @IsLine('a name') @MinLength(1) @MaxLength(120) hall!: string;
  /** Her own name. */
  @ApiProperty() @IsString() @IsLine('a name') @MinLength(1) @MaxLength(120) name!: string;
  @ApiProperty() @IsString() @IsLine('a name to sign in with') @MinLength(3) @MaxLength(160) signIn!: string;
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(PASSWORD_MOST) password!: string;
  /** Where the hall is: an IANA name, like `Europe/London`; where this computer is unless said. */
  @ApiPropertyOptional() @MayBeLeftOut() @IsString() @MaxLength(60) timeZone?: string;
}

export class NewHallDto {
  @ApiProperty() @IsString() @IsLine('a name') @MinLength(1) @MaxLength(120) hall!: string;
  @ApiPropertyOptional() @MayBeLeftOut() @IsString() @MaxLength(60) timeZone?: string;
}
