import { isDate, isLine, parseReading } from '@lotus-steady/core';
import { applyDecorators } from '@nestjs/common';
import { Type } from 'class-transformer';
import { IsArray, isEmail, IsObject, ValidateBy, ValidateNested } from 'class-validator';

/** A name or title: something to see, in one line. @param what how it is called, like "a title" */
export const IsLine = (what: string) =>
  ValidateBy({
    name: 'isLine',
    validator: {
      validate: (value: unknown) => typeof value === 'string' && isLine(value),
      defaultMessage: () => `${what} has no line breaks or hidden marks in it`,
    },
  });

/** An address for mail. A line first: half a character in it would throw where its length is counted. */
export const IsMailAddress = () =>
  ValidateBy({
    name: 'isMailAddress',
    validator: {
      validate: (value: unknown) => typeof value === 'string' && isLine(value) && isEmail(value),
      defaultMessage: () => 'An address has a name, an @ and a place.',
    },
  });

/** A real date of the years 1900 to 2200. @param what how it is called, like "the date" */
export const IsRealDate = (what: string) =>
  ValidateBy({
    name: 'isRealDate',
    validator: { validate: isDate, defaultMessage: () => `${what} is a real date, YYYY-MM-DD` },
  });

/** A reading of the pressure, `142/88`. */
export const IsReading = () =>
  ValidateBy({
    name: 'isReading',
    validator: {
      validate: (value: unknown) => typeof value === 'string' && parseReading(value) !== undefined,
      defaultMessage: () => 'a pressure is two numbers, the higher first: 142/88',
    },
  });

/** A table of a shape. */
export const IsTableOf = (shape: () => new () => object) =>
  applyDecorators(IsObject({ message: 'a table is needed' }), ValidateNested(), Type(shape));

/** A list of tables of one shape: a list within the list is none, though nothing in it would be wrong. */
export const IsListOf = (shape: () => new () => object) =>
  applyDecorators(
    IsArray(),
    IsObject({ each: true, message: 'each entry is a table' }),
    ValidateNested({ each: true }),
    Type(shape),
  );
