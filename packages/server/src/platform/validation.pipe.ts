import { ValidationPipe, type ValidationError } from '@nestjs/common';
import { fieldPath, ROOT_PATH, type DocumentProblem } from '@water-clock/core/documents';
import { badInput } from './problem.js';

/** Checks request bodies and queries by their DTO; every fault is reported at once, by its path. */
export const validationPipe = () =>
  new ValidationPipe({
    transform: true,
    whitelist: true,
    forbidNonWhitelisted: true,
    stopAtFirstError: true,
    exceptionFactory: (errors) => badInput(errors.flatMap((error) => placesOf(error, ROOT_PATH))),
  });

function placesOf(error: ValidationError, parent: string): DocumentProblem[] {
  const path = fieldPath(parent, error.property);
  const [message] = Object.values(error.constraints ?? {});
  return [
    ...(message === undefined ? [] : [{ path, message }]),
    ...(error.children ?? []).flatMap((child) => placesOf(child, path)),
  ];
}
