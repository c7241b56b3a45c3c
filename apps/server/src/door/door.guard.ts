import { Injectable, type CanActivate, type ExecutionContext } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import type { Request } from 'express';
import { Locked } from '../problem/errors';
import { sessionOf } from './cookie';
import { DoorService } from './door.service';
import { OUTSIDE } from './outside';

/** Where the book has a passphrase, lets only those in who have entered with it. */
@Injectable()
export class DoorGuard implements CanActivate {
  constructor(
    private readonly door: DoorService,
    private readonly reflector: Reflector,
  ) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const places = [context.getHandler(), context.getClass()];
    if (this.reflector.getAllAndOverride<boolean>(OUTSIDE, places)) return true;
    if (!(await this.door.isLocked())) return true;
    const token = sessionOf(context.switchToHttp().getRequest<Request>());
    if (await this.door.isOpen(token)) return true;
    throw new Locked();
  }
}
