import {
  createParamDecorator,
  Injectable,
  type CanActivate,
  type ExecutionContext,
} from '@nestjs/common';
import { InjectRepository } from '@nestjs/typeorm';
import type { Request } from 'express';
import { Repository } from 'typeorm';
import { Firm } from './firm.entity.js';

type FirmRequest = Request & { firmId?: string };

/** Says which firm a request is made for: the one firm there is. */
@Injectable()
export class FirmGuard implements CanActivate {
  constructor(@InjectRepository(Firm) private readonly firms: Repository<Firm>) {}

  async canActivate(context: ExecutionContext): Promise<boolean> {
    const [firm] = await this.firms.find({ take: 1 });
    context.switchToHttp().getRequest<FirmRequest>().firmId = firm?.id;
    return firm !== undefined;
  }
}

/** The id of the firm that the request is made for. */
export const CurrentFirm = createParamDecorator(
  (_: unknown, context: ExecutionContext) =>
    context.switchToHttp().getRequest<FirmRequest>().firmId,
);
