/** What percentages are to be set, by program label; null: nothing is to water. */
export type Percents = Readonly<Record<string, number>> | null;
