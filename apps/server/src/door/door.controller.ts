import { Body, Controller, Delete, Get, HttpCode, Post, Put, Req, Res } from '@nestjs/common';
import { ApiNoContentResponse, ApiOkResponse, ApiProperty, ApiTags } from '@nestjs/swagger';
import type { DoorView as View } from '@drop-close/core';
import type { Request, Response } from 'express';
import { SESSION, cookieFor, sessionOf } from './cookie';
import { EnterBody, PassphraseBody } from './door.dto';
import { DoorService } from './door.service';
import { Outside } from './outside';

/** Whether the book has a passphrase, and whether who asks has entered with it. */
export class DoorView implements View {
  @ApiProperty() readonly locked!: boolean;
  @ApiProperty() readonly open!: boolean;
}

@ApiTags('door')
@Controller('door')
export class DoorController {
  constructor(private readonly door: DoorService) {}

  @Outside()
  @Get()
  @ApiOkResponse({ type: DoorView })
  async look(@Req() request: Request): Promise<DoorView> {
    const locked = await this.door.isLocked();
    return { locked, open: !locked || (await this.door.isOpen(sessionOf(request))) };
  }

  @Outside()
  @Post('enter')
  @HttpCode(204)
  @ApiNoContentResponse()
  async enter(
    @Body() { passphrase }: EnterBody,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    response.cookie(SESSION, await this.door.enter(passphrase), cookieFor(request));
  }

  @Post('leave')
  @HttpCode(204)
  @ApiNoContentResponse()
  async leave(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    await this.door.leave(sessionOf(request));
    response.clearCookie(SESSION, { path: '/' });
  }

  /** Sets the passphrase, and lets who set it in. */
  @Put()
  @HttpCode(204)
  @ApiNoContentResponse()
  async set(
    @Body() { passphrase, current }: PassphraseBody,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    await this.door.set(passphrase, current, sessionOf(request));
    response.cookie(SESSION, await this.door.enter(passphrase), cookieFor(request));
  }

  /** Takes the passphrase off. */
  @Delete()
  @HttpCode(204)
  @ApiNoContentResponse()
  async unset(@Body() { passphrase }: EnterBody, @Req() request: Request): Promise<void> {
    await this.door.set(undefined, passphrase, sessionOf(request));
  }
}
