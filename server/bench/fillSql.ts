import { USUAL_SETUP } from '@taxikine/core';

const SEEN = '[{"fault": "hips-slide", "side": "left", "phase": "bottom", "grade": "plain"}]';

/** So many clients of the practice that is set, each with so many visits: two looks and two readings a visit. */
export const fillSql = (clients: number, visits: number): string => `
INSERT INTO client (id, practice_id, version, name, about, height_m, mass_kg, segments, flags,
  history, given, consent, clearances, setups, goal, approach, footwear, home, norms)
SELECT gen_random_uuid(), current_setting('app.practice_id')::uuid, 1, 'Client ' || n, 'in a bench',
  1.7, 70, '{}', '[]', '[]', '[]', '{"on": "2026-01-01", "wording": "2026-1", "guardian": null}',
  '[]', '{}', '', 'blended', NULL, '{"kit": [], "minutes": null, "days": []}', '{}'
FROM generate_series(1, ${clients}) n;
INSERT INTO visit (id, practice_id, version, client_id, pattern, opened_on, closed_on, step, asks,
  minutes, next)
SELECT gen_random_uuid(), c.practice_id, 1, c.id, 'squat', now() - n * interval '7 days',
  CASE WHEN n = 1 AND random() < 0.3 THEN NULL ELSE now() END, 'verdict', '[]', 12, 'rest'
FROM client c, generate_series(1, ${visits}) n
WHERE c.practice_id = current_setting('app.practice_id')::uuid;
INSERT INTO look (id, practice_id, version, client_id, visit_id, role, setup, faults, clear, pain,
  rating, started_on, reps, notes, recordings)
SELECT gen_random_uuid(), v.practice_id, 1, v.client_id, v.id, r, '${JSON.stringify(USUAL_SETUP)}',
  '${SEEN}', '[]', '[]', 'medium', v.opened_on, '[]', '[]', '[]'
FROM visit v, unnest(ARRAY['first', 'again']) r
WHERE v.practice_id = current_setting('app.practice_id')::uuid;
INSERT INTO check_result (id, practice_id, version, client_id, visit_id, role, "check", side, passive,
  repeats, cheats, done_on, removed)
SELECT gen_random_uuid(), v.practice_id, 1, v.client_id, v.id, r.role, 'ankle-bend-knee-bent', 'left', 25 + r.more,
  '{}', '[]', v.opened_on + r.more * interval '1 minute', false
FROM visit v, (VALUES ('first', 0), ('again', 8)) r (role, more)
WHERE v.practice_id = current_setting('app.practice_id')::uuid;`;
