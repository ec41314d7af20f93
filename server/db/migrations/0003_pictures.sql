CREATE TABLE `pictures` (
	`id` text PRIMARY KEY NOT NULL,
	`face_id` text NOT NULL,
	`type` text NOT NULL,
	`bytes` blob NOT NULL,
	`note` text NOT NULL,
	`created_at` text NOT NULL,
	`deleted_at` text,
	FOREIGN KEY (`face_id`) REFERENCES `faces`(`id`) ON UPDATE no action ON DELETE cascade
);
--> statement-breakpoint
CREATE INDEX `pictures_face` ON `pictures` (`face_id`);