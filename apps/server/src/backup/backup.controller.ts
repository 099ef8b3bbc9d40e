import { Body, Controller, Delete, Get, Header, HttpCode, Post, Put, StreamableFile } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiProduces, ApiTags } from '@nestjs/swagger';
import { Allow } from '../common/context.js';
import { Noted } from '../trail/noted.js';
import { BackupStateDto, PassphraseDto } from './backup.dto.js';
import { BackupService } from './backup.service.js';

const FILE = 'application/octet-stream';

/** Copies of everything. */
@ApiTags('backup')
@Allow('owner')
@Controller('api/backup')
export class BackupController {
  constructor(private readonly backup: BackupService) {}

  @Get()
  @ApiOkResponse({ type: BackupStateDto })
  state(): Promise<BackupStateDto> {
    return this.backup.state();
  }

  /** Sets what copies are encrypted with; from then on one is made every day. */
  @Put('passphrase')
  @ApiOkResponse({ type: BackupStateDto })
  async set(@Body() { passphrase }: PassphraseDto): Promise<BackupStateDto> {
    await this.backup.setPassphrase(passphrase);
    return this.backup.state();
  }

  /** No more copies by themselves. */
  @Delete('passphrase')
  @HttpCode(204)
  @ApiNoContentResponse()
  forget(): Promise<void> {
    return this.backup.forgetPassphrase();
  }

  /** Everything as one encrypted file, to be kept elsewhere. */
  @Post('file')
  @Noted('everything', undefined, 'handed out')
  @HttpCode(200)
  @ApiProduces(FILE)
  @ApiOkResponse({ schema: { type: 'string', format: 'binary' } })
  @Header('Content-Type', FILE)
  async file(): Promise<StreamableFile> {
    return new StreamableFile(await this.backup.file());
  }
}
