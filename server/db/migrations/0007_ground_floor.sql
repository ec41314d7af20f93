CREATE TABLE `places` (
	`id` text PRIMARY KEY NOT NULL,
	`parent_id` text,
	`sort` text NOT NULL,
	`name` text NOT NULL,
	`position` integer NOT NULL,
	`volume_ml` real,
	`limit_g` real,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`parent_id`) REFERENCES `places`(`id`) ON UPDATE no action ON DELETE set null
);
--> statement-breakpoint
CREATE TABLE `pans` (
	`id` text PRIMARY KEY NOT NULL,
	`palette_id` text NOT NULL,
	`position` integer NOT NULL,
	`product_id` text NOT NULL,
	FOREIGN KEY (`palette_id`) REFERENCES `products`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`product_id`) REFERENCES `products`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `units` (
	`id` text PRIMARY KEY NOT NULL,
	`product_id` text NOT NULL,
	`place_id` text,
	`count` integer DEFAULT 1 NOT NULL,
	`container` text DEFAULT '' NOT NULL,
	`label` text DEFAULT '' NOT NULL,
	`price_minor` integer,
	`purchase_line_id` text,
	`role` text DEFAULT 'workhorse' NOT NULL,
	`owner_face_id` text,
	`notes` text DEFAULT '' NOT NULL,
	`retired_at` text,
	`why` text DEFAULT '' NOT NULL,
	`created_at` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`product_id`) REFERENCES `products`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`place_id`) REFERENCES `places`(`id`) ON UPDATE no action ON DELETE set null,
	FOREIGN KEY (`purchase_line_id`) REFERENCES `purchase_lines`(`id`) ON UPDATE no action ON DELETE set null,
	FOREIGN KEY (`owner_face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `fills` (
	`id` text PRIMARY KEY NOT NULL,
	`unit_id` text NOT NULL,
	`position` integer DEFAULT 0 NOT NULL,
	`product_id` text NOT NULL,
	`size` real NOT NULL,
	`measure` text NOT NULL,
	`level` real NOT NULL,
	`batch` text DEFAULT '' NOT NULL,
	`opened_on` text,
	`expires_on` text,
	`from_fill_id` text,
	`version` integer DEFAULT 1 NOT NULL,
	FOREIGN KEY (`unit_id`) REFERENCES `units`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`product_id`) REFERENCES `products`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`from_fill_id`) REFERENCES `fills`(`id`) ON UPDATE no action ON DELETE set null
);
--> statement-breakpoint
CREATE TABLE `jobs` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`day` text,
	`time_zone` text DEFAULT '' NOT NULL,
	`place` text DEFAULT '' NOT NULL,
	`conditions` text NOT NULL,
	`house_rules` text DEFAULT '[]' NOT NULL,
	`notes` text DEFAULT '' NOT NULL,
	`preview_of_id` text,
	`created_at` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`preview_of_id`) REFERENCES `jobs`(`id`) ON UPDATE no action ON DELETE set null
);
--> statement-breakpoint
CREATE TABLE `bookings` (
	`id` text PRIMARY KEY NOT NULL,
	`job_id` text NOT NULL,
	`face_id` text NOT NULL,
	`ready_by` text,
	`position` integer DEFAULT 0 NOT NULL,
	`services` text DEFAULT '' NOT NULL,
	`differs` text DEFAULT '{}' NOT NULL,
	`created_at` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`job_id`) REFERENCES `jobs`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `plan_bodies` (
	`plan_id` text PRIMARY KEY NOT NULL,
	`locks` text NOT NULL,
	`overrides` text NOT NULL,
	`plan` text NOT NULL,
	FOREIGN KEY (`plan_id`) REFERENCES `plans`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `uses` (
	`id` text PRIMARY KEY NOT NULL,
	`at` text NOT NULL,
	`fill_id` text,
	`unit_id` text,
	`amount` real,
	`face_id` text,
	`job_id` text,
	`plan_id` text,
	`note` text DEFAULT '' NOT NULL,
	FOREIGN KEY (`fill_id`) REFERENCES `fills`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`unit_id`) REFERENCES `units`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE set null,
	FOREIGN KEY (`job_id`) REFERENCES `jobs`(`id`) ON UPDATE no action ON DELETE set null,
	FOREIGN KEY (`plan_id`) REFERENCES `plans`(`id`) ON UPDATE no action ON DELETE set null
);
--> statement-breakpoint
CREATE TABLE `changes` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`at` text NOT NULL,
	`by` text NOT NULL,
	`words` text NOT NULL,
	`rows` text NOT NULL,
	`undoes` integer,
	`undone_by` integer
);
--> statement-breakpoint
-- Everything owned so far stands in one case until it is told where it stands.
INSERT INTO places (id, sort, name, position) VALUES ('home', 'home', 'Home', 0), ('kit-case', 'case', 'Kit case', 1);
--> statement-breakpoint
CREATE TABLE `new_products` (
	`id` text PRIMARY KEY NOT NULL,
	`sort` text DEFAULT 'cosmetic' NOT NULL,
	`kind` text NOT NULL,
	`brand` text NOT NULL,
	`range` text NOT NULL,
	`name` text NOT NULL,
	`l` real,
	`a` real,
	`b` real,
	`colour_source` text NOT NULL,
	`coverage` text NOT NULL,
	`family` text NOT NULL,
	`finish` text NOT NULL,
	`inci` text DEFAULT '' NOT NULL,
	`flag_fixes` text DEFAULT '{}' NOT NULL,
	`traits` text DEFAULT '{}' NOT NULL,
	`strength` real DEFAULT 1 NOT NULL,
	`created_at` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
-- What was owned is a product and a unit of it.
INSERT INTO new_products (id, kind, brand, range, name, l, a, b, colour_source, coverage, family, finish, inci, flag_fixes, traits, strength, created_at) SELECT id, kind, brand, range, shade, CASE WHEN colour_source = 'clear' THEN NULL ELSE l END, CASE WHEN colour_source = 'clear' THEN NULL ELSE a END, CASE WHEN colour_source = 'clear' THEN NULL ELSE b END, colour_source, coverage, family, finish, inci, flag_fixes, traits, strength, created_at FROM products ORDER BY rowid;
--> statement-breakpoint
INSERT INTO units (id, product_id, place_id, price_minor, purchase_line_id, owner_face_id, notes, retired_at, created_at, deleted_at)
SELECT 'unit-' || id, id, CASE WHEN owner_face_id IS NULL THEN 'kit-case' END, price_minor,
  (SELECT l.id FROM purchase_lines l WHERE l.product_id = products.id AND l.received_at IS NOT NULL LIMIT 1),
  owner_face_id, notes, retired_at, created_at, deleted_at FROM products ORDER BY rowid;
--> statement-breakpoint
INSERT INTO fills (id, unit_id, product_id, size, measure, level, opened_on)
SELECT 'fill-' || id, 'unit-' || id, id, size_ml, CASE WHEN kind IN ('brow', 'eye colour', 'liner', 'corrector', 'concealer', 'powder', 'contour', 'bronzer', 'blush', 'highlighter', 'lip liner', 'lip colour') THEN 'g' WHEN kind = 'lashes' THEN 'pair' ELSE 'ml' END, level, opened_on FROM products ORDER BY rowid;
--> statement-breakpoint
-- An offer and what is owned of it are one product. Names tell that for the last time.
CREATE TABLE `same` AS SELECT o.id AS offer_id, coalesce(
  (SELECT l.product_id FROM purchase_lines l JOIN products p ON p.id = l.product_id
    WHERE l.offer_id = o.id AND l.received_at IS NOT NULL AND p.deleted_at IS NULL ORDER BY p.rowid LIMIT 1),
  (SELECT p.id FROM products p WHERE p.owner_face_id IS NULL AND p.deleted_at IS NULL AND p.kind = o.kind
    AND lower(trim(p.brand)) = lower(trim(o.brand)) AND lower(trim(p.range)) = lower(trim(o.range))
    AND lower(trim(p.shade)) = lower(trim(o.shade)) ORDER BY p.rowid LIMIT 1),
  'offer-' || o.id) AS product_id FROM offers o;
--> statement-breakpoint
INSERT INTO new_products (id, kind, brand, range, name, l, a, b, colour_source, coverage, family, finish, inci, flag_fixes, traits, created_at) SELECT s.product_id, kind, brand, range, shade, CASE WHEN colour_source = 'clear' THEN NULL ELSE l END, CASE WHEN colour_source = 'clear' THEN NULL ELSE a END, CASE WHEN colour_source = 'clear' THEN NULL ELSE b END, colour_source, coverage, family, finish, inci, flag_fixes, traits, '1970-01-01T00:00:00.000Z'
FROM offers o JOIN same s ON s.offer_id = o.id WHERE s.product_id NOT IN (SELECT id FROM products) ORDER BY o.rowid;
--> statement-breakpoint
CREATE TABLE `new_offers` (
	`id` text PRIMARY KEY NOT NULL,
	`supplier_id` text NOT NULL,
	`product_id` text NOT NULL,
	`size` real NOT NULL,
	`measure` text NOT NULL,
	`price_minor` integer NOT NULL,
	`currency` text DEFAULT '' NOT NULL,
	`in_stock` integer DEFAULT true NOT NULL,
	FOREIGN KEY (`supplier_id`) REFERENCES `suppliers`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`product_id`) REFERENCES `products`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
INSERT INTO new_offers (id, supplier_id, product_id, size, measure, price_minor)
SELECT o.id, o.supplier_id, s.product_id, o.size_ml, CASE WHEN kind IN ('brow', 'eye colour', 'liner', 'corrector', 'concealer', 'powder', 'contour', 'bronzer', 'blush', 'highlighter', 'lip liner', 'lip colour') THEN 'g' WHEN kind = 'lashes' THEN 'pair' ELSE 'ml' END, o.price_minor FROM offers o JOIN same s ON s.offer_id = o.id ORDER BY o.rowid;
--> statement-breakpoint
CREATE TABLE `new_purchase_lines` (
	`id` text PRIMARY KEY NOT NULL,
	`purchase_id` text NOT NULL,
	`offer_id` text NOT NULL,
	`price_minor` integer NOT NULL,
	`reason` text NOT NULL,
	`received_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`purchase_id`) REFERENCES `purchases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`offer_id`) REFERENCES `offers`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
INSERT INTO new_purchase_lines (id, purchase_id, offer_id, price_minor, reason, received_at, deleted_at)
SELECT id, purchase_id, offer_id, price_minor, reason, received_at, deleted_at FROM purchase_lines ORDER BY rowid;
--> statement-breakpoint
-- Who was booked for something, or had a day of their own, is on a job of that name and date.
CREATE TABLE `booked` AS SELECT id AS face_id, name, created_at, rowid AS n, booked_on AS ready, trim(booked_for) AS named,
  CASE WHEN json_valid(consultation) AND json_type(consultation, '$.occasion') = 'object' THEN json_extract(consultation, '$.occasion') ELSE '{"type":"personal","flash":false,"highDefinition":false,"heat":false,"humidity":false,"hours":6,"tears":false,"costumeChanges":false,"outdoors":false,"limbs":0,"light":"D65"}' END AS asks,
  CASE WHEN trim(booked_for) <> '' THEN lower(replace(replace(replace(trim(booked_for), '  ', ' '), '  ', ' '), '  ', ' ')) ELSE '(' || id || ')' END
    || '|' || coalesce(substr(booked_on, 1, 10), '') AS day_of_work
FROM faces WHERE trim(booked_for) <> '' OR booked_on IS NOT NULL
  OR (json_valid(consultation) AND json_type(consultation, '$.occasion') = 'object' AND (
    coalesce(json_extract(consultation, '$.occasion.type'), 'personal') <> 'personal' OR coalesce(json_extract(consultation, '$.occasion.hours'), 6) <> 6
    OR coalesce(json_extract(consultation, '$.occasion.limbs'), 0) <> 0 OR coalesce(json_extract(consultation, '$.occasion.light'), 'D65') <> 'D65'
    OR coalesce(json_extract(consultation, '$.occasion.flash'), 0) OR coalesce(json_extract(consultation, '$.occasion.highDefinition'), 0)
    OR coalesce(json_extract(consultation, '$.occasion.heat'), 0) OR coalesce(json_extract(consultation, '$.occasion.humidity'), 0)
    OR coalesce(json_extract(consultation, '$.occasion.tears'), 0) OR coalesce(json_extract(consultation, '$.occasion.costumeChanges'), 0)
    OR coalesce(json_extract(consultation, '$.occasion.outdoors'), 0)));
--> statement-breakpoint
INSERT INTO jobs (id, name, day, conditions, created_at)
SELECT 'job-' || face_id, CASE WHEN named <> '' THEN named ELSE 'A visit' END, substr(ready, 1, 10), asks, created_at FROM booked b
WHERE n = (SELECT min(n) FROM booked o WHERE o.day_of_work = b.day_of_work) ORDER BY n;
--> statement-breakpoint
INSERT INTO bookings (id, job_id, face_id, ready_by, position, differs, created_at)
SELECT 'booking-' || b.face_id, 'job-' || f.face_id, b.face_id, CASE WHEN length(b.ready) > 10 THEN b.ready END,
  (SELECT count(*) FROM booked o WHERE o.day_of_work = b.day_of_work AND o.n < b.n),
  CASE WHEN b.asks = f.asks THEN '{}' ELSE b.asks END, b.created_at
FROM booked b JOIN booked f ON f.day_of_work = b.day_of_work AND f.n = (SELECT min(n) FROM booked o WHERE o.day_of_work = b.day_of_work) ORDER BY b.n;
--> statement-breakpoint
UPDATE faces SET consultation = json_remove(consultation, '$.occasion') WHERE json_valid(consultation) AND json_type(consultation, '$.occasion') = 'object';
--> statement-breakpoint
ALTER TABLE faces DROP COLUMN booked_on;
--> statement-breakpoint
ALTER TABLE faces DROP COLUMN booked_for;
--> statement-breakpoint
ALTER TABLE faces ADD version integer DEFAULT 1 NOT NULL;
--> statement-breakpoint
ALTER TABLE settings ADD version integer DEFAULT 1 NOT NULL;
--> statement-breakpoint
CREATE TABLE `new_plans` (
	`id` text PRIMARY KEY NOT NULL,
	`face_id` text NOT NULL,
	`booking_id` text,
	`kind` text NOT NULL,
	`occasion` text NOT NULL,
	`agreed` text NOT NULL,
	`change` text NOT NULL,
	`layers` integer NOT NULL,
	`minutes` real NOT NULL,
	`cost_minor` integer NOT NULL,
	`saved_at` text NOT NULL,
	`used_at` text,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`booking_id`) REFERENCES `bookings`(`id`) ON UPDATE no action ON DELETE set null
);
--> statement-breakpoint
-- A line of each plan in the list, its body apart.
INSERT INTO new_plans (id, face_id, booking_id, kind, occasion, agreed, change, layers, minutes, cost_minor, saved_at, used_at, deleted_at)
SELECT id, face_id, (SELECT b.id FROM bookings b WHERE b.face_id = plans.face_id), kind, occasion, agreed, change,
  CASE WHEN json_valid(plan) THEN coalesce(json_array_length(plan, '$.layers'), 0) ELSE 0 END,
  CASE WHEN json_valid(plan) AND json_type(plan, '$.minutes.full') IN ('integer', 'real') THEN json_extract(plan, '$.minutes.full') ELSE 0 END,
  CASE WHEN json_valid(plan) AND json_type(plan, '$.cost.minor') = 'integer' THEN json_extract(plan, '$.cost.minor') ELSE 0 END,
  saved_at, used_at, deleted_at FROM plans ORDER BY rowid;
--> statement-breakpoint
INSERT INTO plan_bodies (plan_id, locks, overrides, plan) SELECT id, locks, overrides, plan FROM plans ORDER BY rowid;
--> statement-breakpoint
-- What was used is in the log of uses; what became of it stays with the face.
INSERT INTO uses (id, at, fill_id, unit_id, face_id, job_id, plan_id, note)
SELECT h.id, h.at, 'fill-' || h.product_id, 'unit-' || h.product_id, h.face_id,
  (SELECT b.job_id FROM plans p JOIN bookings b ON b.face_id = p.face_id WHERE p.face_id = h.face_id AND p.used_at = h.at LIMIT 1),
  (SELECT p.id FROM plans p WHERE p.face_id = h.face_id AND p.used_at = h.at LIMIT 1), h.note
FROM face_history h WHERE h.what = 'used' AND 'fill-' || h.product_id IN (SELECT id FROM fills) ORDER BY h.rowid;
--> statement-breakpoint
DELETE FROM face_history WHERE id IN (SELECT id FROM uses);
--> statement-breakpoint
CREATE TABLE `new_ranges_apart` (
	`id` text PRIMARY KEY NOT NULL,
	`brand` text NOT NULL,
	`range` text NOT NULL
);
--> statement-breakpoint
INSERT INTO new_ranges_apart (id, brand, range) SELECT lower(hex(randomblob(16))), brand, range FROM ranges_apart ORDER BY rowid;
--> statement-breakpoint
DROP TABLE same;
--> statement-breakpoint
DROP TABLE booked;
--> statement-breakpoint
DROP TABLE plans;
--> statement-breakpoint
ALTER TABLE new_plans RENAME TO plans;
--> statement-breakpoint
DROP TABLE offers;
--> statement-breakpoint
ALTER TABLE new_offers RENAME TO offers;
--> statement-breakpoint
DROP TABLE purchase_lines;
--> statement-breakpoint
ALTER TABLE new_purchase_lines RENAME TO purchase_lines;
--> statement-breakpoint
DROP TABLE products;
--> statement-breakpoint
ALTER TABLE new_products RENAME TO products;
--> statement-breakpoint
DROP TABLE ranges_apart;
--> statement-breakpoint
ALTER TABLE new_ranges_apart RENAME TO ranges_apart;
--> statement-breakpoint
CREATE INDEX `bookings_job` ON `bookings` (`job_id`,`position`);
--> statement-breakpoint
CREATE INDEX `bookings_face` ON `bookings` (`face_id`);
--> statement-breakpoint
CREATE INDEX `changes_undoes` ON `changes` (`undoes`);
--> statement-breakpoint
CREATE INDEX `face_history_product` ON `face_history` (`product_id`);
--> statement-breakpoint
CREATE INDEX `faces_name` ON `faces` (`name`,`id`);
--> statement-breakpoint
CREATE INDEX `faces_created` ON `faces` (`created_at`);
--> statement-breakpoint
CREATE INDEX `fills_unit` ON `fills` (`unit_id`,`position`);
--> statement-breakpoint
CREATE INDEX `fills_product` ON `fills` (`product_id`);
--> statement-breakpoint
CREATE INDEX `fills_from` ON `fills` (`from_fill_id`);
--> statement-breakpoint
CREATE INDEX `jobs_day` ON `jobs` (`day`,`id`);
--> statement-breakpoint
CREATE INDEX `jobs_preview` ON `jobs` (`preview_of_id`);
--> statement-breakpoint
CREATE INDEX `offers_supplier` ON `offers` (`supplier_id`);
--> statement-breakpoint
CREATE INDEX `offers_product` ON `offers` (`product_id`);
--> statement-breakpoint
CREATE INDEX `pans_palette` ON `pans` (`palette_id`,`position`);
--> statement-breakpoint
CREATE INDEX `pans_product` ON `pans` (`product_id`);
--> statement-breakpoint
CREATE INDEX `places_parent` ON `places` (`parent_id`,`position`);
--> statement-breakpoint
CREATE INDEX `plans_face` ON `plans` (`face_id`,`saved_at`);
--> statement-breakpoint
CREATE INDEX `plans_booking` ON `plans` (`booking_id`);
--> statement-breakpoint
CREATE INDEX `products_created` ON `products` (`created_at`,`id`);
--> statement-breakpoint
CREATE INDEX `products_name` ON `products` (`name`);
--> statement-breakpoint
CREATE INDEX `purchase_lines_purchase` ON `purchase_lines` (`purchase_id`);
--> statement-breakpoint
CREATE INDEX `purchase_lines_offer` ON `purchase_lines` (`offer_id`);
--> statement-breakpoint
CREATE INDEX `purchases_created` ON `purchases` (`created_at`);
--> statement-breakpoint
CREATE UNIQUE INDEX `ranges_apart_name` ON `ranges_apart` (`brand`,`range`);
--> statement-breakpoint
CREATE INDEX `suppliers_name` ON `suppliers` (`name`);
--> statement-breakpoint
CREATE INDEX `units_product` ON `units` (`product_id`);
--> statement-breakpoint
CREATE INDEX `units_place` ON `units` (`place_id`);
--> statement-breakpoint
CREATE INDEX `units_owner` ON `units` (`owner_face_id`);
--> statement-breakpoint
CREATE INDEX `units_purchase_line` ON `units` (`purchase_line_id`);
--> statement-breakpoint
CREATE INDEX `units_created` ON `units` (`created_at`,`id`);
--> statement-breakpoint
CREATE INDEX `uses_fill` ON `uses` (`fill_id`);
--> statement-breakpoint
CREATE INDEX `uses_unit` ON `uses` (`unit_id`);
--> statement-breakpoint
CREATE INDEX `uses_face` ON `uses` (`face_id`,`at`);
--> statement-breakpoint
CREATE INDEX `uses_job` ON `uses` (`job_id`);
--> statement-breakpoint
CREATE INDEX `uses_plan` ON `uses` (`plan_id`);
