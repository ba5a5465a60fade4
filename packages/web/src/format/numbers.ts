export interface NumberLimits {
  readonly least?: number | undefined;
  readonly most?: number | undefined;
  readonly isWhole?: boolean | undefined;
}

/** What is asked for. @example "A whole number, 1 to 31" */
export function numberHint({ least, most, isWhole = false }: NumberLimits): string {
  const what = isWhole ? 'A whole number' : 'A number';
  if (least === undefined) return most === undefined ? what : `${what}, ${most} or less`;
  return most === undefined ? `${what}, ${least} or more` : `${what}, ${least} to ${most}`;
}

const NUMBER = /^-?(\d+(\.\d+)?|\.\d+)$/;

/** Reads what was typed as a number, with comma or point; null for nothing, a sentence for what is none such. */
export function readNumber(text: string, limits: NumberLimits): number | null | string {
  const clean = text.trim().replace(',', '.').replace('−', '-');
  if (clean === '') return null;
  const { least = -Infinity, most = Infinity, isWhole = false } = limits;
  const number = NUMBER.test(clean) ? Number(clean) : NaN;
  const fits = number >= least && number <= most && (!isWhole || Number.isInteger(number));
  return fits ? number : numberHint(limits);
}
