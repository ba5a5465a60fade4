/** Of a timer `r` of a change: the settings that it makes leave nothing wrong, and are others than those that are there. */
export const IS_ACCEPTABLE = `(r.target IS NOT NULL AND r.accepted_at IS NULL
  AND (r.outcome = 'well' OR (r.fix ->> 'isRepaired')::boolean IS TRUE))`;
