import type { PersonLineDto, WrittenPersonDto } from './person.dto.js';

/** A person as the core reads them: without what was told when they first came, which no class needs. */
export function writtenPerson({
  intake: _intake,
  version: _version,
  ...written
}: PersonLineDto): WrittenPersonDto {
  return written;
}
