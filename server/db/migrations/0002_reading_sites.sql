ALTER TABLE `readings` ADD `site` text DEFAULT 'jaw' NOT NULL;--> statement-breakpoint
ALTER TABLE `readings` ADD `tanned` integer DEFAULT false NOT NULL;