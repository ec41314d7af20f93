CREATE TABLE `requests` (
	`key` text PRIMARY KEY NOT NULL,
	`asked` text NOT NULL,
	`at` text NOT NULL
);
--> statement-breakpoint
CREATE INDEX `requests_at` ON `requests` (`at`);