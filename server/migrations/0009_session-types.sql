-- Seasons are laid by session type and by the label of the day: kinds of before become types, hours become days, what a session costs is told apart.
CREATE FUNCTION pg_temp.laid_type(kind text) RETURNS text LANGUAGE sql IMMUTABLE AS $$
  SELECT CASE kind WHEN 'strength' THEN 'whole-body' WHEN 'maintain' THEN 'whole-body' WHEN 'upper' THEN 'upper-body'
    WHEN 'prevention' THEN 'injury-prevention' WHEN 'nothing' THEN 'none' ELSE kind END
$$;
--> statement-breakpoint
CREATE FUNCTION pg_temp.laid_session(was jsonb, minutes int, at text) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT jsonb_build_object('on', was->>'on', 'type', pg_temp.laid_type(was->>'kind'),
    'minutes', greatest(8, round(minutes * (was->>'level')::numeric * CASE was->>'kind' WHEN 'strength' THEN 1 WHEN 'prevention' THEN 0.7 WHEN 'primer' THEN 0.4 ELSE 0.8 END)::int),
    'timing', 'only', 'start', at,
    'heavyLower', CASE was->>'kind' WHEN 'strength' THEN 5 WHEN 'maintain' THEN 3 WHEN 'power' THEN 1 ELSE 0 END,
    'heavyUpper', CASE was->>'kind' WHEN 'strength' THEN 4 WHEN 'maintain' THEN 3 WHEN 'upper' THEN 6 ELSE 0 END,
    'contacts', CASE was->>'kind' WHEN 'power' THEN 60 WHEN 'primer' THEN 10 WHEN 'prevention' THEN 10 ELSE 0 END,
    'eccentric', CASE was->>'kind' WHEN 'strength' THEN 3 WHEN 'prevention' THEN 3 WHEN 'upper' THEN 1 ELSE 0 END,
    'label', '-', 'why', 'As it was laid before.')
$$;
--> statement-breakpoint
CREATE FUNCTION pg_temp.own_season(was jsonb, minutes int, at text) RETURNS jsonb LANGUAGE sql IMMUTABLE AS $$
  SELECT (was - 'relaxed') || jsonb_build_object(
    'entries', coalesce((SELECT jsonb_agg(CASE e->>'kind' WHEN 'exams' THEN jsonb_set(e, '{kind}', '"exam"') ELSE e END ORDER BY n)
      FROM jsonb_array_elements(was->'entries') WITH ORDINALITY AS list(e, n)), '[]'::jsonb),
    'pins', coalesce((SELECT jsonb_agg(jsonb_build_object('on', p->>'on', 'type', pg_temp.laid_type(p->>'kind')) ORDER BY n)
      FROM jsonb_array_elements(was->'pins') WITH ORDINALITY AS list(p, n)), '[]'::jsonb),
    'laid', coalesce((SELECT jsonb_agg(pg_temp.laid_session(l, minutes, at) ORDER BY n)
      FROM jsonb_array_elements(was->'laid') WITH ORDINALITY AS list(l, n)), '[]'::jsonb))
$$;
--> statement-breakpoint
UPDATE seasons SET content = pg_temp.own_season(content, (content->>'minutes')::numeric::int, content->'rules'->>'sessionAt') || jsonb_build_object(
  'rules', jsonb_build_object(
    'least', content->'rules'->'least', 'most', content->'rules'->'most', 'restDays', content->'rules'->'restDays',
    'sessionAt', content->'rules'->'sessionAt', 'days', 'consolidate',
    'labels', jsonb_build_object(
      'slowBefore', least(5, greatest(1, round((content->'rules'->>'lengtheningBeforeHours')::numeric / 24))),
      'legsApart', least(3, greatest(2, round((content->'rules'->>'heavyApartHours')::numeric / 24))))));
--> statement-breakpoint
UPDATE own_seasons SET content = pg_temp.own_season(own_seasons.content, athletes.minutes, '18:00') FROM athletes WHERE athletes.id = own_seasons.athlete_id;
--> statement-breakpoint
UPDATE sessions SET dose = (dose - 'lowerSets' - 'upperSets' - 'lengtheningSets') || jsonb_build_object(
  'heavyLower', coalesce(dose->'lowerSets', '0'), 'heavyUpper', coalesce(dose->'upperSets', '0'), 'eccentric', coalesce(dose->'lengtheningSets', '0'))
WHERE dose ? 'lowerSets';
