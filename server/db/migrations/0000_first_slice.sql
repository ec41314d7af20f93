CREATE TABLE `demo_mark` (
	`loaded_at` text PRIMARY KEY NOT NULL
);
--> statement-breakpoint
CREATE TABLE `faces` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`age_band` text NOT NULL,
	`skin_type` text NOT NULL,
	`coverage` text NOT NULL,
	`finish` text NOT NULL,
	`wishes` text NOT NULL,
	`booked_on` text,
	`booked_for` text NOT NULL,
	`notes` text NOT NULL,
	`created_at` text NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
CREATE TABLE `offers` (
	`id` text PRIMARY KEY NOT NULL,
	`supplier_id` text NOT NULL,
	`kind` text NOT NULL,
	`brand` text NOT NULL,
	`range` text NOT NULL,
	`shade` text NOT NULL,
	`l` real NOT NULL,
	`a` real NOT NULL,
	`b` real NOT NULL,
	`colour_source` text NOT NULL,
	`coverage` text NOT NULL,
	`family` text NOT NULL,
	`finish` text NOT NULL,
	`size_ml` real NOT NULL,
	`price_minor` integer NOT NULL,
	FOREIGN KEY (`supplier_id`) REFERENCES `suppliers`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `products` (
	`id` text PRIMARY KEY NOT NULL,
	`kind` text NOT NULL,
	`brand` text NOT NULL,
	`range` text NOT NULL,
	`shade` text NOT NULL,
	`l` real NOT NULL,
	`a` real NOT NULL,
	`b` real NOT NULL,
	`colour_source` text NOT NULL,
	`coverage` text NOT NULL,
	`family` text NOT NULL,
	`finish` text NOT NULL,
	`size_ml` real NOT NULL,
	`level` real NOT NULL,
	`price_minor` integer,
	`opened_on` text,
	`notes` text NOT NULL,
	`retired_at` text,
	`created_at` text NOT NULL,
	`deleted_at` text
);
--> statement-breakpoint
CREATE TABLE `purchase_lines` (
	`id` text PRIMARY KEY NOT NULL,
	`purchase_id` text NOT NULL,
	`offer_id` text NOT NULL,
	`price_minor` integer NOT NULL,
	`reason` text NOT NULL,
	`received_at` text,
	`product_id` text,
	`deleted_at` text,
	FOREIGN KEY (`purchase_id`) REFERENCES `purchases`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`offer_id`) REFERENCES `offers`(`id`) ON UPDATE no action ON DELETE no action,
	FOREIGN KEY (`product_id`) REFERENCES `products`(`id`) ON UPDATE no action ON DELETE no action
);
--> statement-breakpoint
CREATE INDEX `purchase_lines_purchase` ON `purchase_lines` (`purchase_id`);--> statement-breakpoint
CREATE TABLE `purchases` (
	`id` text PRIMARY KEY NOT NULL,
	`created_at` text NOT NULL,
	`budget_minor` integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE `ranges_apart` (
	`brand` text NOT NULL,
	`range` text NOT NULL
);
--> statement-breakpoint
CREATE UNIQUE INDEX `ranges_apart_name` ON `ranges_apart` (`brand`,`range`);--> statement-breakpoint
CREATE TABLE `readings` (
	`id` text PRIMARY KEY NOT NULL,
	`face_id` text NOT NULL,
	`source` text NOT NULL,
	`l` real NOT NULL,
	`a` real NOT NULL,
	`b` real NOT NULL,
	`covariance` text NOT NULL,
	`note` text NOT NULL,
	`taken_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `readings_face` ON `readings` (`face_id`);--> statement-breakpoint
CREATE TABLE `recipes` (
	`id` text PRIMARY KEY NOT NULL,
	`face_id` text NOT NULL,
	`drops` text NOT NULL,
	`names` text NOT NULL,
	`l` real NOT NULL,
	`a` real NOT NULL,
	`b` real NOT NULL,
	`delta_e` real NOT NULL,
	`verdict` text NOT NULL,
	`chance` real NOT NULL,
	`note` text NOT NULL,
	`saved_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `recipes_face` ON `recipes` (`face_id`);--> statement-breakpoint
CREATE TABLE `seen_verdicts` (
	`id` text PRIMARY KEY NOT NULL,
	`face_id` text NOT NULL,
	`drops` text NOT NULL,
	`seen` text NOT NULL,
	`seen_at` text NOT NULL,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `seen_verdicts_face` ON `seen_verdicts` (`face_id`);--> statement-breakpoint
CREATE TABLE `settings` (
	`id` integer PRIMARY KEY NOT NULL,
	`value` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `simulated_skins` (
	`face_id` text PRIMARY KEY NOT NULL,
	`l` real NOT NULL,
	`a` real NOT NULL,
	`b` real NOT NULL,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE TABLE `suppliers` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`lead_days` integer NOT NULL
);
