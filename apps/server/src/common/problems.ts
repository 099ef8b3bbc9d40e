import { BadRequestException, type ValidationError } from '@nestjs/common';
import type { InputError } from '@lotus-steady/core';

/** 400 with a list of fields: where it went wrong and what to do about it. Never the values themselves. */
export class FieldsException extends BadRequestException {
  constructor(readonly fields: readonly InputError[]) {
    super({ statusCode: 400, message: 'Some fields need another look.', fields });
  }
}

/** `people[0].id`: where a property stands inside what it belongs to. */
function fieldName(property: string, parent: string): string {
  if (!parent) return property;
  return /^\d+$/.test(property) ? `${parent}[${property}]` : `${parent}.${property}`;
}

/** Turns class-validator's tree into fields. */
export function fieldsOf(errors: readonly ValidationError[], parent = ''): InputError[] {
  return errors.flatMap((error) => {
    const field = fieldName(error.property, parent);
    const own = Object.values(error.constraints ?? {})
      .slice(0, 1)
      .map((message) => ({
        field,
        message: `${message.charAt(0).toUpperCase()}${message.slice(1)}.`.replace(/\.\.$/, '.'),
      }));
    return [...own, ...fieldsOf(error.children ?? [], field)];
  });
}
