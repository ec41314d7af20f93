ALTER TABLE `products` ADD `shape` text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE `products` ADD `porous` integer;--> statement-breakpoint
ALTER TABLE `products` ADD `percent` real;