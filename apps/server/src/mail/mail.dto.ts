import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';
import { IsIn, IsOptional, IsString, IsUUID, MaxLength, MinLength, ValidateIf } from 'class-validator';
import { IsMailAddress } from '../common/checks.js';

const KINDS = ['home', 'letter'] as const;

/** Something to go by mail. */
export class MailDraftDto {
  @ApiProperty({ enum: KINDS }) @IsIn(KINDS) kind!: (typeof KINDS)[number];
  @ApiProperty()
  @IsMailAddress()
  @MaxLength(254)
  to!: string;
  @ApiProperty()
  @IsString()
  @MinLength(1, { message: 'Say in a few words what it is.' })
  @MaxLength(200)
  subject!: string;
  @ApiProperty() @IsString() @MaxLength(5000) text!: string;
  @ApiPropertyOptional({
    format: 'uuid',
    description: 'Whose sheet goes with it, of what is practised at home.',
  })
  @ValidateIf(({ kind }: MailDraftDto) => kind === 'home')
  @IsUUID()
  home?: string;
  @ApiPropertyOptional({ description: 'The letter that goes with it, as it was edited.' })
  @ValidateIf(({ kind }: MailDraftDto) => kind === 'letter')
  @IsString()
  @MinLength(1, { message: 'The letter is empty.' })
  @MaxLength(10_000)
  letter?: string;
}

/** Something in the outbox. */
export class MailDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty({ format: 'uuid' }) personId!: string;
  @ApiProperty() person!: string;
  @ApiProperty({ enum: KINDS }) kind!: (typeof KINDS)[number];
  @ApiProperty({ format: 'date-time' }) createdAt!: string;
  @ApiPropertyOptional({ format: 'date-time' }) sentAt?: string;
  @ApiPropertyOptional() problem?: string;
  @ApiProperty() to!: string;
  @ApiProperty() subject!: string;
  @ApiProperty() text!: string;
  @ApiPropertyOptional() fileName?: string;
}

/** What is in the outbox, and whether anything leaves it. */
export class OutboxDto {
  @ApiProperty({ type: [MailDto] }) mails!: MailDto[];
  @ApiProperty({ description: 'Whether a mail server is set; without one all stays here.' }) isOn!: boolean;
  @ApiPropertyOptional({ description: 'Whom it comes from.' }) @IsOptional() from?: string;
}
