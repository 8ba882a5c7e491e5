-- An ask keeps what was read of it; what older ones kept is carried over under the new names.
UPDATE "box_ask" SET "ask" = jsonb_strip_nulls(jsonb_build_object(
  'text', "ask"->'text',
  'kinds', coalesce("ask"->'categories', '[]'::jsonb),
  'colours', CASE WHEN "ask" ? 'colourHex'
    THEN jsonb_build_array(jsonb_build_object('name', 'this colour', 'hex', "ask"->'colourHex')) END,
  'priceMaxMinor', "ask"->'mostMinor',
  'care', nullif(
    (CASE WHEN "ask"->'washable' = 'true' THEN '["machine"]'::jsonb ELSE '[]'::jsonb END)
    || (CASE WHEN "ask"->'waterproof' = 'true' THEN '["waterproof"]'::jsonb ELSE '[]'::jsonb END)
    || (CASE WHEN "ask"->'noIron' = 'true' THEN '["noIron"]'::jsonb ELSE '[]'::jsonb END),
    '[]'::jsonb),
  'unknown', '[]'::jsonb
)) WHERE "ask" ? 'categories';
