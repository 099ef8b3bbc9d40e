import { applyDecorators } from '@nestjs/common';
import { ApiProperty, ApiPropertyOptional } from '@nestjs/swagger';

/**
 * A property whose shape is the core's: the contract names the type, and the generated client takes it from
 * the core.
 *
 * @param name an exported type of `@lotus-steady/core`
 */
export const CoreType = (name: string, { list = false, optional = false } = {}) => {
  const one = { type: 'object' as const, additionalProperties: true, 'x-core-type': name };
  const options = list ? { type: 'array' as const, items: one } : one;
  return applyDecorators(optional ? ApiPropertyOptional(options) : ApiProperty(options));
};

/** A table of values by name. */
export const TableOf = (value: 'string' | 'number' | 'boolean', { optional = false } = {}) => {
  const options = { type: 'object' as const, additionalProperties: { type: value } };
  return applyDecorators(optional ? ApiPropertyOptional(options) : ApiProperty(options));
};
