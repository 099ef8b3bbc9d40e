import { Body, Controller, Delete, Get, HttpCode, Ip, Post, Put } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiTags } from '@nestjs/swagger';
import { Allow, Context, STAFF, type RequestContext } from '../common/context.js';
import {
  CodeDto,
  CodeSetupDto,
  DeviceDto,
  NewNameDto,
  NewPasswordDto,
  PasswordDto,
  RecoveryCodesDto,
} from './account.dto.js';
import { AccountService } from './account.service.js';

/** One's own account. */
@ApiTags('account')
@Allow(...STAFF)
@Controller('api/account')
export class AccountController {
  constructor(private readonly accounts: AccountService) {}

  @Put('name')
  @HttpCode(204)
  @ApiNoContentResponse()
  rename(@Context() context: RequestContext, @Body() { name }: NewNameDto): Promise<void> {
    return this.accounts.rename(context, name);
  }

  @Put('password')
  @HttpCode(204)
  @ApiNoContentResponse()
  changePassword(
    @Context() context: RequestContext,
    @Ip() place: string,
    @Body() body: NewPasswordDto,
  ): Promise<void> {
    return this.accounts.changePassword(context, place, body);
  }

  /** Where one is signed in. */
  @Get('devices')
  @ApiOkResponse({ type: [DeviceDto] })
  devices(@Context() context: RequestContext): Promise<DeviceDto[]> {
    return this.accounts.devices(context);
  }

  /** Signs out everywhere but here. */
  @Delete('devices')
  @HttpCode(204)
  @ApiNoContentResponse()
  endOthers(@Context() context: RequestContext): Promise<void> {
    return this.accounts.endOthers(context);
  }

  @Post('codes')
  @HttpCode(200)
  @ApiOkResponse({ type: CodeSetupDto })
  beginCodes(@Context() context: RequestContext): Promise<CodeSetupDto> {
    return this.accounts.beginCodes(context);
  }

  @Put('codes')
  @ApiOkResponse({ type: RecoveryCodesDto })
  confirmCodes(
    @Context() context: RequestContext,
    @Ip() place: string,
    @Body() { code }: CodeDto,
  ): Promise<RecoveryCodesDto> {
    return this.accounts.confirmCodes(context, place, code);
  }

  /** Ends one-time codes. */
  @Post('codes/end')
  @HttpCode(204)
  @ApiNoContentResponse()
  endCodes(
    @Context() context: RequestContext,
    @Ip() place: string,
    @Body() { password }: PasswordDto,
  ): Promise<void> {
    return this.accounts.endCodes(context, place, password);
  }
}
