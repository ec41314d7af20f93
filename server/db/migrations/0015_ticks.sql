CREATE TABLE `ticks` (
	`id` text PRIMARY KEY NOT NULL,
	`job_id` text NOT NULL,
	`key` text NOT NULL,
	`done` integer NOT NULL,
	`at` text NOT NULL,
	FOREIGN KEY (`job_id`) REFERENCES `jobs`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `ticks_job` ON `ticks` (`job_id`);