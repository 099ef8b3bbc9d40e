import { ApiPropertyOptional } from '@nestjs/swagger';
import { Type } from 'class-transformer';
import { IsInt, IsOptional, Max, Min } from 'class-validator';

/** So many of a list are answered at once, unless another number is asked for. */
const PAGE = 100;

/** Nobody leafs further than this. */
const FROM_MOST = 1_000_000;

/** Which part of a long list is wanted. A part that is shorter than asked for is the last. */
export class PageDto {
  /** How many come before it. */
  @ApiPropertyOptional({ minimum: 0, maximum: FROM_MOST })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(0)
  @Max(FROM_MOST)
  from: number = 0;

  /** How many at most. */
  @ApiPropertyOptional({ minimum: 1, maximum: 300 })
  @IsOptional()
  @Type(() => Number)
  @IsInt()
  @Min(1)
  @Max(300)
  most: number = PAGE;
}
