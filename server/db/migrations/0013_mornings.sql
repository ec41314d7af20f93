ALTER TABLE `bookings` ADD `chair` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE `jobs` ADD `morning` text DEFAULT '{}' NOT NULL;--> statement-breakpoint
UPDATE `bookings` SET `ready_by` = CASE WHEN `ready_by` LIKE '____-__-__T__:__%' THEN substr(`ready_by`, 12, 5) END;
