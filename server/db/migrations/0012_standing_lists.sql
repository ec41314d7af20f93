CREATE TABLE `standing_lists` (
	`id` text PRIMARY KEY NOT NULL,
	`name` text NOT NULL,
	`lines` text NOT NULL,
	`created_at` text NOT NULL,
	`version` integer DEFAULT 1 NOT NULL,
	`deleted_at` text
);
