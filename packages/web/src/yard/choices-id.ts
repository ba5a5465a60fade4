/** The list of words that a column offers, in the page. */
export const choicesId = (title: string): string => `choices-${title.replaceAll(' ', '-')}`;
