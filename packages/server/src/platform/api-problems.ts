import { applyDecorators } from '@nestjs/common';
import { ApiExtraModels, ApiResponse, getSchemaPath } from '@nestjs/swagger';
import { PROBLEM_TYPE, ProblemDocument } from './problem.js';

const MEANINGS = {
  401: 'Nobody is signed in.',
  403: 'The role of the person does not include this.',
  404: 'There is no such row in this firm.',
  409: 'Somebody else saved it meanwhile; nothing was overwritten.',
  413: 'The body is larger than this route takes.',
  422: 'The body has faults; each is named by its path. Nothing was saved.',
  429: 'Too many tries: `Retry-After` says when to come again.',
  503: 'Too much at once: `Retry-After` says when to come again.',
} as const;

/** Documents the problem documents that a route may answer with. */
export const ApiProblems = (...statuses: (keyof typeof MEANINGS)[]) =>
  applyDecorators(
    ApiExtraModels(ProblemDocument),
    ...statuses.map((status) =>
      ApiResponse({
        status,
        description: MEANINGS[status],
        content: { [PROBLEM_TYPE]: { schema: { $ref: getSchemaPath(ProblemDocument) } } },
      }),
    ),
  );
