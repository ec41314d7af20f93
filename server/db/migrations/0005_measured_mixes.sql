CREATE TABLE `measured_mixes` (
	`id` text PRIMARY KEY NOT NULL,
	`drops` text NOT NULL,
	`names` text NOT NULL,
	`l` real NOT NULL,
	`a` real NOT NULL,
	`b` real NOT NULL,
	`at` text NOT NULL
);
--> statement-breakpoint
ALTER TABLE `products` ADD `strength` real DEFAULT 1 NOT NULL;