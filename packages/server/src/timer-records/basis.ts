/**
 * Of a timer `t` with settings `s` at a home `p` the versions of all that bears on what is true of it: where it is
 * another, something has changed.
 */
export const BASIS = `concat_ws(' ', s.version, p.version,
    (SELECT k.version FROM timer_kinds k WHERE k.id = t.kind_id),
    (SELECT y.version FROM timer_yards y WHERE y.timer_id = t.id),
    (SELECT 'r' || r.version FROM rule_sets r WHERE r.id = p.rule_set_id),
    (SELECT 'w' || w.version FROM weather w WHERE w.id = p.weather_id),
    (SELECT md5(concat(f.customary, f.spans)) FROM firms f WHERE f.id = t.firm_id),
    (SELECT 'c' || max(c.number) || ',' || max(c.number) FILTER (WHERE c.is_in_timer)
     FROM copies c WHERE c.timer_id = t.id),
    (SELECT 'v' || count(*) || ',' || count(v.ended_at) || ',' || coalesce(sum(v.entries), 0)
     FROM (SELECT ended_at, (SELECT count(*) FROM visit_entries e WHERE e.visit_id = w.id) AS entries
       FROM visits w WHERE w.timer_id = t.id) v),
    (SELECT 'j' || count(*) FROM jobs j WHERE j.timer_id = t.id AND j.done_at IS NULL),
    (SELECT 'd' || count(*) || ',' || coalesce(extract(epoch FROM max(d.made_at)), 0)
     FROM due_answers d WHERE d.timer_id = t.id),
    (SELECT 'p' || count(*) || ',' || coalesce(extract(epoch FROM max(a.accepted_at)), 0)
     FROM rollout_timers a JOIN rollouts b ON b.id = a.rollout_id
     WHERE a.timer_id = t.id AND a.accepted_at IS NOT NULL AND b.closed_at IS NULL),
    (SELECT 'l' || extract(epoch FROM max(l.expires_at)) FROM share_links l
     JOIN sheets h ON h.id = l.sheet_id WHERE h.timer_id = t.id AND l.withdrawn_at IS NULL))`;
