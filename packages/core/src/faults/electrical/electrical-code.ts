export type ElectricalCode =
  | 'wire-open'
  | 'coil-open'
  | 'coil-short'
  | 'splice-wet'
  | 'common-open'
  | 'module-dead'
  | 'transformer-dead'
  | 'unit-silent'
  | 'cable-open'
  | 'cable-short';
