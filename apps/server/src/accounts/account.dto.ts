import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsString, MaxLength, MinLength } from 'class-validator';
import { IsLine } from '../common/checks.js';
import { MayBeLeftOut } from '../common/mayBeLeftOut.js';
import { STAFF, type Role } from '../common/context.js';
import { PASSWORD_MOST } from './passwords.js';

/** A device on which somebody is signed in. */
export class DeviceDto {
  @ApiProperty() device!: string;
  @ApiProperty({ format: 'date-time' }) seenAt!: string;
  /** The one that asks. */
  @ApiProperty() isThis!: boolean;
}

export class NewNameDto {
  @ApiProperty() @IsString() @IsLine('a name') @MinLength(1) @MaxLength(120) name!: string;
}

export class NewPasswordDto {
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(PASSWORD_MOST) password!: string;
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(PASSWORD_MOST) newPassword!: string;
}

export class PasswordDto {
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(PASSWORD_MOST) password!: string;
}

/** What a phone reads to make codes. */
export class CodeSetupDto {
  @ApiProperty() secret!: string;
  /** The same as an address, to be scanned. */
  @ApiProperty() address!: string;
}

export class CodeDto {
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(40) code!: string;
}

/** Shown once. */
export class RecoveryCodesDto {
  @ApiProperty({ type: [String] }) codes!: string[];
}

export class MemberDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiPropertyOptional() signIn?: string;
  @ApiProperty() hasCodes!: boolean;
  @ApiProperty({ enum: STAFF }) role!: Role;
}

export class RoleDto {
  @ApiProperty({ enum: STAFF }) @IsIn(STAFF) role!: (typeof STAFF)[number];
}

/** Whom an owner lets in. */
export class InvitationDraftDto extends RoleDto {
  @ApiProperty() @IsString() @IsLine('a name') @MinLength(1) @MaxLength(120) name!: string;
}

/** A link that was made, without what opens it. */
export class InvitationDto {
  @ApiProperty() id!: string;
  @ApiProperty() name!: string;
  @ApiProperty({ enum: STAFF }) role!: Role;
  @ApiProperty({ format: 'date-time' }) endsAt!: string;
}

/** A link just made: what opens it is said once. */
export class NewLinkDto {
  @ApiProperty() id!: string;
  /** Goes behind the `#` of the address, which no server is sent. */
  @ApiProperty() secret!: string;
  @ApiProperty({ format: 'date-time' }) endsAt!: string;
  /** Where other devices open it; none while nothing but this computer may. */
  @ApiPropertyOptional() door?: string;
}

export class LinkSecretDto {
  @ApiProperty() @IsString() @MaxLength(60) secret!: string;
}

/** What a link is for, as whoever has it may know. */
export class LinkDto {
  @ApiProperty({ enum: ['invitation', 'reset'] }) kind!: 'invitation' | 'reset';
  @ApiProperty() hall!: string;
  @ApiProperty() name!: string;
  @ApiPropertyOptional({ enum: STAFF }) role?: Role;
  /** With a reset: what she signs in with. */
  @ApiPropertyOptional() signIn?: string;
}

/** Takes up an invitation with a new account, or sets a password anew. */
export class TakeLinkDto extends LinkSecretDto {
  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsString()
  @IsLine('a name')
  @MinLength(1)
  @MaxLength(120)
  name?: string;
  @ApiPropertyOptional()
  @MayBeLeftOut()
  @IsString()
  @IsLine('a name to sign in with')
  @MinLength(3)
  @MaxLength(160)
  signIn?: string;
  @ApiProperty() @IsString() @MinLength(1) @MaxLength(PASSWORD_MOST) password!: string;
}
