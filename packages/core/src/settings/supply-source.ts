export const SUPPLY_SOURCES = ['mains', 'bore', 'tank', 'pond', 'reclaimed'] as const;
/** Where a property's water comes from; tank and pond want a pump. */
export type SupplySource = (typeof SUPPLY_SOURCES)[number];
