CREATE TABLE `erasures` (
	`id` integer PRIMARY KEY AUTOINCREMENT NOT NULL,
	`face_id` text,
	`asked_at` text NOT NULL
);
