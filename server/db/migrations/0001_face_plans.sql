CREATE TABLE `face_history` (
	`id` text PRIMARY KEY NOT NULL,
	`face_id` text NOT NULL,
	`product_id` text NOT NULL,
	`what` text NOT NULL,
	`note` text NOT NULL,
	`at` text NOT NULL,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade,
	FOREIGN KEY (`product_id`) REFERENCES `products`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `face_history_face` ON `face_history` (`face_id`);--> statement-breakpoint
CREATE TABLE `flash_tests` (
	`id` text PRIMARY KEY NOT NULL,
	`item_ids` text NOT NULL,
	`result` text NOT NULL,
	`note` text NOT NULL,
	`at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `palette_tests` (
	`id` text PRIMARY KEY NOT NULL,
	`a` text NOT NULL,
	`b` text NOT NULL,
	`result` text NOT NULL,
	`after` text NOT NULL,
	`at` text NOT NULL
);
--> statement-breakpoint
CREATE TABLE `plans` (
	`id` text PRIMARY KEY NOT NULL,
	`face_id` text NOT NULL,
	`kind` text NOT NULL,
	`occasion` text NOT NULL,
	`locks` text NOT NULL,
	`overrides` text NOT NULL,
	`agreed` text NOT NULL,
	`change` text NOT NULL,
	`plan` text NOT NULL,
	`saved_at` text NOT NULL,
	`used_at` text,
	`deleted_at` text,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `plans_face` ON `plans` (`face_id`);--> statement-breakpoint
ALTER TABLE `faces` ADD `consultation` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `offers` ADD `inci` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `offers` ADD `flag_fixes` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `offers` ADD `traits` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `products` ADD `owner_face_id` text REFERENCES faces(id) ON DELETE cascade;--> statement-breakpoint
ALTER TABLE `products` ADD `inci` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `products` ADD `flag_fixes` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `products` ADD `traits` text DEFAULT '{}' NOT NULL;