-- Phases and fixtures of before become the season of their squad.
INSERT INTO seasons (squad_id, organisation_id, content)
SELECT s.id, s.organisation_id, jsonb_build_object(
  'entries', coalesce((
    SELECT jsonb_agg(jsonb_build_object('id', f.id, 'kind', 'fixture', 'name', f.name, 'on', f."on", 'importance', f.importance) ORDER BY f."on")
    FROM fixtures f WHERE f.squad_id = s.id), '[]'::jsonb),
  'phases', coalesce((
    SELECT jsonb_agg(jsonb_build_object('phase', p.phase, 'name', p.name, 'startsOn', p.starts_on, 'endsOn', p.ends_on) ORDER BY p.starts_on)
    FROM phases p WHERE p.squad_id = s.id), '[]'::jsonb),
  'rules', '{"least": 2, "most": 3, "restDays": 1, "heavyApartHours": 48, "jumpsApartHours": 48, "lengtheningBeforeHours": 72, "sessionAt": "18:00"}'::jsonb,
  'school', 'steady', 'minutes', 30, 'zone', 'Europe/Oslo', 'pins', '[]'::jsonb, 'relaxed', '[]'::jsonb, 'laid', '[]'::jsonb)
FROM squads s;
--> statement-breakpoint
DROP TABLE "fixtures" CASCADE;--> statement-breakpoint
DROP TABLE "phases" CASCADE;
