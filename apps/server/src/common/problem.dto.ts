import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';

/** Where something entered was wrong, and what to do about it. Never the value itself. */
export class FieldProblemDto {
  @ApiProperty() field!: string;
  @ApiProperty() message!: string;
}

/** What is answered when something cannot be done. */
export class ProblemDto {
  @ApiProperty() statusCode!: number;
  @ApiProperty() message!: string;
  @ApiPropertyOptional({ type: [FieldProblemDto] }) fields?: FieldProblemDto[];
  /** With 409: how it stands now. */
  @ApiPropertyOptional({ type: 'object', additionalProperties: true }) current?: Record<string, unknown>;
}

/** What was saved: its id, and the version to save it on the next time. */
export class SavedDto {
  @ApiProperty({ format: 'uuid' }) id!: string;
  @ApiProperty() version!: number;
}
