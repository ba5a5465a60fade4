import { Injectable } from '@nestjs/common';
import { ComputingService } from '../computing/computing.service.js';
import { badInput } from '../platform/problem.js';
import { LEAST_PASSWORD } from './account.dto.js';
import { passwordHash } from './passwords.js';
import { STRENGTH_TASK } from './password-strength-task.js';

const LEAST_STRENGTH = 2;
/** What somebody tries first at this door. */
const OF_OURS = ['water clock', 'waterclock', 'sprinkler', 'irrigation', 'technician'];

/** Passwords that somebody chooses. */
@Injectable()
export class NewPasswords {
  constructor(private readonly computing: ComputingService) {}

  /**
   * From 0, among the first that are guessed, to 4.
   * @param address from where it is asked: who is not signed in waits in a line of their own
   */
  strengthOf(password: string, own: readonly string[], address: string): Promise<number> {
    const asker = { firmId: 'the door', personId: address };
    return this.computing.run(asker, STRENGTH_TASK, { password, own: [...OF_OURS, ...own] });
  }

  /** The hash of a password that is worth having; 422 at `password` where it is among those that are guessed first. */
  async hashOf(password: string, own: readonly string[], address: string): Promise<string> {
    if (password.length < LEAST_PASSWORD)
      throw badInput([
        { path: 'password', message: `must be at least ${LEAST_PASSWORD} characters` },
      ]);
    if ((await this.strengthOf(password, own, address)) < LEAST_STRENGTH)
      throw badInput([
        {
          path: 'password',
          message:
            'is among those that are guessed first: take a few words that have nothing to do with each other',
        },
      ]);
    return passwordHash(password);
  }
}
