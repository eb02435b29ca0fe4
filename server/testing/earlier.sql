-- Rows as kitchens had them after each migration, kept as they were written then: each part follows the migration of its
-- number. Whatever is changed later has to bring them up whole.
-- after 0000
INSERT INTO formula (id, title, class_id) VALUES
  ('00000000-0000-4000-8000-000000000001', 'Crème loaf', 'batter'),
  ('00000000-0000-4000-8000-000000000002', 'Gone', 'batter');
UPDATE formula SET deleted_at = now() WHERE title = 'Gone';
INSERT INTO version (id, formula_id, parent_id, target_version_id, seq, name, avoids, doc, schema, core_version, data_version, request) VALUES
  ('00000000-0000-4000-8000-000000000011', '00000000-0000-4000-8000-000000000001', NULL, NULL, 1, '', '[]',
   '{"schema":1,"title":"Crème loaf","parts":[{"id":"p1","classId":"batter","lines":[{"id":"l1"},{"id":"l2"}]}],"avoids":[]}', 1, 'c1', 'd1', '{"exclude":[]}'),
  ('00000000-0000-4000-8000-000000000012', '00000000-0000-4000-8000-000000000001', '00000000-0000-4000-8000-000000000011', '00000000-0000-4000-8000-000000000011', 2, 'no egg', '["egg"]',
   '{"schema":1,"title":"Crème loaf","parts":[{"id":"p1","classId":"batter","lines":[{"id":"l1"}]}],"avoids":["egg"]}', 1, 'c1', 'd1', '{"exclude":["egg"]}');
INSERT INTO draft (formula_id, rev, doc) VALUES ('00000000-0000-4000-8000-000000000001', 7, '{"baseId":"00000000-0000-4000-8000-000000000011"}');
-- after 0002
INSERT INTO eater (id, doc) VALUES ('00000000-0000-4000-8000-000000000021', '{"name":"Tomo","exclude":["egg"],"words":[],"traces":true}');
INSERT INTO kitchen (id, doc) VALUES (1, '{"measures":{"cup":"us","spoon":"us"},"currency":"€"}');
INSERT INTO pantry_item (id) VALUES ('00000000-0000-4000-8000-000000000031');
INSERT INTO pantry_revision (id, item_id, rev, doc) VALUES
  ('00000000-0000-4000-8000-000000000041', '00000000-0000-4000-8000-000000000031', 1, '{"kind":"own","name":"Millet flour"}'),
  ('00000000-0000-4000-8000-000000000042', '00000000-0000-4000-8000-000000000031', 2, '{"kind":"own","name":"Millet flour, fine"}');
-- after 0004
INSERT INTO way (id, doc) VALUES ('00000000-0000-4000-8000-000000000051', '{"name":"Chestnut cream"}');
-- after 0006
INSERT INTO version_mark (version_id, name, star) VALUES ('00000000-0000-4000-8000-000000000012', 'the one', true);
-- after 0007
INSERT INTO aside (id, formula_id, doc) VALUES ('00000000-0000-4000-8000-000000000061', '00000000-0000-4000-8000-000000000001', '{"baseId":"00000000-0000-4000-8000-000000000011","request":{"exclude":["nuts"]}}');
-- after 0009
INSERT INTO bake_day (id, doc) VALUES ('00000000-0000-4000-8000-000000000071', '{"title":"Lantern walk"}');
-- after 0010
INSERT INTO bench_run (id, doc) VALUES ('00000000-0000-4000-8000-000000000081', '{"title":"Crème loaf"}');
INSERT INTO bench_event (id, run_id, seq, at, doc) VALUES ('00000000-0000-4000-8000-000000000082', '00000000-0000-4000-8000-000000000081', 1, now(), '{"kind":"weighed","weighing":"l1","g":10}');
-- after 0011
INSERT INTO trial (id, formula_id, baked_at, folded, faults, doc) VALUES
  ('00000000-0000-4000-8000-000000000091', '00000000-0000-4000-8000-000000000001', now(), 'creme loaf', '["gummy"]', '{"title":"Crème loaf","faults":["gummy"]}');
INSERT INTO photo (hash, wide, high, bytes) VALUES (repeat('ab', 32), 2, 2, '\x00');
-- after 0012
INSERT INTO tasting (id, doc) VALUES ('00000000-0000-4000-8000-0000000000a1', '{"title":"Two crumbs"}');
-- after 0013
INSERT INTO experiment (id, doc) VALUES ('00000000-0000-4000-8000-0000000000b1', '{"title":"Water and psyllium"}');
